import { acidProtons } from '../../reference/groups';
import { implied } from './kinds';
import type { Kind } from './kinds';

/** How a substance takes part in acid–base equilibria, per mole. */
export interface AcidBase {
  readonly pKas: readonly number[];
  /** Charge of the fully protonated form. */
  readonly charge: number;
  /** Charge of the ions that stay ions whatever the pH: sodium of a base, less chloride of an acid. */
  readonly spectators: number;
  /** Its neutral acid leaves as a gas. */
  readonly gas?: boolean;
}

const carbonic = [6.35, 10.33];
const sulfurous = [1.81, 7.2];
const hydrogensulfate = [1.99];

/**
 * Acid–base character by what a substance is: a strong acid or base, a carbonate, or one with pKa values; of a base that of its
 * conjugate acid. Strong acids count as wholly dissociated.
 *
 * @returns nothing for what takes no part
 */
export function acidBaseOf(kind: Kind): AcidBase | undefined {
  // A funnel asks for the same few substances again and again.
  if (!known.has(kind)) known.set(kind, characterOf(kind));
  return known.get(kind);
}

const known = new WeakMap<Kind, AcidBase | undefined>();

function characterOf({ id, groups, substance }: Kind): AcidBase | undefined {
  if (id === implied.hydroxide.id || groups.hydroxide) return strong(hydroxides(substance?.formula));
  if (id === implied.hydrogensulfate.id) return { pKas: hydrogensulfate, charge: -1, spectators: 1 };
  if (groups.mineralAcid) return strong(-acidProtons(substance?.formula, groups));
  if (groups.bicarbonate) return { pKas: carbonic, charge: 0, spectators: 1, gas: true };
  if (groups.carbonate) return { pKas: carbonic, charge: 0, spectators: 2, gas: true };
  if (groups.sulfite)
    return { pKas: sulfurous, charge: 0, spectators: /Na2SO3/.test(substance?.formula ?? '') ? 2 : 1 };
  const pKas = (substance?.pKa ?? []).map(({ digits }) => Number(digits));
  if (groups.hypochlorite) return { pKas: pKas.length > 0 ? pKas : [7.5], charge: 0, spectators: 1 };
  if (pKas.length === 0) return undefined;
  return { pKas, charge: groups.amine || groups.ammonia ? 1 : 0, spectators: 0 };
}

const strong = (spectators: number): AcidBase => ({ pKas: [], charge: 0, spectators });

const hydroxides = (formula = 'NaOH') => (/\(OH\)2/.test(formula) ? 2 : 1);
