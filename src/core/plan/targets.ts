import { derive } from '../stoichiometry/derive';
import { deviceUncertainty, deviceUnits, roundToDevice } from '../quantity/device';
import { figuresOf } from '../quantity/decimals';
import { findUnit } from '../quantity/units';
import { fromWorked } from '../quantity/worked';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { typedWorked } from './asWritten';
import { numeral } from './facts';
import type { AsWritten } from './asWritten';
import type { Device } from '../quantity/device';
import type { Facts, LineFacts } from './facts';
import type { Measured } from '../stoichiometry/lineAmounts';
import type { Worked } from '../quantity/worked';

/** What the bench is to measure, once, for one portion of a line. */
export interface Target {
  /** Scaled, not rounded. */
  readonly exact: Measured;
  /** What the device can show; the same as `exact` without a device. */
  readonly rounded: Measured;
  /** Where the sheet leaves a range: its upper end, as the device can show it. */
  readonly high?: Measured;
  readonly device?: Device;
  readonly pinned: boolean;
}

/**
 * Targets at a scale: scaled in proportion, the pinned line as typed, then rounded to what its device can measure.
 *
 * @param scaling scale factor, above 0; by line, what it follows beside it
 */
export function targets(facts: Facts, written: AsWritten, scaling: Scaling): ReadonlyMap<string, Target> {
  const result = new Map<string, Target>();
  for (const [id, portion] of written.portions) {
    const line = facts.lines.get(id);
    const high = written.highs.get(id);
    const upper = line && high && targetOf(facts, line, high, scaling).rounded;
    if (line) result.set(id, { ...targetOf(facts, line, portion, scaling), ...(upper ? { high: upper } : {}) });
  }
  return result;
}

/** What targets are scaled by. */
export interface Scaling {
  readonly factor: Worked<'number'>;
  readonly follows?: ReadonlyMap<string, Worked<'number'>> | undefined;
}

function targetOf(facts: Facts, line: LineFacts, portion: Measured, { factor, follows }: Scaling): Target {
  const device = facts.doc.devices.find(({ id }) => id === line.line.device);
  const typed = pinnedPortion(facts, line, portion.q.dim);
  const fixed = line.line.scaling === 'fixed';
  const planned = typed ?? (fixed ? portion : scale(portion, factor));
  const scaled = fixed ? planned : after(planned, follows?.get(line.line.id));
  const fits = device && deviceUnits[device.unit] === scaled.q.dim;
  if (!fits) return { exact: scaled, rounded: scaled, pinned: typed !== undefined };
  return { exact: scaled, rounded: round(scaled, device), device, pinned: typed !== undefined };
}

/** The pinned line keeps the digits that were typed instead of coming back through the factor. */
function pinnedPortion(facts: Facts, line: LineFacts, dim: Measured['q']['dim']): Measured | undefined {
  const { pin } = facts.doc;
  if (pin.at !== 'line' || pin.line !== line.line.id || pin.over !== 'bench' || line.line.scaling === 'fixed')
    return undefined;
  const pinnedDim = findUnit(pin.unit)?.dim;
  if (pinnedDim !== 'mass' && pinnedDim !== 'volume' && pinnedDim !== 'amount') return undefined;
  return lineAmounts(typedWorked(line.line.id, pinnedDim, pin.digits, pin.unit), line.bottle)[dim];
}

function scale(portion: Measured, factor: Worked<'number'>): Measured {
  if (factor.q.value === 1) return portion;
  return derive({
    formula: 'scaled',
    dim: portion.q.dim,
    unit: portion.unit,
    value: factor.q.value * portion.q.value,
    inputs: { s: fromWorked(factor), x_0: fromWorked(portion) },
    figures: portion.figures,
    quotient: false,
  }) as Measured;
}

/** What follows a stage, by what there is of it. */
function after(planned: Measured, r: Worked<'number'> | undefined): Measured {
  if (!r || r.q.value === 1) return planned;
  return derive({
    formula: 'scaledAfter',
    dim: planned.q.dim,
    unit: planned.unit,
    value: r.q.value * planned.q.value,
    inputs: { r: fromWorked(r), x_0: fromWorked(planned) },
    figures: planned.figures,
    quotient: false,
  }) as Measured;
}

function round(exact: Measured, device: Device): Measured {
  const { q, digits, unit } = roundToDevice(exact.q.value, device);
  const d = numeral(device.step, q.dim, device.unit, { at: 'device', id: device.id });
  return {
    q,
    u: deviceUncertainty(device),
    figures: figuresOf(digits),
    unit,
    formula: 'rounded',
    inputs: { x_0: { ...fromWorked(exact), figures: Math.max(exact.figures, figuresOf(digits)) }, d },
    certain: 'assumed',
  } as Measured;
}
