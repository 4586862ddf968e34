import type { DryingAgentId } from './dryingAgents';
import type { GroupCounts } from './groups';
import type { PropertyId } from './properties';
import type { WasteStream } from './wasteStreams';

export const forms = ['solid', 'liquid', 'gas'] as const;
export type Form = (typeof forms)[number];

/** A tabulated value with where it is from. The unit is the property's. */
export interface TabulatedValue {
  /** A decimal numeral, or "miscible". */
  readonly digits: string;
  /** Upper end of a range. */
  readonly high?: string;
  /** Temperature of the value, °C. */
  readonly at_C?: number;
  readonly note?: string;
  /** Standard uncertainty in the unit of the value, where a model uses it. */
  readonly u?: string;
  readonly source: string;
}

/** `log10(p / torr) = A − B/(T/°C + C)`, within its range only. */
export interface Antoine {
  readonly A: string;
  readonly B: string;
  readonly C: string;
  readonly low_C: number;
  readonly high_C: number;
  readonly source: string;
}

export const signalWords = ['danger', 'warning', 'none'] as const;
export type SignalWord = (typeof signalWords)[number];

/** Label elements by the Globally Harmonized System, as a supplier's sheet lists them. */
export interface HazardLabel {
  readonly signal: SignalWord;
  /** 01 to 09, without the GHS. */
  readonly pictograms: readonly string[];
  /** H and EUH statements; joined ones with +. */
  readonly statements: readonly string[];
  readonly source: string;
}

/** Solubility in a solvent over temperature, only where the solid is the saturating phase. */
export interface SolubilityCurve {
  /** Id of the solvent's entry. */
  readonly solvent: string;
  /** g per 100 mL of solvent. */
  readonly points: readonly (TabulatedValue & { readonly at_C: number })[];
}

/** A substance of the reference library. Unknown stays absent. */
export interface ReferenceSubstance {
  readonly id: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  /** Hydrate water included; absent for undefined matter. */
  readonly formula?: string;
  readonly smiles?: string;
  /** Found in the structure; computed, never typed. */
  readonly groups: GroupCounts;
  /** At 20 °C. */
  readonly form?: Form;
  readonly values: Readonly<Partial<Record<PropertyId, TabulatedValue>>>;
  /** One for each step, ascending; of the conjugate acid for a base. */
  readonly pKa?: readonly TabulatedValue[];
  readonly antoine?: Antoine;
  readonly hazards?: HazardLabel;
  readonly waste?: WasteStream;
  /** Follows from the groups unless something else is known. */
  readonly notDriedWith: readonly DryingAgentId[];
  readonly peroxideFormer?: boolean;
  readonly waterReactive?: boolean;
  readonly curves?: readonly SolubilityCurve[];
  /** Usual cautions, in one line. */
  readonly caution?: string;
}

/** Which field of an entry is meant: a property, or one of the others that carry a source. */
export type FieldId =
  PropertyId | 'formula' | 'form' | 'pKa' | 'antoine' | 'hazards' | 'waste' | 'drying' | 'curves' | SolutionField;
export type SolutionField = 'massPercent' | 'solutionDensity' | 'molarity';
