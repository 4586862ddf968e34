'use client';
import Link from 'next/link';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import useSWR from 'swr';
import { api, ApiError } from '@/api/client';
import { BenchCards } from '@/components/BenchCards';
import { belonging, StaffChoice } from '@/components/StaffChoice';
import { readRosterLines } from '@/core/people/rosterText';
import { usePlanView } from '@/components/plan/planView';
import type { IssuedClass, StaffMember } from '@/core/people/class';

const birds = [
  'Avocet',
  'Curlew',
  'Dunlin',
  'Godwit',
  'Knot',
  'Plover',
  'Sanderling',
  'Turnstone',
  'Whimbrel',
  'Redshank',
  'Greenshank',
  'Ruff',
];

function benchNames(count: number): string {
  return Array.from({ length: count }, (_, i) => birds[i] ?? `Bench ${i + 1}`).join('\n');
}

/** Issues the stored version to a class, then shows the bench cards with the PINs, this once. */
export function IssueClass() {
  const { id, plan, setIssuing } = usePlanView();
  const onClose = () => setIssuing(false);
  const { data: usual, error } = useSWR<readonly StaffMember[], Error>('demonstrators', api.demonstrators);
  const [chosen, setChosen] = useState<readonly StaffMember[] | undefined>(undefined);
  // Those of the newest class are meant until somebody chooses.
  const staff = chosen ?? usual ?? [];
  const [name, setName] = useState('');
  const [section, setSection] = useState('');
  const [benches, setBenches] = useState(() => benchNames(plan.doc.benches));
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [issued, setIssued] = useState<IssuedClass | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const stops = plan.findings.filter(({ severity }) => severity === 'stop').length;
  const roster = readRosterLines(benches);
  const issue = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      setIssued(
        await api.issueClass({
          name: name.trim(),
          section: section.trim(),
          preparationId: id,
          benches: roster,
          staff: belonging(staff),
        }),
      );
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'The class could not be issued.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal
      show
      onHide={onClose}
      centered
      size={issued ? 'xl' : 'lg'}
      backdrop="static"
      aria-labelledby="issue-class"
      {...(issued ? { className: 'cards-modal' } : {})}
    >
      <Modal.Header closeButton>
        <Modal.Title id="issue-class" as="h2">
          {issued ? `${issued.name}: bench cards` : `Issue ${plan.doc.title} to a class`}
        </Modal.Title>
      </Modal.Header>
      {issued ? (
        <Modal.Body>
          <BenchCards {...issued} />
          <div className="cards-foot">
            <Button onClick={() => window.print()}>Print the cards</Button>
            <Link href={`/classes/${issued.id}`} className="btn btn-line">
              To the class
            </Link>
          </div>
        </Modal.Body>
      ) : (
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            void issue();
          }}
        >
          <Modal.Body>
            <p className="muted">
              The class gets a frozen copy of the stored version. Later changes of the preparation do not reach it.
            </p>
            {stops > 0 && (
              <p className="banner banner-stop">
                The plan has {stops} {stops === 1 ? 'finding' : 'findings'} marked stop. Issue it only if you know why.
              </p>
            )}
            <Form.Group controlId="class-name" className="mb-3">
              <Form.Label>Name of the class</Form.Label>
              <Form.Control
                value={name}
                maxLength={120}
                required
                autoFocus
                onChange={(event) => setName(event.target.value)}
              />
            </Form.Group>
            <Form.Group controlId="class-section" className="mb-3">
              <Form.Label>Section (may stay empty)</Form.Label>
              <Form.Control value={section} maxLength={60} onChange={(event) => setSection(event.target.value)} />
            </Form.Group>
            <Form.Group controlId="class-benches">
              <Form.Label>
                Benches, one name a line; “Knot: A. Reed, B. Sedge” names its members too ({roster.length})
              </Form.Label>
              <Form.Control
                as="textarea"
                rows={8}
                value={benches}
                onChange={(event) => setBenches(event.target.value)}
              />
            </Form.Group>
            {usual || error ? (
              <StaffChoice staff={staff} onChange={setChosen} />
            ) : (
              <p className="muted">Loading the demonstrators…</p>
            )}
            {error && <p className="typed-says">They could not be listed: add them later, on the roster.</p>}
            {problem && (
              <p className="typed-says" role="alert">
                {problem}
              </p>
            )}
          </Modal.Body>
          <Modal.Footer>
            <Button variant="quiet" onClick={onClose}>
              Cancel
            </Button>
            <Button type="submit" disabled={busy || (!usual && !error) || name.trim() === '' || roster.length === 0}>
              {busy ? 'Issuing …' : `Issue to ${roster.length} ${roster.length === 1 ? 'bench' : 'benches'}`}
            </Button>
          </Modal.Footer>
        </Form>
      )}
    </Modal>
  );
}
