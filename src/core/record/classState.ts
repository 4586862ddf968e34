import { classSettings } from './classSettings';
import { periodsOf } from './periods';
import type { ClassSettings } from './classSettings';
import type { Live } from './foldRecord';
import type { Periods } from './periods';

/** What holds for a whole class, from its log. */
export interface ClassState {
  readonly settings: ClassSettings;
  readonly periods: Periods;
}

export function classState(log: readonly Live[]): ClassState {
  return { settings: classSettings(log), periods: periodsOf(log) };
}
