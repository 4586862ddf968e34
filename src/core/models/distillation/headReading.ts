import { assertWithin } from '../guards';
import { atPressure, pressureConstants } from './pressureCorrection';
import { stemConstants } from './stemCorrection';

export interface HeadReadingOptions {
  /** Pressure of the room. @default 760 torr */
  readonly torr?: number;
  /** @default normal */
  readonly liquid?: keyof typeof pressureConstants;
  /** Filling of the thermometer. @default probe, which has no stem */
  readonly filling?: keyof typeof stemConstants;
}

// The thread stands out of the vapour from about here up, in air that the head warms.
const emerges_C = 30;
const stem_C = 40;

/**
 * What a thermometer in the head reads where something boils at `t760` under 760 torr: the pressure of the room moves the boiling
 * point (Sydney Young's rule), and a thread that stands out in cooler air is short, `Δt = k·N·(t − t_stem)`, with N = t − 30 and the
 * stem at 40 °C as is usual for a head without a long sleeve.
 *
 * @param t760 °C, −100 to 400
 * @returns °C as read
 * @throws RangeError outside that range, or for a pressure outside 600 to 800 torr
 * @example headReading(170, { torr: 748, filling: 'mercury' }).toFixed(1) // → '166.5'
 */
export function headReading(
  t760: number,
  { torr = 760, liquid = 'normal', filling = 'probe' }: HeadReadingOptions = {},
): number {
  assertWithin(-100, 400, { t760 });
  assertWithin(600, 800, { torr });
  const t = atPressure(t760, torr, pressureConstants[liquid]);
  const short = t > stem_C ? stemConstants[filling] * (t - emerges_C) * (t - stem_C) : 0;
  return t - short;
}
