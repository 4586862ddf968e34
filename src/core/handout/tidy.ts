import { roundFigures } from '../quantity/decimals';

/** A computed number as digits without trailing zeros: half of an hour is 30 min. */
export const tidy = (value: number): string => String(Number(roundFigures(value, 6)));
