import { clearPoint, impurityFromClearPoint, meltingOnset } from '../models/melting/meltingPoint';
import type { Melting } from '../models/melting/meltingPoint';

/** What a melting range is explored with. */
export interface MeltingQuestion extends Melting {
  /** Mole fraction of impurity that dissolves in the melt. */
  readonly impurity: number;
  /** Melted fraction that an eye first sees. */
  readonly seen: number;
  /** A clear point that was observed, °C. */
  readonly observed_C?: number;
}

export interface MeltingAnswer {
  readonly onset_C: number;
  readonly clear_C: number;
  readonly curve: readonly { readonly x: number; readonly onset: number; readonly clear: number }[];
  /** Impurity that would give the observed clear point; absent above the melting point. */
  readonly estimate?: number;
}

const mostImpurity = 0.2;

/** Melting range against impurity, and back. */
export function exploreMelting({ impurity, seen, observed_C, ...melting }: MeltingQuestion): MeltingAnswer {
  const range = (x: number) => ({
    x,
    onset: meltingOnset(melting, x, { f: seen }),
    clear: clearPoint(melting, x),
  });
  const here = range(impurity);
  return {
    onset_C: here.onset,
    clear_C: here.clear,
    curve: Array.from({ length: 41 }, (_, i) => range((mostImpurity * i) / 40)),
    ...(observed_C !== undefined && observed_C <= melting.T_m
      ? { estimate: impurityFromClearPoint(melting, observed_C) }
      : {}),
  };
}
