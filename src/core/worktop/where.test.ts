import { computePlan } from '../plan/plan';
import { gramsOf } from './matter/matter';
import { predictProcess } from '../process/predictProcess';
import { wholeOf } from './matter/shelf';
import { jobDocument } from '../../../tests/support/jobs/job';
import { jobs } from '../../../tests/support/jobs';
import type { Preparation } from '../document/document';

const foreseen = (doc: Preparation) => predictProcess(computePlan(doc)).steps;
const at = (doc: Preparation, step: string) => {
  const found = foreseen(doc).find((one) => one.step.id === step);
  if (!found) throw new Error(`no ${step}`);
  return found;
};
const massIn = (doc: Preparation, step: string, place: string) => {
  const content = at(doc, step).shelf[place];
  return content ? gramsOf(wholeOf(content)) : 0;
};
const dienone = () => jobDocument(jobs['dienone']!);
const amine = () => jobDocument(jobs['amine']!);

test('a vessel that a step names and that is empty is filled from where the work stands', () => {
  expect(massIn(dienone(), 'filter', 'paper')).toBe(0);
  expect(massIn(dienone(), 'dry', 'paper')).toBeGreaterThan(3);
  expect(at(dienone(), 'weigh').product).toBe('paper');
});

test('one that was poured out is filled again; a side vessel keeps what is in it until it is poured', () => {
  // The flask of the crude is emptied onto the paper; the work never goes into the flask with the reagent.
  expect(at(amine(), 'ice').product).toBe('flask');
  expect(massIn(amine(), 'ice', 'conical')).toBeCloseTo(10.58, 1);
  expect(massIn(amine(), 'fill', 'conical')).toBe(0);
  expect(at(amine(), 'drop').product).toBe('flask');
  expect(massIn(amine(), 'drop', 'dropper')).toBe(0);
});

test('a step goes on where the one left off that it waits for', () => {
  const doc = dienone();
  const steps = doc.steps.map((step) => (step.id === 'again' ? { ...step, uses: {}, after: ['filter'] } : step));
  // It takes the cake of the first filtration, not the flask that stands in ice.
  const [before] = foreseen({ ...doc, steps }).filter(({ step }) => step.id === 'ice');
  const again = at({ ...doc, steps }, 'again');
  expect(before?.product).toBe('conical');
  expect(again.touched).toContain('filter/cake');
  expect(again.touched).not.toContain('conical');
});

/** One reaction in a beaker, let run where the last line goes in. */
const meeting = (
  reaction: string,
  product: string,
  own: NonNullable<(typeof jobs)[string]['own']>,
  lines: (typeof jobs)[string]['lines'],
) =>
  jobDocument({
    title: 'Meeting',
    own,
    reactions: { meet: [reaction, product, { last: { by: 'conversion', percent: { typical: '100' } } }] },
    reference: Object.keys(lines)[0] ?? '',
    lines,
    vessels: { beaker: ['beaker', 250], other: ['beaker', 250] },
    stages: { product: ['Product', product, { by: 'reaction', reaction: 'meet' }] },
    steps: Object.fromEntries(
      Object.keys(lines).map((line, i, all) => [
        i === all.length - 1 ? 'last' : `in-${line}`,
        ['charge', { line }, { in: 'beaker' }] as const,
      ]),
    ),
  });

test('a gas of the equation leaves with its amount, in the vessel that the last line goes into', () => {
  const doc = meeting(
    'sodium-bicarbonate + hydrogen-chloride = sodium-chloride + carbon-dioxide + water',
    'sodium-chloride',
    {},
    {
      bicarbonate: ['reactant', '8.4 g', { substance: 'sodium-bicarbonate', reaction: 'meet', vessel: 'beaker' }],
      acid: [
        'reactant',
        '40 mL',
        { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-3m', reaction: 'meet', vessel: 'beaker' },
      ],
    },
  );
  const gas = foreseen(doc)
    .flatMap(({ streams }) => streams)
    .filter(({ to }) => to === 'air');
  // 8.4 g are 0.100 mol: as many of carbon dioxide, whichever name the models give it.
  expect(gas.reduce((sum, { matter }) => sum + gramsOf(matter), 0)).toBeCloseTo(0.1 * 44.009, 1);
});

test('what water does not dissolve falls out of what a reaction made, and what it dissolves stays', () => {
  const own = {
    'silver-chloride': { name: 'Silver chloride', formula: 'AgCl', form: 'solid' as const },
    'sodium-nitrate': { name: 'Sodium nitrate', formula: 'NaNO3', form: 'solid' as const },
  };
  const doc = meeting('silver-nitrate + sodium-chloride = silver-chloride + sodium-nitrate', 'sodium-nitrate', own, {
    silver: ['reactant', '1.70 g', { substance: 'silver-nitrate', reaction: 'meet', vessel: 'beaker' }],
    water: ['solvent', '50 mL', { vessel: 'beaker' }],
    salt: ['reactant', '0.60 g', { substance: 'sodium-chloride', reaction: 'meet', vessel: 'beaker' }],
  });
  const { phases } = at(doc, 'last').shelf['beaker']!;
  expect(phases.solid?.['silver-chloride']).toBeCloseTo(1.43, 2);
  expect(phases.liquid?.['silver-chloride'] ?? 0).toBe(0);
  expect(phases.liquid?.['sodium-nitrate']).toBeCloseTo(0.85, 2);
});
