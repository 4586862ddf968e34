import { jobDocument } from '../../../../tests/support/jobs/job';
import { jobs } from '../../../../tests/support/jobs';
import { computePlan } from '../../plan/plan';
import { processPlan } from '../processPlan';
import type { proofRules } from '../../words/proofRules';
import { renderFinding } from '../../words/renderFinding';
import { shipped, shippedPreparations } from '../../../../tests/support/preparations';
import type { ChargeLine, Entered, Preparation, Substance } from '../../document/document';
import type { Step } from '../../document/steps';

const found = (doc: Preparation) => processPlan(computePlan(doc)).findings;

test.each(shippedPreparations())(
  '%s reads without a fault: no vessel too small, nothing unused, no false stop',
  (_, doc) => {
    expect(
      found(doc).filter(({ rule }) => rule.startsWith('proof.') || rule === 'vessel.full' || rule === 'vessel.over'),
    ).toEqual([]);
  },
);

const withLine = (doc: Preparation, id: string, change: (line: ChargeLine) => ChargeLine): Preparation => ({
  ...doc,
  lines: doc.lines.map((line) => (line.id === id ? change(line) : line)),
});
const withStep = (doc: Preparation, id: string, change: (step: Step) => Step): Preparation => ({
  ...doc,
  steps: doc.steps.map((step) => (step.id === id ? change(step) : step)),
});
const withSubstance = (doc: Preparation, id: string, change: Partial<Substance>): Preparation => ({
  ...doc,
  substances: doc.substances.map((one) => (one.id === id ? { ...one, ...change } : one)),
});
const without = (doc: Preparation, step: string): Preparation => ({
  ...doc,
  steps: doc.steps.filter(({ id }) => id !== step),
});

const datum = (digits: string) => ({ digits, source: 'made up', check: 'from memory' }) as const;
const warm = { low: '10', high: '11', source: 'made up', check: 'from memory' } as const;
const ketone = () => shipped('methylcyclohexanone');
const cloves = () => shipped('eugenol');

test.each<[keyof typeof proofRules, () => Preparation]>([
  ['proof.unused', () => without(ketone(), 'wash-base')],
  [
    'proof.twice',
    () => withStep(ketone(), 'wash-brine', (step) => ({ ...step, params: { ...step.params, line: 'wash-base' } })),
  ],
  [
    'proof.noAmount',
    () => withLine(ketone(), 'wash-base', (line) => ({ ...line, entered: { by: 'words', text: 'some' } })),
  ],
  ['proof.noGrade', () => withLine(ketone(), 'wash-base', ({ strength: _strength, ...line }) => line)],
  ['proof.oneName', () => withSubstance(ketone(), 'sodium-sulfate', { name: 'Sodium chloride' })],
  [
    'proof.portions',
    () =>
      withStep(
        withLine(ketone(), 'bleach', (line) => ({ ...line, portions: 5 })),
        'bleach',
        (step) => step,
      ),
  ],
  [
    'proof.rounds',
    () => withStep(ketone(), 'wash-base', (step) => ({ ...step, repeat: { until: 'noGas', least: 2, most: 3 } })),
  ],
  [
    'proof.noTime',
    () => withStep(ketone(), 'strip', (step) => ({ ...step, time: { typical_min: 0, attended: true } })),
  ],
  ['proof.nothing', () => withSubstance(ketone(), '4-methylcyclohexanone', { logP: datum('-1.0') })],
  ['proof.neverMeet', () => without(shipped('acetanilide'), 'anhydride')],
  ['proof.otherVessel', () => withLine(shipped('acetanilide'), 'aniline', (line) => ({ ...line, vessel: 'beaker' }))],
  [
    'proof.agentLate',
    () => ({
      ...ketone(),
      steps: [...without(ketone(), 'dry').steps, ...ketone().steps.filter(({ id }) => id === 'dry')],
    }),
  ],
  ['proof.notEmpty', () => withStep(ketone(), 'strip', (step) => ({ ...step, uses: { ...step.uses, to: 'aqueous' } }))],
  [
    'proof.stranded',
    () => {
      const job = jobDocument(jobs['amine']!);
      const steps = job.steps.filter(({ id }) => id !== 'fill' && id !== 'drop');
      const at = (step: (typeof steps)[number]) => (step.id === 'boil' ? { ...step, uses: { in: 'flask' } } : step);
      return { ...job, steps: steps.map(at) };
    },
  ],
  [
    'proof.resolution',
    () => {
      const doc = shipped('acetanilide');
      const hand = (id: string, name: string) =>
        withSubstance(doc, id, { name }).substances.find((one) => one.id === id)!;
      const named = [
        hand('aniline', 'Racemic 1-phenylethylamine'),
        hand('acetanilide', '(R)-N-(1-phenylethyl)acetamide'),
      ];
      return { ...doc, substances: doc.substances.map((one) => named.find(({ id }) => id === one.id) ?? one) };
    },
  ],
  [
    'proof.ceiling',
    () => {
      const doc = shipped('acetanilide');
      const percent = (typical: string) => ({ by: 'conversion' as const, percent: { typical } });
      const reactions = doc.reactions.map((one) => ({
        ...one,
        runs: [
          { step: 'reflux', to: percent('75') },
          { step: 'ice', to: percent('85') },
        ],
      }));
      const steps = doc.steps.flatMap((step) =>
        step.id === 'cool' ? [step, { ...doc.steps.find(({ id }) => id === 'anhydride')!, id: 'more' }] : [step],
      );
      return { ...doc, reactions, steps };
    },
  ],
  [
    'proof.missesPH',
    () =>
      withLine(shipped('acid-base-neutral'), 'set-free-base', (line) => ({
        ...line,
        entered: { by: 'volume', digits: '0.1', unit: 'mL' },
      })),
  ],
  [
    'proof.vesselUnused',
    () => ({
      ...ketone(),
      vessels: [...ketone().vessels, { id: 'spare', name: 'Spare', kind: 'beaker' as const, capacity_mL: 50 }],
    }),
  ],
  // Straight from the suction; with an excess of acid that dries down with it.
  ['proof.weighedWet', () => without(shipped('acetanilide'), 'dry-pure')],
  [
    'proof.notAlone',
    () =>
      withLine(jobDocument(jobs['juice']!), 'acid', (line) => ({
        ...line,
        entered: { ...line.entered, digits: '20' } as Entered,
      })),
  ],
  ['proof.freezes', () => withSubstance(shipped('acetanilide'), 'water', { melting: warm })],
  ['proof.productAside', () => withSubstance(ketone(), '4-methylcyclohexanone', { logP: datum('-1.0') })],
  ['proof.emptyVessel', () => withStep(ketone(), 'stir', (step) => ({ ...step, uses: { in: 'receiver' } }))],
  ['proof.notWeighed', () => without(ketone(), 'strip')],
  [
    'proof.noPlace',
    () => withStep(ketone(), 'stir', (step) => ({ ...step, uses: { ...step.uses, into: 'receiver' } })),
  ],
  [
    'proof.reversed',
    () => withStep(ketone(), 'stir', (step) => ({ ...step, params: { ...step.params, low_C: 40, high_C: 20 } })),
  ],
  ['proof.precipitate', () => withSubstance(ketone(), 'brine', { formula: 'CaCl2', groups: { water: 1 } })],
  ['proof.agent', () => withSubstance(cloves(), 'sodium-sulfate', { formula: 'K2CO3' })],
  [
    'proof.stop',
    () =>
      withStep(ketone(), 'extract', (step) => ({
        ...step,
        uses: { in: 'funnel', to: 'funnel' },
        safeStop: 'Two layers.',
      })),
  ],
])('%s', (rule, doc) => {
  const findings = found(doc()).filter((one) => one.rule === rule);
  expect(findings.length).toBeGreaterThan(0);
  const { title, says, remedies } = renderFinding(findings[0]!);
  expect([title, says, ...remedies].filter((text) => /[{}]|NaN|undefined/.test(text))).toEqual([]);
});

const stopOf = (doc: Preparation, step: string) => {
  const finding = found(doc).find(({ rule, about }) => rule === 'proof.stop' && about.step === step);
  return finding?.args['why'];
};
const stopAt = (doc: Preparation, id: string) => withStep(doc, id, (step) => ({ ...step, safeStop: 'Here.' }));

test('what makes a stop unsafe is said: heat, oxidant, acid over carbonate', () => {
  expect(stopOf(stopAt(ketone(), 'stir'), 'stir')).toContain('oxidant');
  expect(stopOf(stopAt(shipped('acetanilide'), 'reflux'), 'reflux')).toContain('heat');
  expect(stopOf(stopAt(shipped('acetanilide'), 'cool'), 'cool')).toContain('hot');
  const acid = withSubstance(shipped('acid-base-neutral'), 'sodium-sulfate', { formula: 'K2CO3' });
  const early = without(acid, 'extract-acid');
  expect(stopOf(early, 'dry')).toContain('carbonate');
});

test('a flask that the foreseen contents overfill is a stop, with a size that fits', () => {
  const doc = ketone();
  const small = {
    ...doc,
    vessels: doc.vessels.map((one) => (one.id === 'flask' ? { ...one, capacity_mL: 100 } : one)),
  };
  const [full] = found(small).filter(({ about }) => about.vessel === 'flask');
  expect(full?.rule).toBe('vessel.full');
  expect(full?.args['suggestion']).toContain('250');
});

test('a cake that holds most of what is to be in the filtrate is told, one that holds a usual rest is not', () => {
  const juice = jobDocument(jobs['juice']!);
  const aside = (doc: Preparation) => found(doc).filter(({ rule }) => rule === 'proof.productAside');
  expect(aside(juice)).toEqual([]);
  // Without a melting point it counts as hardly soluble, and stays with the gypsum.
  const substances = juice.substances.map(({ melting: _, ...substance }) => substance);
  expect(aside({ ...juice, substances }).length).toBeGreaterThan(0);
});

test('a flask that is dried empty, or poured out at its own step, was not empty by mistake', () => {
  const empty = (doc: Preparation) => found(doc).filter(({ rule }) => rule === 'proof.emptyVessel');
  const dried: Step = {
    id: 'dry-glass',
    op: 'anhydrousSetUp',
    opVersion: 1,
    params: {},
    uses: { in: 'flask' },
    time: { typical_min: 10, attended: true },
  };
  const steps = ketone().steps.map((step) =>
    step.id === 'strip' ? { ...step, uses: { ...step.uses, in: 'dried' } } : step,
  );
  const dry = steps.map((step) => (step.id === 'dry' ? { ...step, uses: { ...step.uses, to: 'dried' } } : step));
  const vessels = [
    ...ketone().vessels,
    { id: 'dried', name: 'Dried', kind: 'conical flask', capacity_mL: 250 } as const,
  ];
  expect(empty({ ...ketone(), vessels, steps: [dried, ...dry] })).toEqual([]);
});
