import { acidAtoms, acidOf, esterAtoms, esterOf, hydrolysisOf } from './madeKinds';
import { anhydrousAtoms, equalAtoms } from '../compound/atomsOf';
import { groupsOf, hasGroup } from '../reference/groups';
import { implied } from './kinds';
import { waterId } from './introduced';
import type { Atoms } from '../compound/atomsOf';
import type { GroupId } from '../reference/groups';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/** What comes of it: the acid or ester, what stands beside it, what leaves. */
export interface Products {
  readonly main: string;
  readonly others: Matter;
  readonly gas: Matter;
}

const chloride = (work: Worktop, moles: number): Matter => ({
  [named(work, { H: 1, Cl: 1 }) ?? implied.hydrogenChloride.id]: moles * implied.hydrogenChloride.M,
});

/** Those whose acid falls apart into gases: thionyl and oxalyl chloride. */
const gassy: readonly {
  readonly atoms: Atoms;
  readonly gases: readonly { readonly id: string; readonly M: number }[];
}[] = [
  { atoms: { S: 1, O: 1, Cl: 2 }, gases: [implied.sulfurDioxide] },
  { atoms: { C: 2, O: 2, Cl: 2 }, gases: [implied.carbonMonoxide, implied.carbonDioxide] },
];

/** Of an acid halide or anhydride by water: its acid, and the hydrogen halide. */
export function byWater(work: Worktop, kind: Kind, moles: number): Products {
  const { halides = 0 } = hydrolysisOf(kind) ?? {};
  const atoms = anhydrousAtoms(kind.substance?.formula);
  const gases = gassy.find((one) => equalAtoms(one.atoms, atoms))?.gases ?? [];
  const others = halides > 0 ? chloride(work, moles * halides) : {};
  const gas = Object.fromEntries(gases.map(({ id, M }) => [id, moles * M]));
  // The acid that fell apart leaves the water of which it was made.
  const main =
    gases.length > 0
      ? waterId(work)
      : (named(work, acidAtoms(kind), 'carboxylicAcid', 'sulfonicAcid') ?? acidOf(kind.id));
  return { main, others, gas };
}

/** Of an acid halide by the alcohols that were taken: the ester of the one that was taken most. */
export function byAlcohol(work: Worktop, kind: Kind, taken: Matter, moles: number): Products {
  const [alcohol = ''] = Object.entries(taken)
    .sort(([, a], [, b]) => b - a)
    .map(([id]) => id);
  const { halides = 0 } = hydrolysisOf(kind) ?? {};
  const main = named(work, esterAtoms(kind, work.world.kind(alcohol)), 'ester') ?? esterOf(kind.id, alcohol);
  return { main, others: chloride(work, moles * halides), gas: {} };
}

/** The substance of the preparation with these atoms, and one of these groups. */
const named = ({ world }: Worktop, atoms: Atoms, ...groups: readonly GroupId[]): string | undefined =>
  world.plan.doc.substances.find(
    (one) =>
      equalAtoms(anhydrousAtoms(one.formula), atoms) &&
      (groups.length === 0 || groups.some((group) => hasGroup(groupsOf(one), group))),
  )?.id;
