import fc from 'fast-check';
import { benchState } from '@/core/bench/benchState';
import { computePlan } from '@/core/plan/plan';
import { factsOf } from '@/core/plan/facts';
import { gramsOf } from '@/core/worktop/matter/matter';
import { kindsOf } from '@/core/worktop/madeKinds';
import { millilitres } from '@/core/worktop/volumes';
import { cannot, predictProcess } from '@/core/process/predictProcess';
import { shippedSubstances } from '@/data/reference';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import type { Job } from '../support/jobs/job';
import type { ChargeLine, Preparation } from '@/core/document/document';

/** Vanillin in a beaker with what is given, and one step after it. */
function doc(lines: Job['lines'], step: Job['steps'][string], more: Partial<Job> = {}): Preparation {
  const vanillin = ['material', '1.00 g', { vessel: 'beaker' }] as const;
  return jobDocument({
    title: 'One step',
    reactions: {},
    reference: 'vanillin',
    lines: { vanillin, ...lines },
    vessels: { beaker: ['beaker', 250], other: ['beaker', 250], third: ['beaker', 250] },
    stages: { vanillin: ['Vanillin', 'vanillin', { by: 'content', line: 'vanillin' }] },
    steps: {
      ...Object.fromEntries(
        ['vanillin', ...Object.keys(lines).filter((id) => !['anti', 'up', 'rinse'].includes(id))].map((line) => [
          `in-${line}`,
          ['charge', { line }, { in: 'beaker' }] as const,
        ]),
      ),
      step,
      weigh: ['weighing', { of: Object.keys(more.stages ?? { vanillin: '' })[0] ?? '' }],
    },
    ...more,
  });
}

const after = (one: Preparation) => {
  const found = predictProcess(computePlan(one)).steps.find(({ step }) => step.id === 'step');
  if (!found) throw new Error('no step');
  return found;
};
const held = (one: ReturnType<typeof after>, place: string) => {
  const content = one.shelf[place];
  return content ? wholeOf(content) : {};
};

test('boiling down takes what boils lowest first, to the volume at any scale, and never the product', () => {
  const lines: Job['lines'] = {
    ether: ['solvent', '20 mL', { substance: 'diethyl-ether', vessel: 'beaker' }],
    toluene: ['solvent', '30 mL', { vessel: 'beaker' }],
  };
  fc.assert(
    fc.property(fc.integer({ min: 5, max: 45 }), fc.constantFrom('0.5', '1', '2'), (to_mL, factor) => {
      const one = {
        ...doc(lines, ['boilingDown', { to_mL, way: 'still' }, { in: 'beaker', to: 'other' }]),
        pin: { at: 'factor' as const, digits: factor },
      };
      const kind = kindsOf(factsOf(one));
      const done = after(one);
      const left = held(done, 'beaker');
      expect(millilitres(kind, left)).toBeCloseTo(to_mL * Number(factor), 6);
      expect(left['vanillin']).toBeCloseTo(Number(factor), 9);
      // Toluene boils 76 K higher: none of it leaves while there is ether.
      const over = held(done, 'other');
      if ((left['ether'] ?? left['diethyl-ether'] ?? 0) > 1e-9) expect(over['toluene'] ?? 0).toBeLessThan(1e-9);
    }),
    { numRuns: 25 },
  );
});

test('a part that is poured is that part of everything; all of it leaves what clings', () => {
  const lines: Job['lines'] = { water: ['solvent', '50 mL', { vessel: 'beaker' }] };
  const part = after(doc(lines, ['pouring', { manner: 'once', percent: 30 }, { in: 'beaker', to: 'other' }]));
  expect(held(part, 'other')['water']).toBeCloseTo(0.3 * 49.9, 6);
  expect(held(part, 'other')['vanillin']).toBeCloseTo(0.3, 9);
  expect(part.product).toBe('beaker');
  const all = after(doc(lines, ['pouring', { manner: 'once' }, { in: 'beaker', to: 'other' }]));
  expect(held(all, 'beaker')['vanillin']).toBeCloseTo(0.03, 9);
  expect([all.product, all.shelf['beaker']?.poured]).toEqual(['other', true]);
});

test('parting keeps one layer and sends the other aside, whichever is wanted', () => {
  const lines: Job['lines'] = {
    toluene: ['solvent', '20 mL', { vessel: 'beaker' }],
    water: ['solvent', '20 mL', { vessel: 'beaker' }],
  };
  const parted = (keep: string) =>
    after(
      doc(lines, [
        'parting',
        { keep, organic: 'upper', by: 'stopcock' },
        { in: 'beaker', to: 'other', aside: 'third' },
      ]),
    );
  const [organic, aqueous] = [parted('organic'), parted('aqueous')];
  expect(held(organic, 'other')['toluene']).toBeGreaterThan(16);
  expect(held(organic, 'third')['water']).toBeGreaterThan(18);
  expect(held(aqueous, 'other')['water']).toBeGreaterThan(18);
  expect(held(aqueous, 'third')['toluene']).toBeGreaterThan(16);
  // Of the other layer a film stays, half a millilitre.
  expect(held(organic, 'other')['water']).toBeLessThan(0.7);
  expect(parted('organic').remarks.join()).toContain('The organic layer is on top');
  const one = after(
    doc({ toluene: ['solvent', '20 mL', { vessel: 'beaker' }] }, [
      'parting',
      { keep: 'organic', organic: 'upper', by: 'pipette' },
      { in: 'beaker', to: 'other' },
    ]),
  );
  expect(one.remarks.join()).toContain('one layer only');
});

test('an antisolvent drives out all but the assumed share, and says what it assumes', () => {
  const one = after(
    doc({ ethanol: ['solvent', '10 mL', { vessel: 'beaker' }], anti: ['solvent', '40 mL', { substance: 'hexane' }] }, [
      'antisolvent',
      { of: 'vanillin', line: 'anti', minutes: 10, at_C: 20 },
      { in: 'beaker' },
    ]),
  );
  expect(one.shelf['beaker']?.phases.solid?.['vanillin']).toBeCloseTo(0.94, 9);
  expect(one.assumptions.map(({ key }) => key)).toContain('kept');
});

test('filtering for the filtrate keeps the solid back, and for the solid the filtrate', () => {
  const lines: Job['lines'] = {
    ethanol: ['solvent', '20 mL', { vessel: 'beaker' }],
    charcoal: ['aid', '0.50 g', { vessel: 'beaker' }],
  };
  const through = after(
    doc(lines, ['gravityFiltration', { keeps: 'filtrate', at: 'hot', of: 'vanillin' }, { in: 'beaker', to: 'other' }]),
  );
  expect(through.product).toBe('other');
  expect(held(through, 'other')['charcoal'] ?? 0).toBe(0);
  expect(held(through, 'other')['vanillin']).toBeCloseTo(0.97, 9);
  const sucked = after(
    doc(lines, [
      'vacuumFiltration',
      { of: 'vanillin', solvent: 'ethanol', at_C: 20, air_min: 5, keeps: 'filtrate' },
      { in: 'beaker', filtrate: 'other' },
    ]),
  );
  expect(sucked.product).toBe('other');
  expect(held(sucked, 'other')['charcoal'] ?? 0).toBe(0);
  expect(held(sucked, 'other')['vanillin']).toBeGreaterThan(0.97);
});

test('a material gives up its declared content where a step says so, and the mass moves over under its own name', () => {
  const one = doc(
    { ethanol: ['solvent', '50 mL', { vessel: 'beaker' }] },
    ['reflux', { minutes: 30, low_C: 70, high_C: 80, material: 'pods', of: 'vanillin' }, { in: 'beaker' }],
    {
      own: { pod: { name: 'Vanilla pods', form: 'solid' } },
      reference: 'pods',
      lines: {
        pods: ['material', '10.0 g', { substance: 'pod', vessel: 'beaker' }],
        ethanol: ['solvent', '50 mL', { vessel: 'beaker' }],
      },
      stages: { vanillin: ['Vanillin', 'vanillin', { by: 'content', line: 'pods', percent: '2' }] },
      steps: {
        'in-pods': ['charge', { line: 'pods' }, { in: 'beaker' }],
        'in-ethanol': ['charge', { line: 'ethanol' }, { in: 'beaker' }],
        step: ['reflux', { minutes: 30, low_C: 70, high_C: 80, material: 'pods', of: 'vanillin' }, { in: 'beaker' }],
        weigh: ['weighing', { of: 'vanillin' }],
      },
    },
  );
  const before = predictProcess(computePlan(one)).steps.find(({ step }) => step.id === 'in-ethanol')!;
  const done = after(one);
  // 2 % of 10 g, four fifths of it.
  expect(held(done, 'beaker')['vanillin']).toBeCloseTo(0.16, 9);
  expect(held(done, 'beaker')['pod']).toBeCloseTo(9.84, 9);
  expect(gramsOf(held(done, 'beaker'))).toBeCloseTo(gramsOf(wholeOf(before.shelf['beaker']!)), 9);
});

test('a still that is stopped early leaves the rest in the pot, by volume or by share', () => {
  const lines: Job['lines'] = { toluene: ['solvent', '40 mL', { vessel: 'beaker' }] };
  const more: Partial<Job> = { stages: { toluene: ['Toluene', 'toluene', { by: 'content', line: 'toluene' }] } };
  const over = (params: object) =>
    held(
      after(
        doc(
          lines,
          [
            'distillation',
            { of: 'toluene', low_C: 109, high_C: 112, ...params },
            { in: 'beaker', to: 'other', forerun: 'third' },
          ],
          more,
        ),
      ),
      'other',
    )['toluene'] ?? 0;
  expect(over({ until_mL: 10 })).toBeCloseTo(10 * 0.867, 1);
  expect(over({})).toBeGreaterThan(over({ until_percent: 50 }));
  expect(over({ until_percent: 50 })).toBeGreaterThan(over({ until_percent: 20 }));
});

test('what is only tested and never weighed is foreseen all the same, where it stands at the end', () => {
  const one = jobDocument({
    title: 'Tested only',
    reactions: {},
    reference: 'limonene',
    lines: {
      limonene: ['material', '2.0 g', { vessel: 'pot' }],
      water: ['solvent', '60 mL', { vessel: 'pot' }],
    },
    vessels: { pot: ['distillation flask', 250], receiver: ['receiver', 100] },
    stages: { oil: ['Oil', 'limonene', { by: 'content', line: 'limonene' }] },
    steps: {
      oil: ['charge', { line: 'limonene' }],
      water: ['charge', { line: 'water' }],
      step: ['steamDistillation', { of: 'oil', distillate_mL: 40 }, { in: 'pot', to: 'receiver' }],
      test: [
        'tubeTests',
        {
          of: 'oil',
          reagent: 'bromine water',
          sign: 'colour goes',
          tubes: ['oil'],
          positive: 'an alkene',
          negative: 'an alkane',
        },
        { in: 'receiver' },
      ],
    },
  });
  const { stages } = predictProcess(computePlan(one));
  expect(stages.map(({ stage }) => stage.id)).toEqual(['oil']);
  // 40 mL of water carry all of it: 2.0 g less the sample.
  expect(stages[0]?.mass.q.value).toBeGreaterThan(1.9);
});

test('an intermediate that nobody weighs is foreseen where the last step works towards it, not where it is used up', () => {
  const whole = jobDocument(jobs['rhubarb-again']!);
  const unweighed = {
    ...whole,
    steps: whole.steps.flatMap(({ id, ...step }) =>
      id === 'dry' || id === 'weigh' ? [] : [{ id, ...step, ...(id === 'apart' ? { uses: { to: 'small' } } : {}) }],
    ),
  };
  const salt = (one: Preparation) =>
    predictProcess(computePlan(one)).stages.find(({ stage }) => stage.id === 'salt')?.mass.q.value ?? NaN;
  expect(salt(unweighed)).toBeGreaterThan(1.7);
  // Drying and weighing cost a transfer, nothing else.
  expect(salt(whole) / salt(unweighed)).toBeGreaterThan(0.97);
  expect(salt(whole)).toBeLessThanOrEqual(salt(unweighed));
});

test('what is left of a salt that water does not dissolve stays on the filter, however it was charged', () => {
  const { steps } = predictProcess(computePlan(jobDocument(jobs['rhubarb-again']!)));
  const salt = (step: string, place: string) => {
    const content = steps.find((one) => one.step.id === step)?.shelf[place];
    return content ? (wholeOf(content)['salt'] ?? 0) : NaN;
  };
  expect(salt('apart', 'small')).toBeGreaterThan(0.05);
  expect(salt('off', 'off/paper') / salt('apart', 'small')).toBeCloseTo(1, 2);
});

test('every substance of the reference can be shaken with water and ether, with an acid and with a base', () => {
  for (const { id } of shippedSubstances)
    for (const [substance, bottle] of [
      ['hydrogen-chloride', 'hydrochloric-acid-2m'],
      ['sodium-bicarbonate', 'sodium-bicarbonate-5'],
    ] as const) {
      const one = jobDocument({
        title: 'Shaken',
        reactions: {},
        reference: 'it',
        from: { it: id },
        lines: {
          it: ['material', '2.0 g', { vessel: 'funnel' }],
          product: ['material', '1.0 g', { substance: 'biphenyl', vessel: 'funnel' }],
          ether: ['solvent', '20 mL', { substance: 'tbme', vessel: 'funnel' }],
          wash: ['wash', '20 mL', { substance, bottle }],
        },
        vessels: { funnel: ['separatory funnel', 125] },
        stages: { product: ['Product', 'biphenyl', { by: 'content', line: 'product' }] },
        steps: {
          it: ['charge', { line: 'it' }],
          product: ['charge', { line: 'product' }],
          ether: ['charge', { line: 'ether' }],
          wash: ['wash', { line: 'wash', organic: 'upper' }, { in: 'funnel' }],
        },
      });
      const { steps } = predictProcess(computePlan(one));
      expect([id, steps.flatMap(({ remarks }) => remarks).filter((said) => said.startsWith(cannot))]).toEqual([id, []]);
    }
});

test('a change of receivers names the vessel that the sheet has for it', () => {
  const whole = jobDocument(jobs['halide']!);
  const cut = { id: 'cut', name: 'Second receiver', kind: 'receiver' as const, capacity_mL: 10 };
  const says = (uses: Record<string, string>) => {
    const steps = whole.steps.map((step) =>
      step.id === 'distil'
        ? { ...step, params: { ...step.params, cuts_C: [79] }, uses: { ...step.uses, ...uses } }
        : step,
    );
    const state = benchState({ ...whole, vessels: [...whole.vessels, cut], steps }, []);
    return state.steps
      .at(-1)
      ?.asks.flatMap((ask) => (ask.kind === 'event' && ask.id === 'receiver-1' ? [ask.says] : []));
  };
  expect(says({ 'cut-1': 'cut' })).toEqual(['At 79\u202f°C at the head: change to the second receiver.']);
  expect(says({})).toEqual(['At 79\u202f°C at the head: change to the receiver of cut 1.']);
});

test('a salt that is charged as an aid dissolves, charcoal and chips lie in the liquid', () => {
  const lines: Job['lines'] = {
    soda: ['aid', '1.0 g', { substance: 'sodium-carbonate' }],
    charcoal: ['aid', '0.1 g'],
    water: ['solvent', '50 mL'],
  };
  const { steps } = predictProcess(
    computePlan(doc(lines, ['hold', { minutes: 5, low_C: 20, high_C: 25 }, { in: 'beaker' }])),
  );
  const { phases } = steps.at(-1)!.shelf['beaker']!;
  expect(phases.liquid?.['sodium-carbonate']).toBeCloseTo(1, 9);
  expect(phases.solid?.['charcoal']).toBeCloseTo(0.1, 9);
});

test('steam brings over what a line brings by its strength as it does what is declared of a stage', () => {
  const peel = (line: Partial<ChargeLine>, own: Job['own'] = {}) =>
    predictProcess(
      computePlan(
        jobDocument({
          title: 'Peel',
          own: { peel: { name: 'Peel', form: 'solid' }, ...own },
          reactions: {},
          reference: 'peel',
          lines: {
            peel: ['material', '100 g', { vessel: 'pot', ...line }],
            water: ['solvent', '250 mL', { vessel: 'pot' }],
          },
          vessels: { pot: ['distillation flask', 1000], receiver: ['receiver', 250] },
          stages: { oil: ['Oil', 'limonene', { by: 'content', line: 'peel', percent: '1.5' }] },
          steps: {
            peel: ['charge', { line: 'peel' }],
            water: ['charge', { line: 'water' }],
            over: [
              'steamDistillation',
              { of: 'oil', distillate_mL: 120, material: 'peel' },
              { in: 'pot', to: 'receiver' },
            ],
            oil: ['weighing', { of: 'oil' }, { in: 'receiver' }],
          },
        }),
      ),
    ).stages[0]?.mass.q.value ?? NaN;
  const strength = { by: 'massFraction', digits: '1.5' } as const;
  // 70 % of 1.5 g, as is usual of crushed plant material.
  expect(peel({})).toBeCloseTo(1.05, 2);
  expect(peel({ substance: 'limonene', strength, solvent: 'peel' })).toBeCloseTo(peel({}), 6);
});

test('each receiver holds what boils while it is on; a column keeps some, and less of the product goes early', () => {
  const lines: Job['lines'] = {
    hexane: ['solvent', '10 mL', { vessel: 'beaker' }],
    cyclohexane: ['solvent', '10 mL', { vessel: 'beaker' }],
    toluene: ['solvent', '40 mL', { vessel: 'beaker' }],
    limonene: ['solvent', '10 mL', { vessel: 'beaker' }],
  };
  const more: Partial<Job> = { stages: { toluene: ['Toluene', 'toluene', { by: 'content', line: 'toluene' }] } };
  const still = (params: object) =>
    after(
      doc(
        lines,
        ['distillation', { of: 'toluene', low_C: 109, high_C: 112, ...params }, { in: 'beaker', to: 'other' }],
        more,
      ),
    );
  const most = (matter: Record<string, number>) => Object.entries(matter).sort(([, a], [, b]) => b - a)[0]?.[0];
  const cuts = still({ cuts_C: [75, 95, 180] });
  expect(['step/forerun', 'step/cut1', 'other', 'step/cut3'].map((place) => most(held(cuts, place)))).toEqual([
    'hexane',
    'cyclohexane',
    'toluene',
    'limonene',
  ]);
  // What comes early of the product is in the last receiver before its own.
  expect([held(cuts, 'step/forerun')['toluene'] ?? 0, (held(cuts, 'step/cut2')['toluene'] ?? 0) > 0]).toEqual([
    0,
    true,
  ]);
  const lost = (one: typeof cuts, key: string) =>
    one.losses.find((loss) => loss.key === `step/${key}`)?.mass.q.value ?? 0;
  const bare = still({});
  const through = [still({ column: 'vigreux' }), still({ column: 'packed' })];
  expect(lost(bare, 'column')).toBe(0);
  expect(lost(through[1]!, 'column')).toBeGreaterThan(lost(through[0]!, 'column'));
  expect(lost(through[0]!, 'forerun')).toBeLessThan(lost(bare, 'forerun'));
});

test('a wash after an extraction is of the extracts, whether or not it is said where the water went', () => {
  const lines: Job['lines'] = {
    water: ['solvent', '30 mL', { vessel: 'funnel' }],
    ether: ['extractant', '30 mL', { substance: 'tbme', portions: 2 }],
    base: ['wash', '10 mL', { substance: 'sodium-bicarbonate', bottle: 'sodium-bicarbonate-5' }],
  };
  const work = (aside: boolean, second: 'wash' | 'extraction') =>
    jobDocument({
      title: 'Out of water, then washed',
      reactions: {},
      reference: 'methyl-benzoate',
      lines: { 'methyl-benzoate': ['material', '2.00 g', { vessel: 'funnel' }], ...lines },
      vessels: { funnel: ['separatory funnel', 125], extracts: ['conical flask', 100], water: ['beaker', 100] },
      stages: { ester: ['Ester', 'methyl-benzoate', { by: 'content', line: 'methyl-benzoate' }] },
      steps: {
        ester: ['charge', { line: 'methyl-benzoate' }],
        water: ['charge', { line: 'water' }],
        extract: [
          'extraction',
          { line: 'ether', organic: 'upper' },
          { in: 'funnel', to: 'extracts', ...(aside ? { aside: 'water' } : {}) },
        ],
        step:
          second === 'wash'
            ? ['wash', { line: 'base', organic: 'upper' }, { in: 'funnel' }]
            : ['extraction', { line: 'base', organic: 'upper' }, { in: 'funnel', to: 'water' }],
        weigh: ['weighing', { of: 'ester' }],
      },
    });
  const [said, unsaid] = [after(work(true, 'wash')), after(work(false, 'wash'))];
  expect(held(unsaid, 'funnel')['tbme']).toBeCloseTo(held(said, 'funnel')['tbme'] ?? NaN, 9);
  expect(held(unsaid, 'funnel')['methyl-benzoate']).toBeGreaterThan(1.8);
  expect(unsaid.remarks.join(' ')).toMatch(/drained first/);
  expect(said.remarks.join(' ')).not.toMatch(/drained first/);
  // Bicarbonate shaken with the extracts finds two layers, not the water of before.
  expect(after(work(false, 'extraction')).remarks.join(' ')).not.toMatch(/one layer only/);
});
