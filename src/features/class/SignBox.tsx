'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { format } from '@/core/quantity/format';
import { HoldButton } from './HoldButton';
import { signGroups } from './signGroups';
import { isStored } from '@/core/record/entry';
import type { BenchState } from '@/core/bench/benchState';
import type { Body } from '@/core/record/entry';
import type { Live } from '@/core/record/foldRecord';
import type { Worked } from '@/core/quantity/worked';

const text = (worked: Worked) => format(worked.q, worked.unit, { figures: worked.figures });

/**
 * The readings that wait, by the result they come to together, with what was wanted, and the two answers. All are meant unless
 * one is left out: a signature seals all readings of a result at once.
 */
export function SignBox({
  waiting,
  state,
  onAdd,
}: {
  readonly waiting: readonly Live[];
  readonly state: BenchState;
  readonly onAdd: (body: Body) => void;
}) {
  const [remark, setRemark] = useState('');
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const groups = signGroups(waiting, state);
  const meant = groups.filter(({ key }) => !leftOut.has(key)).flatMap(({ live }) => live);
  const toggle = (key: string) =>
    setLeftOut((before) => new Set(before.has(key) ? [...before].filter((one) => one !== key) : [...before, key]));
  return (
    <section className="sign-box" aria-label="To sign">
      {groups.map(({ key, name, readings, result, wanted }) => (
        <p key={key}>
          {groups.length > 1 && (
            <Form.Check
              inline
              id={`sign-${key}`}
              aria-label={`Take ${name} in`}
              checked={!leftOut.has(key)}
              onChange={() => toggle(key)}
            />
          )}
          {readings.join(' → ')} · {name}
          {result && <strong className="num"> {text(result)}</strong>}
          {wanted && <span className="muted"> target {text(wanted)}</span>}
        </p>
      ))}
      {meant.length > 0 && (
        <div className="sign-actions">
          <HoldButton
            label="Hold to sign"
            onHeld={() =>
              onAdd({
                k: 'sign',
                seals: meant
                  .map(({ entry }) => entry)
                  .filter(isStored)
                  .map(({ id, content }) => ({ entry: id, content })),
              })
            }
          >
            Hold to sign
          </HoldButton>
          <Form
            onSubmit={(event) => {
              event.preventDefault();
              if (remark.trim())
                onAdd({ k: 'return', targets: meant.map(({ entry }) => entry.id), remark: remark.trim() });
            }}
          >
            <Form.Control
              aria-label="Remark for returning"
              placeholder="Remark"
              value={remark}
              maxLength={300}
              onChange={(event) => setRemark(event.target.value)}
            />
            <Button type="submit" variant="line" disabled={remark.trim() === ''}>
              Return it
            </Button>
          </Form>
        </div>
      )}
    </section>
  );
}
