'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { SubstancePick } from './SubstancePick';
import { useSubstancePick } from './useSubstancePick';
import type { Chosen } from '@/core/editing/chosen';
import type { ReactNode } from 'react';

/** Asks for a substance, and whatever else a place needs. */
export function SubstanceDialog({
  id,
  title,
  label,
  full,
  children,
  onClose,
  onAdd,
}: {
  readonly id: string;
  readonly title: string;
  readonly label: string;
  /** There is no room for more. */
  readonly full: boolean;
  readonly children?: ReactNode;
  readonly onClose: () => void;
  readonly onAdd: (chosen: Chosen) => void;
}) {
  const pick = useSubstancePick();
  return (
    <Modal show onHide={onClose} centered aria-labelledby={id}>
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (pick.ready) void pick.choose().then((chosen) => chosen && onAdd(chosen));
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id={id} as="h2">
            {title}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <SubstancePick label={label} pick={pick} />
          {children}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={pick.busy || !pick.ready || full}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
