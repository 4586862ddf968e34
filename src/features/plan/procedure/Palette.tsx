'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Blocks } from './Blocks';
import { mostOf } from '@/core/document/limits';
import { OperationSign } from '@/components/OperationSign';
import { operations } from '@/core/operations/registry';
import { phases } from '@/core/operations/operation';
import { stepTitle } from '@/core/operations/stepTitle';
import { useNewItem } from '@/components/Sortable';
import { usePlanView } from '@/components/plan/planView';
import type { Adding } from './useAdding';
import type { Phase } from '@/core/operations/operation';

/** Operations by the part of a procedure in which they stand, and blocks of them: tapped, or dragged to their place among the steps. */
export function Palette({ adding }: { readonly adding: Adding }) {
  const { plan } = usePlanView();
  const [phase, setPhase] = useState<Phase | 'blocks'>('setUp');
  const { steps } = plan.doc;
  const above = steps[adding.at - 1];
  return (
    <div className="palette" role="region" aria-label="Add a step">
      <p className="palette-where">
        {above === undefined
          ? 'What you tap comes first.'
          : adding.at === steps.length
            ? 'What you tap comes last; choose a step to add after it.'
            : `What you tap comes after step ${String(adding.at)}, ${stepTitle(plan.doc, above)}.`}
      </p>
      <div className="shelf-filters" role="group" aria-label="Phase">
        {(Object.keys(phases) as Phase[]).map((one) => (
          <button key={one} type="button" aria-pressed={phase === one} onClick={() => setPhase(one)}>
            {phases[one]}
          </button>
        ))}
        <button type="button" aria-pressed={phase === 'blocks'} onClick={() => setPhase('blocks')}>
          Blocks
        </button>
      </div>
      {phase === 'blocks' ? (
        <Blocks adding={adding} />
      ) : (
        <div className="palette-operations">
          {operations
            .filter((one) => one.phase === phase)
            .map((one) => (
              <PaletteItem key={one.name} {...one} disabled={steps.length >= mostOf.steps} onAdd={adding.add} />
            ))}
        </div>
      )}
      {adding.says && (
        <p className="typed-says" role="alert">
          {adding.says}
        </p>
      )}
    </div>
  );
}

function PaletteItem({
  name,
  title,
  sign,
  disabled,
  onAdd,
}: Pick<(typeof operations)[number], 'name' | 'title' | 'sign'> & {
  readonly disabled: boolean;
  readonly onAdd: (op: string) => void;
}) {
  const item = useNewItem(name);
  return (
    <Button {...item} variant="line" size="sm" disabled={disabled} onClick={() => onAdd(name)}>
      <OperationSign sign={sign} /> + {title}
    </Button>
  );
}
