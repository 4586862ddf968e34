import { answersOf } from '@/core/operations/answers';
import { benchState } from '@/core/bench/benchState';
import { fromCanonical } from '@/core/quantity/units';
import { entriesOf } from '../record';
import type { PlainAsk, MeasureAsk } from '@/core/operations/ask';
import type { BenchState, StepState } from '@/core/bench/benchState';
import type { Body } from '@/core/record/entry';
import type { Prediction } from '@/core/process/predictProcess';
import type { Preparation } from '@/core/document/document';

/** A bench that does as the sheet says and finds what the models foresee: every ask of every step answered, in order. */
export function benchAsForeseen(doc: Preparation, prediction: Prediction): BenchState {
  const bodies: Body[] = [];
  let state = benchState(doc, []);
  // Every round answers at least one ask: a step that asks again without end is no step.
  for (let round = 0; round < 400 && state.current; round += 1) {
    const ask = state.current.asks.find((one) => !one.done && one.optional === undefined);
    if (!ask) throw new Error(`${state.current.step.id} asks for nothing and is not done`);
    bodies.push(...answerTo(state.current, ask, prediction));
    state = benchState(doc, entriesOf(bodies));
  }
  return state;
}

/** The first answer; of a measurement all readings of its first way. */
function answerTo({ step, context }: StepState, ask: PlainAsk, prediction: Prediction): readonly Body[] {
  if (ask.kind !== 'measure') return answersOf(context, ask).slice(0, 1);
  return answersOf(context, { ...ask, ways: ask.ways.slice(0, 1) }, ({ slot, dim, unit }) => [
    { digits: fromCanonical(valueOf(ask, slot, dim, step.id, prediction), unit).toFixed(3), unit },
  ]);
}

const empty_g = 30;

/** What would be read: the amount that is wanted, the middle of the window, or what the models foresee of the stage. */
function valueOf(ask: MeasureAsk, slot: string, dim: string, step: string, prediction: Prediction): number {
  if (dim === 'mass' || dim === 'volume') {
    const wanted = ask.goal?.[dim as 'mass' | 'volume']?.q.value ?? ask.window?.aim ?? stageAt(step, dim, prediction);
    if (slot === 'empty') return ask.ways[0]?.id === 'difference' ? empty_g - wanted : empty_g;
    if (slot === 'full') return ask.ways[0]?.id === 'difference' ? empty_g : empty_g + wanted;
    return wanted;
  }
  const { low, high, aim } = ask.window ?? {};
  if (aim !== undefined) return aim;
  if (low !== undefined && high !== undefined) return (low + high) / 2;
  return low ?? (high === undefined ? 20 : high - 1);
}

function stageAt(step: string, dim: string, { steps, stages }: Prediction): number {
  const at = steps.find((one) => one.step.id === step);
  const mass = stages.find(({ stage }) => stage.id === at?.stage?.id)?.mass.q.value ?? 1;
  return dim === 'volume' ? mass / 0.88 : mass;
}
