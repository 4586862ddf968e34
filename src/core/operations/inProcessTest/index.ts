import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { enter } from '../../process/worktop/enter';
import { format } from '../../quantity/format';
import { quenchOxidant } from '../../process/worktop/quenchOxidant';
import { finding } from '../../finding/finding';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../declare/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../declare/vessels';

const fields = {
  test: field.text('Test', 200, { help: 'What is done, as an imperative: “Touch starch–iodide paper with a drop”.' }),
  positive: field.text('Positive', 80),
  negative: field.text('Negative', 80),
  expect: field.choice('Expected', { positive: 'positive', negative: 'negative' }),
  otherwise: field.text('When it comes out otherwise', 200),
  line: field.optional(field.line('Added until the test says so')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
} satisfies Slots;

export interface InProcessTest {
  readonly positive?: Live<Happening>;
  readonly negative?: Live<Happening>;
}

/** A test on the way: is it complete, is oxidant left, is it neutral. Complete by the clock is weaker evidence. */
export const inProcessTest = defineOperation({
  name: 'inProcessTest',
  version: 1,
  title: 'Test on the way',
  phase: 'react',
  sign: 'paper',
  fields,
  vessels,
  actual: (context): InProcessTest => eventsAt(context, 'positive', 'negative'),
  sentence: ({ params: { test } }) => `${test}.`,
  predict: (work, { line }) => {
    if (line === undefined) return;
    const { oxidant, reductant } = quenchOxidant(work, enter(work, line));
    const text = (value: number) => format({ dim: 'amount', value }, 'mmol', { figures: 2 });
    if (oxidant > 1e-6) work.remark(`About ${text(oxidant)} of oxidant would be left: more is needed.`);
    else if (reductant > 1e-6) work.remark(`About ${text(reductant)} more than the oxidant takes: the test decides.`);
  },
  asks: ({ positive, negative }, context) => [
    ...(context.params.line ? measureLine(context, context.params.line) : []),
    {
      ...event(context, 'positive', `${context.params.test}. What does it show?`, context.params.positive),
      or: [{ name: 'negative', button: context.params.negative }],
      done: positive !== undefined || negative !== undefined,
    },
  ],
  check: ({ positive, negative }, { step, params: { expect, otherwise } }) => {
    const seen = positive ? 'positive' : negative ? 'negative' : undefined;
    return seen === undefined || seen === expect
      ? []
      : [finding('test.otherwise', 'caution', { step: step.id, field: 'test' }, { seen, expected: expect, otherwise })];
  },
  drawing: (_, { params: { positive, negative } }) => ({ kind: 'paper', positive, negative }),
});
