import { string } from 'yup';
import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { enter } from '../predicting/enter';
import { format } from '../../quantity/format';
import { quenchOxidant } from '../predicting/quenchOxidant';
import { finding } from '../../finding/finding';
import { idParam, params } from '../params';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface InProcessTestParams {
  /** What is tested, as an imperative: "Touch starch–iodide paper with a drop". */
  readonly test: string;
  readonly positive: string;
  readonly negative: string;
  readonly expect: 'positive' | 'negative';
  /** What to do when it comes out otherwise. */
  readonly otherwise: string;
  /** Added until the test says so. */
  readonly line?: string;
}

export interface InProcessTest {
  readonly positive?: Live<Happening>;
  readonly negative?: Live<Happening>;
}

/** A test on the way: is it complete, is oxidant left, is it neutral. Complete by the clock is weaker evidence. */
export const inProcessTest: Operation<InProcessTestParams, InProcessTest> = {
  name: 'inProcessTest',
  version: 1,
  title: 'Test on the way',
  params: params({
    test: string().max(200, 'must be at most 200 characters').required(),
    positive: string().max(80, 'must be at most 80 characters').required(),
    negative: string().max(80, 'must be at most 80 characters').required(),
    expect: string().oneOf(['positive', 'negative'], 'must be positive or negative').required(),
    otherwise: string().max(200, 'must be at most 200 characters').required(),
    line: idParam(),
  }),
  refs: ({ line }) => ({ lines: [line] }),
  without: ({ line: _line, ...params }) => params,
  actual: (context) => eventsAt(context, 'positive', 'negative'),
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
};
