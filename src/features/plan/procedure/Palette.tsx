'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { addStep } from '@/core/editing/steps';
import { OperationSign } from '@/components/OperationSign';
import { operations } from '@/core/operations/registry';
import { phases } from '@/core/operations/operation';
import { usePlanView } from '@/components/plan/planView';
import type { Phase } from '@/core/operations/operation';

const lackWords = {
  line: 'Add a line to the charge table first: this step names one.',
  stage: 'Say first what is measured: this step is about such a stage.',
  substance: 'Add a substance first: this step names one.',
} as const;

/** Operations by the part of a procedure in which they stand; one tap adds the step and opens it. */
export function Palette({ at, onAdded }: { readonly at: number; readonly onAdded: (step: string) => void }) {
  const { plan, edit } = usePlanView();
  const [phase, setPhase] = useState<Phase>('setUp');
  const [says, setSays] = useState<string | undefined>(undefined);
  const add = (op: string) => {
    const added = addStep(plan.doc, op, at);
    setSays(added.ok ? undefined : lackWords[added.lacks]);
    if (!added.ok) return;
    edit(`add-step/${added.step}`, (doc) => {
      const again = addStep(doc, op, at);
      return again.ok ? again.doc : doc;
    });
    onAdded(added.step);
  };
  return (
    <div className="palette" role="region" aria-label="Add a step">
      <div className="shelf-filters" role="group" aria-label="Phase">
        {(Object.keys(phases) as Phase[]).map((one) => (
          <button key={one} type="button" aria-pressed={phase === one} onClick={() => setPhase(one)}>
            {phases[one]}
          </button>
        ))}
      </div>
      <div className="palette-operations">
        {operations
          .filter((one) => one.phase === phase)
          .map(({ name, title, sign }) => (
            <Button
              key={name}
              variant="line"
              size="sm"
              disabled={plan.doc.steps.length >= 100}
              onClick={() => add(name)}
            >
              <OperationSign sign={sign} /> + {title}
            </Button>
          ))}
      </div>
      {says && (
        <p className="typed-says" role="alert">
          {says}
        </p>
      )}
    </div>
  );
}
