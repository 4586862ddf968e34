import { acidBaseOf } from './acidBase';
import { millilitres } from './volumes';
import { distributionRatio } from '../../models/partition/distributionRatio';
import { findRoot } from '../../models/findRoot';
import { gramsOf } from '../../mixture/matter';
import { implied } from './kinds';
import { protonsGiven } from '../../models/acidBase/speciation';
import type { AcidBase } from './acidBase';
import type { Kind } from './kinds';
import type { Matter } from '../../mixture/matter';
import type { Worktop } from './worktop';

/** Two layers in equilibrium. */
export interface Layers {
  readonly organic: Matter;
  readonly aqueous: Matter;
  /** Gas that left an open funnel. */
  readonly gas: Matter;
  /** pH of the water layer. */
  readonly pH: number;
}

const pKw = 14;
const neutral = 1e-7;
const least_pH = -1.5;
const most_pH = 15.5;
/** Carbon dioxide in water at 1 atm and 20 °C, mol/L (Henry's law; handbook value near 0.039 at 20 and 0.034 at 25 °C). */
const carbonDioxideInWater = 0.036;
const carbonic = [6.35, 10.33] as const;

/**
 * Shakes everything together: what a solvent and water take of each other, neutral and ionized forms by pH (charge balance over
 * all acids and bases, distribution between the layers included), carbon dioxide out of the open funnel. No emulsions, no ion
 * pairs in the solvent.
 */
export function shakeTogether(work: Worktop, matter: Matter): Layers {
  const { kind } = work.world;
  const { inWater, inSolvent, rest, P, balance } = settle(work, matter);
  const { organicVolume, aqueousVolume } = balance;
  const pH = balancePH(balance);
  const organic: Record<string, number> = { ...inSolvent };
  const aqueous: Record<string, number> = { ...inWater };
  for (const id of rest) {
    const D = ratioAt(kind(id), P.get(id) ?? 0, pH);
    const grams = matter[id] ?? 0;
    const inOrganic = (grams * D * organicVolume) / (D * organicVolume + aqueousVolume);
    organic[id] = (organic[id] ?? 0) + inOrganic;
    aqueous[id] = (aqueous[id] ?? 0) + grams - inOrganic;
  }
  const gas = releaseGas({ work, aqueousVolume }, aqueous, pH);
  return { organic, aqueous, gas, pH };
}

/**
 * Charge that the water layer would carry at a pH, mol: positive when base is in excess. It is nearly a straight line in what is
 * added, so that the amount that reaches a pH is found in a few steps.
 */
export function excessCharge(work: Worktop, matter: Matter, pH: number): number {
  return chargeOf(settle(work, matter).balance)(pH);
}

/** What a solvent and water take of each other, and what is left to be distributed between them. */
function settle(work: Worktop, matter: Matter) {
  const { kind } = work.world;
  const ids = Object.keys(matter).filter((id) => (matter[id] ?? 0) > 0);
  const solvents = solventsOf(work, ids);
  const waters = ids.filter((id) => kind(id).water || kind(id).inorganic);
  const { inWater, inSolvent } = mutual(work, matter, solvents, waters);
  const rest = ids.filter((id) => !solvents.includes(id) && !waters.includes(id));
  const P = new Map(rest.map((id) => [id, partitionOf(work, kind(id))]));
  const balance: Balance = {
    ions: ids.flatMap((id) => ionOf(kind(id), matter[id] ?? 0, P.get(id))),
    organicVolume: millilitres(kind, inSolvent) || 1e-9,
    aqueousVolume: millilitres(kind, inWater) || 1e-9,
  };
  return { inWater, inSolvent, rest, P, balance };
}

/** Liquids that make the other layer. What is extracted or changes with the pH is distributed instead, while there is a solvent. */
function solventsOf({ world: { kind }, stage }: Worktop, ids: readonly string[]): readonly string[] {
  const able = ids.filter((id) => isLayerFormer(kind(id)));
  const carriers = able.filter((id) => id !== stage?.substance && acidBaseOf(kind(id)) === undefined);
  return carriers.length > 0 ? carriers : able;
}

/** A liquid that hardly mixes with water, or at least makes a layer of its own. */
function isLayerFormer({ solid, water, groups, substance, density }: Kind): boolean {
  if (solid || water || density === undefined || substance === undefined) return false;
  const { waterSolubility } = substance;
  if (waterSolubility) return waterSolubility.digits !== 'miscible' && Number(waterSolubility.digits) < 15;
  // Nothing known of it: an alcohol or an acid of few carbons would have a value; hydrocarbons often have none.
  return !groups.carboxylicAcid && !groups.alcohol && Number(substance.logP?.digits ?? 2) > 1;
}

/** What solvents and water take up of each other, g. */
function mutual(work: Worktop, matter: Matter, solvents: readonly string[], waters: readonly string[]) {
  const { kind } = work.world;
  const inSolvent: Record<string, number> = {};
  const inWater: Record<string, number> = {};
  const water = waters.filter((id) => kind(id).water);
  const waterGrams = water.reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  const salt = waters.filter((id) => !kind(id).water).reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  const saltedOut = salt > 0 ? saltingOut(work, salt / (salt + waterGrams)) : 1;
  const total = solvents.reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  let taken = 0;
  for (const id of solvents) {
    const grams = matter[id] ?? 0;
    const limit = (Number(kind(id).substance?.waterSolubility?.digits ?? 0) / 100) * waterGrams * saltedOut;
    // Of several solvents each dissolves by its share.
    const lost = Math.min(grams, limit * (grams / Math.max(total, 1e-9)));
    inSolvent[id] = grams - lost;
    if (lost > 0) inWater[id] = lost;
    const content = Number(kind(id).substance?.waterContent?.digits ?? 0) / 100;
    if (Number.isFinite(content)) taken += ((grams - lost) * content) / Math.max(1 - content, 0.5);
  }
  const wet = Math.min(taken * saltedOut, waterGrams * 0.9);
  for (const id of waters) {
    const grams = matter[id] ?? 0;
    const share = kind(id).water && waterGrams > 0 ? (wet * grams) / waterGrams : 0;
    inWater[id] = grams - share;
    if (share > 0) inSolvent[id] = share;
  }
  return { inSolvent: inSolvent as Matter, inWater: inWater as Matter };
}

/** Salt takes the water's own: a saturated solution dissolves about a fifth of what water does. */
function saltingOut(work: Worktop, salt: number): number {
  const slope = work.assume(
    {
      key: 'saltingOut',
      label: 'by how much salt lowers what water and solvent take of each other, per share of salt',
      dim: 'number',
      unit: '',
      low: 2,
      typical: 3,
      high: 3.5,
      aside: true,
      why: 'brine of 26 % dissolves about a fifth of the ether that water does',
    },
    true,
  );
  return Math.max(0.15, 1 - slope.q.value * salt);
}

/** Partition coefficient of the neutral form; octanol stands for the solvent at hand. */
function partitionOf(work: Worktop, { id, name, substance, M }: Kind): number {
  const logP = substance?.logP;
  if (logP) {
    const shift = work.assume(
      {
        key: 'solventForOctanol',
        label: 'log P of the solvent at hand against that of octanol',
        dim: 'number',
        unit: '',
        low: -0.4,
        typical: 0,
        high: 0.4,
        why: 'partition coefficients are known for octanol; ethers and esters come near it',
      },
      true,
    );
    return 10 ** (Number(logP.digits) + shift.q.value);
  }
  const guess = work.assume(
    {
      key: `logP/${id}`,
      label: `log P of ${name}`,
      dim: 'number',
      unit: '',
      ...guessedLogP(M, substance?.waterSolubility?.digits === 'miscible'),
      aside: id !== work.stage?.substance,
      why: 'no value is given; taken from its size and whether it mixes with water',
    },
    true,
  );
  return 10 ** guess.q.value;
}

function guessedLogP(M: number | undefined, miscible: boolean) {
  if (miscible) return { low: -1.2, typical: -0.5, high: 0.2 };
  return (M ?? 100) < 90 ? { low: 0, typical: 0.7, high: 1.3 } : { low: 1.3, typical: 2, high: 3 };
}

function ratioAt(kind: Kind, P: number, pH: number): number {
  const system = acidBaseOf(kind);
  return system ? ratioOf(system, P, pH) : P;
}

function ratioOf({ pKas, charge }: AcidBase, P: number, pH: number): number {
  const [pKa] = pKas;
  return pKa === undefined ? P : distributionRatio({ P, kind: charge > 0 ? 'base' : 'acid', pKa }, pH);
}

/** What one substance brings into the balance of charges. */
interface Ion extends AcidBase {
  readonly moles: number;
  /** Of the neutral form, where it goes into the other layer at all. */
  readonly P: number;
}

function ionOf(kind: Kind, grams: number, P = 0): readonly Ion[] {
  const system = acidBaseOf(kind);
  return system && kind.M !== undefined ? [{ ...system, moles: grams / kind.M, P }] : [];
}

interface Balance {
  readonly ions: readonly Ion[];
  readonly organicVolume: number;
  readonly aqueousVolume: number;
}

/** Charge of the water layer against pH, mol; what sits in the organic layer carries none. */
function chargeOf({ ions, organicVolume, aqueousVolume }: Balance): (pH: number) => number {
  const litres = aqueousVolume / 1000;
  const fixed = ions.reduce((sum, { moles, spectators }) => sum + moles * spectators, 0);
  const changing = ions.filter(({ pKas }) => pKas.length > 0);
  return (pH) => {
    let sum = fixed + (10 ** -pH - 10 ** (pH - pKw)) * litres;
    for (const ion of changing) {
      const D = ion.P > 0 ? ratioOf(ion, ion.P, pH) : 0;
      const dissolved = ion.gas
        ? Math.min(ion.moles, stays(pH) * litres)
        : (ion.moles * aqueousVolume) / (aqueousVolume + D * organicVolume);
      sum += dissolved * (ion.charge - protonsGiven(ion.pKas, pH));
    }
    return sum;
  };
}

/** pH at which the charges of the water layer balance. */
function balancePH(balance: Balance): number {
  const charge = chargeOf(balance);
  const scale = (balance.aqueousVolume / 1000) * neutral;
  // On this scale the excess of a strong acid or base is a straight line in pH: the root is found in a few steps.
  const bent = (pH: number) => Math.asinh(charge(pH) / scale);
  // Beyond what paper or electrode can tell, the end of the scale is said.
  if (bent(least_pH) <= 0) return least_pH;
  if (bent(most_pH) >= 0) return most_pH;
  return findRoot(bent, least_pH, most_pH, 1e-6);
}

/** Total carbonate that water at a pH holds under carbon dioxide of 1 atm, mol/L. */
const stays = (pH: number) =>
  carbonDioxideInWater / (1 / (1 + 10 ** (pH - carbonic[0]) + 10 ** (2 * pH - carbonic[0] - carbonic[1])));

/**
 * Carbonate that does not stay leaves as carbon dioxide: of sodium bicarbonate that is CO₂, and the hydroxide it leaves stays in
 * the account as what it neutralizes with.
 */
function releaseGas(
  { work, aqueousVolume }: { readonly work: Worktop; readonly aqueousVolume: number },
  aqueous: Record<string, number>,
  pH: number,
): Matter {
  const { kind } = work.world;
  let gas = 0;
  for (const id of Object.keys(aqueous)) {
    const one = kind(id);
    const system = acidBaseOf(one);
    if (!system?.gas || one.M === undefined) continue;
    const moles = (aqueous[id] ?? 0) / one.M;
    const leaving = Math.max(0, moles - (stays(pH) * aqueousVolume) / 1000);
    if (leaving === 0) continue;
    aqueous[id] = (aqueous[id] ?? 0) - leaving * one.M;
    gas += leaving * implied.carbonDioxide.M;
    const left = leaving * (one.M - implied.carbonDioxide.M);
    aqueous[implied.hydroxide.id] = (aqueous[implied.hydroxide.id] ?? 0) + left;
  }
  return gas > 0 ? { [implied.carbonDioxide.id]: gas } : {};
}

/** Densities of both layers, g/mL: which is on top. */
export function layerDensities(work: Worktop, { organic, aqueous }: Pick<Layers, 'organic' | 'aqueous'>) {
  const { kind } = work.world;
  const density = (matter: Matter) => gramsOf(matter) / (millilitres(kind, matter) || 1);
  return { organic: density(organic), aqueous: density(aqueous) };
}
