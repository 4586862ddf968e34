import { classSettings } from './classSettings';
import { foldRecord } from './foldRecord';
import { periodsOf } from './periods';
import { readable } from './readable';
import type { ClassSettings } from './classSettings';
import type { Entry } from './entry';
import type { Periods } from './periods';

/** What holds for a whole class, from its log. */
export interface ClassState {
  readonly settings: ClassSettings;
  readonly periods: Periods;
}

/** What holds for a class by the entries of its own log; one that cannot be read is left aside. */
export function classState(entries: readonly Entry[]): ClassState {
  return readable(entries, (sound) => {
    const log = foldRecord(sound);
    return { settings: classSettings(log), periods: periodsOf(log) };
  }).value;
}
