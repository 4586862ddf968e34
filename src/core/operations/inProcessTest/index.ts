import { question, measureLine } from '../asks';
import { eventAt } from '../onRecord';
import { enter } from '../../worktop/enter';
import { format } from '../../quantity/format';
import { quenchOxidant } from '../../worktop/quenchOxidant';
import { finding } from '../../finding/finding';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, stays } from '../../worktop/vessels';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  test: field.text('Test', 200, { help: 'What is done, as an imperative: “Touch starch–iodide paper with a drop”.' }),
  positive: field.text('Positive', 80),
  negative: field.text('Negative', 80),
  expect: field.choice('Expected', { positive: 'positive', negative: 'negative' }),
  otherwise: field.text('When it comes out otherwise', 200),
  line: field.optional(field.line('Added until the test says so')),
  reagents: field.optional(
    field.many(field.line('Reagents of the test', { role: 'aid', help: 'They count as hazard and waste.' }), [1, 4]),
  ),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
  waste: away('What was tested', 'What was tested'),
} satisfies Slots;

type TestParams = ParamsOf<typeof fields>;

type Outcome = 'positive' | 'negative';

export interface InProcessTest {
  /** What each time showed, the first time first. */
  readonly seen: readonly Outcome[];
}

/** Number of a time among several; the first one has none, as a test that is done once has none. */
const timeOf = (i: number) => (i === 0 ? {} : { round: i + 1 });

/** What was seen, time after time, until a time of which nothing was said. */
function seenAt(context: StepContext): readonly Outcome[] {
  const seen: Outcome[] = [];
  for (;;) {
    const part = timeOf(seen.length);
    const one = (['positive', 'negative'] as const).find((name) => eventAt(context, name, part));
    if (one === undefined) return seen;
    seen.push(one);
  }
}

/** How many times are asked for: as often as it is to be done at the least, and once more while it shows what it should not. */
function timesOf(seen: readonly Outcome[], { step: { repeat }, params: { expect } }: StepContext<TestParams>): number {
  const { least, most } = repeat ?? { least: 1, most: 1 };
  const enough = seen.findIndex((one, i) => i + 1 >= least && one === expect);
  return Math.min(most, enough < 0 ? Math.max(least, seen.length + 1) : enough + 1);
}

/** A test on the way: is it complete, is oxidant left, is it neutral. Complete by the clock is weaker evidence. */
export const inProcessTest = defineOperation({
  name: 'inProcessTest',
  version: 1,
  title: 'Test on the way',
  phase: 'react',
  sign: 'paper',
  told: {
    by: [
      { by: 'tlc', rank: 1, when: ({ text }) => /\b(monitor|complete|until|progress|check|every|remain)/.test(text) },
      { by: 'testing' },
      { by: 'testing', rank: 2, when: ({ text }) => /\b(starch|ph|litmus|tlc|peroxides?)\b/.test(text) },
    ],
  },
  fields,
  vessels,
  actual: (context): InProcessTest => ({ seen: seenAt(context) }),
  sentence: ({ params: { test } }) => `${test}.`,
  predict: (work, { line, reagents = [] }) => {
    const spent = work.receiver('waste');
    for (const reagent of reagents) enter(work, reagent, spent);
    if (line === undefined) return;
    const { oxidant, reductant } = quenchOxidant(work, enter(work, line));
    const text = (value: number) => format({ dim: 'amount', value }, 'mmol', { figures: 2 });
    if (oxidant > 1e-6) work.remark(`About ${text(oxidant)} of oxidant would be left: more is needed.`);
    else if (reductant > 1e-6) work.remark(`About ${text(reductant)} more than the oxidant takes: the test decides.`);
  },
  asks: ({ seen }, context) => [
    ...(context.params.reagents ?? []).flatMap((reagent) => measureLine(context, reagent)),
    ...(context.params.line ? measureLine(context, context.params.line) : []),
    ...Array.from({ length: timesOf(seen, context) }, (_, i) =>
      question(
        context,
        saysAt(i, context),
        [
          { name: 'positive', button: context.params.positive },
          { name: 'negative', button: context.params.negative },
        ],
        timeOf(i),
      ),
    ),
  ],
  // What is done again until it shows something may show something else before.
  check: ({ seen }, { step, params: { expect, otherwise } }) => {
    const last = seen.at(-1);
    return last === undefined || last === expect || seen.length < (step.repeat?.most ?? 1)
      ? []
      : [
          finding(
            'test.otherwise',
            'caution',
            { step: step.id, field: 'test' },
            { seen: last, expected: expect, otherwise },
          ),
        ];
  },
  drawing: (_, { params: { positive, negative } }) => ({ kind: 'paper', positive, negative }),
});

/** What the bench is asked: the first time, and again with the time's number. */
function saysAt(i: number, { step: { repeat }, params: { test } }: StepContext<TestParams>): string {
  return i === 0 ? `${test}. What does it show?` : `${test} again, time ${i + 1} of at most ${repeat?.most ?? 1}.`;
}
