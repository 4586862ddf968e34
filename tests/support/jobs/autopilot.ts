import { benchState } from '@/core/bench/benchState';
import { fromCanonical } from '@/core/quantity/units';
import { entriesOf } from '../record';
import type { Ask, MeasureAsk } from '@/core/operations/ask';
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

function answerTo({ step }: StepState, ask: Ask, prediction: Prediction): readonly Body[] {
  if (ask.kind === 'check') return [{ k: 'tick', step: step.id, check: ask.check }];
  if (ask.kind === 'event') return [{ k: 'event', step: step.id, name: ask.name, ...ask.part }];
  const [way] = ask.ways;
  const readings = (way?.slots ?? []).map(({ slot, dim, unit }): Body => {
    const value = valueOf(ask, slot, dim, step.id, prediction);
    return {
      k: 'reading',
      place: { ...ask.about, slot },
      digits: fromCanonical(value, unit).toFixed(3),
      unit,
    };
  });
  return [...readings, ...(ask.close ? [{ k: 'event' as const, step: step.id, name: ask.close.name }] : [])];
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
