import { acidBaseOf, hasNeutralForm } from './acidBase';
import { cosolventIn, solubilityOf } from './solubility';
import { dissolvedInWater } from './layers';
import { guessedInSolvent, guessedInWater } from './guessedSolubility';
import { isLiquidAt } from './kinds';
import { isInsoluble } from '../compound/solubilityRules';
import { isSaltInsoluble } from '../compound/saltsInSolvents';
import { millilitres } from './volumes';
import { solventClassOf } from './partition';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { SaltSolvent } from '../compound/saltsInSolvents';
import type { Worktop } from './worktop';

/** What no liquid takes up: solids that are no compound (leaves, bark, resin, sieves), metals, carbon, silica, insoluble oxides. */
export function staysSolid(kind: Kind): boolean {
  const { substance, solid, invented } = kind;
  if (!solid || invented) return false;
  const formula = substance?.formula;
  if (formula === undefined || formula === 'C' || formula === 'SiO2') return true;
  return isInsoluble(formula) === true && acidBaseOf(kind) === undefined;
}

/**
 * What the liquid in a vessel cannot hold at its temperature lies in it: salts by the rules of solubility, organic solids by what is listed
 * or guessed, acids and bases by the pH that comes of it. What the stage will weigh is left to the steps that isolate it.
 */
export function settleSolids(work: Worktop, place: string, at_C: number, of?: readonly string[]): void {
  const liquid = work.phase(place, 'liquid');
  const ids = (of ?? Object.keys(liquid)).filter((id) => (liquid[id] ?? 0) > 0 && id !== work.stage?.substance);
  const solvents = solventsIn(work, liquid);
  if (solvents.length === 0) return;
  const most: Record<string, number> = {};
  const ions = isAqueous(solvents) ? allIons(work, liquid, ids) : [];
  for (const id of ids) {
    if (ions.includes(id)) continue;
    const s = mostHeld(work, id, { liquid, solvents, at_C });
    if (s === Infinity) continue;
    if (isAqueous(solvents) && hasNeutralForm(work.world.kind(id))) most[id] = s;
    else drop(work, place, id, s);
  }
  if (Object.keys(most).length === 0) return;
  const held = dissolvedInWater(work, liquid, most);
  for (const [id, grams] of Object.entries(held)) drop(work, place, id, grams);
}

/** Acids and bases that the pH keeps in solution, whatever water holds of their neutral form. */
function allIons(work: Worktop, liquid: Matter, ids: readonly string[]): readonly string[] {
  const able = ids.filter((id) => work.world.kind(id).solid && hasNeutralForm(work.world.kind(id)));
  if (able.length === 0) return [];
  const hardly = Object.fromEntries(able.map((id) => [id, 1e-4 * (liquid[id] ?? 0)]));
  const held = dissolvedInWater(work, liquid, hardly);
  return able.filter((id) => (held[id] ?? 0) >= (liquid[id] ?? 0) * (1 - 1e-9));
}

function drop(work: Worktop, place: string, id: string, held_g: number): void {
  const grams = work.phase(place, 'liquid')[id] ?? 0;
  // Less than a film is no solid that lies there.
  if (grams - held_g > 1e-6)
    work.put(place, 'solid', work.take(place, 'liquid', { [id]: grams - Math.max(0, held_g) }));
}

interface Surroundings {
  readonly liquid: Matter;
  readonly solvents: readonly Solvent[];
  readonly at_C: number;
}

interface Solvent {
  readonly kind: Kind;
  readonly mL: number;
}

function solventsIn({ world: { kind } }: Worktop, liquid: Matter): readonly Solvent[] {
  return Object.entries(liquid).flatMap(([id, grams]) => {
    const one = kind(id);
    if (!(grams > 0) || one.solid || (one.inorganic && !one.water)) return [];
    return [{ kind: one, mL: millilitres(kind, { [id]: grams }) }];
  });
}

const mLOf = (solvents: readonly Solvent[]) => solvents.reduce((sum, { mL }) => sum + mL, 0);
const isAqueous = (solvents: readonly Solvent[]) =>
  mLOf(solvents.filter(({ kind }) => kind.water)) > mLOf(solvents) / 2;

/** What the liquid holds of a solid, g, of its form without charge. Infinity where nothing speaks against all of it. */
function mostHeld(work: Worktop, id: string, { liquid, solvents, at_C }: Surroundings): number {
  const one = work.world.kind(id);
  if (!one.solid || one.invented || isLiquidAt(one, at_C)) return Infinity;
  if (staysSolid(one)) return 0;
  if (one.inorganic || one.salt) return solvents.reduce((sum, each) => sum + saltIn(one, each), 0);
  return organicIn(work, one, { liquid, solvents, at_C });
}

function saltIn({ substance }: Kind, { kind, mL }: Solvent): number {
  if (kind.water) {
    const listed = Number(substance?.waterSolubility?.digits ?? NaN);
    if (Number.isFinite(listed)) return (listed / 100) * mL;
    return isInsoluble(substance?.formula) ? 0 : Infinity;
  }
  return isSaltInsoluble({ formula: substance?.formula, smiles: substance?.smiles }, saltSolventOf(kind))
    ? 0
    : Infinity;
}

function saltSolventOf(kind: Kind): SaltSolvent {
  if ((kind.groups.alcohol ?? 0) > 0) return 'alcohol';
  const of = solventClassOf(kind);
  if (of === 'ketone' || of === 'halogenated') return of;
  return of === 'other' ? 'polar' : 'aprotic';
}

/** Log-linear between the liquids of a mixture, and never less than the best of them holds alone (Yalkowsky). */
function organicIn(work: Worktop, one: Kind, { liquid, solvents, at_C }: Surroundings): number {
  const all = mLOf(solvents);
  const grams = liquid[one.id] ?? 0;
  const cosolvent = cosolventIn(work, liquid);
  let [logs, best] = [0, 0];
  for (const { kind, mL } of solvents) {
    const s = solubilityIn(work, one, { kind, mL, grams, at_C, cosolvent });
    if (s === Infinity) return Infinity;
    logs += (mL / all) * Math.log(Math.max(s, 1e-12));
    best = Math.max(best, s * mL);
  }
  return Math.max(best, Math.exp(logs) * all);
}

/** g/mL; Infinity where it is plain that all of it dissolves, or nobody can say. */
function solubilityIn(
  work: Worktop,
  one: Kind,
  { kind, mL, grams, at_C, cosolvent }: Solvent & { grams: number; at_C: number; cosolvent: number },
): number {
  const { substance } = one;
  const curve = substance?.solubility?.some(
    ({ solvent }) => solvent === kind.id || (kind.water && solvent === 'water'),
  );
  if (curve) return solubilityOf(work, one.id, kind.id, at_C).q.value;
  if (kind.water && substance?.waterSolubility) {
    const { digits } = substance.waterSolubility;
    return digits === 'miscible' ? Infinity : solubilityOf(work, one.id, kind.id, at_C).q.value;
  }
  const guess = kind.water ? guessedInWater(one, cosolvent) : guessedInSolvent(one, kind, at_C);
  // Nothing is taken for granted that does not matter.
  if (guess === undefined || grams <= guess.low * mL) return Infinity;
  return solubilityOf(work, one.id, kind.id, at_C).q.value;
}

/** What of a solid that is charged lies in whatever it meets. */
export const undissolved = (work: Worktop, matter: Matter): Matter =>
  Object.fromEntries(Object.entries(matter).filter(([id]) => staysSolid(work.world.kind(id))));
