import type { Worked } from '../quantity/worked';

/** A loss that a model foresees. */
export interface Loss {
  /** Of all losses of a procedure this one. */
  readonly key: string;
  /** Step that cost it. */
  readonly step: string;
  /** What kind of loss it is, by its name in the models: `transfer`, `unconverted`. */
  readonly what: string;
  /** Which of several of that kind in one step, from the second on. */
  readonly round?: number;
  readonly label: string;
  /** Stage whose making cost it. */
  readonly stage: string;
  readonly mass: Worked<'mass'>;
  /** Reaction that has not made it yet: it is found anew at each step in which the reaction runs. */
  readonly reaction?: string;
}

/** What tells a loss from all others. */
export function lossAt(step: string, what: string, round = 1): Pick<Loss, 'key' | 'step' | 'what' | 'round'> {
  const key = `${step}/${what}`;
  return round === 1 ? { key, step, what } : { key: `${key}-${round}`, step, what, round };
}
