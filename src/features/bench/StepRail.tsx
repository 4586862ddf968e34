'use client';
import { useEffect, useRef } from 'react';
import { inSentence } from '@/core/document/inSentence';
import { stepSubject } from '@/core/operations/stepTitle';
import type { BenchState } from '@/core/bench/benchState';

/** All steps in their order: which are done, which is open now, which one is looked at. */
export function StepRail({
  state,
  shown,
  onShow,
}: {
  readonly state: BenchState;
  readonly shown: string | undefined;
  readonly onShow: (step: string) => void;
}) {
  const ready = new Set(state.ready.map(({ step }) => step.id));
  const now = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    now.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [shown]);
  return (
    <nav className="bench-steps" aria-label="Steps">
      {state.steps.map(({ step, operation, status, findings }, i) => {
        const subject = stepSubject(state.bench.doc, step);
        const grave = findings.some(({ severity }) => severity === 'stop')
          ? 'stop'
          : findings.some(({ severity }) => severity === 'caution')
            ? 'caution'
            : undefined;
        return (
          <button
            key={step.id}
            ref={shown === step.id ? now : null}
            type="button"
            className={`bench-step bench-step-${status} ${shown === step.id ? 'bench-step-now' : ''} ${ready.has(step.id) ? 'bench-step-ready' : ''} ${grave ? `bench-step-${grave}` : ''}`}
            aria-current={shown === step.id ? 'step' : undefined}
            onClick={() => onShow(step.id)}
          >
            <span>
              {status === 'done' ? '✓' : status === 'skipped' ? '–' : i + 1} {operation.title}
              {grave && <span className="visually-hidden"> ({grave})</span>}
            </span>
            <small>{subject === undefined ? (step.optional ? 'if needed' : '\u00a0') : inSentence(subject)}</small>
          </button>
        );
      })}
    </nav>
  );
}
