import { imbalance } from '../stoichiometry/balance';
import { parseFormula } from '../compound/parseFormula';
import type { Facts } from './facts';
import type { Imbalance } from '../stoichiometry/balance';

/** Imbalance of each reaction's equation. A term without a readable formula is left out; its own finding speaks for it. */
export function balancesOf({ doc, substances }: Facts): ReadonlyMap<string, Imbalance> {
  return new Map(
    doc.reactions.map(({ id, terms }) => [
      id,
      imbalance(
        terms.flatMap(({ substance, side, coefficient }) => {
          const parsed = parseFormula(substances.get(substance)?.substance.formula ?? '');
          return parsed.ok ? [{ side, coefficient, composition: parsed.value }] : [];
        }),
      ),
    ]),
  );
}
