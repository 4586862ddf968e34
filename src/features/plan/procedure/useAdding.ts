import { useState } from 'react';
import { addStep } from '@/core/editing/addStep';
import { addUsualBlock } from '@/core/editing/blocks/usualBlocks';
import { putBlock } from '@/core/editing/blocks/putBlock';
import { usePlanView } from '@/components/plan/planView';
import type { AddedSteps } from '@/core/editing/blocks/block';
import type { Lacks } from '@/core/editing/addStep';
import type { Preparation } from '@/core/document/document';
import type { UsualBlock } from '@/core/editing/blocks/usualBlocks';

const lackWords: Readonly<Record<Lacks, string>> = {
  line: 'Add a line to the charge table first: this step names one.',
  stage: 'Say first what is measured, or what the reaction makes: this step is about such a stage.',
  substance: 'Add a substance first: this step names one.',
  room: 'There is no room left for it: a procedure has at most 100 steps, a charge table 60 lines.',
};

/** Adding steps: where the next one comes, and why one was not added. */
export interface Adding {
  /** Index that the next step gets: after the one that is chosen, otherwise at the end. */
  readonly at: number;
  readonly add: (op: string, at?: number) => void;
  readonly addUsual: (block: UsualBlock) => void;
  readonly put: (block: Preparation) => void;
  readonly says: string | undefined;
}

/** @param onAdded is told the step when it was one, and that it wants to be looked at */
export function useAdding(onAdded: (step: string) => void): Adding {
  const { plan, edit, step: chosen, selectStep } = usePlanView();
  const [says, setSays] = useState<string | undefined>(undefined);
  const { doc } = plan;
  const of = doc.steps.findIndex(({ id }) => id === chosen);
  const at = of < 0 ? doc.steps.length : of + 1;
  const put = (field: string, into: (now: Preparation) => AddedSteps) => {
    const added = into(doc);
    setSays(added.ok ? undefined : lackWords[added.lacks]);
    if (!added.ok) return undefined;
    edit(`${field}/${added.steps[0] ?? ''}`, (now) => {
      const again = into(now);
      return again.ok ? again.doc : now;
    });
    selectStep(added.steps.at(-1));
    return added.steps;
  };
  return {
    at,
    says,
    add: (op, where = at) => {
      const steps = put('add-step', (now) => {
        const added = addStep(now, op, where);
        return added.ok ? { ok: true, doc: added.doc, steps: [added.step] } : added;
      });
      if (steps?.[0] !== undefined) onAdded(steps[0]);
    },
    addUsual: (block) => void put('add-block', (now) => addUsualBlock(now, block, at)),
    put: (block) => void put('add-block', (now) => putBlock(now, block, at)),
  };
}
