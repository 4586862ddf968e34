import { parseFormula } from './parseFormula';

/** How often each element stands in a formula unit, hydrate water included. */
export type Atoms = Readonly<Record<string, number>>;

const none: Atoms = {};
const known = new Map<string, Atoms>();

/**
 * Atoms of a formula, remembered: rules and models ask for the same few again and again.
 *
 * @returns nothing in it for what is no formula
 * @example atomsOf('CuSO4·5H2O') // → { Cu: 1, S: 1, O: 9, H: 10 }
 */
export function atomsOf(formula: string | undefined): Atoms {
  if (formula === undefined) return none;
  let atoms = known.get(formula);
  if (atoms === undefined) {
    const parsed = parseFormula(formula);
    atoms = parsed.ok ? parsed.value.atoms : none;
    if (known.size > 5000) known.clear();
    known.set(formula, atoms);
  }
  return atoms;
}

const hydrates = new Map<string, Atoms>();

/**
 * Atoms without the water of a hydrate.
 *
 * @example anhydrousAtoms('Na2CO3·10H2O') // → { Na: 2, C: 1, O: 3 }
 */
export function anhydrousAtoms(formula: string | undefined): Atoms {
  if (formula === undefined) return none;
  let atoms = hydrates.get(formula);
  if (atoms === undefined) {
    atoms = atomsOf(formula.replace(/[·*•∙⋅].*$/, ''));
    if (hydrates.size > 5000) hydrates.clear();
    hydrates.set(formula, atoms);
  }
  return atoms;
}

/** Whether two compositions hold the same atoms. */
export function equalAtoms(a: Atoms, b: Atoms): boolean {
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
}
