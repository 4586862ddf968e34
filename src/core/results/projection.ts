import { benchResults } from './benchResults';
import type { BenchState } from '../bench/benchState';
import type { StageResult } from './stageResults';

/** Numbers of one stage, in g, °C and fractions. */
export interface StageNumbers {
  readonly stage: string;
  readonly mass_g?: number;
  readonly percentYield?: number;
  readonly overall?: number;
  readonly recovered?: number;
  readonly onset_C?: number;
  readonly clear_C?: number;
}

/** What a bench came to, without its working: small enough for views over many classes. */
export interface Projection {
  readonly done: number;
  readonly toDo: number;
  readonly stops: number;
  readonly cautions: number;
  /** Yield of what the preparation is for, or what was recovered of it: a fraction. */
  readonly share?: number;
  readonly stages: readonly StageNumbers[];
  readonly said: readonly SaidOtherwise[];
}

/** What a bench did otherwise than the sheet says, in its words. */
export interface SaidOtherwise {
  readonly step: string;
  readonly reason: string;
  /** The whole step. */
  readonly leftOut?: true;
}

/** The numbers of a bench from its state alone. */
export function projectionOf(state: BenchState): Projection {
  const { stages, product } = benchResults(state);
  const count = (severity: string) => state.findings.filter((one) => one.severity === severity).length;
  const share = product && (product.overall ?? product.percentYield ?? product.recovered)?.q.value;
  return {
    done: state.done,
    toDo: state.toDo,
    stops: count('stop'),
    cautions: count('caution'),
    ...(share === undefined ? {} : { share }),
    stages: stages.map(numbersOf),
    said: saidIn(state),
  };
}

function numbersOf({ stage, mass, percentYield, overall, recovered, best }: StageResult): StageNumbers {
  const values = {
    mass_g: mass?.mass.q.value,
    percentYield: percentYield?.q.value,
    overall: overall?.q.value,
    recovered: recovered?.q.value,
    onset_C: best?.onset.q.value,
    clear_C: best?.clear.q.value,
  };
  const known = Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined));
  return { stage: stage.id, ...known };
}

/** Deviations that stand, and steps that are left out with a reason. */
function saidIn({ record, steps }: BenchState): readonly SaidOtherwise[] {
  const skipped = new Set(steps.flatMap((one) => (one.skipped ? [one.skipped.entry.id] : [])));
  return record.flatMap(({ entry, body, status }): readonly SaidOtherwise[] => {
    if (status !== 'live') return [];
    if (body.k === 'deviation') return [{ step: body.step, reason: body.reason }];
    if (body.k !== 'step' || body.reason === undefined || !skipped.has(entry.id)) return [];
    return [{ step: body.step, reason: body.reason, leftOut: true }];
  });
}
