'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { amountFault } from '@/core/words/amountFault';
import { findUnit } from '@/core/quantity/units';
import { parseAmount } from '@/core/quantity/parseAmount';
import { slipSeconds } from '@/core/record/foldRecord';
import type { Body } from '@/core/record/entry';
import type { EntryWords } from '@/core/bench/describeEntry';
import type { Identity } from '@/core/identity';
import type { Live } from '@/core/record/foldRecord';

/** The ways to change an entry: undo it at once, correct the number, or strike it. What stood there stays legible. */
export function ChangeEntry({
  live,
  identity,
  words,
  now,
  onAdd,
  onClose,
}: {
  readonly live: Live;
  readonly identity: Identity;
  readonly words: EntryWords;
  readonly now: number | undefined;
  readonly onAdd: (body: Body) => void;
  readonly onClose: () => void;
}) {
  const { body, entry } = live;
  const reading = body.k === 'reading' ? body : undefined;
  const [right, setRight] = useState('');
  const [reason, setReason] = useState('');
  const given = reason.trim();
  const dim = reading && findUnit(reading.unit)?.dim;
  const parsed =
    reading &&
    dim &&
    parseAmount(right, { dims: [dim], unit: reading.unit, zero: true, negative: dim === 'temperature' });
  const fresh = now !== undefined && now - Date.parse(entry.at) < slipSeconds * 1000 && live.seals.length === 0;
  const send = (next: Body) => {
    onAdd(next);
    onClose();
  };
  const correct = () => {
    if (!reading || !parsed?.ok || !given) return;
    const { digits, unit } = parsed.typed;
    send({ k: 'correct', target: entry.id, body: { ...reading, digits, unit }, reason: given });
  };
  return (
    <Modal show onHide={onClose} centered aria-labelledby="change-title" className="bench-dialog">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          correct();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="change-title" as="h2">
            {[words.amount, words.says].filter(Boolean).join(' ')}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          {fresh && (
            <p>
              <Button variant="line" onClick={() => send({ k: 'void', target: entry.id, reason: 'slip', slip: true })}>
                Undo this slip
              </Button>{' '}
              <span className="muted">within {slipSeconds}&nbsp;s, without a reason</span>
            </p>
          )}
          <p>It stays legible in the record, with your reason{live.seals.length > 0 && '; its signature is lost'}.</p>
          {reading && (
            <Form.Group controlId="change-right">
              <Form.Label>Right reading, {reading.unit}</Form.Label>
              <Form.Control
                inputMode="decimal"
                autoComplete="off"
                value={right}
                onChange={(event) => setRight(event.target.value)}
              />
              {right !== '' && parsed && !parsed.ok && (
                <p className="typed-says" role="alert">
                  {amountFault(parsed, `${reading.digits} ${reading.unit}`)}
                </p>
              )}
            </Form.Group>
          )}
          <Form.Group controlId="change-reason">
            <Form.Label>Reason</Form.Label>
            <Form.Control value={reason} maxLength={300} onChange={(event) => setReason(event.target.value)} />
          </Form.Group>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Keep it
          </Button>
          {live.seals.length > 0 && identity.role !== 'group' && (
            <Button
              variant="line"
              disabled={given === ''}
              onClick={() => {
                for (const target of live.seals) onAdd({ k: 'void', target, reason: given });
                onClose();
              }}
            >
              Take the signature back
            </Button>
          )}
          <Button
            variant="line"
            className="strike"
            disabled={given === ''}
            onClick={() => send({ k: 'void', target: entry.id, reason: given })}
          >
            Strike it
          </Button>
          {reading && (
            <Button type="submit" disabled={given === '' || !parsed?.ok}>
              Correct it
            </Button>
          )}
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
