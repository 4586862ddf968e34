import { planOf } from '@/core/process/planOf';
import { renderFinding } from '@/core/words/renderFinding';
import { documentOfScenario } from '../support/scenarios/scenario';
import { fullDocument } from '../support/fullDocument';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import { shippedPreparations } from '../support/preparations';
import type { Scenario } from '../support/scenarios/scenario';

// Written before the rule: where a sheet says one thing and what is known of its liquids another.

const funnel = { in: 'funnel' } as const;
const flask = { in: 'flask' } as const;
const acid = ['reactant', '1.0 g', { substance: 'benzoic-acid' }] as const;
const water = ['solvent', '30 mL', { substance: 'water' }] as const;

const shaken = (solvent: string, organic: 'upper' | 'lower', more: Partial<Scenario> = {}): Scenario => ({
  title: 'Shaken',
  lines: { acid, water, solvent: ['extractant', '25 mL', { substance: solvent }] },
  steps: {
    acid: ['charge', { line: 'acid' }, funnel],
    water: ['charge', { line: 'water' }, funnel],
    shake: ['extraction', { line: 'solvent', organic, of: 'product' }, { ...funnel, to: 'conical', aside: 'flask' }],
  },
  ...more,
});
const boiled = (solvent: string, low_C: number, high_C: number): Scenario => ({
  title: 'Boiled',
  lines: { acid, solvent: ['solvent', '30 mL', { substance: solvent }] },
  steps: {
    acid: ['charge', { line: 'acid' }, flask],
    solvent: ['charge', { line: 'solvent' }, flask],
    boil: ['reflux', { minutes: 30, low_C, high_C }, flask],
  },
});
const distilled = (low_C: number, high_C: number): Scenario => ({
  title: 'Distilled',
  lines: { ester: ['reactant', '20 mL', { substance: 'ethyl-acetate' }] },
  steps: {
    ester: ['charge', { line: 'ester' }, flask],
    distil: ['distillation', { of: 'product', low_C, high_C }, { ...flask, to: 'conical' }],
  },
});
const unknownOil = {
  own: { oil: { name: 'Some solvent', formula: 'C8H16O', form: 'liquid' as const } },
  lines: { acid, water, solvent: ['extractant', '25 mL', { substance: 'oil' }] as const },
};

const said = (scenario: Scenario) =>
  planOf(documentOfScenario(scenario))
    .process.findings.filter(({ rule }) => rule.startsWith('contradiction.'))
    .map(({ rule, severity, about }) => `${about.step} ${rule.replace('contradiction.', '')} ${severity}`);

test.each<readonly [string, Scenario, readonly string[]]>([
  ['dichloromethane kept on top', shaken('dichloromethane', 'upper'), ['shake layers stop']],
  ['dichloromethane below', shaken('dichloromethane', 'lower'), []],
  ['ether kept below', shaken('diethyl-ether', 'lower'), ['shake layers stop']],
  ['ether on top', shaken('diethyl-ether', 'upper'), []],
  ['chlorobenzene, 1.10 over water, kept on top', shaken('chlorobenzene', 'upper'), ['shake layers stop']],
  ['anisole, 0.99: too close to tell', shaken('anisole', 'lower'), []],
  ['a solvent of which nobody knows the density', shaken('oil', 'lower', unknownOil), []],
  ['ether under reflux at 95–105 °C', boiled('diethyl-ether', 95, 105), ['boil boils caution']],
  ['ether under reflux at 33–36 °C', boiled('diethyl-ether', 33, 36), []],
  ['toluene under reflux at 335–345 °C', boiled('toluene', 335, 345), ['boil boils caution']],
  ['toluene under reflux at 60–70 °C', boiled('toluene', 60, 70), ['boil boils caution']],
  ['toluene under reflux at 108–112 °C', boiled('toluene', 108, 112), []],
  ['water under reflux, a bath window that reaches it', boiled('water', 95, 105), []],
  ['the main cut at 20–30 °C of what boils at 77 °C', distilled(20, 30), ['distil cut caution']],
  ['the main cut at 75–79 °C', distilled(75, 79), []],
  ['the main cut at 70–74 °C: within what a head is off', distilled(70, 74), []],
  ['the main cut at 140–150 °C', distilled(140, 150), ['distil cut caution']],
])('%s', (_, scenario, expected) => {
  expect(said(scenario)).toEqual(expected);
});

test('nothing that is shipped or was tried contradicts itself', () => {
  const docs = [
    ...shippedPreparations().map(([, doc]) => doc),
    ...Object.values(jobs).map(jobDocument),
    fullDocument(),
  ];
  for (const doc of docs) {
    const found = planOf(doc).process.findings.filter(({ rule }) => rule.startsWith('contradiction.'));
    expect([doc.title, found.map((one) => renderFinding(one).says)]).toEqual([doc.title, []]);
  }
});

test('it says both reasons: what the sheet has, and by which figures it is otherwise', () => {
  const { process } = planOf(documentOfScenario(shaken('dichloromethane', 'upper')));
  const [found] = process.findings.filter(({ rule }) => rule === 'contradiction.layers');
  expect(found && renderFinding(found).says).toMatch(
    /upper one; by 1\.\d+.g\/mL against [01]\.\d+.g\/mL of the water it is the lower/,
  );
});
