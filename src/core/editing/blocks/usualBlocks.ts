import { addStep } from '../addStep';
import { setParam } from '../steps';
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
    // Crystals form undisturbed, and are filtered off cold.
    begins: { cooling: { bath: 'ice', below_C: 5, undisturbed: true } },
  },
  { id: 'distilled', title: 'Distil, weigh', operations: ['distillation', 'weighing'] },
] as const satisfies readonly UsualBlock[];

/** A block by the operations of its steps, and what some of them begin with. */
export interface UsualBlock {
  readonly id: string;
  readonly title: string;
  readonly operations: readonly string[];
  readonly begins?: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
}

/** Puts a usual block of steps into the procedure; lines and stages that it needs and the document lacks are made. */
export function addUsualBlock(doc: Preparation, { operations, begins }: UsualBlock, at: number): AddedSteps {
  let now = doc;
  const steps: string[] = [];
  for (const [i, op] of operations.entries()) {
    const added = addStep(now, op, at + i);
    if (!added.ok) return added;
    now = Object.entries(begins?.[op] ?? {}).reduce(
      (so, [key, value]) => setParam(so, added.step, key, value),
      added.doc,
    );
    steps.push(added.step);
  }
  return { ok: true, doc: now, steps };
}
