/** Kinds of quantity the product works with. The canonical unit of each is in {@link canonicalUnit}. */
export type Dim =
  | 'mass'
  | 'volume'
  | 'amount'
  | 'temperature'
  | 'time'
  | 'density'
  | 'concentration'
  | 'molarMass'
  | 'volumePerMass'
  | 'fraction'
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

/** Unit in which `Quantity.value` is held, by kind of quantity. */
export const canonicalUnit: Readonly<Record<Dim, string>> = {
  mass: 'g',
  volume: 'mL',
  amount: 'mol',
  temperature: '°C',
  time: 's',
  density: 'g/mL',
  concentration: 'mol/L',
  molarMass: 'g/mol',
  volumePerMass: 'mL/g',
  fraction: '',
  number: '',
};
