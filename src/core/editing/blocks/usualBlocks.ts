import { addStep } from '../addStep';
import type { AddedSteps } from './block';
import type { Preparation } from '../../document/document';

/** Steps that follow each other in nearly every work-up, by the operations' names. */
export const usualBlocks = [
  {
    id: 'extractive',
    title: 'Extract, wash, dry, strip',
    operations: ['extraction', 'wash', 'dryingLiquid', 'stripping'],
  },
  {
    id: 'crystals',
    title: 'Recrystallize, filter, dry, weigh, melt',
    operations: ['recrystallization', 'cooling', 'vacuumFiltration', 'drying', 'weighing', 'meltingRange'],
  },
  { id: 'distilled', title: 'Distil, weigh', operations: ['distillation', 'weighing'] },
] as const satisfies readonly { id: string; title: string; operations: readonly string[] }[];
export type UsualBlock = (typeof usualBlocks)[number];

/** Puts a usual block of steps into the procedure; lines and stages that it needs and the document lacks are made. */
export function addUsualBlock(doc: Preparation, { operations }: UsualBlock, at: number): AddedSteps {
  let now = doc;
  const steps: string[] = [];
  for (const [i, op] of operations.entries()) {
    const added = addStep(now, op, at + i);
    if (!added.ok) return added;
    now = added.doc;
    steps.push(added.step);
  }
  return { ok: true, doc: now, steps };
}
