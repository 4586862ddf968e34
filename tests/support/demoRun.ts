import { chainHash, chainStart, contentHash } from '@/core/record/chain';
import { demoBody } from '@/data/demoSteps';
import { benchState } from '@/core/bench/benchState';
import { acetanilide } from './preparations';
import { demonstrator, group, idOf, sha256 } from './record';
import type { BenchState } from '@/core/bench/benchState';
import type { ClassSettings } from '@/core/record/classSettings';
import type { DemoStep } from '@/data/demoSteps';
import type { Entry } from '@/core/record/entry';

const begin = Date.UTC(2026, 2, 3, 13, 0, 0);

/** Entries of a script, each at its minute, as the server would have stored them. */
export function entriesOfScript(steps: readonly DemoStep[]): readonly Entry[] {
  const done: Entry[] = [];
  for (const [i, step] of steps.entries()) {
    const at = new Date(begin + Math.round(step.minute * 60_000)).toISOString();
    const author = 'sign' in step ? demonstrator : group;
    const draft = {
      id: idOf(i + 1),
      v: 1 as const,
      log: idOf(0),
      body: demoBody(step, done),
      at,
      deviceAt: at,
      device: 'tablet',
      saw: i,
      author,
    };
    const hashed = { ...draft, content: contentHash(draft, sha256), seq: i + 1, received: at };
    done.push({ ...hashed, chain: chainHash(done.at(-1)?.chain ?? chainStart, hashed, sha256) });
  }
  return done;
}

/** State of an acetanilide bench after a script. */
export function stateOfScript(
  steps: readonly DemoStep[],
  settings: ClassSettings = {},
  doc = acetanilide(),
): BenchState {
  return benchState(doc, entriesOfScript(steps), settings);
}

/** Rules of the findings that stand, notes left out. */
export const gravest = ({ findings }: BenchState): readonly string[] =>
  findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule);

/** What a step of a script is about, as one word: "aniline/full", "reflux/firstReflux", "dry-crude/net/2". */
export function scriptKey(step: DemoStep): string {
  if ('read' in step) {
    const { line, step: of, item, round, slot } = step.place;
    return [line ?? of, item, slot, round].filter((part) => part !== undefined).join('/');
  }
  if ('event' in step) return `${step.step}/${step.event}`;
  if ('tick' in step) return `${step.step}/${step.tick}`;
  if ('words' in step) return `${step.step}/words`;
  return 'ask' in step ? 'ask' : 'sign' in step ? 'sign' : 'strike';
}

/** A script up to what is named, which it holds. */
export function upTo(key: string, steps: readonly DemoStep[]): readonly DemoStep[] {
  const at = steps.findIndex((step) => scriptKey(step) === key);
  if (at === -1) throw new Error(`the script holds no ${key}`);
  return steps.slice(0, at + 1);
}
