import type { Body, Entry, RecordPlace } from '@/core/record/entry';

/** One thing that happens at a demo bench; `ask`, `sign` and `strike` count the bench's own steps from 0. */
export type DemoStep = { readonly minute: number } & (
  | {
      readonly read: string;
      readonly place: RecordPlace;
      readonly device: string;
      readonly state?: readonly string[];
    }
  | { readonly step: string; readonly event: string; readonly round?: number }
  | { readonly step: string; readonly tick: string }
  | { readonly step: string; readonly words: string }
  | { readonly ask: readonly number[] }
  | { readonly sign: readonly number[] }
  | { readonly strike: number; readonly reason: string }
);

/**
 * The entry that a demo step makes.
 *
 * @param done entries of the same bench so far
 */
export function demoBody(step: DemoStep, done: readonly Entry[]): Body {
  const entry = (i: number) => done[i] as Entry;
  if ('ask' in step) return { k: 'ask', targets: step.ask.map((i) => entry(i).id) };
  if ('sign' in step)
    return { k: 'sign', seals: step.sign.map((i) => ({ entry: entry(i).id, content: entry(i).content })) };
  if ('strike' in step) return { k: 'void', target: entry(step.strike).id, reason: step.reason };
  if ('event' in step)
    return {
      k: 'event',
      step: step.step,
      name: step.event,
      ...(step.round === undefined ? {} : { round: step.round }),
    };
  if ('tick' in step) return { k: 'tick', step: step.step, check: step.tick };
  if ('words' in step) return { k: 'words', step: step.step, text: step.words };
  const [digits = '', unit = ''] = step.read.split(' ');
  const { place, device, state } = step;
  return { k: 'reading', place, digits, unit, device, ...(state ? { state } : {}) };
}
