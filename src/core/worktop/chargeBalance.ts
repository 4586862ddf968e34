import { findRoot } from '../models/findRoot';
import { neutralFraction } from './acidBase';
import { protonsGiven } from '../models/acidBase/speciation';
import type { IonSystem } from '../models/acidBase/ionsOf';

const pKw = 14;
const neutral = 1e-7;
const least_pH = -1.5;
const most_pH = 15.5;
/** Carbon dioxide in water at 1 atm and 20 °C, mol/L (Henry's law; handbook value near 0.039 at 20 and 0.034 at 25 °C). */
const carbonDioxideInWater = 0.036;
const carbonic = [6.35, 10.33] as const;

/** What is distributed between the layers. */
export interface Solute {
  readonly id: string;
  readonly grams: number;
  readonly moles: number;
  /** Of the neutral form. */
  readonly P: number;
  /** The equilibrium that its neutral form takes part in; a neutral substance has none. */
  readonly system?: IonSystem;
  /** By which it pairs in the solvent, L/mol. */
  readonly dimer: number;
  /** What water holds of its neutral form, mol/L. @default all of it */
  readonly most_molL?: number;
}

export interface Volumes {
  readonly organicVolume: number;
  readonly aqueousVolume: number;
}

export interface Balance extends Volumes {
  /** Charge of what stays an ion, mol. */
  readonly fixed: number;
  /** What stays in the water altogether. */
  readonly ions: readonly (IonSystem & { readonly moles: number })[];
  readonly solutes: readonly Solute[];
}

/** Share of a solute that sits in the solvent at a pH, dimers of it there included. */
export function organicShare(
  { P, system, dimer, moles }: Solute,
  { organicVolume, aqueousVolume }: Volumes,
  pH: number,
): number {
  const D = system ? P * neutralFraction(system, pH) : P;
  const single = (D * organicVolume) / (D * organicVolume + aqueousVolume);
  if (!(dimer > 0) || !(moles > 0) || !(D > 0)) return single;
  // n = a·V_w + D·a·V_o + 2·K·(D·a)²·V_o, a the total in the water, mol/L.
  const [Vw, Vo] = [aqueousVolume / 1000, organicVolume / 1000];
  const [A, B] = [2 * dimer * D * D * Vo, Vw + D * Vo];
  const a = (2 * moles) / (B + Math.sqrt(B * B + 4 * A * moles));
  return Math.min(1, Math.max(0, 1 - (a * Vw) / moles));
}

/**
 * What the water holds of a solute at a pH, mol: the rest is in the other layer, or lies on the ground as soon as its neutral form is
 * saturated, `s/f` with the share f of that form (Krebs and Speakman 1945, for acids and bases alike).
 */
export function inWaterAt(solute: Solute, balance: Volumes, pH: number): number {
  const { system, moles, most_molL = Infinity } = solute;
  const offered = moles * (1 - organicShare(solute, balance, pH));
  if (most_molL === Infinity) return offered;
  const neutralShare = system ? neutralFraction(system, pH) : 1;
  return Math.min(offered, ((most_molL / neutralShare) * balance.aqueousVolume) / 1000);
}

/** Charge of the water layer against pH, mol; what sits in the organic layer carries none. */
export function waterCharge(balance: Balance): (pH: number) => number {
  const litres = balance.aqueousVolume / 1000;
  const solutes = balance.solutes.filter(({ system }) => system !== undefined);
  const held = balance.ions.filter(({ gas }) => !gas);
  const carbonate = balance.ions.reduce((all, { gas, moles }) => (gas ? all + moles : all), 0);
  return (pH) => {
    let sum = balance.fixed + (10 ** -pH - 10 ** (pH - pKw)) * litres;
    for (const { moles, pKas, charge } of held) sum += moles * (charge - protonsGiven(pKas, pH));
    if (carbonate > 0) sum -= Math.min(carbonate, carbonateHeld(pH) * litres) * protonsGiven(carbonic, pH);
    for (const solute of solutes) {
      const { system } = solute;
      if (!system) continue;
      sum += inWaterAt(solute, balance, pH) * system.count * (system.charge - protonsGiven(system.pKas, pH));
    }
    return sum;
  };
}

/** pH at which the charges of the water layer balance. */
export function balancePH(balance: Balance): number {
  const charge = waterCharge(balance);
  const scale = (balance.aqueousVolume / 1000) * neutral;
  // On this scale the excess of a strong acid or base is a straight line in pH: the root is found in a few steps.
  const bent = (pH: number) => Math.asinh(charge(pH) / scale);
  // Beyond what paper or electrode can tell, the end of the scale is said.
  const ends = [bent(least_pH), bent(most_pH)] as const;
  if (ends[0] <= 0) return least_pH;
  if (ends[1] >= 0) return most_pH;
  return findRoot(bent, least_pH, most_pH, 1e-6, ends);
}

/** Total carbonate that water at a pH holds under carbon dioxide of 1 atm, mol/L. */
export const carbonateHeld = (pH: number) =>
  carbonDioxideInWater / (1 / (1 + 10 ** (pH - carbonic[0]) + 10 ** (2 * pH - carbonic[0] - carbonic[1])));
