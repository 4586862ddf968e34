'use client';
import Button from 'react-bootstrap/Button';
import { readingsToSign } from './readingsToSign';
import { isStored } from '@/core/record/entry';
import type { Body } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';

/** Asks the demonstrator to sign the step's readings, or says that they are signed. */
export function SignatureRow({ step, onAdd }: { readonly step: StepState; readonly onAdd: (body: Body) => void }) {
  const readings = readingsToSign(step);
  const unsigned = readings.filter(({ seals }) => seals.length === 0);
  if (readings.length === 0 || step.status === 'open') return null;
  if (unsigned.length === 0) return <p className="signed-mark">Signed by the demonstrator.</p>;
  const asked = unsigned.every((one) => one.asked);
  const unsent = unsigned.some(({ entry }) => !isStored(entry));
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
