import { Decimal } from 'decimal.js';
import type { Dim } from './dims';

/** One unit: its printed symbol, its kind, and its size in the canonical unit as an exact decimal. */
export interface Unit {
  readonly symbol: string;
  readonly dim: Dim;
  readonly factor: string;
}

const table: readonly (Unit & { readonly also?: readonly string[] })[] = [
  { symbol: 'g', dim: 'mass', factor: '1', also: ['gram', 'grams', 'gr'] },
  { symbol: 'mg', dim: 'mass', factor: '0.001' },
  { symbol: 'µg', dim: 'mass', factor: '0.000001', also: ['ug', 'μg', 'mcg'] },
  { symbol: 'kg', dim: 'mass', factor: '1000' },
  { symbol: 'mL', dim: 'volume', factor: '1', also: ['ml', 'cm3', 'cm³', 'cc'] },
  { symbol: 'µL', dim: 'volume', factor: '0.001', also: ['ul', 'uL', 'μL', 'µl'] },
  { symbol: 'L', dim: 'volume', factor: '1000', also: ['l'] },
  { symbol: 'mol', dim: 'amount', factor: '1' },
  { symbol: 'mmol', dim: 'amount', factor: '0.001' },
  { symbol: 'µmol', dim: 'amount', factor: '0.000001', also: ['umol', 'μmol'] },
  { symbol: '°C', dim: 'temperature', factor: '1', also: ['C', 'degC'] },
  { symbol: 'K', dim: 'temperatureDifference', factor: '1' },
  { symbol: 'K/min', dim: 'heatingRate', factor: '1' },
  { symbol: 's', dim: 'time', factor: '1', also: ['sec'] },
  { symbol: 'min', dim: 'time', factor: '60' },
  { symbol: 'h', dim: 'time', factor: '3600' },
  { symbol: 'kPa', dim: 'pressure', factor: '1' },
  { symbol: 'hPa', dim: 'pressure', factor: '0.1' },
  { symbol: 'mbar', dim: 'pressure', factor: '0.1' },
  // 101.325 kPa / 760, to twelve digits.
  { symbol: 'torr', dim: 'pressure', factor: '0.133322368421', also: ['Torr', 'mmHg'] },
  { symbol: 'g/mL', dim: 'density', factor: '1', also: ['g/ml', 'g/cm3', 'g/cm³', 'kg/L'] },
  { symbol: 'g/100 mL', dim: 'density', factor: '0.01' },
  { symbol: 'mol/L', dim: 'concentration', factor: '1', also: ['M', 'mol/l'] },
  { symbol: 'mmol/L', dim: 'concentration', factor: '0.001', also: ['mM'] },
  { symbol: 'g/mol', dim: 'molarMass', factor: '1' },
  { symbol: 'L/mol', dim: 'molarVolume', factor: '1', also: ['l/mol'] },
  { symbol: 'mL/g', dim: 'volumePerMass', factor: '1', also: ['ml/g'] },
  { symbol: 'cm', dim: 'length', factor: '1' },
  { symbol: 'mm', dim: 'length', factor: '0.1' },
  { symbol: '%', dim: 'fraction', factor: '0.01', also: ['percent'] },
  { symbol: 'mol %', dim: 'fraction', factor: '0.01', also: ['mol%', 'mol-%'] },
  { symbol: 'equiv', dim: 'number', factor: '1', also: ['eq', 'eq.', 'equiv.'] },
  { symbol: '×', dim: 'number', factor: '1', also: ['x'] },
];

const bySymbol = new Map<string, Unit>();
for (const { also, ...unit } of table) {
  for (const name of [unit.symbol, ...(also ?? [])]) bySymbol.set(name, unit);
}

/**
 * Looks a unit up by its symbol or a common way of writing it. Case matters (mM is not MM).
 *
 * @returns the unit, or `undefined` when the text names none
 * @example findUnit('ml')?.symbol // → 'mL'
 */
export function findUnit(symbol: string): Unit | undefined {
  return bySymbol.get(symbol.trim());
}

/**
 * Value in the canonical unit of a number given in `unit`, converted in decimal arithmetic.
 *
 * @param digits a decimal numeral
 * @throws RangeError when the unit is unknown
 * @example toCanonical('250', 'mg') // → 0.25
 */
export function toCanonical(digits: string, unit: string): number {
  return new Decimal(digits).times(factorOf(unit)).toNumber();
}

/**
 * Number in `unit` of a canonical value.
 *
 * @throws RangeError when the unit is unknown
 * @example fromCanonical(0.0219, 'mmol') // → 21.9
 */
export function fromCanonical(value: number, unit: string): number {
  if (!Number.isFinite(value)) return value;
  return new Decimal(value).div(factorOf(unit)).toNumber();
}

/**
 * Symbols of the units in which a quantity of this kind can be typed.
 *
 * @example unitsOf('mass').includes('g') // → true
 */
export function unitsOf(dim: Dim): readonly string[] {
  return table.filter((unit) => unit.dim === dim).map((unit) => unit.symbol);
}

function factorOf(unit: string): string {
  if (unit === '') return '1';
  const found = findUnit(unit);
  if (!found) throw new RangeError(`unknown unit "${unit}"`);
  return found.factor;
}
