import { useWaiting } from '@/components/useWaiting';

/** Says whose entries wait on this device, so that the right bench signs in here again. Nothing of what they say. */
export function WaitingNote() {
  const { groups } = useWaiting();
  return groups.map(({ author, name, className, count }) => (
    <p key={`${author} ${className}`} className="banner banner-note" role="status">
      {count} {count === 1 ? 'entry' : 'entries'} of {name}, {className}, {count === 1 ? 'waits' : 'wait'} on this
      device. They are sent when {name} signs in here again, and under no other name.
    </p>
  ));
}
