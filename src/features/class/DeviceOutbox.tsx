'use client';
import Button from 'react-bootstrap/Button';
import { useWaiting } from '@/components/useWaiting';

/** What waits on this very device for its bench to sign in again, and saving it as a file. */
export function DeviceOutbox() {
  const { groups, save } = useWaiting();
  if (groups.length === 0) return null;
  return (
    <section className="banner banner-note" aria-label="On this device only">
      <span>
        On this device only:{' '}
        {groups.map(({ name, className, count }) => `${count} of ${name} (${className})`).join(', ')}. They are sent
        when that bench signs in here again.
      </span>
      <Button variant="line" onClick={() => void save()}>
        Save them as a file
      </Button>
    </section>
  );
}
