'use client';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { conflictKey, mergeVersions } from '@/core/versions/merge';
import { DifferenceList } from '@/components/DifferenceList';
import { differencesBetween } from '@/core/versions/differences';
import { readPreparation } from '@/core/formats/readPreparation';
import { valueText } from '@/core/versions/valueText';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Choices } from '@/core/versions/merge';
import type { NewerVersion } from '@/core/library/stored';
import type { Preparation } from '@/core/document/document';

/** Two who changed one version: both changes in words, joined where they touch different places, side by side where not. */
export function MeetingDialog({
  mine,
  newer,
  onJoin,
  onClose,
}: {
  readonly mine: Preparation;
  readonly newer: NewerVersion;
  readonly onJoin: (doc: Preparation, head: number) => void;
  readonly onClose: () => void;
}) {
  const { base, theirs, head, author } = newer;
  const [choices, setChoices] = useState<Choices>(new Map());
  const { doc, conflicts } = useMemo(() => mergeVersions(base, mine, theirs, choices), [base, mine, theirs, choices]);
  const left = conflicts.filter((one) => !choices.has(conflictKey(one))).length;
  const sound = useMemo(() => readPreparation(writePreparation(doc)).ok, [doc]);
  const choose = (key: string, side: 'mine' | 'theirs') => setChoices((now) => new Map(now).set(key, side));
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="meeting-title" scrollable>
      <Modal.Header closeButton>
        <Modal.Title id="meeting-title">
          Version {head} was stored by {author} meanwhile
        </Modal.Title>
      </Modal.Header>
      <Modal.Body className="meeting">
        <div className="meeting-sides">
          <section aria-label="Theirs">
            <h3>{author}</h3>
            <DifferenceList differences={differencesBetween(base, theirs)} />
          </section>
          <section aria-label="Yours">
            <h3>You</h3>
            <DifferenceList differences={differencesBetween(base, mine)} />
          </section>
        </div>
        {conflicts.length > 0 && (
          <section aria-label="Changed by both">
            <h3>Changed by both: choose</h3>
            <ul className="meeting-conflicts">
              {conflicts.map((one) => {
                const key = conflictKey(one);
                return (
                  <li key={key}>
                    <span>{one.path.join(' · ')}</span>
                    <span role="group" aria-label={one.path.join(' ')}>
                      {(['mine', 'theirs'] as const).map((side) => (
                        <Button
                          key={side}
                          size="sm"
                          variant={choices.get(key) === side ? 'choice' : 'line'}
                          aria-pressed={choices.get(key) === side}
                          onClick={() => choose(key, side)}
                        >
                          {side === 'mine' ? 'Yours' : 'Theirs'}: {valueText(one[side], (id) => id)}
                        </Button>
                      ))}
                    </span>
                  </li>
                );
              })}
            </ul>
          </section>
        )}
        {left === 0 && !sound && (
          <p className="typed-says" role="alert">
            Joined so, the two do not fit: something that one names is gone in the other. Choose otherwise, or keep
            yours as a copy.
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Not now
        </Button>
        <Button disabled={left > 0 || !sound} onClick={() => onJoin(doc, head)}>
          {left > 0 ? `${String(left)} to choose` : 'Join both'}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
