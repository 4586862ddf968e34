import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { calibrationAt } from '../../quantity/calibrationAt';
import { numeral } from '../../plan/facts';
import { readAs, readingsAt, secondsBetween } from '../onRecord';
import type { Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Worked, WorkedInput } from '../../quantity/worked';
import type { Bench, StepContext } from '../operation';

/** One capillary: its readings, and what follows. */
export interface Capillary {
  readonly item: string;
  readonly readings: Readonly<Record<string, Live<Reading>>>;
  readonly onset?: Worked<'temperature'>;
  readonly clear?: Worked<'temperature'>;
  readonly ramp?: Worked<'heatingRate'>;
  /** The two readings of the ramp do not rise. */
  readonly falling: boolean;
}

// Readings typed together tell nothing about the rate between them.
const shortest_s = 10;

/** What one capillary shows: corrected onset and clear point, and the ramp by the times of the readings. */
export function capillary(context: StepContext, item: string): Capillary {
  const readings = readingsAt(context, { item });
  const { onset, clear } = readings;
  const correct = (one: Live<Reading>) =>
    corrected(readAs(context, one) as Worked<'temperature'>, context, one.body.device);
  const climb = [readings['start'], readings['later'], onset].filter((one) => one !== undefined);
  const [from, to] = climb.slice(-2);
  const ramp = from && to && rampOf(context, from, to);
  return {
    item,
    readings,
    ...(onset ? { onset: correct(onset) } : {}),
    ...(clear ? { clear: correct(clear) } : {}),
    ...(ramp ? { ramp } : {}),
    falling: from !== undefined && to !== undefined && Number(to.body.digits) < Number(from.body.digits),
  };
}

function rampOf(context: StepContext, from: Live<Reading>, to: Live<Reading>): Worked<'heatingRate'> | undefined {
  const seconds = secondsBetween(from, to);
  if (seconds < shortest_s) return undefined;
  const [T_1, T_2] = [readAs(context, from), readAs(context, to)];
  return derive({
    formula: 'ramp',
    dim: 'heatingRate',
    unit: 'K/min',
    value: (T_2.q.value - T_1.q.value) / (seconds / 60),
    inputs: {
      T_1: fromWorked(T_1),
      T_2: fromWorked(T_2),
      t: { q: { dim: 'time', value: seconds }, unit: 'min', figures: 3, source: { at: 'entry', id: to.entry.id } },
    },
    figures: 2,
    quotient: false,
  });
}

/** The correction of the apparatus added: what the class recorded, else its own calibration. */
function corrected(
  read: Worked<'temperature'>,
  { bench }: StepContext,
  device: string | undefined,
): Worked<'temperature'> {
  const ΔT = correctionOf(bench, device, read.q.value);
  if (!ΔT) return read;
  return {
    ...derive({
      formula: 'correctedTemperature',
      dim: 'temperature',
      unit: '°C',
      value: read.q.value + ΔT.q.value,
      inputs: { T_read: fromWorked(read), ΔT },
      figures: read.figures,
      quotient: false,
    }),
    ...(read.u === undefined ? {} : { u: read.u }),
  };
}

function correctionOf({ doc, settings }: Bench, device: string | undefined, reading: number): WorkedInput | undefined {
  const recorded = settings.meltingCorrection;
  if (recorded) return numeral(recorded.digits, 'temperatureDifference', 'K', { at: 'entry', id: recorded.entry });
  const { id = '', calibration = [] } = doc.devices.find((one) => one.id === device) ?? {};
  const value = calibrationAt(calibration, reading);
  if (value === undefined) return undefined;
  return {
    q: { dim: 'temperatureDifference', value },
    unit: 'K',
    figures: 2,
    source: { at: 'device', id, field: 'calibration' },
  };
}
