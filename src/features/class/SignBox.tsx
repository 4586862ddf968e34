'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { format } from '@/core/quantity/format';
import { HoldButton } from './HoldButton';
import { signGroups } from './signGroups';
import type { BenchState } from '@/core/record/benchState';
import type { Body } from '@/core/record/entry';
import type { Live } from '@/core/record/foldRecord';
import type { Worked } from '@/core/quantity/worked';

const text = (worked: Worked) => format(worked.q, worked.unit, { figures: worked.figures });

/** The readings that wait, with what they come to and what was wanted, and the two answers. */
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
  return (
    <section className="sign-box" aria-label="To sign">
      {signGroups(waiting, state).map(({ key, name, readings, result, wanted }) => (
        <p key={key}>
          {readings.join(' → ')} · {name}
          {result && <strong className="num"> {text(result)}</strong>}
          {wanted && <span className="muted"> target {text(wanted)}</span>}
        </p>
      ))}
      <div className="sign-actions">
        <HoldButton
          label="Hold to sign"
          onHeld={() =>
            onAdd({ k: 'sign', seals: waiting.map(({ entry }) => ({ entry: entry.id, content: entry.content })) })
          }
        >
          Hold to sign
        </HoldButton>
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            if (remark.trim())
              onAdd({ k: 'return', targets: waiting.map(({ entry }) => entry.id), remark: remark.trim() });
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
    </section>
  );
}
