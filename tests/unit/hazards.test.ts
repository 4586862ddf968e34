import fc from 'fast-check';
import { computePlan } from '@/core/plan/plan';
import { documentOfScenario } from '../support/scenarios/scenario';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { renderFinding } from '@/core/words/renderFinding';
import { residues } from '@/core/waste/residues';
import { acidProtons } from '@/core/reference/groups';
import { molarMass } from '@/core/compound/molarMass';
import { shippedSubstances } from '@/data/reference';
import { taken } from '../support/library';
import { endsOf } from '@/core/waste/pours';
import { foreseeSteps } from '@/core/process/predictProcess';
import { gramsOf, nothing, plus } from '@/core/worktop/matter/matter';
import { planOf } from '@/core/process/planOf';
import { wastePlan } from '@/core/waste/wastePlan';
import { acetanilide, dienone, smallPreparation, shipped, shippedPreparations } from '../support/preparations';
import type { ChargeLine, Entered, Preparation, LineRole } from '@/core/document/document';
import type { RuleId } from '@/core/words/rules';

type Charged = readonly [id: string, role: LineRole, entered: Entered];
const mL = (digits: string): Entered => ({ by: 'volume', digits, unit: 'mL' });
const g = (digits: string): Entered => ({ by: 'mass', digits, unit: 'g' });

const step = { opVersion: 1, time: { typical_min: 10, attended: true } } as const;
const harmless = { signal: 'none', pictograms: [], statements: [], source: 'made up', check: 'from memory' } as const;

/** A preparation without reaction of interest: what is charged, and where. */
function charging(lines: readonly Charged[], vessel = 'flask'): Preparation {
  const base = smallPreparation([{ formula: 'C7H8', coefficient: 1, entered: g('1.00') }], {
    formula: 'C7H8',
    coefficient: 1,
  });
  return {
    ...base,
    substances: [
      ...base.substances.map((one) => ({ ...one, hazards: harmless })),
      ...lines.map(([id]) => taken(id).substance),
    ],
    lines: [
      ...base.lines,
      ...lines.map(([id, role, entered]): ChargeLine => ({
        id,
        substance: id,
        role,
        entered,
        vessel,
        ...taken(id).bottle,
      })),
    ],
  };
}

const rulesOf = (doc: Preparation) => hazardFindings(computePlan(doc)).map(({ rule }) => rule);
const says = (doc: Preparation, rule: RuleId) =>
  hazardFindings(computePlan(doc))
    .filter((one) => one.rule === rule)
    .map((one) => renderFinding(one).says);

test.each<[RuleId, readonly Charged[]]>([
  [
    'hazard.chlorine',
    [
      ['sodium-hypochlorite-10', 'reagent in excess', mL('57.5')],
      ['acetic-acid', 'catalyst', mL('3.75')],
    ],
  ],
  [
    'hazard.chloramine',
    [
      ['sodium-hypochlorite-10', 'solvent', mL('10')],
      ['aniline', 'solvent', mL('2')],
    ],
  ],
  [
    'hazard.chlorinated',
    [
      ['sodium-hypochlorite-10', 'solvent', mL('10')],
      ['acetone', 'rinse', mL('2')],
    ],
  ],
  [
    'hazard.sulfurDioxide',
    [
      ['sodium-bisulfite-40', 'quench', mL('3')],
      ['hydrochloric-acid-6m', 'quench', mL('2')],
    ],
  ],
  [
    'hazard.nitrousFumes',
    [
      ['sodium-nitrite', 'solvent', g('1')],
      ['hydrochloric-acid-6m', 'solvent', mL('5')],
    ],
  ],
  [
    'hazard.nitricOrganic',
    [
      ['nitric-acid-65', 'solvent', mL('5')],
      ['toluene', 'solvent', mL('5')],
    ],
  ],
  [
    'hazard.oxidizerOrganic',
    [
      ['potassium-permanganate', 'solvent', g('1')],
      ['acetone', 'solvent', mL('5')],
    ],
  ],
  [
    'hazard.waterReactive',
    [
      ['acetyl-chloride', 'solvent', mL('2')],
      ['water', 'quench', mL('20')],
    ],
  ],
  [
    'hazard.waterReactive',
    [
      ['acetyl-chloride', 'solvent', mL('2')],
      ['sodium-bicarbonate-1m', 'quench', mL('20')],
    ],
  ],
  [
    'hazard.hydrogen',
    [
      ['sodium-borohydride', 'solvent', g('1')],
      ['acetic-acid', 'quench', mL('5')],
    ],
  ],
  [
    'hazard.halideBase',
    [
      ['dichloromethane', 'extractant', mL('20')],
      ['sodium-hydroxide-3m', 'solvent', mL('5')],
    ],
  ],
  [
    'hazard.haloform',
    [
      ['chloroform', 'solvent', mL('5')],
      ['acetone', 'rinse', mL('5')],
      ['sodium-hydroxide-3m', 'solvent', mL('1')],
    ],
  ],
  ['hazard.acidOrder', [['sulfuric-acid-96', 'catalyst', mL('1')]]],
  ['hazard.alkali', [['sodium-hydroxide', 'solvent', g('1')]]],
  ['hazard.ether', [['diethyl-ether', 'extractant', mL('20')]]],
  ['hazard.toxicVapour', [['bromine', 'solvent', g('1')]]],
  ['hazard.skin', [['aniline', 'solvent', mL('1')]]],
  ['hazard.sensitizer', [['eugenol', 'solvent', g('1')]]],
  ['hazard.flagged', [['benzyl-chloride', 'solvent', g('1')]]],
  ['hazard.cancer', [['benzyl-chloride', 'solvent', g('1')]]],
  ['hazard.noData', [['2-ethoxynaphthalene', 'solvent', g('1')]]],
])('%s is found where it belongs, and not without its cause', (rule, lines) => {
  expect(rulesOf(charging(lines))).toContain(rule);
  // Each one taken away leaves nothing of it, since every line of these tables is needed.
  for (const without of lines) expect(rulesOf(charging(lines.filter((line) => line !== without)))).not.toContain(rule);
});

test('materials in different vessels of the same plan do not meet', () => {
  const doc = charging([
    ['sodium-hypochlorite-10', 'solvent', mL('10')],
    ['acetone', 'solvent', mL('2')],
  ]);
  const apart = {
    ...doc,
    lines: doc.lines.map((line) => (line.id === 'acetone' ? { ...line, vessel: 'other' } : line)),
  };
  expect(rulesOf(doc)).toContain('hazard.chlorinated');
  expect(rulesOf(apart)).not.toContain('hazard.chlorinated');
});

test('a bicarbonate wash after an acid says how many litres of carbon dioxide, by the scarcer partner', () => {
  const acid: Charged = ['acetic-acid', 'solvent', mL('4.0')];
  // 4.0 mL · 1.049 g/mL / 60.05 g/mol = 69.9 mmol, 1.68 L at 24 L/mol; 10 mL of 1.0 M bicarbonate give 10 mmol, 0.24 L.
  expect(says(charging([acid, ['sodium-bicarbonate-1m', 'wash', mL('10')]]), 'hazard.carbonDioxide')[0]).toContain(
    '0.24\u00a0L',
  );
  expect(says(charging([acid, ['sodium-bicarbonate', 'wash', g('100')]]), 'hazard.carbonDioxide')[0]).toContain(
    '1.7\u00a0L',
  );
  // Carbonate needs two protons for one of the gas.
  expect(says(charging([acid, ['sodium-carbonate', 'wash', g('100')]]), 'hazard.carbonDioxide')[0]).toContain(
    '0.84\u00a0L',
  );
});

test('the shipped preparation: flame, charcoal into the hot solution, ceiling, vacuum, hot plate, closed system', () => {
  const rules = new Set(rulesOf(acetanilide()));
  for (const rule of [
    'flameFlash',
    'intoHot',
    'ceiling',
    'suction',
    'hot',
    'sealed',
    'accumulates',
    'skin',
    'oven',
  ] as const)
    expect(rules).toContain(`hazard.${rule}`);
  // Aids are charged, everything with a formula has hazard data or none by nature, and nothing is beyond a teaching lab.
  for (const rule of ['noAid', 'flagged', 'chlorine', 'dryness'] as const)
    expect(rules).not.toContain(`hazard.${rule}`);
  const flames = hazardFindings(computePlan(acetanilide())).filter(({ rule }) => rule === 'hazard.flameFlash');
  expect(flames.map(({ about }) => about.step)).toEqual(['reflux']);
  const bare = acetanilide();
  const noAids = {
    ...bare,
    lines: bare.lines.filter(({ id }) => id !== 'aids'),
    steps: bare.steps.filter(({ id }) => id !== 'aids'),
  };
  expect(new Set(rulesOf(noAids))).toContain('hazard.noAid');
});

test('a burner under what catches fire in any room is a stop; a bath is none', () => {
  const boiled = (heat: string): Preparation => {
    const doc = shipped('dimethylphenylpyrrole');
    return {
      ...doc,
      steps: doc.steps.map((step) => (step.id === 'reflux' ? { ...step, params: { ...step.params, heat } } : step)),
    };
  };
  expect(rulesOf(boiled('burner'))).toContain('hazard.flameChosen');
  expect(rulesOf(boiled('waterBath'))).not.toContain('hazard.flameChosen');
  expect(rulesOf(boiled('waterBath')).some((rule) => rule.startsWith('hazard.flameFree'))).toBe(true);
});

test('scaling up far brings the caution of the scale along', () => {
  const doc = { ...acetanilide(), pin: { at: 'factor', digits: '5' } as const };
  expect(rulesOf(doc)).toContain('scale.up');
  expect(rulesOf(doc)).toContain('scale.exotherm');
});

test('a distillation flask: never to dryness; an air condenser from 140 °C on', () => {
  const doc = charging([]);
  const flask = { id: 'still', name: 'Still', kind: 'distillation flask', capacity_mL: 50 } as const;
  const distilled = (id: string, low_C: number, high_C: number): Preparation => ({
    ...doc,
    vessels: [flask],
    substances: [...doc.substances, taken(id).substance],
    stages: [{ id: 'pure', name: 'Pure', substance: id, origin: { by: 'content', line: 'pot' }, measure: 'mass' }],
    lines: [...doc.lines, { id: 'pot', substance: id, role: 'material', entered: g('10.0'), vessel: 'still' }],
    steps: [
      { ...step, id: 'in', op: 'charge', params: { line: 'pot' } },
      { ...step, id: 'over', op: 'distillation', params: { of: 'pure', low_C, high_C }, uses: { in: 'still' } },
    ],
  });
  const high = hazardFindings(computePlan(distilled('4-methylcyclohexanone', 168, 172))).filter(
    ({ about }) => about.step === 'over',
  );
  expect(high.map(({ rule }) => rule)).toEqual(
    expect.arrayContaining(['hazard.dryness', 'hazard.airCondenser', 'hazard.noAid', 'hazard.flameFlash']),
  );
  expect(rulesOf(distilled('cyclohexene', 82, 84))).not.toContain('hazard.airCondenser');
});

test('protons: mineral and carboxylic acids, what water makes of an anhydride, no phenol', () => {
  const groups = (id: string) => shippedSubstances.find((one) => one.id === id);
  const protons = (id: string) => acidProtons(groups(id)?.formula, groups(id)?.groups);
  expect(
    [
      'hydrogen-chloride',
      'sulfuric-acid',
      'acetic-acid',
      'citric-acid',
      'acetic-anhydride',
      'acetyl-chloride',
      '2-naphthol',
    ].map(protons),
  ).toEqual([1, 2, 1, 3, 2, 2, 0]);
});

const massIn = (doc: Preparation) =>
  computePlan(doc).lines.reduce((sum, { total }) => sum + (total.mass?.q.value ?? 0), 0);

test('what is left and the theoretical yield add up to what was charged, over random amounts and coefficients', () => {
  const amount = fc.integer({ min: 1, max: 5000 }).map((n) => g((n / 100).toFixed(2)));
  fc.assert(
    fc.property(amount, amount, fc.constantFrom(1, 2), (a, b, k) => {
      // C6H6 + k O2 → C6H6O2k, balanced for every k.
      const doc = smallPreparation(
        [
          { formula: 'C6H6', coefficient: 1, entered: a },
          { formula: 'O2', coefficient: k, entered: b },
        ],
        { formula: `C6H6O${2 * k}`, coefficient: 1 },
      );
      const plan = computePlan(doc);
      const left = residues(plan).reduce((sum, { mass }) => sum + (mass?.q.value ?? 0), 0);
      const product = plan.charge.product?.mass?.q.value ?? 0;
      expect(Math.abs(left + product - massIn(doc))).toBeLessThan(1e-9 * massIn(doc));
    }),
  );
});

test('the shipped preparation and the example lose no mass on the way to the waste', () => {
  for (const doc of [acetanilide(), dienone()]) {
    const plan = computePlan(doc);
    const left = residues(plan).reduce((sum, { mass }) => sum + (mass?.q.value ?? 0), 0);
    const product = plan.charge.product?.mass?.q.value ?? 0;
    expect(left + product).toBeCloseTo(massIn(doc), 9);
  }
});

test('the filtrate of the shipped preparation holds 0.10 mol acid, and aniline that a base would free', () => {
  const { streams, findings, pours } = wastePlan(computePlan(acetanilide()));
  const filtrate = pours.find(({ place, layer }) => place === 'filter/filtrate' && layer === 'liquid');
  // 69.9 mmol charged, 20.8 formed, twice what is left of the anhydride, less what clings, the cake holds and aniline binds.
  const M = molarMass('C2H4O2');
  const acid = (4.0 * 1.049) / (M.ok ? M.value.q.value : NaN);
  const most = acid + 0.0219 + 2 * (0.0265 - 0.95 * 0.0219);
  expect(-(filtrate?.excess_mol ?? 0)).toBeGreaterThan(0.93 * most);
  expect(-(filtrate?.excess_mol ?? 0)).toBeLessThan(most);
  expect(filtrate?.stream).toBe('aqueous-organic');
  expect(findings.find(({ rule }) => rule === 'waste.amineHeld')?.args['names']).toBe('Aniline');
  const organics = streams.find(({ stream }) => stream === 'aqueous-organic');
  expect(organics?.classVolume?.q.value).toBeCloseTo(8 * (organics?.volume?.q.value ?? 0), 9);
});

test('before there is a procedure the acid of the equation is neutralized: 0.10 mol, 2.4 L of gas', () => {
  const { findings } = wastePlan(computePlan({ ...acetanilide(), steps: [] }));
  const note = findings.find(({ rule }) => rule === 'waste.acidToNeutralize');
  if (!note) throw new Error('missing');
  expect(renderFinding(note).says).toMatch(/100\u00a0mmol of acid.*2\.4\u00a0L/);
  expect(renderFinding(note).says).toContain('8.5\u00a0g of sodium hydrogencarbonate');
});

test.each([...shippedPreparations()])(
  '%s: what is poured, kept, vented and sampled is what was charged, to 1e-9',
  (_, doc) => {
    for (const digits of ['0.4', '1', '3']) {
      const plan = computePlan({ ...doc, pin: { at: 'factor', digits } });
      const { steps, world } = foreseeSteps(plan);
      const { pours, kept, air, samples } = endsOf(world, steps);
      const found = [...pours.map(({ matter }) => matter), kept, air, samples].reduce(plus, nothing);
      const into = steps.map(({ introduced }) => introduced).reduce(plus, nothing);
      const taken = new Set(steps.flatMap(({ lines }) => lines));
      const charged = plan.lines
        .filter(({ facts }) => taken.has(facts.line.id) && facts.line.supply === undefined)
        .reduce((sum, { total }) => sum + (total.mass?.q.value ?? 0), 0);
      expect(Math.abs(gramsOf(into) / charged - 1)).toBeLessThan(1e-9);
      const unused = plan.lines
        .filter(({ facts }) => !taken.has(facts.line.id) && facts.line.supply === undefined)
        .reduce((sum, { total }) => sum + (total.mass?.q.value ?? 0), 0);
      expect(Math.abs(gramsOf(found) / (charged + unused) - 1)).toBeLessThan(1e-9);
      // The streams hold what is poured.
      const { streams } = wastePlan(plan);
      const inStreams = streams.reduce((sum, { mass }) => sum + (mass?.q.value ?? 0), 0);
      const poured = pours.reduce((sum, { matter }) => sum + gramsOf(matter), 0);
      expect(Math.abs(inStreams / poured - 1)).toBeLessThan(1e-9);
    }
  },
);

test('what must not meet in a bottle is said, and a line can send it elsewhere', () => {
  const doc = charging([
    ['hydrochloric-acid-6m', 'quench', mL('10')],
    ['sodium-bicarbonate-saturated', 'wash', mL('10')],
  ]);
  const rules = (one: Preparation) => wastePlan(computePlan(one)).findings.map(({ rule }) => rule);
  expect(rules(doc)).toContain('waste.incompatible');
  const apart = {
    ...doc,
    lines: doc.lines.map((line) => (line.role === 'wash' ? { ...line, waste: 'solid' as const } : line)),
  };
  expect(rules(apart)).not.toContain('waste.incompatible');
  expect(rules(charging([['sodium-hypochlorite-10', 'solvent', mL('5')]]))).toContain('waste.quenchFirst');
});

test('a substance without a stream is asked about', () => {
  const asked = (doc: Preparation) => wastePlan(computePlan(doc)).findings.map(({ rule }) => rule);
  // Their structures tell.
  expect(asked(dienone())).not.toContain('waste.unassigned');
  const { smiles: _smiles, formula: _formula, ...nameOnly } = dienone().substances[0] ?? { id: '', name: '' };
  const doc = { ...dienone(), substances: [nameOnly, ...dienone().substances.slice(1)] };
  expect(asked(doc)).toContain('waste.unassigned');
});

test.each(shippedPreparations())(
  '%s: looked at once for all, hazards and waste find what each finds alone',
  (_, doc) => {
    const { plan, process } = planOf(doc);
    expect(hazardFindings(plan, process.prediction)).toEqual(hazardFindings(plan));
    expect(wastePlan(plan, process.prediction)).toEqual(wastePlan(plan));
  },
);

test('acid into soda gives less gas than soda into acid: both are said, by the order of the sheet and at the most', () => {
  const of = (order: readonly string[], acid_mL: string) =>
    hazardFindings(
      computePlan(
        documentOfScenario({
          title: 'Soda',
          lines: {
            soda: ['reactant', '10 mL', { substance: 'sodium-carbonate', strength: { by: 'molarity', digits: '1.0' } }],
            acid: [
              'quench',
              `${acid_mL} mL`,
              { substance: 'hydrogen-chloride', strength: { by: 'molarity', digits: '1.0' } },
            ],
          },
          steps: Object.fromEntries(order.map((line) => [line, ['charge', { line }, { in: 'flask' }] as const])),
        }),
      ),
    ).filter(({ rule }) => rule.startsWith('hazard.carbonDioxide'));
  // 12 mmol of acid: 10 make bicarbonate, 2 make gas, a part of which the water holds; soda into it frees 6 mmol, 0.14 L.
  const [written] = of(['soda', 'acid'], '12');
  expect([written?.rule, written && renderFinding(written).says]).toEqual([
    'hazard.carbonDioxideMost',
    expect.stringContaining('0.14\u00a0L'),
  ]);
  expect(of(['acid', 'soda'], '12').map(({ rule }) => rule)).toEqual(['hazard.carbonDioxide']);
  // Less than makes bicarbonate: nothing leaves.
  expect(of(['soda', 'acid'], '8').map(({ rule }) => rule)).toEqual(['hazard.carbonDioxideTurned']);
});
