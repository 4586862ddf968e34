import { hazardFindings } from '@/core/hazard/hazardFindings';
import { planOf } from '@/core/process/planOf';
import { documentOfScenario } from '../support/scenarios/scenario';
import type { Job } from '../support/jobs/job';
import type { RuleId } from '@/core/words/rules';

const label = (statement: string) => ({
  hazards: {
    signal: 'danger' as const,
    pictograms: ['08' as const],
    statements: [statement],
    source: 'author',
    check: 'from memory' as const,
  },
});

/** Rules that are said of a substance which is charged into water. */
function said(
  statement: string,
  amount: string,
  more: Job['lines'][string][2] = {},
  water = '100 mL',
): readonly string[] {
  const doc = documentOfScenario({
    title: 'A dye in water',
    own: { dye: { name: 'Dye', formula: 'C20H20N2O2', form: 'solid', ...label(statement) } },
    lines: { dye: ['reactant', amount, more], water: ['solvent', water, { substance: 'water' }] },
    steps: {
      dye: ['charge', { line: 'dye' }, { in: 'flask' }],
      water: ['charge', { line: 'water' }, { in: 'flask' }],
    },
  });
  const { plan, process } = planOf(doc);
  return hazardFindings(plan, process.prediction)
    .filter(({ about }) => about.substance === 'dye')
    .map(({ rule }) => rule);
}

const solution = (percent: string) => ({
  strength: { by: 'massFraction' as const, digits: percent },
  solvent: 'water',
});

test.each<readonly [statement: string, rule: RuleId, below: string, above: string]>([
  ['H350', 'hazard.cancer', '0.05', '0.2'],
  ['H340', 'hazard.geneticDefects', '0.05', '0.2'],
  ['H360', 'hazard.fertility', '0.2', '0.5'],
  ['H351', 'hazard.suspected', '0.5', '2'],
  ['H361', 'hazard.suspected', '2', '5'],
])(
  '%s is told of a bottle above the limit for mixtures, and of the neat substance however dilute it becomes',
  (statement, rule, below, above) => {
    expect(said(statement, '10 mg')).toContain(rule);
    expect(said(statement, '5.0 g', solution(above))).toContain(rule);
    expect(said(statement, '5.0 g', solution(below))).not.toContain(rule);
  },
);

test('what stands dilute and is boiled down is told of where it has become strong', () => {
  const doc = documentOfScenario({
    title: 'Boiled down',
    own: { dye: { name: 'Dye', formula: 'C20H20N2O2', form: 'solid', ...label('H350') } },
    lines: { dye: ['reactant', '80 g', solution('0.05')] },
    steps: {
      dye: ['charge', { line: 'dye' }, { in: 'flask' }],
      down: ['boilingDown', { to_mL: 5, way: 'open', of: 'product' }, { in: 'flask' }],
    },
  });
  const { plan, process } = planOf(doc);
  const told = hazardFindings(plan, process.prediction).filter(({ rule }) => rule === 'hazard.cancer');
  expect(told.map(({ about }) => about.step)).toEqual(['down']);
});

test('acute toxicity knows no such limit', () => {
  expect(said('H300', '5.0 g', solution('0.05'))).toContain('hazard.flagged');
});
