'use client';
import Button from 'react-bootstrap/Button';
import { stepTitle } from '@/core/operations/stepTitle';
import type { BenchState } from '@/core/bench/benchState';

/** What may be done meanwhile, where the procedure runs on several tracks. */
export function OtherTracks({
  state: { ready, bench },
  shown,
  onShow,
}: {
  readonly state: BenchState;
  readonly shown: string | undefined;
  readonly onShow: (step: string) => void;
}) {
  const others = ready.filter(({ step }) => step.id !== shown);
  if (ready.length < 2 || others.length === 0) return null;
  return (
    <div className="tracks" role="region" aria-label="Meanwhile">
      <span>Meanwhile:</span>
      {others.map(({ step }) => (
        <Button key={step.id} variant="line" onClick={() => onShow(step.id)}>
          {stepTitle(bench.doc, step)}
        </Button>
      ))}
    </div>
  );
}
