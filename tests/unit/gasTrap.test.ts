import { benchState } from '@/core/bench/benchState';
import { computePlan } from '@/core/plan/plan';
import { endsOf } from '@/core/waste/pours';
import { foreseeSteps } from '@/core/process/predictProcess';
import { gramsOf, plus } from '@/core/worktop/matter/matter';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { jobDocument } from '../support/jobs/job';

/** An acid chloride: two moles of acid gas for each of product. */
const job = (alkali: string, trap = true) =>
  jobDocument({
    title: 'An acid chloride under a gas trap',
    reactions: {
      chlorination: [
        'benzoic-acid + thionyl-chloride = benzoyl-chloride + sulfur-dioxide + hydrogen-chloride',
        'benzoyl-chloride',
        { boil: { by: 'conversion', percent: { typical: '90' } } },
      ],
    },
    reference: 'benzoic-acid',
    lines: {
      'benzoic-acid': ['reactant', '2.44 g', { vessel: 'flask' }],
      'thionyl-chloride': ['reagent in excess', '3.00 g', { vessel: 'flask', excessReason: 'cheap' }],
      alkali: ['quench', alkali, { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-3m', vessel: 'trap' }],
    },
    vessels: { flask: ['reaction flask', 50], trap: ['beaker', 250] },
    stages: { chloride: ['Benzoyl chloride', 'benzoyl-chloride', { by: 'reaction', reaction: 'chlorination' }] },
    steps: {
      'in-acid': ['charge', { line: 'benzoic-acid' }],
      'in-chloride': ['charge', { line: 'thionyl-chloride' }],
      'in-alkali': ['charge', { line: 'alkali' }],
      boil: ['hold', { minutes: 60, low_C: 70, high_C: 80 }, { in: 'flask', ...(trap ? { trap: 'trap' } : {}) }],
      weigh: ['weighing', { of: 'chloride' }],
    },
  });

const done = (doc: ReturnType<typeof job>) => {
  const { steps, world } = foreseeSteps(computePlan(doc));
  const boil = steps.find(({ step }) => step.id === 'boil')!;
  const content = boil.shelf['trap'];
  return { boil, ends: endsOf(world, steps), trap: content ? wholeOf(content) : {} };
};
// 2.44 g of the acid, 122.12 g/mol, to 90 per cent.
const moles = (2.44 / 122.12) * 0.9;

test('acid gases go into the trap with their amount, and the waste nets them with its alkali', () => {
  const { boil, trap, ends } = done(job('30 mL'));
  expect(trap['sulfur-dioxide']).toBeCloseTo(moles * 64.06, 3);
  expect(trap['hydrogen-chloride']).toBeCloseTo(moles * 36.46, 3);
  expect(boil.streams).toEqual([]);
  expect(boil.remarks.join(' ')).toMatch(/goes into the trap: hydrogen chloride/);
  const pour = ends.pours.find(({ place }) => place === 'trap')!;
  // 90 mmol of alkali; hydrogen chloride takes one, sulfur dioxide between one and two at neutral.
  expect(pour.excess_mol).toBeLessThan(0.09 - 2 * moles + 1e-3);
  expect(pour.excess_mol).toBeGreaterThan(0.09 - 3 * moles - 1e-3);
});

test('a trap with too little says so; without one the gas is in the air; nothing is lost either way', () => {
  expect(done(job('5.0 mL')).boil.remarks.join(' ')).toMatch(/too little/);
  expect(done(job('30 mL')).boil.remarks.join(' ')).not.toMatch(/too little/);
  const [kept, open] = [done(job('30 mL')), done(job('30 mL', false))];
  expect(gramsOf(open.ends.air)).toBeCloseTo(moles * (64.06 + 36.46), 2);
  const all = ({ ends }: typeof kept) =>
    gramsOf([...ends.pours.map(({ matter }) => matter), ends.kept, ends.air, ends.samples].reduce(plus, {}));
  expect(all(kept)).toBeCloseTo(all(open), 9);
});

test('under reflux the check of the top speaks of the trap, where there is one', () => {
  const under = (trap: boolean) => {
    const one = job('30 mL', trap);
    const state = benchState(
      { ...one, steps: one.steps.map((step) => (step.id === 'boil' ? { ...step, op: 'reflux' } : step)) },
      [],
    );
    return state.steps
      .find(({ step }) => step.id === 'boil')
      ?.asks.flatMap((ask) => (ask.kind === 'check' ? [ask.says] : []));
  };
  expect(under(true)).toContain('The top carries the tube to the trap beaker, over its liquid. Never sealed.');
  expect(under(false)).toContain('The top is open, or carries a drying tube. Never sealed.');
});
