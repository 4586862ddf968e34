import type { Entered } from '../document/document';

/** An amount as its line has it, where it is a mass, a volume or an amount of substance. */
export const enteredAmount = (entered: Entered): string | undefined =>
  'unit' in entered
    ? `${entered.digits}${entered.high === undefined ? '' : `–${entered.high}`} ${entered.unit}`
    : undefined;
