import { clearPoint, guessedEutectic, impurityFromClearPoint, meltingOnset } from '../models/melting/meltingPoint';
import type { Eutectic, Melting } from '../models/melting/meltingPoint';

/** What a melting range is explored with. */
export interface MeltingQuestion extends Melting {
  /** Mole fraction of impurity that dissolves in the melt. */
  readonly impurity: number;
  /** Melted fraction that an eye first sees. */
  readonly seen: number;
  /** The lowest temperature at which any of it melts, °C. @default by ideal mixing with an impurity that melts alike */
  readonly eutectic_C?: number;
  /** A clear point that was observed, °C. */
  readonly observed_C?: number;
}

export interface MeltingAnswer {
  readonly onset_C: number;
  readonly clear_C: number;
  /** The eutectic that was taken, °C. */
  readonly eutectic_C: number;
  readonly curve: readonly { readonly x: number; readonly onset: number; readonly clear: number }[];
  /** Impurity that would give the observed clear point; absent above the melting point. */
  readonly estimate?: number;
}

const mostImpurity = 0.2;

/** Melting range against impurity, and back. */
export function exploreMelting({ impurity, seen, observed_C, eutectic_C, ...melting }: MeltingQuestion): MeltingAnswer {
  const lowest = eutectic_C === undefined ? guessedEutectic(melting) : eutecticAt(melting, eutectic_C);
  const range = (x: number) => ({
    x,
    onset: meltingOnset(melting, x, { f: seen, lowest }),
    clear: Math.max(lowest.T, clearPoint(melting, x)),
  });
  const here = range(impurity);
  return {
    onset_C: here.onset,
    clear_C: here.clear,
    eutectic_C: lowest.T,
    curve: Array.from({ length: 41 }, (_, i) => range((mostImpurity * i) / 40)),
    ...(observed_C !== undefined && observed_C <= melting.T_m
      ? { estimate: impurityFromClearPoint(melting, observed_C) }
      : {}),
  };
}

/** The eutectic at a temperature, with the composition at which the line of the pure substance reaches it. */
function eutecticAt(melting: Melting, T: number): Eutectic {
  return { T: Math.min(T, melting.T_m), x: impurityFromClearPoint(melting, Math.min(T, melting.T_m)) };
}
