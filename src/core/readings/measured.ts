import { Decimal } from 'decimal.js';
import { deviceUncertainty } from '../quantity/device';
import { figuresOf, roundDecimals } from '../quantity/decimals';
import { findUnit, toCanonical } from '../quantity/units';
import { fromWorked } from '../quantity/worked';
import type { Device } from '../quantity/device';
import type { Live } from '../record/foldRecord';
import type { Reading, Slot } from '../record/entry';
import type { Measured } from '../stoichiometry/lineAmounts';
import type { Worked } from '../quantity/worked';

/** The readings of one line that count: live, at most one at each place. */
export type LineReadings = Readonly<Partial<Record<Slot, Live<Reading>>>>;

/** Readings in force at a line. A place with rivals has none until a person chooses. */
export function readingsOf(record: readonly Live[], line: string): LineReadings {
  const live = record.filter(
    (one): one is Live<Reading> => one.status === 'live' && one.body.k === 'reading' && one.body.place.line === line,
  );
  return Object.fromEntries(live.map((one) => [one.body.place.slot, one]));
}

/**
 * What was taken of a line: its volume, its net mass, or full minus empty. Nothing while a weighing lacks its partner, or
 * when the two were made in different configurations.
 * Rounding of one reading is d/√12, of a difference d/√6 (domain: two roundings); a pipette adds its tolerance.
 *
 * @returns grams or millilitres with working and standard uncertainty of the device
 */
export function measuredAmount(readings: LineReadings, devices: readonly Device[]): Measured | undefined {
  const { full, empty, net, volume } = readings;
  // Two configurations weigh two different things: their difference is no amount, however plausible it looks.
  if (full && empty) return sameConfiguration(full, empty) ? difference(full, empty, devices) : undefined;
  const single = net ?? volume;
  const read = single && asRead(single, devices, 'net');
  // A temperature or a time is no amount, whatever place it was typed at.
  return read && (read.q.dim === 'mass' || read.q.dim === 'volume' || read.q.dim === 'amount') ? read : undefined;
}

/**
 * The mass that readings come to. A reading of another kind (25 °C, 3 mL) at a place for a mass is stored as it is, and is none.
 *
 * @returns nothing unless every reading is a mass
 */
export function measuredMass(readings: LineReadings, devices: readonly Device[]): Worked<'mass'> | undefined {
  const weighed = Object.values(readings).filter((one) => one !== undefined);
  if (weighed.some((one) => isSlotOfMass(one.body.place.slot) && !isMass(one))) return undefined;
  const { volume: _volume, ...rest } = readings;
  const found = measuredAmount(rest, devices);
  return found?.q.dim === 'mass' ? (found as Worked<'mass'>) : undefined;
}

const slotsOfMass: ReadonlySet<string> = new Set(['full', 'empty', 'net']);
const isSlotOfMass = (slot: string) => slotsOfMass.has(slot);

/** Whether a reading is one of mass by its unit. */
export const isMass = ({ body }: Pick<Live<Reading>, 'body'>): boolean => findUnit(body.unit)?.dim === 'mass';

/** How a vessel was weighed, in words; the same words mean the same configuration. */
export function configurationOf({ body }: Live<Reading>): string {
  return [...(body.state ?? [])].sort().join(', ') || 'without a word on cap or paper';
}

function sameConfiguration(full: Live<Reading>, empty: Live<Reading>): boolean {
  return configurationOf(full) === configurationOf(empty);
}

function difference(full: Live<Reading>, empty: Live<Reading>, devices: readonly Device[]): Worked<'mass'> | undefined {
  const [high, low] = [asRead(full, devices, 'single'), asRead(empty, devices, 'single')];
  // Decimal subtraction: 24.31 − 22.02 is 2.29, not 2.2899999999999991.
  const value = new Decimal(high.q.value).minus(low.q.value).toNumber();
  if (value <= 0 || !isMass(full) || !isMass(empty)) return undefined;
  const decimals = Math.min(...[full, empty].map(({ body }) => body.digits.split('.')[1]?.length ?? 0));
  return {
    q: { dim: 'mass', value },
    ...(high.u !== undefined && low.u !== undefined ? { u: Math.hypot(high.u, low.u) } : {}),
    figures: figuresOf(roundDecimals(value, decimals)),
    unit: 'g',
    formula: 'byDifference',
    inputs: { m_full: fromWorked(high), m_empty: fromWorked(low) },
    certain: 'measured',
  };
}

/** A reading as a worked value. A net reading on a tared balance carries two roundings, a single one carries one. */
export function asRead({ entry, body }: Live<Reading>, devices: readonly Device[], kind: 'net' | 'single'): Measured {
  const dim = findUnit(body.unit)?.dim ?? 'number';
  const q = { dim, value: toCanonical(body.digits, body.unit) };
  const figures = figuresOf(body.digits);
  const device = devices.find(({ id }) => id === body.device);
  const u = device && (kind === 'single' ? deviceUncertainty(device, 1) : deviceUncertainty(device));
  const x = { q, unit: body.unit, figures, source: { at: 'entry', id: entry.id } } as const;
  return {
    q,
    ...(u === undefined ? {} : { u }),
    figures,
    unit: body.unit,
    formula: 'asRead',
    inputs: { x },
    certain: 'measured',
  } as Measured;
}
