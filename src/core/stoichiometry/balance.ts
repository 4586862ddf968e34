import { capital } from '../capital';
import type { Composition } from '../compound/parseFormula';

/** One side's member of an equation. */
export interface BalanceTerm {
  readonly side: 'left' | 'right';
  readonly coefficient: number;
  readonly composition: Composition;
}

/** What one side has more of than the other; empty when balanced. `charge` counts as an element of that name. */
export type Imbalance = Readonly<Record<string, number>>;

const tolerance = 1e-9;

/**
 * Checks an equation by element and by charge.
 *
 * @returns left minus right for everything that differs (positive: the left has more)
 * @example imbalance([{ side: 'left', coefficient: 2, composition: { atoms: { H: 2 }, charge: 0 } }]) // → { H: 4 }
 */
export function imbalance(terms: readonly BalanceTerm[]): Imbalance {
  const sums: Record<string, number> = {};
  for (const { side, coefficient, composition } of terms) {
    const sign = side === 'left' ? coefficient : -coefficient;
    for (const [symbol, count] of Object.entries(composition.atoms)) sums[symbol] = (sums[symbol] ?? 0) + sign * count;
    sums['charge'] = (sums['charge'] ?? 0) + sign * composition.charge;
  }
  return Object.fromEntries(Object.entries(sums).filter(([, difference]) => Math.abs(difference) > tolerance));
}

/**
 * An imbalance in words.
 *
 * @example describeImbalance({ H: 2, O: -1 }) // → 'The left has 2 H more, the right has 1 O more'
 */
export function describeImbalance(difference: Imbalance): string {
  const part = (side: string, sign: 1 | -1) => {
    const items = Object.entries(difference)
      .filter(([, count]) => count * sign > 0)
      .map(
        ([symbol, count]) =>
          `${Math.abs(Math.round(count * 1e6) / 1e6)} ${symbol === 'charge' ? 'positive charge' : symbol}`,
      );
    return items.length === 0 ? '' : `the ${side} has ${new Intl.ListFormat('en-GB').format(items)} more`;
  };
  const text = [part('left', 1), part('right', -1)].filter(Boolean).join(', ');
  return capital(text);
}
