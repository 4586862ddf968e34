'use client';
import Button from 'react-bootstrap/Button';
import { BringIn } from './BringIn';
import { useWaiting } from '@/components/useWaiting';
import type { Identity } from '@/core/people/identity';

/** What waits on this very device for its bench to sign in again; saving it as a file, and bringing such a file in. */
export function DeviceOutbox({ identity }: { readonly identity: Identity }) {
  const { groups, save, refresh } = useWaiting();
  return (
    <>
      {groups.length > 0 && (
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
      )}
      <BringIn identity={identity} onDone={refresh} />
    </>
  );
}
