import { fromCanonical, toCanonical } from '../quantity/units';
import { hasGroup, groupsOf } from '../reference/groups';
import { headReading } from '../models/distillation/headReading';
import { format } from '../quantity/format';
import { roundDecimals } from '../quantity/decimals';
import type { HeadReadingOptions } from '../models/distillation/headReading';
import type { StepContext } from './operation';

/** How a temperature of the head that the sheet prints for 760 torr reads at this pressure on this thermometer. */
export interface HeadWindow {
  readonly at: (t760: number) => number;
  /** What moves it, in a few words; absent when nothing does. */
  readonly because?: string;
}

const normal_torr = 760;

/** The corrections of a distillation step: the class's pressure, the filling of the step's thermometer. */
export function headWindow({ step, bench }: Pick<StepContext, 'step' | 'bench'>, substance?: string): HeadWindow {
  const { pressure } = bench.settings;
  const torr = pressure && fromCanonical(toCanonical(pressure.digits, pressure.unit), 'torr');
  const filling = bench.doc.devices.find(({ id }) => id === step.device)?.stem;
  const boiling = bench.doc.substances.find(({ id }) => id === substance);
  const groups = boiling ? groupsOf(boiling) : {};
  const options: HeadReadingOptions = {
    // Far from sea level only Antoine would do: the nearest pressure of the rule is taken, and more is not claimed.
    ...(torr === undefined ? {} : { torr: Math.min(800, Math.max(600, torr)) }),
    liquid: hasGroup(groups, 'carboxylicAcid')
      ? 'acid'
      : hasGroup(groups, 'alcohol') || groups.water
        ? 'associated'
        : 'normal',
    ...(filling ? { filling } : {}),
  };
  const moved =
    (torr !== undefined && Math.abs(torr - normal_torr) >= 0.5) || (filling !== undefined && filling !== 'probe');
  if (!moved) return { at: (t760) => t760 };
  const because = [
    ...(torr === undefined
      ? []
      : [`at ${format({ dim: 'pressure', value: toCanonical(String(torr), 'torr') }, 'torr', { figures: 3 })}`]),
    ...(filling && filling !== 'probe' ? [`on a ${filling} thermometer whose thread stands out`] : []),
  ].join(', ');
  return { at: (t760) => Number(roundDecimals(headReading(t760, options), 1)), because };
}
