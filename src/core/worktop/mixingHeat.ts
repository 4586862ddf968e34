import { acidBaseOf } from './acidBase';
import { boilingPointOf } from './volatile';
import { dissociatedEnthalpy, ofWater_kJ } from '../models/acidBase/protonEnthalpy';
import { gramsOf, without } from './matter/matter';
import { anhydrousAtoms, equalAtoms } from '../compound/atomsOf';
import { implied } from './kinds';
import { likesWater } from './partition';
import { waterOf } from './layers';
import { solutionEnthalpy, sulfuricDilution } from '../models/heat/solutionHeat';
import { waysOf } from './partners';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

const sulfuric = { H: 2, S: 1, O: 4 } as const;
/** Water that it takes for ions to be in water, by mass of what brings them, and of solvents that mix with water. */
const leastWater = 0.5;
/** Carbon dioxide out of water, kJ/mol (25 °C, handbook). */
const degassing_kJ = 19.4;

/**
 * Enthalpy of acids, bases and salts in some matter, kJ, against their ions with all protons that they can have in much water. Wet, their
 * forms are those of its pH; dry, a salt or alkali has the enthalpy of solution still before it. Only differences mean something.
 */
function enthalpy(work: Worktop, whole: Matter): number {
  const { kind } = work.world;
  // What is about to be taken apart gives its heat then.
  const matter = Object.fromEntries(Object.entries(whole).filter(([id]) => waysOf(kind(id)) === undefined));
  const parts = Object.entries(matter).flatMap(([id, grams]) => {
    const one = kind(id);
    const ions = acidBaseOf(one);
    return grams > 0 && one.M !== undefined ? [{ one, ions, moles: grams / one.M }] : [];
  });
  const water_mol = parts.reduce((sum, { one, moles }) => (one.water ? sum + moles : sum), 0);
  const isWet = isWatery(work, matter);
  const { pH, mL } = isWet ? waterOf(work, matter) : { pH: 0, mL: 0 };
  const hydroxide_mol = isWet ? (10 ** (pH - 14) * mL) / 1000 : 0;
  return parts.reduce((sum, { one, ions, moles }) => {
    const { formula } = one.substance ?? {};
    if (formula !== undefined && equalAtoms(anhydrousAtoms(formula), sulfuric))
      return sum - moles * sulfuricDilution(water_mol / moles);
    const solution = isWet ? 0 : (solutionEnthalpy(formula) ?? 0);
    const systems = (ions?.systems ?? []).reduce(
      // Dry, an acid holds its protons, a base is what its salt makes of it.
      (all, { pKas, charge, count }) =>
        all + count * dissociatedEnthalpy(pKas, charge, isWet ? pH : dryPH(ions?.spectators ?? 0, pKas, charge)),
      0,
    );
    const bare = isWet ? 0 : Math.max(0, hydroxideOf(one, ions?.spectators ?? 0)) * ofWater_kJ;
    return sum + moles * (systems + bare - solution);
  }, hydroxide_mol * ofWater_kJ);
}

/** Whether what brings ions is dissolved in water, and not in a solvent that holds some, or beneath a few drops. */
function isWatery({ world: { kind } }: Worktop, matter: Matter): boolean {
  let [water, ionic, mixing] = [0, 0, 0];
  for (const [id, grams] of Object.entries(matter)) {
    const one = kind(id);
    if (one.water) water += grams;
    else if (acidBaseOf(one) !== undefined || solutionEnthalpy(one.substance?.formula) !== undefined) ionic += grams;
    else if (!one.solid && likesWater(one)) mixing += grams;
  }
  return water > leastWater * Math.max(ionic, mixing);
}

/** A salt has given as many protons as its counter-ions take charge; an acid or base by itself has given those that leave it neutral. */
function dryPH(spectators: number, pKas: readonly number[], charge: number): number {
  const given = Math.min(pKas.length, Math.max(0, Math.round(charge + spectators)));
  const [before = -5, after = 20] = [pKas[given - 1], pKas[given]];
  return (before + after) / 2;
}

/** Hydroxide ions that a formula unit brings. */
const hydroxideOf = ({ groups }: Kind, spectators: number): number => ((groups.hydroxide ?? 0) > 0 ? spectators : 0);

/**
 * What comes into a vessel meets acid, base and water there: neutralization, solution and dilution make it warmer or colder, all at once and
 * with nothing lost; never hotter than it boils.
 *
 * @param there what stood in the vessel
 * @param comes what was charged
 * @param gas carbon dioxide that left
 */
export function warmByMixing(
  work: Worktop,
  place: string,
  { there, comes, gas }: { readonly there: Matter; readonly comes: Matter; readonly gas: Matter },
): void {
  if (gramsOf(there) === 0 || gramsOf(comes) === 0 || !(speaks(work, there) || speaks(work, comes))) return;
  const liquid = without(work.whole(place), work.phase(place, 'solid'));
  if (!isWatery(work, liquid)) return;
  const given_kJ = work.aside(() => enthalpy(work, there) + enthalpy(work, comes) - enthalpy(work, liquid));
  const heat_J = 1000 * (given_kJ - (gramsOf(gas) / implied.carbonDioxide.M) * degassing_kJ);
  work.warm(place, heat_J, boilingIn(work, place));
}

/** Whether some matter has anything to tell of: an acid, a base, a salt. */
function speaks({ world: { kind } }: Worktop, matter: Matter): boolean {
  return Object.keys(matter).some(
    (id) => acidBaseOf(kind(id)) !== undefined || solutionEnthalpy(kind(id).substance?.formula) !== undefined,
  );
}

/** Temperature at which the first of what makes up a tenth of a vessel's liquid boils, °C. */
export function boilingIn(work: Worktop, place: string): number {
  const liquid = without(work.whole(place), work.phase(place, 'solid'));
  const least_g = gramsOf(liquid) / 10;
  return Object.entries(liquid).reduce((least, [id, grams]) => {
    const boiling_C = grams >= least_g ? boilingPointOf(work, id) : NaN;
    return boiling_C < least ? boiling_C : least;
  }, Infinity);
}
