import { inOrder } from '../document/reactions';
import { inSentence } from '../document/inSentence';
import { takesPart } from '../plan/chargeTable';
import type { BenchState } from './benchState';
import type { Worked } from '../quantity/worked';

/** What the charge allows, and of what where there are several reactions. */
export interface YieldInSight {
  readonly mass: Worked<'mass'>;
  readonly of?: string;
}

/** Theoretical yield of the last reaction of which everything is measured, or that the measured ones feed. */
export function yieldInSight({
  bench: { doc },
  charge,
}: Pick<BenchState, 'bench' | 'charge'>): YieldInSight | undefined {
  const measured = (reaction: string) =>
    charge.lines
      .filter(({ plan: { facts } }) => takesPart(facts) && facts.line.reaction === reaction)
      .every(({ taken }) => taken !== undefined);
  const last = inOrder(doc).findLast(({ id }) => charge.actual.reactions.has(id) && measured(id));
  const mass = last && charge.actual.reactions.get(last.id)?.product?.mass;
  if (!mass) return undefined;
  const name = doc.substances.find(({ id }) => id === last.product)?.name;
  return { mass, ...(doc.reactions.length > 1 && name !== undefined ? { of: inSentence(name) } : {}) };
}
