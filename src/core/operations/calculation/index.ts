import { causeOf } from './causes';
import { finding } from '../../finding/finding';
import { formatDigits } from '../../quantity/format';
import { measure } from '../asks';
import { percentFact } from '../numbers';
import { readingsAt } from '../onRecord';
import { beforeOf, recoveryOf, stageName, stageOf, mostOfStage, yieldOf } from '../stages';
import { calculationFields } from './types';
import { defineOperation } from '../declare/defineOperation';
import type { StepContext } from '../operation';
import type { Calculation, CalculationParams } from './types';
import type { Worked } from '../../quantity/worked';
import type { Slots } from '../../worktop/vessels';

const vessels = {} satisfies Slots;

/** The group works a result out itself; a wrong one is traced to the slip that leads to it. */
export const calculation = defineOperation({
  name: 'calculation',
  version: 1,
  title: 'Calculation',
  phase: 'characterize',
  sign: 'percent',
  told: { by: [{ by: 'calculate' }] },
  fields: calculationFields,
  vessels,
  reads: { typed: { dim: 'fraction', word: 'own result' } },
  actual: (context): Calculation => {
    const { typed } = readingsAt(context);
    const right = rightResult(context);
    return {
      ...(typed
        ? { typed: { value: Number(typed.body.digits) / 100, decimals: typed.body.digits.split('.')[1]?.length ?? 0 } }
        : {}),
      ...(right ? { right } : {}),
    };
  },
  sentence: (context) => `Work out the percent ${context.params.what} of the ${stageName(context, context.params.of)}.`,
  asks: (_, context) => [
    measure(context, {
      id: 'typed',
      title: `Percent ${context.params.what}`,
      ways: [
        {
          id: 'typed',
          label: 'Result',
          slots: [{ slot: 'typed', says: 'Your own result, from your own readings:', dim: 'fraction', unit: '%' }],
        },
      ],
    }),
  ],
  own: ({ typed }, { params: { of, what } }) => ({ of, what, ...(typed ? { typed } : {}) }),
  check: ({ typed, right }, context) => {
    if (!typed || !right || agrees(typed, right.q.value)) return [];
    const about = { step: context.step.id, slot: 'typed' };
    const shown = `${formatDigits({ dim: 'fraction', value: typed.value }, '%', { decimals: typed.decimals })}\u00a0%`;
    const cause = causeOf(context, (value) => isRounded(typed, value));
    return [
      finding(cause ? 'result.differs' : 'result.unclear', 'caution', about, {
        typed: shown,
        right: percentFact(right.q.value),
        ...(cause ? { cause } : {}),
      }),
    ];
  },
  drawing: (_, { params: { what } }) => ({ kind: 'sum', of: what }),
});

/** Percent yield or recovery from the record. */
function rightResult({ bench, params: { of, what } }: StepContext<CalculationParams>): Worked<'fraction'> | undefined {
  const mass = bench.massOf(of)?.mass;
  const stage = stageOf(bench, of);
  if (!mass || !stage) return undefined;
  return what === 'yield'
    ? yieldOf(mass, mostOfStage(bench, stage))
    : recoveryOf(mass, bench.inputOf(of) ?? beforeOf(bench, stage)?.mass ?? mostOfStage(bench, stage));
}

/** Equal within the last typed digit, or half a per cent of the value where readings had three figures. */
function agrees({ value, decimals }: { value: number; decimals: number }, right: number): boolean {
  return Math.abs(value - right) <= Math.max(0.6 * 10 ** -decimals * 0.01, 0.005 * right) + 1e-12;
}

/** What rounds to the typed number: a slip is named only when it is the very one. */
function isRounded({ value, decimals }: { value: number; decimals: number }, slip: number): boolean {
  return Math.abs(value - slip) <= 0.5 * 10 ** -decimals * 0.01 + 1e-9;
}
