import { roundToStep } from './decimals';
import { fromCanonical, toCanonical } from './units';
import type { Typed } from './dims';

export const deviceKinds = ['balance', 'cylinder', 'pipette', 'syringe', 'thermometer'] as const;

/** Unit that a device shows, and what it measures. */
export const deviceUnits = { g: 'mass', mL: 'volume', '°C': 'temperature' } as const;

/** Something that measures mass, volume or temperature. Numerals are strings, as engraved on it. */
export interface Device {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof deviceKinds)[number];
  readonly unit: keyof typeof deviceUnits;
  /** Smallest step that is read: a balance's readability, or the digit estimated between graduations. */
  readonly step: string;
  /** Distance between engraved lines; for a balance the same as `step`. */
  readonly graduation: string;
  /** Largest amount in one filling or weighing. */
  readonly capacity: string;
  /** Manufacturer's tolerance, half-width. @default none stated */
  readonly tolerance?: string;
  /** What fills a thermometer: decides how much an emergent stem reads low. */
  readonly stem?: (typeof stems)[number];
  /** Corrections of a thermometer by comparison with standards, at rising readings. */
  readonly calibration?: readonly CalibrationPoint[];
}

export const stems = ['mercury', 'spirit', 'probe'] as const;

/** At a reading, what has to be added to it. Numerals with their sign. */
export interface CalibrationPoint {
  /** °C. */
  readonly reads: string;
  /** K. */
  readonly correction: string;
}

/**
 * The nearest amount the device can show. Never below one step, since nothing at all is no measurement.
 *
 * @param value canonical g or mL, positive
 * @example roundToDevice(2.0437, { id: 'b', name: 'balance', kind: 'balance', unit: 'g', step: '0.01', graduation: '0.01', capacity: '200' }).digits // → '2.04'
 */
export function roundToDevice(value: number, device: Device): Typed {
  const nearest = roundToStep(fromCanonical(value, device.unit), device.step);
  const digits = Number(nearest) > 0 ? nearest : device.step;
  const dim = deviceUnits[device.unit];
  return { q: { dim, value: toCanonical(digits, device.unit) }, digits, unit: device.unit };
}

/**
 * Standard uncertainty of one amount from the device alone, canonical unit (domain: rounding d/√12; a tared weighing has
 * two roundings, d/√6; tolerance is rectangular, a/√3). Source: JCGM 100:2008 (GUM), 4.3.7.
 *
 * @param readings how many roundings are in it. @default 2 on a balance, whose zero was read as well, otherwise 1
 * @example deviceUncertainty({ id: 'b', name: 'balance', kind: 'balance', unit: 'g', step: '0.01', graduation: '0.01', capacity: '200' }).toFixed(5) // → '0.00408'
 */
export function deviceUncertainty(device: Device, readings = device.kind === 'balance' ? 2 : 1): number {
  const step = toCanonical(device.step, device.unit);
  const rounding = (step / Math.sqrt(12)) * Math.sqrt(readings);
  const tolerance = device.tolerance === undefined ? 0 : toCanonical(device.tolerance, device.unit) / Math.sqrt(3);
  return Math.hypot(rounding, tolerance);
}

/**
 * How many times the readable step goes into an amount: 100 is a 1 % reading.
 *
 * @example stepsIn(2.04, { id: 'b', name: 'balance', kind: 'balance', unit: 'g', step: '0.01', graduation: '0.01', capacity: '200' }).toFixed(0) // → '204'
 */
export function stepsIn(value: number, device: Device): number {
  return value / toCanonical(device.step, device.unit);
}
