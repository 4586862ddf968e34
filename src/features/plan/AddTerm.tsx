'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { addTerm } from '@/core/editing/reactions';
import { api, ApiError } from '@/api/client';
import { fromReference } from '@/core/editing/fromReference';
import { PickEntry } from '@/components/PickEntry';
import { readFormula } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import type { EntrySummary } from '@/core/reference/search';
import type { Term } from '@/core/document/reaction';
import type { TermOf } from '@/core/editing/reactions';

const sides = { left: 'what reacts', right: 'what forms' } as const;

/** Asks for a substance on one side of a reaction: one that is there, an entry of the reference, or a new name with its formula. */
export function AddTerm({
  reaction,
  side,
  onClose,
}: {
  readonly reaction: string;
  readonly side: Term['side'];
  readonly onClose: () => void;
}) {
  const { plan, edit } = usePlanView();
  const [name, setName] = useState('');
  const [formula, setFormula] = useState('');
  const [chosen, setChosen] = useState<EntrySummary | undefined>(undefined);
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const called = name.trim();
  const known = plan.doc.substances.find((one) => one.name.toLowerCase() === called.toLowerCase());
  const put = (of: TermOf) => {
    edit(`add-term/${reaction}/${side}/${called}`, (doc) => addTerm(doc, reaction, side, of));
    onClose();
  };
  const add = async () => {
    if (known) return put({ known: known.id });
    const read = readFormula(formula);
    if (!chosen && !read.ok) return setSays(read.says);
    if (!chosen)
      return put({ added: { name: called, ...(read.ok && read.value !== undefined ? { formula: read.value } : {}) } });
    setBusy(true);
    try {
      const { substance } = fromReference(await api.referenceEntry(chosen.id));
      put({ added: substance });
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The entry could not be read.');
      setBusy(false);
    }
  };
  return (
    <Modal show onHide={onClose} centered aria-labelledby="add-term">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (called !== '') void add();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="add-term" as="h2">
            Add {sides[side]}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <PickEntry label="Substance" text={name} onText={setName} chosen={chosen} onChoose={setChosen} />
          {!chosen && !known && called !== '' && (
            <Form.Group controlId="term-formula" className="mt-3">
              <Form.Label>Its formula (may follow later)</Form.Label>
              <Form.Control value={formula} maxLength={200} onChange={(event) => setFormula(event.target.value)} />
            </Form.Group>
          )}
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
          <Button type="submit" disabled={busy || called === '' || plan.doc.substances.length >= 80}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
