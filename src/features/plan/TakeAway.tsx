'use client';
import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { consequencesOf } from '@/core/versions/consequences';
import { DifferenceList } from '@/components/DifferenceList';
import { FindingCard } from '@/components/FindingCard';
import type { Edit } from '@/components/plan/planView';
import type { Leaving } from '@/components/plan/planView';
import type { Plan } from '@/core/plan/planTypes';

/** What depends on a thing that is to go is named before it goes. */
export function TakeAway({
  plan,
  leaving,
  edit,
  onClose,
}: {
  readonly plan: Plan;
  readonly leaving: Leaving;
  readonly edit: Edit;
  readonly onClose: () => void;
}) {
  const { name, field, change } = leaving;
  const { changes, findings } = useMemo(() => consequencesOf(plan, change, name), [plan, change, name]);
  return (
    <Modal show onHide={onClose} centered scrollable aria-labelledby="take-away">
      <Modal.Header closeButton>
        <Modal.Title id="take-away" as="h2">
          Take {name} away?
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {changes.length > 0 && (
          <>
            <h3>What depends on it</h3>
            <DifferenceList differences={changes} />
          </>
        )}
        {findings.length > 0 && (
          <>
            <h3>What would then be said</h3>
            {findings.map((finding) => (
              <FindingCard key={finding.key} finding={finding} />
            ))}
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Keep it
        </Button>
        <Button
          autoFocus
          onClick={() => {
            edit(field, change);
            onClose();
          }}
        >
          Take it away
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
