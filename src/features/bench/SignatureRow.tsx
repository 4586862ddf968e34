'use client';
import Button from 'react-bootstrap/Button';
import type { Body } from '@/core/record/entry';
import type { Live } from '@/core/record/foldRecord';
import type { StepState } from '@/core/record/benchState';

/** Readings of a step that a signature would seal: those of its lines and its own. */
export function readingsToSign({ asks, step, context }: StepState): readonly Live[] {
  const lines = new Set(asks.flatMap((ask) => (ask.kind === 'measure' ? (ask.about.line ?? []) : [])));
  return context.bench.record.filter(
    ({ status, body }) =>
      status === 'live' &&
      body.k === 'reading' &&
      (body.place.step === step.id || (body.place.line !== undefined && lines.has(body.place.line))),
  );
}

/** Asks the demonstrator to sign the step's readings, or says that they are signed. */
export function SignatureRow({ step, onAdd }: { readonly step: StepState; readonly onAdd: (body: Body) => void }) {
  const readings = readingsToSign(step);
  const unsigned = readings.filter(({ seals }) => seals.length === 0);
  if (readings.length === 0 || step.status === 'open') return null;
  if (unsigned.length === 0) return <p className="signed-mark">Signed by the demonstrator.</p>;
  const asked = unsigned.every((one) => one.asked);
  const unsent = unsigned.some(({ entry }) => entry.seq === 0);
  return (
    <Button
      variant="line"
      disabled={asked || unsent}
      onClick={() => onAdd({ k: 'ask', targets: unsigned.map(({ entry }) => entry.id) })}
    >
      {asked ? 'Waiting for the demonstrator' : 'Ask for a signature'}
    </Button>
  );
}
