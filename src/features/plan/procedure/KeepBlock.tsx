'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { api, ApiError } from '@/api/client';
import { blockOf } from '@/core/editing/blocks/block';
import { SelectField } from '@/components/fields/SelectField';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import { writePreparation } from '@/core/formats/writePreparation';
import type { StoredBlock } from '@/core/library/stored';

/** Asks which steps in a row are kept as a block, and under what name. */
export function KeepBlock({
  onClose,
  onKept,
}: {
  readonly onClose: () => void;
  readonly onKept: (block: StoredBlock) => void;
}) {
  const { plan, step: chosen } = usePlanView();
  const { doc } = plan;
  const begin = Math.max(
    0,
    doc.steps.findIndex(({ id }) => id === chosen),
  );
  const [[first, last], setRange] = useState([begin, doc.steps.length - 1] as const);
  const [title, setTitle] = useState('');
  const [says, setSays] = useState<string | undefined>(undefined);
  const options = doc.steps.map((step, i) => ({
    value: String(i),
    label: `${String(i + 1)} · ${stepTitle(doc, step)}`,
  }));
  const keep = async () => {
    const ids = doc.steps.slice(first, last + 1).map(({ id }) => id);
    try {
      onKept(await api.keepBlock(writePreparation(blockOf(doc, ids, title.trim()))));
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The block could not be kept.');
    }
  };
  return (
    <Modal show onHide={onClose} centered aria-labelledby="keep-block">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (title.trim() !== '') void keep();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="keep-block" as="h2">
            Keep a block of steps
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <Form.Group controlId="block-title" className="mb-3">
            <Form.Label>Name</Form.Label>
            <Form.Control
              autoFocus
              value={title}
              maxLength={120}
              onChange={(event) => setTitle(event.target.value)}
              placeholder="Such as “Wash acid and base, dry, strip”"
            />
          </Form.Group>
          <SelectField
            label="From"
            value={String(first)}
            options={options}
            onChange={(next) => setRange([Number(next), Math.max(Number(next), last)])}
          />
          <SelectField
            label="To"
            value={String(last)}
            options={options}
            onChange={(next) => setRange([Math.min(Number(next), first), Number(next)])}
          />
          <p className="muted mt-3">
            The lines, vessels and stages that these steps name go along. In another procedure the block works on what
            that one makes.
          </p>
          {says && (
            <p className="typed-says" role="alert">
              {says}
            </p>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={title.trim() === ''}>
            Keep it
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
