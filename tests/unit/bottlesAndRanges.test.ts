import fc from 'fast-check';
import { benchState } from '@/core/bench/benchState';
import { benchResults } from '@/core/results/benchResults';
import { computePlan } from '@/core/plan/plan';
import { heatingWords } from '@/core/operations/heating';
import { predictProcess } from '@/core/process/predictProcess';
import { gramsOf } from '@/core/worktop/matter/matter';
import { fullDocument } from '../support/fullDocument';
import { withLine } from '../support/preparations';
import { entriesOf, reading } from '../support/record';
import type { Body } from '@/core/record/entry';
import type { ChargeLine } from '@/core/document/document';

const doc = fullDocument();
const brought = (line: Partial<ChargeLine>) => {
  const { steps } = predictProcess(computePlan(withLine(doc, 'quench', line)));
  return steps.find(({ step }) => step.id === 'quench')?.introduced ?? {};
};

test('a bottle with several solutes brings each of them, and its solvent makes up the rest', () => {
  // 30 mL × 1.05 g/mL: 3.0 mol/L of HCl, 2 % w/w of acid, the rest water.
  const bottle = brought({});
  expect(bottle['hydrochloric']).toBeCloseTo(0.09 * 36.458, 2);
  expect(bottle['acid']).toBeCloseTo(0.02 * 31.5, 6);
  expect(gramsOf(bottle)).toBeCloseTo(31.5, 9);
  const molar = brought({ contains: [{ substance: 'acid', strength: { by: 'molarity', digits: '0.50' } }] });
  expect(molar['acid']).toBeCloseTo(0.03 * 0.5 * 60.052, 3);
  const inEther = brought({ solvent: 'ether' });
  expect(inEther['ether']).toBeCloseTo(31.5 - 0.02 * 31.5 - 0.09 * 36.458, 2);
  expect(inEther['water']).toBeUndefined();
});

test('whatever a bottle is said to hold, it weighs what it weighs', () => {
  const strength = fc.oneof(
    fc.record({ by: fc.constant('massFraction' as const), digits: fc.integer({ min: 1, max: 100 }).map(String) }),
    fc.record({ by: fc.constant('molarity' as const), digits: fc.integer({ min: 1, max: 40 }).map(String) }),
  );
  fc.assert(
    fc.property(fc.array(strength, { maxLength: 4 }), (all) => {
      const bottle = brought({ contains: all.map((one) => ({ substance: 'acid', strength: one })) });
      expect(Object.values(bottle).every((grams) => grams >= 0)).toBe(true);
      expect(gramsOf(bottle)).toBeCloseTo(31.5, 6);
    }),
  );
});

test('a range is asked for as one, is scaled as one, and anything within it was meant', () => {
  const target = computePlan({ ...doc, pin: { at: 'factor', digits: '2' } }).lines.find(
    ({ facts }) => facts.line.id === 'ether',
  )?.target;
  expect([target?.rounded.q.value, target?.high?.q.value]).toEqual([40, 50]);
  const at = (...bodies: readonly Body[]) => benchState(doc, entriesOf(bodies));
  const step = at().steps.find((one) => one.step.id === 'solvent');
  expect(step?.operation.sentence(step.context)).toBe('Measure 20–25\u00a0mL ether into the flask.');
  const rules = (text: string) => at(reading('ether', 'volume', text)).charge.findings.map(({ rule }) => rule);
  expect(rules('24.5 mL')).not.toContain('reading.offTarget');
  expect(rules('31 mL')).toContain('reading.offTarget');
  expect(rules('15 mL')).toContain('reading.offTarget');
});

test('a stage that is measured by its volume weighs that by its density, and has a yield', () => {
  const volume: Body = { k: 'reading', place: { step: 'weigh-ester', slot: 'volume' }, digits: '2.00', unit: 'mL' };
  const state = benchState(
    doc,
    entriesOf([
      reading('bromide', 'volume', '5.00 mL'),
      reading('magnesium', 'net', '1.22 g'),
      reading('ketone', 'net', '3.00 g'),
      reading('quench', 'volume', '30.0 mL'),
      { k: 'reading', place: { step: 'weigh-alcohol', slot: 'net' }, digits: '3.00', unit: 'g' },
      reading('acid', 'net', '13.2 g'),
      volume,
    ]),
  );
  const step = state.steps.find((one) => one.step.id === 'weigh-ester');
  expect(step?.status).toBe('done');
  expect(step?.operation.sentence(step.context)).toBe('Measure the volume of the ester.');
  const ester = benchResults(state).stages.find(({ stage }) => stage.id === 'ester');
  expect(ester?.mass?.mass.q.value).toBeCloseTo(2.18, 9);
  expect(ester?.percentYield?.q.value).toBeCloseTo(2.18 / ((3 / 136.19) * 178.23), 3);
});

test('what stands by a step is said in words', () => {
  expect(heatingWords({ heat: 'oilBath', setting: '130 °C', stirring: 'bar', condenser: 'air' })).toEqual([
    'oil bath, 130 °C',
    'stir bar',
    'air condenser',
  ]);
  expect(heatingWords({})).toEqual([]);
});
