import { crossChecks } from '@/core/checks/crossChecks';
import { dryingAgentIds, unfitAgents } from '@/core/reference/dryingAgents';
import { groupIds } from '@/core/reference/groups';
import { labelFaults } from '@/core/checks/labelFaults';
import { molarMass } from '@/core/compound/molarMass';
import { propertyIds } from '@/core/reference/properties';
import { solutionChecks } from '@/core/checks/solutionChecks';
import { solutionSchema, substanceSchema } from '@/core/reference/schema';
import {
  infraredBands,
  meltingStandards,
  shippedSolutions,
  shippedSubstances,
  shippedVisualizers,
} from '@/data/reference';
import { boilingTemperature, vapourPressure } from '@/core/models/vapour/antoine';
import type { ReferenceSubstance } from '@/core/reference/substance';

const byId = new Map(shippedSubstances.map((one) => [one.id, one]));
const named = <T extends { readonly id: string }>(all: readonly T[]) => all.map((one) => [one.id, one] as const);

test('the library is as large as a course needs, each entry once', () => {
  expect(shippedSubstances.length).toBeGreaterThanOrEqual(220);
  expect(shippedSolutions.length).toBeGreaterThanOrEqual(60);
  expect(meltingStandards.length).toBeGreaterThanOrEqual(15);
  const ids = [...shippedSubstances, ...shippedSolutions].map(({ id }) => id);
  expect(ids.filter((id, i) => ids.indexOf(id) !== i)).toEqual([]);
  const names = [...shippedSubstances, ...shippedSolutions].map(({ name }) => name);
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
});

test('every value that a model uses carries its uncertainty', () => {
  const bare = shippedSubstances.flatMap(({ id, values, pKa = [], curves = [] }) =>
    [
      values.logP,
      values.waterSolubility,
      values.waterContent,
      ...pKa,
      ...curves.flatMap(({ points }) => points),
    ].flatMap((one) =>
      one && one.digits !== 'miscible' && Number(one.digits) !== 0 && one.u === undefined ? [[id, one.digits]] : [],
    ),
  );
  expect(bare).toEqual([]);
});

test('a solution names its solvent where that is not water, and it is one of the library', () => {
  const others = shippedSolutions.filter(({ solvent }) => solvent !== undefined);
  expect(others.length).toBeGreaterThanOrEqual(4);
  for (const { solvent = '' } of others) expect(byId.has(solvent)).toBe(true);
});

test.each(named(shippedSubstances))('%s has the shape that users’ own entries must have', (_, substance) => {
  expect(() => substanceSchema.validateSync(substance, { strict: true })).not.toThrow();
});

test.each(named(shippedSolutions))('%s has the shape of a solution and names what it holds', (_, solution) => {
  expect(() => solutionSchema.validateSync(solution, { strict: true })).not.toThrow();
  expect(byId.has(solution.solute)).toBe(true);
  const from = solution.madeFrom;
  expect(from === undefined || byId.has(from) || shippedSolutions.some(({ id }) => id === from)).toBe(true);
});

test.each(named(shippedSubstances))('%s: every relation between its fields holds', (_, substance) => {
  expect(crossChecks(substance).filter(({ holds }) => !holds)).toEqual([]);
});

test.each(named(shippedSolutions))(
  '%s: c = 10·w·ρ/M within 2 %%, and its label follows from its statements',
  (_, solution) => {
    const checks = solutionChecks(solution, byId.get(solution.solute));
    expect(checks.some(({ relation }) => relation.startsWith('c ='))).toBe(true);
    expect(checks.filter(({ holds }) => !holds)).toEqual([]);
  },
);

test('concentrated hydrochloric acid is 11.97 M', () => {
  const acid = shippedSolutions.find(({ id }) => id === 'hydrochloric-acid-37');
  const M = molarMass('HCl');
  if (!acid || !M.ok) throw new Error('missing');
  expect((10 * Number(acid.massPercent.digits) * Number(acid.density.digits)) / M.value.q.value).toBeCloseTo(11.975, 3);
});

test('a stronger solution is what a weaker one is made from', () => {
  const molarity = (id: string) => Number(shippedSolutions.find((one) => one.id === id)?.molarity.digits ?? Infinity);
  const wrong = shippedSolutions.filter(
    ({ madeFrom, molarity: { digits } }) => madeFrom !== undefined && molarity(madeFrom) <= Number(digits),
  );
  expect(wrong).toEqual([]);
});

const liquids = shippedSubstances.filter(({ antoine }) => antoine !== undefined);

test('some 25 solvents carry vapour pressure, heat capacity, freezing point and both solubilities with water', () => {
  expect(liquids.length).toBeGreaterThanOrEqual(23);
  const solvents = shippedSubstances.filter(({ values }) => values.heatCapacity);
  expect(solvents.length).toBeGreaterThanOrEqual(25);
  expect(solvents.filter(({ values }) => values.waterSolubility ?? values.waterContent).length).toBeGreaterThanOrEqual(
    25,
  );
});

test.each(named(liquids))('%s: pressure rises with temperature, and its inverse is its inverse', (_, { antoine }) => {
  if (!antoine) throw new Error('missing');
  const { low_C, high_C } = antoine;
  const steps = Array.from({ length: 20 }, (_unused, i) => low_C + ((high_C - low_C) * i) / 19);
  const pressures = steps.map((T) => vapourPressure(antoine, T));
  pressures.slice(1).forEach((p, i) => expect(p).toBeGreaterThan(pressures[i] ?? Infinity));
  steps.forEach((T, i) => expect(boilingTemperature(antoine, pressures[i])).toBeCloseTo(T, 9));
});

// Trouton: the entropy of vaporization of an unassociated liquid is about 88 J/(mol K), an independent check of the constants.
test('the slope of Antoine’s equation gives Trouton’s entropy, higher where hydrogen bonds hold the liquid together', () => {
  const entropy = ({ antoine }: ReferenceSubstance) => {
    if (!antoine) throw new Error('missing');
    const T = boilingTemperature(antoine);
    const slope = (Number(antoine.B) * Math.LN10) / (T + Number(antoine.C)) ** 2;
    return 8.314 * (T + 273.15) * slope;
  };
  const bonded = (one: ReferenceSubstance) =>
    ['alcohol', 'water', 'carboxylicAcid', 'amine'].some((id) => Object.hasOwn(one.groups, id));
  for (const one of liquids.filter((one) => !bonded(one))) {
    expect([one.id, entropy(one) > 80 && entropy(one) < 97]).toEqual([one.id, true]);
  }
  for (const id of ['water', 'methanol', 'ethanol', 'propan-2-ol']) {
    expect(entropy(byId.get(id) as ReferenceSubstance)).toBeGreaterThan(95);
  }
});

test('vapour pressure says so where the equation has no meaning', () => {
  const antoine = byId.get('water')?.antoine;
  if (!antoine) throw new Error('missing');
  expect(() => vapourPressure(antoine, -300)).toThrow(/-300/);
  expect(() => boilingTemperature(antoine, 0)).toThrow(/0 torr/);
});

test('solubility curves rise, and pass through the listed solubility at the same temperature', () => {
  const all = shippedSubstances.flatMap((one) => (one.curves ?? []).map((curve) => ({ one, curve })));
  expect(all.length).toBeGreaterThanOrEqual(3);
  for (const { one, curve } of all) {
    expect(byId.has(curve.solvent)).toBe(true);
    const listed = one.values.waterSolubility;
    const point = curve.points.find(({ at_C }) => at_C === listed?.at_C);
    if (curve.solvent === 'water' && listed && point) {
      expect(Math.abs(Number(point.digits) / Number(listed.digits) - 1)).toBeLessThan(0.15);
    }
  }
});

test('drying agents are ruled out by groups alone', () => {
  for (const { id, groups, notDriedWith } of shippedSubstances)
    expect([id, notDriedWith]).toEqual([id, unfitAgents(groups)]);
});

test('a melting standard is a substance whose melting range ends at its accepted clear point, within 1.5 K', () => {
  for (const { substance, clear_C } of meltingStandards) {
    const melting = byId.get(substance)?.values.melting;
    expect([substance, Math.abs(Number(melting?.high ?? melting?.digits) - Number(clear_C)) <= 1.5]).toEqual([
      substance,
      true,
    ]);
  }
  const points = meltingStandards.map(({ clear_C }) => Number(clear_C));
  expect([...points].sort((a, b) => a - b)).toEqual(points);
});

test('bands and stains name groups that exist; a band’s lower end is below its upper', () => {
  for (const { group, low, high } of infraredBands) {
    expect(groupIds).toContain(group);
    expect(low).toBeLessThan(high);
  }
  for (const { groups } of shippedVisualizers) groups.forEach((id) => expect(groupIds).toContain(id));
});

test('every value names its source and none a page', () => {
  for (const one of shippedSubstances) {
    const sources = [
      ...propertyIds.flatMap((id) => one.values[id]?.source ?? []),
      ...(one.pKa ?? []).map(({ source }) => source),
      one.antoine?.source ?? 'none',
      one.hazards?.source ?? 'none',
    ];
    sources.forEach((source) => {
      expect(source.length).toBeGreaterThan(0);
      expect(source).not.toMatch(/https?:|www\.|doi|p\. ?\d/i);
    });
  }
});

test('a wrong entry is found by the relation it breaks', () => {
  const toluene = byId.get('toluene') as ReferenceSubstance;
  const broken = (change: Partial<ReferenceSubstance>, drawn?: string) =>
    crossChecks({ ...toluene, ...change }, drawn)
      .filter(({ holds }) => !holds)
      .map(({ relation }) => relation);
  expect(broken({}, 'C7H8')).toEqual([]);
  expect(broken({}, 'C8H10')).toEqual(['element counts of formula and structure']);
  expect(broken({ values: { ...toluene.values, boiling: { digits: '112.6', source: 'x' } } })).toEqual([
    'Antoine’s equation at 760 torr',
  ]);
  expect(broken({ form: 'solid' })).toEqual(['melting and boiling point against 20 °C']);
  expect(broken({ values: { ...toluene.values, flash: { digits: '30', source: 'x' } } })).toEqual([
    'flash point against the flammability statement',
  ]);
  expect(broken({ waste: 'halogenated' })).toEqual(['carbon–halogen bonds against the waste stream']);
  expect(broken({ groups: { ketone: 1 }, notDriedWith: [] })).toEqual(['drying agents against the functional groups']);
  expect(
    broken({ hazards: { ...(toluene.hazards as NonNullable<typeof toluene.hazards>), pictograms: ['02'] } }),
  ).toEqual(['statements, symbols and signal word']);
});

test('drying agents: calcium chloride with none of the groups it binds, potassium carbonate with no phenol or acid', () => {
  for (const one of ['alcohol', 'phenol', 'amine', 'amide', 'ketone', 'aldehyde', 'ester'] as const) {
    expect(unfitAgents({ [one]: 1 })).toContain('CaCl2');
  }
  expect(unfitAgents({ phenol: 1 })).toEqual(['CaCl2', 'K2CO3', 'KOH']);
  expect(unfitAgents({ ether: 1 })).toEqual([]);
  expect(dryingAgentIds.filter((id) => !shippedSubstances.some(({ formula }) => formula === id)).sort()).toEqual([
    'sieves',
  ]);
});

test('labels: precedence of symbols and signal word', () => {
  const label = (signal: 'danger' | 'warning' | 'none', pictograms: string[], statements: string[]) =>
    labelFaults({ signal, pictograms, statements });
  expect(label('danger', ['05', '06'], ['H301', 'H314', 'H319'])).toEqual([]);
  expect(label('danger', ['06', '07'], ['H301', 'H315'])).toHaveLength(1);
  expect(label('warning', ['02'], ['H225'])).toHaveLength(1);
  expect(label('danger', ['08'], ['H334', 'H317', 'H315'])).toEqual([]);
  expect(label('danger', ['07', '08'], ['H334', 'H317', 'H335'])).toEqual([]);
  expect(label('none', ['09'], ['H411'])).toEqual([]);
  expect(label('none', [], ['H999'])).toEqual(['H999 is not a hazard statement']);
});
