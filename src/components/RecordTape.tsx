'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import type { Body } from '@/core/record/entry';
import type { Live } from '@/core/record/foldRecord';
import type { Preparation } from '@/core/preparation/document';

const slotWords = { net: 'net', full: 'full', empty: 'empty', volume: '' } as const;
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The last entries, the newest on top: what was read, where it is kept, and the door to strike it. */
export function RecordTape({
  record,
  doc,
  onAdd,
}: {
  readonly record: readonly Live[];
  readonly doc: Preparation;
  readonly onAdd?: (body: Body) => void;
}) {
  const [striking, setStriking] = useState<Live | undefined>(undefined);
  const newest = [...record].reverse();
  return (
    <section className="tape" aria-label="Record">
      <h2>Record</h2>
      {newest.length === 0 && <p className="muted">Nothing yet. Every reading appears here with who and when.</p>}
      <ol>
        {newest.map((one) => (
          <li key={one.entry.id} className={`tape-${one.status}`}>
            <span className="tape-time num">{clock.format(new Date(one.entry.at))}</span>
            <span className="tape-words">
              {describe(one, doc)}
              <small>
                {stateOf(one)} · {one.entry.author.name}
                {one.reason && ` · ${one.reason}`}
                {one.returned && ` · returned: ${one.returned}`}
              </small>
            </span>
            {onAdd && (one.status === 'live' || one.status === 'rival') && one.entry.seq > 0 && (
              <Button
                variant="line"
                size="sm"
                onClick={() => setStriking(one)}
                aria-label={`Strike ${describeText(one, doc)}`}
              >
                Strike
              </Button>
            )}
          </li>
        ))}
      </ol>
      {onAdd && striking && (
        <Strike
          what={describeText(striking, doc)}
          onClose={() => setStriking(undefined)}
          onStrike={(reason) => {
            onAdd({ k: 'void', target: striking.entry.id, reason });
            setStriking(undefined);
          }}
        />
      )}
    </section>
  );
}

function nameOf(line: string, doc: Preparation): string {
  const substance = doc.lines.find(({ id }) => id === line)?.substance;
  return doc.substances.find(({ id }) => id === substance)?.name ?? line;
}

function describeText({ body }: Live, doc: Preparation): string {
  if (body.k === 'words') return `${nameOf(body.line, doc)}: ${body.text}`;
  return `${body.digits} ${body.unit} ${nameOf(body.place.line, doc)}`;
}

function describe(one: Live, doc: Preparation) {
  const { body } = one;
  if (body.k === 'words') return <span>{describeText(one, doc)}</span>;
  return (
    <span>
      <strong className="num">
        {body.digits}
        {'\u00a0'}
        {body.unit}
      </strong>{' '}
      {nameOf(body.place.line, doc)} {slotWords[body.place.slot]} {body.state?.map((word) => `(${word})`).join(' ')}
    </span>
  );
}

function stateOf({ status, entry, seals, asked, lostSeal }: Live): string {
  if (status === 'void') return 'struck';
  if (status === 'corrected') return 'corrected';
  if (entry.seq === 0) return 'on this tablet only';
  if (seals.length > 0) return 'signed';
  const kept = lostSeal ? 'stored, signature lost by the correction' : 'stored';
  return `${status === 'rival' ? 'one of two at this place, ' : ''}${kept}${asked ? ', waiting for a signature' : ''}`;
}

function Strike({
  what,
  onClose,
  onStrike,
}: {
  readonly what: string;
  readonly onClose: () => void;
  readonly onStrike: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Modal show onHide={onClose} centered aria-labelledby="strike">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.trim()) onStrike(reason.trim());
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="strike" as="h2">
            Strike {what}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <p>It stays legible in the record, with your reason.</p>
          <Form.Group controlId="strike-reason">
            <Form.Label>Reason</Form.Label>
            <Form.Control
              value={reason}
              maxLength={300}
              autoFocus
              onChange={(event) => setReason(event.target.value)}
            />
          </Form.Group>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Keep it
          </Button>
          <Button type="submit" disabled={reason.trim() === ''}>
            Strike it
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
