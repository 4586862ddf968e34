import { anhydrousAtoms } from '../compound/atomsOf';
import { acidBaseOf, neutralSystem } from './acidBase';
import { balancePH, waterCharge, inWaterAt, organicShare, carbonateHeld } from './chargeBalance';
import { dimerConstant, likesWater, liquidInWater, partitionOf, solventClassOf } from './partition';
import { gramsOf, plus, times } from './matter/matter';
import { implied } from './kinds';
import { withoutGas } from './madeKinds';
import { millilitres } from './volumes';
import type { Balance, Solute } from './chargeBalance';
import type { IonSystem } from '../models/acidBase/ionsOf';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { SolventClass } from '../models/partition/solventPartition';
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

/**
 * Shakes everything together: what a solvent and water take of each other, neutral and ionized forms by pH (charge balance over
 * all acids, bases and salts, distribution between the layers included), carbon dioxide out of the open funnel. No emulsions, no
 * ion pairs in the solvent.
 */
export function shakeTogether(work: Worktop, matter: Matter): Layers {
  const { inWater, inSolvent, rest, balance } = settle(work, matter);
  const { aqueousVolume } = balance;
  const pH = balancePH(balance);
  const organic: Record<string, number> = { ...inSolvent };
  const aqueous: Record<string, number> = { ...inWater };
  for (const solute of rest) {
    const { id, grams } = solute;
    const inOrganic = grams * organicShare(solute, balance, pH);
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
  return waterCharge(settle(work, matter).balance)(pH);
}

/** pH of the water in some matter, and its volume, mL. */
export function waterOf(work: Worktop, matter: Matter): { readonly pH: number; readonly mL: number } {
  const { balance } = settle(work, matter);
  return { pH: balancePH(balance), mL: balance.aqueousVolume };
}

/**
 * What is in solution of acids and bases of whose neutral form water holds only so much, g, at the pH that comes of it.
 *
 * @param most_g of each: what all the water holds of its neutral form
 */
export function dissolvedInWater(
  work: Worktop,
  matter: Matter,
  most_g: Readonly<Record<string, number>>,
): Readonly<Record<string, number>> {
  const { rest, balance } = settle(work, matter, most_g);
  const pH = balancePH(balance);
  return Object.fromEntries(
    rest.flatMap((solute): readonly (readonly [string, number])[] => {
      const { id, grams, moles } = solute;
      if (most_g[id] === undefined || !(moles > 0)) return [];
      // The other layer holds its part of what the water does.
      const dissolved = inWaterAt(solute, balance, pH) / (1 - organicShare(solute, balance, pH));
      return [[id, (dissolved * grams) / moles]];
    }),
  );
}

/** Carbonate in a vessel that acid has reached: its gas leaves, and the layers stay as they are. Gives the gas, g, and the rest. */
export function fizz(work: Worktop, liquid: Matter): { readonly gas: Matter; readonly liquid: Matter } {
  // Without water, or an acid that is liquid, a carbonate and an acid lie beside each other.
  if (!holdsCarbonate(work, liquid) || isDry(work, liquid)) return { gas: {}, liquid };
  const { balance } = settle(work, liquid);
  const rest: Record<string, number> = { ...liquid };
  const gas = releaseGas({ work, aqueousVolume: balance.aqueousVolume }, rest, balancePH(balance));
  return { gas, liquid: rest };
}

// So many portions are as good as a stream: with more, the gas changes by less than a tenth.
const portions = 8;

/** What is left of two things that meet, and the gas that left. */
interface Met {
  readonly gas: Matter;
  readonly left: Matter;
}

/**
 * Lets something come to what is there. Carbonate comes in portions: each meets all the acid that the ones before have left, and the gas
 * of it is gone however much carbonate follows.
 */
function comeTo<M extends Met>(work: Worktop, there: Matter, comes: Matter, meet: (matter: Matter) => M): M {
  if (!holdsCarbonate(work, comes)) return meet(plus(there, comes));
  const part = times(comes, 1 / portions);
  let now = meet(plus(there, part));
  for (let i = 1; i < portions; i += 1) {
    const next = meet(plus(now.left, part));
    now = { ...next, gas: plus(now.gas, next.gas) };
  }
  return now;
}

/** {@link fizz}, where something comes to the liquid that is there. */
export function fizzAs(work: Worktop, there: Matter, comes: Matter): { readonly gas: Matter; readonly liquid: Matter } {
  const { gas, left } = comeTo(work, there, comes, (matter) => {
    const met = fizz(work, matter);
    return { gas: met.gas, left: met.liquid };
  });
  return { gas, liquid: left };
}

/** {@link shakeTogether}, where something comes to what is there. */
export const shakeAs = (work: Worktop, there: Matter, comes: Matter): Layers =>
  comeTo(work, there, comes, (matter) => {
    const layers = shakeTogether(work, matter);
    return { ...layers, left: plus(layers.organic, layers.aqueous) };
  });

const isDry = ({ world: { kind } }: Worktop, matter: Matter): boolean =>
  !Object.keys(matter).some((id) => {
    const one = kind(id);
    return (matter[id] ?? 0) > 0 && (one.water || (!one.solid && acidBaseOf(one) !== undefined));
  });

const holdsCarbonate = ({ world: { kind } }: Worktop, matter: Matter): boolean =>
  Object.keys(matter).some((id) => (matter[id] ?? 0) > 0 && acidBaseOf(kind(id))?.systems.some(({ gas }) => gas));

/** What a solvent and water take of each other, and what is left to be distributed between them. */
function settle(work: Worktop, matter: Matter, most_g: Readonly<Record<string, number>> = {}) {
  const { kind } = work.world;
  const ids = Object.keys(matter).filter((id) => (matter[id] ?? 0) > 0);
  const solvents = solventsOf(work, matter, ids);
  // A liquid like bromine is inorganic, and a layer of its own all the same.
  const waters = ids.filter((id) => !solvents.includes(id) && (kind(id).water || kind(id).inorganic));
  const { inWater, inSolvent } = mutual(work, matter, solvents, waters);
  const main = [...solvents].sort((a, b) => (matter[b] ?? 0) - (matter[a] ?? 0))[0];
  const solvent = main === undefined ? undefined : solventClassOf(kind(main));
  const aqueousVolume = millilitres(kind, inWater) || 1e-9;
  const rest = ids
    .filter((id) => !solvents.includes(id) && !waters.includes(id))
    .map((id): Solute => {
      const solute = soluteOf(work, kind(id), matter[id] ?? 0, solvent);
      const [most, M] = [most_g[id], kind(id).M];
      return most === undefined || M === undefined
        ? solute
        : { ...solute, most_molL: most / M / (aqueousVolume / 1000) };
    });
  const parts = ids.map((id) => ({
    id,
    ions: acidBaseOf(kind(id)),
    moles: (matter[id] ?? 0) / (kind(id).M ?? Infinity),
  }));
  const balance: Balance = {
    solutes: rest,
    fixed: parts.reduce((sum, { ions, moles }) => sum + moles * (ions?.spectators ?? 0), 0),
    // What is distributed is counted with its share in the water; what is not, whole.
    ions: parts.flatMap(({ id, ions, moles }) => {
      const own = rest.some((one) => one.id === id && one.system !== undefined) ? neutralSystem(kind(id)) : undefined;
      return (ions?.systems ?? [])
        .filter((one) => one !== own)
        .map((one) => ({ ...resolved(work, kind(id), one), moles: moles * one.count }));
    }),
    organicVolume: millilitres(kind, inSolvent) || 1e-9,
    aqueousVolume,
  };
  return { inWater, inSolvent, rest, balance };
}

function soluteOf(work: Worktop, kind: Kind, grams: number, solvent: SolventClass | undefined): Solute {
  const { systems = [] } = acidBaseOf(kind) ?? {};
  const first = neutralSystem(kind);
  const base = { id: kind.id, grams, moles: kind.M === undefined ? 0 : grams / kind.M };
  // Ions alone: nothing of it is neutral at any pH.
  if (!first && (systems.length > 0 || kind.salt)) return { ...base, P: 0, dimer: 0 };
  if (solvent === undefined)
    return { ...base, P: 0, dimer: 0, ...(first ? { system: resolved(work, kind, first) } : {}) };
  const P = partitionOf(work, kind, solvent);
  const dimer = dimerConstant(work, kind, solvent);
  return { ...base, P, dimer, ...(first ? { system: resolved(work, kind, first) } : {}) };
}

/** A system whose first constant is a guess, with the guess named and in the scenario's value. */
function resolved(work: Worktop, { id, name }: Kind, system: IonSystem): IonSystem {
  const { guess, pKas } = system;
  const [typical, ...others] = pKas;
  if (!guess || typical === undefined) return system;
  const value = work.assume(
    {
      key: `pKa/${id}`,
      label: `pKa of ${name}`,
      dim: 'number',
      unit: '',
      low: guess.low,
      typical,
      high: guess.high,
      aside: id !== work.stage?.substance,
      why: `no value is given; usual for ${guess.group}`,
    },
    true,
  ).q.value;
  return { ...system, pKas: [value, ...others] };
}

/**
 * Liquids that make the other layer. What is extracted or changes with the pH is distributed instead, while there is a solvent: a neutral
 * product that outweighs all that could carry it is the layer itself, and what is left of a reactant is dissolved in it.
 */
function solventsOf({ world: { kind }, stage }: Worktop, matter: Matter, ids: readonly string[]): readonly string[] {
  const able = ids.filter((id) => isLayerFormer(kind(id)));
  const neutralOnes = able.filter((id) => acidBaseOf(kind(id)) === undefined);
  const carriers = neutralOnes.filter((id) => id !== stage?.substance);
  const carried = stage !== undefined && neutralOnes.includes(stage.substance) ? (matter[stage.substance] ?? 0) : 0;
  if (carried > carriers.reduce((sum, id) => sum + (matter[id] ?? 0), 0)) return neutralOnes;
  return carriers.length > 0 ? carriers : able;
}

/** A liquid that hardly mixes with water, or at least makes a layer of its own. */
function isLayerFormer(kind: Kind): boolean {
  const { solid, water, salt, substance } = kind;
  if (solid || water || salt || substance === undefined || !isOrganicLiquid(kind)) return false;
  const { waterSolubility } = substance;
  if (waterSolubility) return waterSolubility.digits !== 'miscible' && Number(waterSolubility.digits) < 15;
  // Nothing known of it: an alcohol or an acid of few carbons would have a value; hydrocarbons often have none.
  return !likesWater(kind);
}

/** What is known to be a liquid: by its density, else by its form or its boiling point. A juice or a material without a formula is none. */
function isOrganicLiquid({ density, substance }: Kind): boolean {
  if (density !== undefined) return true;
  const carbons = anhydrousAtoms(substance?.formula)['C'] ?? 0;
  return carbons > 0 && (substance?.form === 'liquid' || substance?.boiling !== undefined);
}

/** What solvents and water take up of each other, g. */
function mutual(work: Worktop, matter: Matter, solvents: readonly string[], waters: readonly string[]) {
  const { kind } = work.world;
  const inSolvent: Record<string, number> = {};
  const inWater: Record<string, number> = {};
  const water = waters.filter((id) => kind(id).water);
  const waterGrams = water.reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  const salt = [...waters.filter((id) => !kind(id).water), ...Object.keys(matter).filter((id) => kind(id).salt)].reduce(
    (sum, id) => sum + (matter[id] ?? 0),
    0,
  );
  const saltedOut = salt > 0 ? saltingOut(work, salt / (salt + waterGrams)) : 1;
  const total = solvents.reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  let taken = 0;
  for (const id of solvents) {
    const grams = matter[id] ?? 0;
    const listed = kind(id).substance?.waterSolubility?.digits;
    const solubility = listed === undefined ? (waterGrams > 0 ? liquidInWater(work, kind(id)) : 0) : Number(listed);
    const limit = (solubility / 100) * waterGrams * saltedOut;
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

/**
 * Carbonate that does not stay leaves as carbon dioxide; its cations stay in the account, as what they neutralize with.
 */
function releaseGas(
  { work, aqueousVolume }: { readonly work: Worktop; readonly aqueousVolume: number },
  aqueous: Record<string, number>,
  pH: number,
): Matter {
  const { kind } = work.world;
  const carbonates = Object.keys(aqueous).flatMap((id) => {
    const { M } = kind(id);
    const count = acidBaseOf(kind(id))?.systems.find((one) => one.gas)?.count ?? 0;
    return count > 0 && M !== undefined ? [{ id, M, count, moles: (aqueous[id] ?? 0) / M }] : [];
  });
  const total = carbonates.reduce((sum, { moles, count }) => sum + moles * count, 0);
  const leaving = total - (carbonateHeld(pH) * aqueousVolume) / 1000;
  if (!(leaving > 0)) return {};
  let gas = 0;
  for (const { id, M, count, moles } of carbonates) {
    // Each gives by its share of all there is.
    const gone = (moles * leaving) / total;
    const freed = gone * count * implied.carbonDioxide.M;
    aqueous[id] = (aqueous[id] ?? 0) - gone * M;
    aqueous[withoutGas(id)] = (aqueous[withoutGas(id)] ?? 0) + gone * M - freed;
    gas += freed;
  }
  return { [implied.carbonDioxide.id]: gas };
}

/** Densities of both layers, g/mL: which is on top. */
export function layerDensities(work: Worktop, { organic, aqueous }: Pick<Layers, 'organic' | 'aqueous'>) {
  const { kind } = work.world;
  const density = (matter: Matter) => gramsOf(matter) / (millilitres(kind, matter) || 1);
  return { organic: density(organic), aqueous: density(aqueous) };
}
