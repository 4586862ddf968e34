import { computePlan } from '@/core/plan/plan';
import { changeReaction } from '@/core/editing/edit';
import {
  acetanilide,
  dienone,
  documentOf,
  dienoneText,
  mainExtents,
  smallPreparation,
  withLine,
  withTerms,
} from '../support/preparations';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import { renderFinding } from '@/core/words/renderFinding';
import type { Plan } from '@/core/plan/planTypes';
import type { Pin, Preparation } from '@/core/document/document';

const rulesOf = (plan: Plan) => plan.findings.map(({ rule }) => rule);
const target = (plan: Plan, id: string) => plan.lines.find(({ facts }) => facts.line.id === id)?.target;
const pinned = (doc: Preparation, pin: Pin) => computePlan({ ...doc, pin });
const grams = (plan: Plan) => plan.charge.product?.mass?.q.value ?? NaN;

test('acetanilide as written agrees with the figures worked out by hand', () => {
  const plan = computePlan(acetanilide());
  const aniline = plan.lines[0];
  expect(aniline?.total.mass?.q.value).toBeCloseTo(2.044, 3);
  expect(aniline?.total.amount?.q.value).toBeCloseTo(0.02195, 5);
  expect(plan.lines[1]?.equivalents?.q.value).toBeCloseTo(1.21, 2);
  expect(plan.lines[1]?.extent?.excess.q.value).toBeCloseTo(0.21, 2);
  expect(grams(plan)).toBeCloseTo(2.97, 2);
  expect(plan.vessels[0]?.volume?.q.value).toBeCloseTo(8.5, 6);
  expect(plan.differences.get('reaction')).toEqual({});
  expect(plan.findings.filter(({ severity }) => severity !== 'note')).toEqual([]);
});

test('a second preparation comes from a file alone: 2:1, a liquid limits, a solution line', () => {
  const plan = computePlan(documentOf(dienoneText()));
  // 2.00 mL × 1.044 g/mL ÷ 106.12 g/mol = 19.68 mmol, ξ = 9.84 mmol, × 234.30 g/mol = 2.305 g.
  expect(mainExtents(plan)?.limiting.id).toBe('benzaldehyde');
  expect(mainExtents(plan)?.limiting.extent.q.value).toBeCloseTo(0.009838, 6);
  expect(grams(plan)).toBeCloseTo(2.305, 3);
  // 10.0 mL × 2.50 mol/L = 25.0 mmol; 0.80 mL acetone = 10.9 mmol = 0.554 equiv, 10.8 % beyond its half.
  expect(plan.lines[2]?.total.amount?.q.value).toBeCloseTo(0.025, 9);
  expect(plan.lines[1]?.equivalents?.q.value).toBeCloseTo(0.554, 3);
  expect(plan.lines[1]?.extent?.excess.q.value).toBeCloseTo(0.108, 3);
  expect(rulesOf(plan)).toContain('catalyst.large');
});

test('each pin holds what it says, and the rest follows in proportion', () => {
  const doc = acetanilide();
  const wanted = pinned(doc, { at: 'product', digits: '4.00', unit: 'g', percent: '80' });
  expect((wanted.exact.product?.mass?.q.value ?? NaN) * 0.8).toBeCloseTo(4, 9);
  const vessel = pinned(doc, { at: 'vessel', vessel: 'flask', digits: '50', percent: '50' });
  const exactVolume = ['aniline', 'anhydride', 'acid'].reduce(
    (sum, id) => sum + (target(vessel, id)?.exact.q.value ?? NaN),
    0,
  );
  expect(exactVolume).toBeCloseTo(25, 9);
  const forClass = pinned(doc, { at: 'line', line: 'aniline', digits: '22.0', unit: 'mL', over: 'class' });
  // 22.0 mL over 8 benches and a tenth spare is 2.50 mL each.
  expect(target(forClass, 'aniline')?.exact.q.value).toBeCloseTo(2.5, 9);
  expect(forClass.lines[0]?.classTotal?.q.value).toBeCloseTo(22, 9);
  const mass = pinned(doc, { at: 'line', line: 'anhydride', digits: '5.41', unit: 'g', over: 'bench' });
  expect(target(mass, 'anhydride')?.exact.q.value).toBeCloseTo(5, 9);
  expect(target(mass, 'aniline')?.exact.q.value).toBeCloseTo(4, 9);
});

test('of what is given in equivalents a solution is measured out, a bottle that is nearly pure or a solid is weighed', () => {
  const doc = jobDocument(jobs['juice']!);
  const plan = computePlan(doc);
  const acid = target(plan, 'acid')?.exact;
  expect(acid?.q.dim).toBe('volume');
  // 3.1 moles of 3 M acid to one of salt.
  const salt = plan.lines.find(({ facts }) => facts.line.id === 'taken')?.total.amount?.q.value ?? NaN;
  expect(acid?.q.value).toBeCloseTo((3.1 * salt * 1000) / 3, 1);
  expect(target(computePlan(jobDocument(jobs['ester']!)), 'acetic-acid')?.exact.q.dim).toBe('mass');
});

test('what does not scale stays: boiling aids, the number of washes; portions grow instead', () => {
  const plan = pinned(acetanilide(), { at: 'factor', digits: '2' });
  const wash = plan.lines.find(({ facts }) => facts.line.id === 'wash');
  expect(wash?.facts.portions).toBe(2);
  expect(wash?.target?.rounded.q.value).toBeCloseTo(10, 9);
  expect(rulesOf(plan)).toContain('scale.fixed');
});

test('rounding is shown, not hidden: target on the device, exact beside it, effect on the yield', () => {
  const plan = pinned(acetanilide(), { at: 'product', digits: '2.50', unit: 'g', percent: '75' });
  const aniline = target(plan, 'aniline');
  expect(aniline?.rounded.q.value).toBeCloseTo(2.25, 9);
  expect(aniline?.exact.q.value).toBeCloseTo(2.2474, 3);
  expect(plan.roundingEffect?.q.value).toBeCloseTo(
    (aniline?.rounded.q.value ?? NaN) / (aniline?.exact.q.value ?? NaN) - 1,
    9,
  );
  expect(rulesOf(plan)).toContain('rounding.yield');
});

const line = (id: string, digits: string, unit: string): Pin => ({ at: 'line', line: id, digits, unit, over: 'bench' });
const acetone = (digits: string) => withLine(dienone(), 'acetone', { entered: { by: 'volume', digits, unit: 'mL' } });
const noDensity = (doc: Preparation, id: string): Preparation => ({
  ...doc,
  substances: doc.substances.map(({ density, ...rest }) => (rest.id === id || !density ? rest : { ...rest, density })),
});
const formula = (doc: Preparation, id: string, text: string): Preparation => ({
  ...doc,
  substances: doc.substances.map((one) => (one.id === id ? { ...one, formula: text } : one)),
});

// Every rule of the plan, with the smallest change of a good document that calls it.
test.each<[string, () => Preparation]>([
  ['formula.bad', () => formula(acetanilide(), 'aniline', 'C6H7Nn')],
  ['equation.unbalanced', () => formula(acetanilide(), 'aniline', 'C6H8N')],
  ['equation.unbalanced', () => withTerms(dienone(), (all) => all.map((term) => ({ ...term, coefficient: 1 })))],
  ['equation.noProduct', () => changeReaction(acetanilide(), 'reaction', () => ({ product: 'aniline' }))],
  ['equation.uncharged', () => withLine(acetanilide(), 'anhydride', { substance: 'water', role: 'solvent' })],
  ['equation.beside', () => withLine(acetanilide(), 'anhydride', { role: 'solvent' })],
  ['line.badReference', () => withLine(acetanilide(), 'acid', { entered: { by: 'perMass', digits: '2', of: 'aids' } })],
  ['line.notInEquation', () => withLine(acetanilide(), 'acid', { role: 'reactant' })],
  [
    'line.noFormula',
    () => ({
      ...acetanilide(),
      substances: acetanilide().substances.map(({ formula: text, ...rest }) =>
        rest.id === 'aniline' || text === undefined ? rest : { ...rest, formula: text },
      ),
    }),
  ],
  ['line.noDensity', () => noDensity(acetanilide(), 'aniline')],
  [
    'excess.noReason',
    () => ({ ...acetanilide(), lines: acetanilide().lines.map(({ excessReason: _, ...rest }) => rest) }),
  ],
  ['catalyst.large', dienone],
  ['limiting.changed', () => acetone('0.60')],
  ['limiting.margin', () => acetone('0.74')],
  [
    'limiting.tie',
    () =>
      smallPreparation(
        [0, 1].map(() => ({
          formula: 'C2H6O',
          coefficient: 1,
          entered: { by: 'amount', digits: '5.0', unit: 'mmol' } as const,
        })),
        { formula: 'C4H10O', coefficient: 1 },
      ),
  ],
  ['rounding.flip', () => ({ ...acetone('0.7240'), pin: line('benzaldehyde', '1.50', 'mL') })],
  ['rounding.yield', () => ({ ...acetanilide(), pin: line('anhydride', '2.33', 'mL') })],
  ['measure.note', acetanilide],
  ['measure.caution', () => ({ ...acetanilide(), pin: line('aniline', '0.40', 'mL') })],
  ['measure.fillings', () => ({ ...acetanilide(), pin: line('aniline', '5.00', 'mL') })],
  ['measure.finer', () => ({ ...acetanilide(), pin: line('aniline', '2.004', 'mL') })],
  ['pin.cannot', () => ({ ...acetanilide(), pin: { at: 'vessel', vessel: 'nowhere', digits: '50', percent: '50' } })],
  ['pin.cannot', () => ({ ...acetanilide(), pin: line('aids', '2', 'g') })],
  ['scale.up', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '3.5' } })],
  ['scale.exotherm', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '1.5' } })],
  [
    'scale.time',
    () =>
      withLine({ ...acetanilide(), pin: { at: 'factor', digits: '1.5' } }, 'anhydride', {
        addition: { minutes: 3, exothermic: false },
      }),
  ],
  ['scale.losses', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '0.4' } })],
  ['scale.fixed', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '0.4' } })],
  ['vessel.over', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '3.1' } })],
  ['vessel.full', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '2.2' } })],
  ['vessel.stir', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '0.5' } })],
  ['vessel.empty', () => ({ ...acetanilide(), pin: { at: 'factor', digits: '0.7' } })],
])('%s', (rule, change) => {
  const plan = computePlan(change());
  expect(rulesOf(plan)).toContain(rule);
  for (const finding of plan.findings) {
    const { says, remedies } = renderFinding(finding);
    expect([finding.rule, ...[says, ...remedies].filter((text) => /[{}]|NaN|undefined/.test(text))]).toEqual([
      finding.rule,
    ]);
  }
});

test('an addition takes s^⅓ longer at the least: eight times the scale, twice the time', () => {
  const plan = pinned(acetanilide(), { at: 'factor', digits: '8' });
  expect(plan.findings.find(({ rule }) => rule === 'scale.exotherm')?.args['time']).toMatchObject({
    q: { value: 360 },
  });
});

test('the gravest finding stands first', () => {
  const order = computePlan({ ...acetanilide(), pin: { at: 'factor', digits: '4' } }).findings.map(({ severity }) =>
    ['stop', 'caution', 'note'].indexOf(severity),
  );
  expect(order).toEqual([...order].sort());
  expect(order[0]).toBe(0);
});
