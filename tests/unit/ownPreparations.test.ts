import { readdirSync, readFileSync } from 'node:fs';
import { computePlan } from '@/core/plan/plan';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { hazardRules } from '@/core/words/hazardRules';
import { processPlan } from '@/core/process/processPlan';
import { renderFinding } from '@/core/words/renderFinding';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { wastePlan } from '@/core/waste/wastePlan';
import { ownDocument, ownPreparations } from '../support/ownPreparations';
import { shipped, smallPreparation, withTerms } from '../support/preparations';
import { taken } from '../support/library';
import type { ChargeLine, Preparation, LineRole } from '@/core/document/document';

const all = Object.entries(ownPreparations);
const findings = (doc: Preparation) => hazardFindings(computePlan(doc));

test.each(all)('%s: every caution that was marked by hand stands at its step, and none besides', (title, own) => {
  const found = findings(ownDocument(title, own)).filter(({ severity }) => severity !== 'note');
  const marked = own.marks.flatMap(([step, ...rules]) => rules.map((rule) => `${step} ${rule}`));
  expect(found.map(({ rule, about }) => `${about.step} ${rule.replace('hazard.', '')}`).sort()).toEqual(marked.sort());
});

test('every word that the rules say of them is whole', () => {
  for (const [title, own] of all)
    for (const one of findings(ownDocument(title, own))) {
      const { says, remedies } = renderFinding(one);
      expect([title, one.rule, /[{}]|NaN|undefined|Infinity/.test([says, ...remedies].join(' '))]).toEqual([
        title,
        one.rule,
        false,
      ]);
    }
});

test('what no rule can judge is said to be not judged', () => {
  const [title, own] = all.at(-1)!;
  expect(findings(ownDocument(title, own)).map(({ rule }) => rule)).toEqual(
    expect.arrayContaining(['hazard.notJudged', 'hazard.noData']),
  );
});

test('gases of the equation are named with their amount and their trap', () => {
  const says = (title: string, rule: string) =>
    findings(ownDocument(title, ownPreparations[title]!))
      .filter((one) => one.rule === rule)
      .map((one) => renderFinding(one).says)
      .join(' ');
  // 6.1 g of benzoic acid are 50 mmol: 1.2 L of each.
  expect(says('an acid chloride from thionyl chloride', 'hazard.gasIntoBase')).toMatch(
    /Sulfur dioxide: about 1\.2\u00a0L.*Hydrogen chloride: about 1\.2\u00a0L/,
  );
  // 10 mmol of acid in the vial, vented every two minutes.
  expect(says('a decarboxylation in a closed vial', 'hazard.closedGas')).toMatch(/0\.24\u00a0L.*every 2\u00a0min/);
  // 0.50 g of borohydride, 13.2 mmol, 96 mL each.
  expect(says('a ketone reduced with borohydride', 'hazard.hydrogen')).toContain('1.3\u00a0L');
});

test('sodium is never told to go into water; what takes it apart is', () => {
  for (const title of [
    'sodium thrown into water',
    'sodium and chloroform',
    'a hydride reduction, quenched with an ester',
  ]) {
    const words = findings(ownDocument(title, ownPreparations[title]!))
      .map((one) => [renderFinding(one).says, ...renderFinding(one).remedies].join(' '))
      .join(' ');
    expect(words).not.toMatch(/into cold, stirred water/i);
    expect(words).toMatch(title.includes('hydride') ? /ethyl acetate/i : /propan-2-ol/);
  }
});

test('a drained acid wash meets the next bicarbonate with its film only: about twelve millilitres of gas for 1 M', () => {
  const line = (id: string, role: LineRole, digits: string, vessel?: string): ChargeLine => ({
    id,
    substance: id,
    role,
    entered: { by: 'volume', digits, unit: 'mL' },
    ...taken(id).bottle,
    ...(vessel ? { vessel } : {}),
  });
  const base = smallPreparation(
    [{ formula: 'C7H8', coefficient: 1, entered: { by: 'mass', digits: '1.00', unit: 'g' } }],
    { formula: 'C7H8', coefficient: 1 },
  );
  const ids = ['diethyl-ether', 'hydrochloric-acid-1m', 'sodium-bicarbonate-1m'];
  const step = { opVersion: 1, time: { typical_min: 5, attended: true } } as const;
  const doc: Preparation = {
    ...base,
    substances: [...base.substances, ...ids.map((id) => taken(id).substance)],
    vessels: [{ id: 'funnel', name: 'Funnel', kind: 'separatory funnel', capacity_mL: 125 }],
    lines: [
      ...base.lines,
      line('diethyl-ether', 'solvent', '30', 'funnel'),
      line('hydrochloric-acid-1m', 'wash', '20'),
      line('sodium-bicarbonate-1m', 'wash', '20'),
    ],
    stages: [{ id: 'crude', name: 'Crude', substance: 'a', origin: { by: 'content', line: 'a' }, measure: 'mass' }],
    steps: [
      { ...step, id: 'in', op: 'charge', params: { line: 'diethyl-ether' } },
      {
        ...step,
        id: 'acid',
        op: 'wash',
        params: { line: 'hydrochloric-acid-1m', organic: 'upper' },
        uses: { in: 'funnel' },
      },
      {
        ...step,
        id: 'base',
        op: 'wash',
        params: { line: 'sodium-bicarbonate-1m', organic: 'upper' },
        uses: { in: 'funnel' },
      },
    ],
  };
  const gas = findings(doc).find(({ rule, about }) => rule === 'hazard.carbonDioxide' && about.step === 'base');
  const litres = gas?.args['gas'];
  expect(gas?.severity).toBe('note');
  expect(typeof litres === 'object' && litres.q.value).toBeGreaterThan(8);
  expect(typeof litres === 'object' && litres.q.value).toBeLessThan(14);
});

test('carbon dioxide of a shipped extraction comes where it is freed, and adds up to the carbonate that acid met', () => {
  const gas = findings(shipped('acid-base-neutral')).filter(({ rule }) => rule === 'hazard.carbonDioxide');
  expect(gas.map(({ about }) => about.step)).toEqual(expect.arrayContaining(['extract-acid', 'set-free-acid']));
});

test('an acid left over is counted in moles, not by the mass of its solution', () => {
  const doc = smallPreparation(
    [
      { formula: 'NaOH', coefficient: 2, entered: { by: 'mass', digits: '2.00', unit: 'g' } },
      {
        formula: 'H2SO4',
        coefficient: 1,
        entered: { by: 'volume', digits: '10.0', unit: 'mL' },
        density: '1.18',
        strength: { by: 'molarity', digits: '3.00' },
      },
    ],
    { formula: 'Na2SO4', coefficient: 1 },
  );
  const aqueous: Preparation = {
    ...doc,
    substances: doc.substances.map((one) => ({ ...one, waste: 'aqueous' })),
    reactions: withTerms(doc, (terms) => [...terms, { substance: 'w', side: 'right', coefficient: 2 }]).reactions,
  };
  const whole = {
    ...aqueous,
    substances: [...aqueous.substances, { id: 'w', name: 'Water', formula: 'H2O', waste: 'aqueous' as const }],
  };
  const note = wastePlan(computePlan(whole)).findings.find(({ rule }) => rule === 'waste.acidToNeutralize');
  // 30 mmol of the acid less 25: 5 mmol, two protons each; 0.24 L of gas.
  expect(note && renderFinding(note).says).toMatch(/10\u00a0mmol of acid.*0\.24\u00a0L/);
});

test('in the waste: a drying agent is a solid; acid chlorides, metals and hydrides are quenched first, each in its way', () => {
  const waste = (title: string, left = 0) => {
    const own = ownPreparations[title]!;
    const doc = ownDocument(title, own);
    const plan = wastePlan(computePlan({ ...doc, steps: doc.steps.slice(0, doc.steps.length - left) }));
    return { streams: plan.streams.map(({ stream }) => stream), rules: plan.findings.map(({ rule }) => rule) };
  };
  expect(waste('an ester, washed and distilled').streams).toContain('solid');
  expect(waste('an acid chloride from thionyl chloride').rules).toContain('waste.quenchAcyl');
  expect(waste('sodium and chloroform').rules).toContain('waste.quenchAlkaliMetal');
  expect(waste('a hydride reduction, quenched with an ester').rules).toContain('waste.quenchAluminiumHydride');
  expect(waste('a ketone reduced with borohydride', 1).rules).toContain('waste.quenchBorohydride');
  // Acid in excess has done it already.
  expect(waste('a ketone reduced with borohydride').rules).not.toContain('waste.quenchBorohydride');
  expect(waste('a metal insertion in ether').rules).toContain('waste.quenchMetal');
});

test('the proof-reader finds two layers on a drying agent, and the weakest agent first', () => {
  const doc = shipped('methylcyclohexanone');
  const without = {
    ...doc,
    steps: doc.steps.map((step) => (step.id === 'dry' ? { ...step, uses: { ...step.uses, in: 'flask' } } : step)),
  };
  const rules = (one: Preparation) => processPlan(computePlan(one)).findings.map(({ rule }) => rule);
  expect(rules(doc)).not.toContain('proof.twoLayers');
  const plaster = {
    ...doc,
    substances: doc.substances.map((one) => (one.id === 'sodium-sulfate' ? { ...one, formula: 'CaSO4' } : one)),
  };
  expect(rules(plaster)).toContain('proof.preDry');
  expect(rules(without)).not.toContain('proof.preDry');
});

test('hazard, waste and models name no entry of the library', () => {
  const ids = [...shippedSubstances, ...shippedSolutions].map(({ id }) => id).filter((id) => id.length > 3);
  const files = ['hazard', 'waste', 'models'].flatMap((folder) =>
    (readdirSync(`src/core/${folder}`, { recursive: true }) as string[])
      .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
      .map((file) => `src/core/${folder}/${file}`),
  );
  const named = files.flatMap((file) => {
    const text = readFileSync(file, 'utf8');
    return ids.filter((id) => text.includes(`'${id}'`)).map((id) => `${file}: ${id}`);
  });
  // Groups share a few words with entries (bromine is a kind before it is an entry); no rule looks at an entry's id.
  expect(
    named.filter((one) => !/: (ammonia|bromine|iodine|magnesium|phenol|water|chlorine|chloroform)$/.test(one)),
  ).toEqual([]);
  for (const file of files) expect(readFileSync(file, 'utf8')).not.toMatch(/\breference === '/);
});

type Small = Parameters<typeof ownDocument>[1];
const beaker = { in: 'beaker' };
const charged = (...ids: readonly string[]): Small['steps'] => ids.map((id) => [id, 'charge', { line: id }, beaker]);
const nitrate = ['Silver nitrate', 'AgNO3', '', ''] as const;
const ethanol = ['Ethanol', 'C2H6O', 'CCO', 'H225'] as const;

/** The smallest preparations in which a rule speaks; the second of each is the same with what it needs taken away. */
const small: readonly (readonly [rule: string, Omit<Small, 'marks'>, without?: string])[] = [
  [
    'hazard.carbonDioxideUnknown',
    {
      subs: { a: ['Acid', 'HCl', 'Cl', ''], b: ['Carbonate', 'Na2CO3', '', ''] },
      lines: { a: ['a', 'solvent', 'some', 'beaker'], b: ['b', 'solvent', '2.0 g', 'beaker'] },
      steps: [],
    },
    'a',
  ],
  [
    'hazard.waterReactiveKind',
    {
      subs: { a: ['Something', 'C4H9Li', '', 'H261'] },
      lines: { a: ['a', 'material', '2.0 g', 'beaker'] },
      steps: charged('a'),
    },
  ],
  [
    'hazard.hydrogenUnknown',
    {
      subs: { a: ['Zinc', 'Zn', '[Zn]', ''], b: ['Acid', 'HCl', 'Cl', ''] },
      lines: { a: ['a', 'material', 'some', 'beaker'], b: ['b', 'solvent', '10 mL 2 M', 'beaker'] },
      steps: charged('a', 'b'),
    },
    'b',
  ],
  [
    'hazard.sulfoxideHalide',
    {
      subs: { a: ['Solvent', 'C2H6OS', 'CS(C)=O', ''], b: ['Phosphorus trichloride', 'PCl3', '', 'H314'] },
      lines: { a: ['a', 'material', '10 g', 'beaker'], b: ['b', 'reactant', '1.0 g', 'beaker'] },
      steps: charged('a', 'b'),
    },
    'b',
  ],
  [
    'hazard.permanganateSulfuric',
    {
      subs: { a: ['Permanganate', 'KMnO4', '', ''], b: ['Sulfuric acid', 'H2SO4', '', 'H314'] },
      lines: { a: ['a', 'material', '1.0 g', 'beaker'], b: ['b', 'solvent', '5.0 g', 'beaker'] },
      steps: charged('a', 'b'),
    },
    'b',
  ],
  [
    'hazard.silverAlcohol',
    {
      subs: { a: nitrate, b: ethanol, c: ['Nitric acid', 'HNO3', '', ''] },
      lines: {
        a: ['a', 'material', '1.0 g', 'beaker'],
        b: ['b', 'solvent', '5.0 g', 'beaker'],
        c: ['c', 'solvent', '1.0 g', 'beaker'],
      },
      steps: charged('a', 'c', 'b'),
    },
    'c',
  ],
  [
    'hazard.perchlorate',
    {
      subs: { a: ['Perchlorate', 'NaClO4', '', ''] },
      lines: { a: ['a', 'material', '1.0 g', 'beaker'] },
      steps: charged('a'),
    },
  ],
  [
    'hazard.flameFree',
    {
      subs: { a: ethanol },
      lines: { a: ['a', 'material', '5.0 g', 'beaker'] },
      steps: [...charged('a'), ['warm', 'hold', { minutes: 5, low_C: 50, high_C: 60 }, beaker]],
    },
  ],
  [
    'hazard.gasIntoAcid',
    {
      subs: {
        a: ['Amide', 'C2H5NO', 'CC(N)=O', ''],
        w: ['Water', 'H2O', '', ''],
        p: ['Acid', 'C2H4O2', 'CC(O)=O', ''],
        g: ['Ammonia', 'NH3', '', ''],
      },
      equation: 'a + w = p + g',
      lines: { a: ['a', 'reactant', '5.9 g', 'beaker'], w: ['w', 'reagent in excess', '20 g', 'beaker'] },
      steps: [...charged('a', 'w'), ['hold', 'hold', { minutes: 5, low_C: 20, high_C: 25 }, beaker]],
    },
    'w',
  ],
  [
    'hazard.gasOutlet',
    {
      subs: {
        a: ['Formic acid', 'CH2O2', 'OC=O', ''],
        p: ['Water', 'H2O', '', ''],
        g: ['Carbon monoxide', 'CO', '', 'H220'],
      },
      equation: 'a = p + g',
      lines: { a: ['a', 'reactant', '4.6 g', 'beaker'] },
      steps: [...charged('a'), ['hold', 'hold', { minutes: 5, low_C: 20, high_C: 25 }, beaker]],
    },
  ],
  [
    'hazard.gasPoison',
    {
      subs: {
        a: ['Sulfide', 'C2H6S', 'CCS', ''],
        p: ['Ethene oligomer', 'C2H4', '', ''],
        g: ['Hydrogen sulfide', 'H2S', '', 'H330'],
      },
      equation: 'a = p + g',
      lines: { a: ['a', 'reactant', '6.2 g', 'beaker'] },
      steps: [...charged('a'), ['hold', 'hold', { minutes: 5, low_C: 20, high_C: 25 }, beaker]],
    },
  ],
  [
    'hazard.gasIntoBaseUnknown',
    {
      subs: { a: ['X', 'C2H5Cl', 'CCCl', ''], p: ['Y', 'C2H4', '', ''], g: ['Hydrogen chloride', 'HCl', '', ''] },
      equation: 'a = p + g',
      lines: { a: ['a', 'reactant', 'some', 'beaker'] },
      steps: [...charged('a'), ['hold', 'hold', { minutes: 5, low_C: 20, high_C: 25 }, beaker]],
    },
  ],
  [
    'hazard.gasVentUnknown',
    {
      subs: {
        a: ['X', 'C3H4O4', 'OC(=O)CC(O)=O', ''],
        p: ['Y', 'C2H4O2', 'CC(O)=O', ''],
        g: ['Carbon dioxide', 'CO2', '', ''],
      },
      equation: 'a = p + g',
      lines: { a: ['a', 'reactant', 'some', 'beaker'] },
      steps: [...charged('a'), ['hold', 'hold', { minutes: 5, low_C: 20, high_C: 25 }, beaker]],
    },
  ],
  [
    'hazard.closedWarm',
    {
      subs: { a: ethanol },
      lines: { a: ['a', 'material', '5.0 g', 'beaker'] },
      steps: [...charged('a'), ['shake', 'closedVial', { minutes: 5, vent_min: 1 }, beaker]],
    },
  ],
  [
    'hazard.inductionBulk',
    {
      subs: { a: ['Halide', 'C4H9Br', 'CCCCBr', ''], m: ['Magnesium', 'Mg', '', ''] },
      lines: {
        m: ['m', 'material', '1.0 g', 'beaker'],
        a1: ['a', 'reactant', '3.0 g', 'beaker'],
        a2: ['a', 'reactant', '3.0 g', 'beaker'],
      },
      steps: [
        ...charged('m', 'a1'),
        ['start', 'induction', { minutes: 5 }, beaker],
        ['a2', 'charge', { line: 'a2' }, beaker],
      ],
    },
  ],
  [
    'hazard.asthma',
    {
      subs: { a: ['Anhydride', 'C8H4O3', 'O=C1OC(=O)c2ccccc12', 'H334'] },
      lines: { a: ['a', 'material', '5.0 g', 'beaker'] },
      steps: charged('a'),
    },
  ],
];

test.each(small.map(([rule, own, without = '']) => [rule, own, without] as const))(
  '%s speaks in the smallest preparation that calls for it',
  (rule, own, without) => {
    const rules = (one: Omit<Small, 'marks'>) =>
      findings(ownDocument('small', { ...one, marks: [] })).map((found) => found.rule as string);
    expect(rules(own)).toContain(rule);
    if (without === '') return;
    const lines = Object.fromEntries(Object.entries(own.lines).filter(([id]) => id !== without));
    expect(rules({ ...own, lines, steps: own.steps.filter(([id]) => id !== without) })).not.toContain(rule);
  },
);

test('an exothermic addition says how warm it would get and how slowly it must go, against its ceiling', () => {
  const doc = ownDocument('an amide from an acid chloride', ownPreparations['an amide from an acid chloride']!);
  const dosed = (minutes: number): Preparation => ({
    ...doc,
    lines: doc.lines.map((line) =>
      line.id === 'chloride' ? { ...line, addition: { minutes, exothermic: true } } : line,
    ),
  });
  const of = (minutes: number) =>
    findings(dosed(minutes)).find(({ rule }) => rule === 'hazard.additionHeat' || rule === 'hazard.dosedTooFast');
  expect(of(120)?.rule).toBe('hazard.additionHeat');
  expect(of(1)?.rule).toBe('hazard.dosedTooFast');
  // 50 mmol of amine at 95 kJ/mol in some 45 g of ether and reagents: 4.8 kJ over 90 J/K.
  const rise = of(120)?.args['rise'];
  expect(typeof rise === 'object' && rise.q.value).toBeGreaterThan(45);
  expect(typeof rise === 'object' && rise.q.value).toBeLessThan(80);
});

test('what boils, burns and is left alone is said', () => {
  const title = 'an ester, washed and distilled';
  const doc = ownDocument(title, ownPreparations[title]!);
  const alone = {
    ...doc,
    steps: doc.steps.map((step) =>
      step.op === 'reflux' ? { ...step, time: { ...step.time, attended: false } } : step,
    ),
  };
  expect(
    findings(alone)
      .filter(({ rule }) => rule === 'hazard.unattended')
      .map(({ about }) => about.step),
  ).toEqual(['reflux']);
  expect(findings(doc).map(({ rule }) => rule)).not.toContain('hazard.unattended');
});

test('every rule of the hazards is met by one of these, the shipped ones or a test of its own', () => {
  const met = new Set(
    all.flatMap(([title, own]) => findings(ownDocument(title, own)).map(({ rule }) => rule as string)),
  );
  const elsewhere = ['hazards', 'ownPreparations', 'scenarios']
    .map((name) => readFileSync(`tests/unit/${name}.test.ts`, 'utf8'))
    .join('');
  const missing = Object.keys(hazardRules).filter(
    (rule) =>
      rule.startsWith('hazard.') &&
      !met.has(rule) &&
      !elsewhere.includes(rule.replace('Unknown', '')) &&
      !elsewhere.includes(`'${rule.replace('hazard.', '')}'`),
  );
  expect(missing).toEqual([]);
});
