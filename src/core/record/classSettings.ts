import type { Live } from './foldRecord';
import type { SettingName } from './entry';

/** One number of the class as it was typed, and the entry that set it. */
export interface SettingValue {
  readonly digits: string;
  readonly unit: string;
  readonly entry: string;
}

/** Numbers that hold for the whole class. */
export type ClassSettings = Readonly<Partial<Record<SettingName, SettingValue>>> & {
  /** The period is over: what stands was judged by the rules of then. */
  readonly closed?: true;
};

export const noSettings: ClassSettings = {};

/** Settings in force, from the class log: the newest of each name that stands. */
export function classSettings(log: readonly Live[]): ClassSettings {
  const period = log.findLast(({ status, body }) => status === 'live' && body.k === 'period')?.body;
  const numbers = Object.fromEntries(
    log.flatMap(({ status, body, entry }) =>
      status === 'live' && body.k === 'setting'
        ? [[body.name, { digits: body.digits, unit: body.unit, entry: entry.id }] as const]
        : [],
    ),
  );
  return period?.k === 'period' && period.to === 'closed' ? { ...numbers, closed: true } : numbers;
}
