import { imbalance } from '../stoichiometry/balance';
import { parseFormula } from '../compound/parseFormula';
import type { Facts } from './facts';
import type { Imbalance } from '../stoichiometry/balance';

/** Imbalance of the document's equation. A term without a readable formula is left out; its own finding speaks for it. */
export function balanceOf({ doc, substances }: Facts): Imbalance {
  return imbalance(
    doc.equation.terms.flatMap(({ substance, side, coefficient }) => {
      const parsed = parseFormula(substances.get(substance)?.substance.formula ?? '');
      return parsed.ok ? [{ side, coefficient, composition: parsed.value }] : [];
    }),
  );
}
