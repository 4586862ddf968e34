/**
 * Kinds of quantity the product works with. Values are held in one canonical unit each: g, mL, mol, °C, s, K, K/min, kPa,
 * g/mL, mol/L, g/mol, L/mol, mL/g, cm; fractions and numbers are plain.
 */
export type Dim =
  | 'mass'
  | 'volume'
  | 'amount'
  | 'temperature'
  | 'temperatureDifference'
  | 'heatingRate'
  | 'time'
  | 'pressure'
  | 'density'
  | 'concentration'
  | 'molarMass'
  | 'molarVolume'
  | 'volumePerMass'
  | 'fraction'
  | 'length'
  | 'number';

/** A number with its kind; `value` is always in the canonical unit of `dim`. */
export interface Quantity<D extends Dim = Dim> {
  readonly dim: D;
  readonly value: number;
}

/** A quantity as somebody keyed it: `digits` keeps "0.650" apart from "0.65". */
export interface Typed<D extends Dim = Dim> {
  readonly q: Quantity<D>;
  readonly digits: string;
  readonly unit: string;
}
