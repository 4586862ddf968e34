'use client';
import { fromTo } from '@/components/dates';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { bringIn, lookAt } from '@/api/outbox/bringIn';
import { FileButton } from '@/components/fields/FileButton';
import { useWaiting } from '@/components/useWaiting';
import { readOutboxFile } from '@/core/formats/outboxFile';
import type { BroughtIn, LookedAt } from '@/api/outbox/bringIn';
import type { Identity } from '@/core/identity';

const entries = (count: number) => `${count} ${count === 1 ? 'entry' : 'entries'}`;

/** Brings in entries that were saved from a tablet which does not come back: looked at first, then stored with their old times. */
export function BringIn({ identity }: { readonly identity: Identity }) {
  const { refresh } = useWaiting();
  const [looked, setLooked] = useState<readonly LookedAt[] | undefined>(undefined);
  const [done, setDone] = useState<BroughtIn | undefined>(undefined);
  const [says, setSays] = useState('');
  const [busy, setBusy] = useState(false);
  const attempt = async (work: () => Promise<void>) => {
    setSays('');
    setBusy(true);
    try {
      await work();
    } catch (error) {
      setSays((error as Error).message);
    }
    setBusy(false);
  };
  const read = (file: File) =>
    attempt(async () => {
      setDone(undefined);
      setLooked(await lookAt(readOutboxFile(await file.text()), identity));
    });
  const fresh = looked?.reduce((sum, one) => sum + one.fresh.length, 0) ?? 0;
  return (
    <>
      <div className="bring-in">
        <FileButton
          label="Bring in entries saved from a tablet"
          name="File of saved entries"
          accept="application/json,.json"
          onChosen={(file) => void read(file)}
        />
        {looked === undefined && says !== '' && (
          <span className="typed-says" role="alert">
            {says}
          </span>
        )}
      </div>
      {looked && (
        <Modal show onHide={() => setLooked(undefined)} centered aria-labelledby="bring-in-title">
          <Modal.Header closeButton>
            <Modal.Title id="bring-in-title" as="h2">
              Entries saved from a tablet
            </Modal.Title>
          </Modal.Header>
          <Modal.Body>
            {done ? <Outcome done={done} /> : looked.map((one) => <Group key={keyOf(one)} looked={one} />)}
            {!done && fresh > 0 && (
              <p className="muted">
                They are stored under your name, {identity.name}, with the times at which they were made; a note on each
                record says whose they are. If the tablet comes back after all, they are there once.
              </p>
            )}
            {says && (
              <p className="typed-says" role="alert">
                {says}
              </p>
            )}
          </Modal.Body>
          <Modal.Footer>
            {done || fresh === 0 ? (
              <Button onClick={() => setLooked(undefined)}>Done</Button>
            ) : (
              <>
                <Button variant="quiet" onClick={() => setLooked(undefined)}>
                  Cancel
                </Button>
                <Button
                  disabled={busy}
                  onClick={() =>
                    void attempt(async () => {
                      setDone(await bringIn(looked, identity));
                      refresh();
                    })
                  }
                >
                  Bring in {entries(fresh)}
                </Button>
              </>
            )}
          </Modal.Footer>
        </Modal>
      )}
    </>
  );
}

const keyOf = ({ group: { log, author } }: LookedAt) => `${log} ${author}`;

function Group({ looked: { group, fresh, notOurs, fault } }: { readonly looked: LookedAt }) {
  const known = group.lines.length - fresh.length - notOurs;
  const times = fresh.map(({ draft: { at } }) => at).sort();
  const [from, to] = [times[0], times.at(-1)];
  return (
    <section>
      <h3 className="fs-5">
        {group.authorName} <small className="muted">{group.className}</small>
      </h3>
      <p>
        {fault ??
          (from === undefined || to === undefined ? (
            'Everything is in the record already.'
          ) : (
            <>
              {entries(fresh.length)} made {fromTo(from, to)}
              {known > 0 && `; ${known} more in the record already`}.
            </>
          ))}
        {notOurs > 0 && ` ${notOurs} of a signature or return are left out: whoever gave them gives them again.`}
      </p>
    </section>
  );
}

function Outcome({ done: { stored, refused } }: { readonly done: BroughtIn }) {
  return (
    <>
      <p role="status">{stored === 0 ? 'Nothing was stored.' : `${entries(stored)} stored.`}</p>
      {refused.length > 0 && (
        <ul role="alert">
          {refused.map(({ name, why }, i) => (
            <li key={i}>
              {name}: {why}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
