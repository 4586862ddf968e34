import { planOf } from '@/core/process/planOf';
import { wastePlan } from '@/core/waste/wastePlan';
import { bottleCases, documentOfBottle } from '../support/scenarios/bottles';
import { water } from '../support/scenarios/parts';
import type { BottleCase } from '../support/scenarios/bottles';

/** What is wrong about a case, in words; nothing when all of it holds. */
function faultsOf(one: BottleCase): readonly string[] {
  const { plan } = planOf(documentOfBottle(one));
  const { pours, findings } = wastePlan(plan);
  // A solution is told by its line: what it holds most of, water or solute, stands in the same layer.
  const idsOf = (line: string) => {
    const found = plan.doc.lines.find(({ id }) => id === line);
    return [line, ...(found ? [found.substance] : [])];
  };
  const pourOf = (line: string) =>
    [...pours].sort((a, b) => held(b.matter, line) - held(a.matter, line)).find(({ matter }) => held(matter, line) > 0);
  const held = (matter: Readonly<Record<string, number>>, line: string) =>
    idsOf(line).reduce((sum, id) => sum + (matter[id] ?? 0), 0);
  const said = (rule: string, stream?: string) =>
    findings.some((each) => each.rule === rule && (stream === undefined || each.about.field === `waste/${stream}`));
  return [
    ...Object.entries(one.into).flatMap(([line, stream]) => {
      const found = pourOf(line)?.stream ?? 'asked';
      return found === stream ? [] : [`${line} goes to ${found}, not ${stream}`];
    }),
    ...Object.entries(one.excess_mmol ?? {}).flatMap(([line, wanted]) => {
      const found = 1000 * (pourOf(line)?.excess_mol ?? 0);
      return Math.abs(found - wanted) <= 0.05 * Math.abs(wanted) ? [] : [`${line}: ${found} mmol, not ${wanted}`];
    }),
    ...(one.must ?? []).flatMap(([rule, stream]) => (said(rule, stream) ? [] : [`${rule} is not said of ${stream}`])),
    ...(one.never ?? []).flatMap((rule) => (said(rule) ? [`${rule} is said`] : [])),
  ];
}

test('there are cases of every stream that is judged by what is in it', () => {
  expect(bottleCases.length).toBeGreaterThanOrEqual(40);
  const streams = new Set(bottleCases.flatMap(({ into }) => Object.values(into)));
  expect([...streams].sort()).toEqual([
    'aqueous',
    'aqueous-organic',
    'asked',
    'azide',
    'cyanide',
    'halogenated',
    'heavy-metal',
    'non-halogenated',
    'oxidizer',
    'solid',
    'sulfide',
  ]);
});

test.each(bottleCases.map((one) => [one.title, one] as const))('%s', (_, one) => {
  expect(faultsOf(one)).toEqual([]);
});

test('an amount in words is an amount for what goes apart at any', () => {
  const silver: BottleCase = {
    title: 'a few crystals of silver nitrate in water',
    lines: { silver: ['catalyst', 'a few crystals', { substance: 'silver-nitrate' }], water: water('20 mL') },
    into: { water: 'heavy-metal' },
  };
  expect(faultsOf(silver)).toEqual([]);
});
