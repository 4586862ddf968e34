'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import type { ReactNode } from 'react';

/** Asks for a reason before something is recorded that cannot be taken back silently. */
export function ReasonDialog({
  title,
  says,
  label = 'Reason',
  action,
  optional = false,
  onDone,
  onClose,
  children,
}: {
  readonly title: string;
  readonly says: string;
  readonly label?: string;
  readonly action: string;
  /** It may stay empty. */
  readonly optional?: boolean;
  readonly onDone: (reason: string) => void;
  readonly onClose: () => void;
  readonly children?: ReactNode;
}) {
  const [reason, setReason] = useState('');
  const given = reason.trim();
  return (
    <Modal show onHide={onClose} centered aria-labelledby="reason-title" className="bench-dialog">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (given || optional) onDone(given);
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="reason-title" as="h2">
            {title}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <p>{says}</p>
          {children}
          <Form.Group controlId="reason">
            <Form.Label>{label}</Form.Label>
            <Form.Control
              as="textarea"
              rows={2}
              value={reason}
              maxLength={300}
              autoFocus
              onChange={(event) => setReason(event.target.value)}
            />
          </Form.Group>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={given === '' && !optional}>
            {action}
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
