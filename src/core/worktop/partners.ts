import { anhydrousAtoms } from '../compound/atomsOf';
import { hasGroup } from '../reference/groups';
import { hydridicOf } from '../compound/hydridic';
import { hydrolysisOf, isSulfonyl } from './madeKinds';
import type { Hydridic } from '../compound/hydridic';
import type { Kind } from './kinds';

/** What takes something apart that nobody wrote an equation for. */
export type Partner = 'water' | 'alcohol' | 'acid';

/** A half-life at a temperature, as it is usual; by how much ten kelvin more shorten it. */
export interface Usual {
  readonly minutes: number;
  readonly low: number;
  readonly high: number;
  readonly at_C: number;
  readonly perTenKelvin: number;
  readonly why: string;
}

/** How a partner takes something apart: at once, or in its time. */
export type Speed = 'atOnce' | 'byPH' | Usual;

type Ways = Readonly<Partial<Record<Partner, Speed>>>;

const slow = (minutes: number, low: number, high: number, why: string, at_C = 20, perTenKelvin = 2): Usual => ({
  minutes,
  low,
  high,
  at_C,
  perTenKelvin,
  why,
});

const ofHydridic: Readonly<Record<Hydridic, Ways>> = {
  alkaliMetal: { acid: 'atOnce', water: 'atOnce', alcohol: 'atOnce' },
  salineHydride: { acid: 'atOnce', water: 'atOnce', alcohol: 'atOnce' },
  aluminiumHydride: { acid: 'atOnce', water: 'atOnce', alcohol: 'atOnce' },
  borohydride: {
    acid: 'atOnce',
    water: 'byPH',
    alcohol: slow(60, 20, 600, 'methanol takes borohydride apart within the hour, other alcohols more slowly'),
  },
  baseMetal: { acid: slow(5, 1, 20, 'dust and turnings in dilute acid are gone within the hour') },
};

const ready: Ways = { water: 'atOnce', alcohol: 'atOnce' };
const acylChloride: Ways = {
  water: slow(60, 15, 240, 'aromatic and long acid chlorides hydrolyse slowly beneath cold water'),
  alcohol: slow(20, 5, 120, 'aromatic and long acid chlorides take alcohols slowly without a base'),
};
const sulfonylChloride: Ways = { water: slow(300, 100, 1500, 'sulfonyl chlorides hydrolyse in hours', 20, 2.5) };
// k = 2.6·10⁻³ s⁻¹ in much water at 25 °C (a common kinetics experiment).
const anhydride: Ways = { water: slow(4.4, 3, 10, 'hydrolysis of acetic anhydride in much water at 25 °C', 25) };
const solidAnhydride: Ways = { water: slow(60, 20, 240, 'a solid anhydride dissolves slowly in cold water', 20, 2.5) };
/** As many carbons as an acid chloride can have that mixes with water at once. */
const mostCarbons = 4;

const ways = new WeakMap<Kind, { readonly found: Ways | undefined }>();

/** How water, alcohol and acid take something apart; nothing for what they leave. */
export function waysOf(kind: Kind): Ways | undefined {
  let known = ways.get(kind);
  if (!known) ways.set(kind, (known = { found: findWays(kind) }));
  return known.found;
}

function findWays(kind: Kind): Ways | undefined {
  const { groups, substance, solid, invented } = kind;
  if (invented || substance?.formula === undefined) return undefined;
  const hydridic = hydridicOf(substance.formula);
  if (hydridic) return ofHydridic[hydridic];
  if (!hydrolysisOf(kind)) return undefined;
  if (hasGroup(groups, 'anhydride')) return solid ? solidAnhydride : anhydride;
  if (isSulfonyl(substance.smiles)) return sulfonylChloride;
  if (!hasGroup(groups, 'acidHalide')) return ready;
  return (anhydrousAtoms(substance.formula)['C'] ?? 0) <= mostCarbons ? ready : acylChloride;
}

/** Enthalpies of formation tell them, 25 °C, into much water: Na, NaH for each hydrogen, LiAlH₄, NaBH₄ with acid; kJ/mol. */
const ofHydrides: Readonly<Record<Exclude<Hydridic, 'baseMetal'>, number>> = {
  alkaliMetal: 184,
  salineHydride: 128,
  aluminiumHydride: 526,
  borohydride: 263,
};
/** Metals in acid: the enthalpy of formation of the aqueous ion, kJ/mol. */
const ofMetals: Readonly<Record<string, number>> = { Mg: 467, Zn: 153, Fe: 89, Al: 531, Sn: 9 };
/** Hydrolysis of acetyl chloride and of acetic anhydride, kJ/mol; others of their kind are taken to give as much. */
const ofHalide = 92;
const ofAnhydride = 59;

/** Heat that a mole of it gives when water, alcohol or acid takes it apart, kJ. */
export function consumedHeat(kind: Kind): number {
  const formula = kind.substance?.formula;
  const hydridic = hydridicOf(formula);
  if (hydridic === 'baseMetal') return ofMetals[Object.keys(anhydrousAtoms(formula))[0] ?? ''] ?? 0;
  if (hydridic === 'salineHydride') return ofHydrides.salineHydride * (anhydrousAtoms(formula)['H'] ?? 1);
  if (hydridic) return ofHydrides[hydridic];
  const { halides = 0 } = hydrolysisOf(kind) ?? {};
  return halides > 0 ? ofHalide * halides : ofAnhydride;
}
