import { acetanilideRun } from '@/data/acetanilideRun';
import { benchState } from '@/core/bench/benchState';
import { operationRules } from '@/core/operations/rules';
import { renderFinding } from '@/core/words/renderFinding';
import { acetanilide, dienone, shipped } from '../support/preparations';
import { entriesOfScript } from '../support/demoRun';
import type { DemoStep } from '@/data/demoSteps';
import type { Preparation } from '@/core/document/document';
import type { Step } from '@/core/document/steps';
import type { Severity } from '@/core/finding/finding';

const event = (minute: number, step: string, name: string): DemoStep => ({ minute, step, event: name });
const tick = (minute: number, step: string, name: string): DemoStep => ({ minute, step, tick: name });
const read = (
  minute: number,
  step: string,
  slot: string,
  text: string,
  part: { round?: number; item?: string } = {},
) => ({
  minute,
  place: { step, slot, ...part },
  read: text,
  device: '',
});
const line = (minute: number, id: string, slot: string, text: string) => ({
  minute,
  place: { line: id, slot },
  read: text,
  device: '',
});
const charged = [line(0, 'aniline', 'net', '2.04 g'), line(1, 'anhydride', 'volume', '2.50 mL')];
const series = (...texts: readonly string[]) =>
  texts.map((text, i) => read(60 + i * 11, 'dry-crude', 'net', text, { round: i + 1 }));
const melt = (step: string, from: number, ...texts: readonly string[]) =>
  ['start', 'later', 'onset', 'clear'].flatMap((slot, i) =>
    texts[i] === undefined ? [] : [read(from + i * 3, step, slot, `${texts[i]} °C`, { item: 'A' })],
  );

interface Case {
  readonly rule: keyof typeof operationRules;
  readonly severity: Severity;
  readonly steps: readonly DemoStep[];
  /** The same with what was wrong put right: the rule is silent. */
  readonly right: readonly DemoStep[];
  readonly doc?: () => Preparation;
}

/** The acetanilide preparation with a step more. */
const withStep = (op: string, id: string, params: Step['params']): Preparation => {
  const doc = acetanilide();
  const step = { id, op, opVersion: 1, params, time: { typical_min: 10, attended: true } };
  return { ...doc, steps: [...doc.steps, step] };
};

const checks = ['clamped', 'aids', 'condenser', 'open', 'joints'].map((name) => tick(1, 'reflux', name));
const cases: readonly Case[] = [
  {
    rule: 'step.unchecked',
    severity: 'caution',
    steps: [...checks.slice(1), event(2, 'reflux', 'heatOn')],
    right: [...checks, event(2, 'reflux', 'heatOn')],
  },
  {
    rule: 'addition.ceiling',
    severity: 'stop',
    steps: [read(1, 'anhydride', 'highest', '101 °C', { round: 2 })],
    right: [read(1, 'anhydride', 'highest', '100 °C', { round: 2 })],
  },
  {
    rule: 'temperature.low',
    severity: 'caution',
    steps: [read(1, 'reflux', 'temperature', '117 °C', { round: 1 })],
    right: [read(1, 'reflux', 'temperature', '118 °C', { round: 1 })],
  },
  {
    rule: 'temperature.high',
    severity: 'caution',
    steps: [read(1, 'reflux', 'temperature', '131 °C', { round: 1 })],
    right: [read(1, 'reflux', 'temperature', '130 °C', { round: 1 })],
  },
  {
    rule: 'reflux.noStart',
    severity: 'caution',
    steps: [event(1, 'reflux', 'heatOn'), event(30, 'reflux', 'heatOff')],
    right: [event(1, 'reflux', 'heatOn'), event(9, 'reflux', 'firstReflux'), event(30, 'reflux', 'heatOff')],
  },
  {
    // Twenty minutes since heat-on, twelve of them at reflux.
    rule: 'reflux.short',
    severity: 'caution',
    steps: [event(0, 'reflux', 'heatOn'), event(8, 'reflux', 'firstReflux'), event(20, 'reflux', 'heatOff')],
    right: [event(0, 'reflux', 'heatOn'), event(5, 'reflux', 'firstReflux'), event(20, 'reflux', 'heatOff')],
  },
  {
    rule: 'reflux.long',
    severity: 'note',
    steps: [event(8, 'reflux', 'firstReflux'), event(39, 'reflux', 'heatOff')],
    right: [event(8, 'reflux', 'firstReflux'), event(37, 'reflux', 'heatOff')],
  },
  {
    rule: 'hold.short',
    severity: 'note',
    doc: dienone,
    steps: [event(0, 'stir', 'begun'), event(20, 'stir', 'ended')],
    right: [event(0, 'stir', 'begun'), event(30, 'stir', 'ended')],
  },
  {
    rule: 'stand.short',
    severity: 'note',
    doc: () => withStep('stand', 'stand', { hours: 24, where: 'bench', cover: 'stoppered' }),
    steps: [event(0, 'stand', 'begun'), event(60 * 20, 'stand', 'ended')],
    right: [event(0, 'stand', 'begun'), event(60 * 23, 'stand', 'ended')],
  },
  {
    rule: 'stand.unseen',
    severity: 'note',
    doc: () => withStep('stand', 'stand', { hours: 24, where: 'bench', cover: 'stoppered', look: 'needles' }),
    steps: [event(0, 'stand', 'unseen')],
    right: [event(0, 'stand', 'unseen'), event(60, 'stand', 'seen')],
  },
  {
    rule: 'layers.other',
    severity: 'caution',
    steps: [event(1, 'extract-acid', 'lower')],
    right: [event(1, 'extract-acid', 'upper')],
    doc: () => shipped('acid-base-neutral'),
  },
  {
    rule: 'test.otherwise',
    severity: 'caution',
    steps: [event(1, 'oxidant', 'negative')],
    right: [event(1, 'oxidant', 'positive')],
    doc: () => shipped('methylcyclohexanone'),
  },
  {
    rule: 'vial.leaked',
    severity: 'caution',
    steps: [event(1, 'shake', 'begun'), event(9, 'shake', 'leaked')],
    right: [event(1, 'shake', 'begun'), event(9, 'shake', 'ended')],
    doc: () => withStep('closedVial', 'shake', { minutes: 10, vent_min: 2 }),
  },
  {
    rule: 'induction.early',
    severity: 'stop',
    steps: [event(1, 'wait', 'begun'), event(2, 'wait', 'bulk')],
    right: [event(1, 'wait', 'begun'), event(2, 'wait', 'started'), event(3, 'wait', 'bulk')],
    doc: () => withStep('induction', 'wait', { minutes: 10 }),
  },
  {
    rule: 'tubes.control',
    severity: 'caution',
    steps: [event(1, 'test-oil', 'tube-2-no')],
    right: [event(1, 'test-oil', 'tube-2-yes')],
    doc: () => shipped('eugenol'),
  },
  {
    rule: 'thinLayer.beyond',
    severity: 'stop',
    doc: () => withStep('thinLayer', 'plate', { of: 'pure', lanes: ['product'], seen: 'iodine' }),
    steps: [read(1, 'plate', 'front', '5.0 cm'), read(2, 'plate', 'spot', '5.2 cm', { item: 'A' })],
    right: [read(1, 'plate', 'front', '5.0 cm'), read(2, 'plate', 'spot', '2.6 cm', { item: 'A' })],
  },
  {
    rule: 'spectrum.other',
    severity: 'caution',
    steps: [event(1, 'infrared', 'band-2-present')],
    right: [event(1, 'infrared', 'band-2-absent')],
    doc: () => shipped('methylcyclohexanone'),
  },
  {
    rule: 'distil.window',
    severity: 'note',
    steps: [read(1, 'distil', 'first', '160 °C')],
    right: [read(1, 'distil', 'first', '167 °C')],
    doc: () => shipped('methylcyclohexanone'),
  },
  {
    rule: 'quench.hot',
    severity: 'stop',
    steps: [read(1, 'quench', 'temperature', '61 °C')],
    right: [read(1, 'quench', 'temperature', '60 °C')],
  },
  {
    rule: 'cooling.warm',
    severity: 'caution',
    steps: [read(1, 'ice', 'temperature', '6 °C')],
    right: [read(1, 'ice', 'temperature', '5 °C')],
  },
  {
    // Crystals need their time even when the flask is cold before.
    rule: 'cooling.short',
    severity: 'note',
    steps: [event(0, 'slow', 'begun'), read(5, 'slow', 'temperature', '20 °C'), event(6, 'slow', 'ended')],
    right: [event(0, 'slow', 'begun'), read(25, 'slow', 'temperature', '20 °C'), event(25, 'slow', 'ended')],
  },
  {
    // 2.50 g × 24 mL/g = 60 mL; a quarter more is tolerated.
    rule: 'solvent.over',
    severity: 'caution',
    steps: [
      read(1, 'recrystallize', 'net', '2.50 g'),
      read(2, 'recrystallize', 'volume', '60.0 mL', { round: 1 }),
      read(4, 'recrystallize', 'volume', '15.5 mL', { round: 2 }),
    ],
    right: [
      read(1, 'recrystallize', 'net', '2.50 g'),
      read(2, 'recrystallize', 'volume', '60.0 mL', { round: 1 }),
      read(4, 'recrystallize', 'volume', '40.0 mL', { round: 2 }),
      // Boiled off again before cooling: what is gone keeps nothing.
      read(9, 'recrystallize', 'atCooling', '60.0 mL'),
    ],
  },
  {
    rule: 'charcoal.hot',
    severity: 'caution',
    steps: [event(1, 'recrystallize', 'charcoal')],
    right: [tick(0, 'recrystallize', 'offHeat'), event(1, 'recrystallize', 'charcoal')],
  },
  {
    rule: 'drying.falling',
    severity: 'caution',
    steps: [...series('2.71', '2.63').map(grams), event(99, 'dry-crude', 'looksDry')],
    right: series('2.71', '2.63').map(grams),
  },
  {
    rule: 'drying.rising',
    severity: 'caution',
    steps: series('2.58', '2.66').map(grams),
    right: series('2.58', '2.59').map(grams),
  },
  {
    rule: 'drying.soon',
    severity: 'note',
    steps: [read(60, 'dry-crude', 'net', '2.58 g', { round: 1 }), read(66, 'dry-crude', 'net', '2.58 g', { round: 2 })],
    right: series('2.58', '2.58').map(grams),
  },
  {
    rule: 'stage.overTheory',
    severity: 'caution',
    steps: [...charged, ...series('2.97').map(grams)],
    right: [...charged, ...series('2.95').map(grams)],
  },
  {
    rule: 'stage.overBefore',
    severity: 'caution',
    steps: [...charged, read(50, 'recrystallize', 'net', '2.56 g'), read(90, 'weigh-pure', 'net', '2.57 g')],
    right: [...charged, read(50, 'recrystallize', 'net', '2.56 g'), read(90, 'weigh-pure', 'net', '2.55 g')],
  },
  {
    rule: 'stage.moreIn',
    severity: 'caution',
    steps: [
      ...charged,
      ...series('2.40').map(grams),
      read(70, 'recrystallize', 'net', '2.56 g'),
      read(90, 'weigh-pure', 'net', '2.00 g'),
    ],
    right: [
      ...charged,
      ...series('2.40').map(grams),
      read(70, 'recrystallize', 'net', '2.38 g'),
      read(90, 'weigh-pure', 'net', '2.00 g'),
    ],
  },
  {
    rule: 'stage.little',
    severity: 'caution',
    steps: [...charged, ...series('0.14').map(grams)],
    right: [...charged, ...series('0.16').map(grams)],
  },
  {
    rule: 'stage.notDry',
    severity: 'caution',
    steps: [read(90, 'weigh-pure', 'net', '2.16 g')],
    right: [
      read(60, 'dry-pure', 'net', '2.16 g', { round: 1 }),
      read(71, 'dry-pure', 'net', '2.16 g', { round: 2 }),
      read(90, 'weigh-pure', 'net', '2.16 g'),
    ],
  },
  {
    rule: 'melt.order',
    severity: 'stop',
    steps: melt('melt-pure', 0, '95.0', '98.0', '114.4', '113.2'),
    right: melt('melt-pure', 0, '95.0', '98.0', '113.2', '114.4'),
  },
  {
    rule: 'melt.single',
    severity: 'caution',
    steps: melt('melt-pure', 0, '95.0', '98.0', '113.2', '113.2'),
    right: melt('melt-pure', 0, '95.0', '98.0', '113.2', '113.3'),
  },
  {
    // Ten kelvin in three minutes.
    rule: 'melt.ramp',
    severity: 'caution',
    steps: melt('melt-pure', 0, '95.0', '105.0'),
    right: melt('melt-pure', 0, '95.0', '103.9'),
  },
  {
    rule: 'melt.fallingRamp',
    severity: 'stop',
    steps: melt('melt-pure', 0, '95.0', '94.0'),
    right: melt('melt-pure', 0, '95.0', '95.0'),
  },
  {
    rule: 'melt.high',
    severity: 'caution',
    steps: melt('melt-pure', 0, '110.0', '113.0', '116.1'),
    right: melt('melt-pure', 0, '110.0', '113.0', '116.0'),
  },
  {
    rule: 'melt.fell',
    severity: 'caution',
    steps: [
      ...melt('melt-crude', 0, '95.0', '98.0', '108.0', '111.5'),
      ...melt('melt-pure', 30, '95.0', '98.0', '107.0', '111.0'),
    ],
    right: [
      ...melt('melt-crude', 0, '95.0', '98.0', '108.0', '111.5'),
      ...melt('melt-pure', 30, '95.0', '98.0', '113.0', '114.0'),
    ],
  },
  {
    rule: 'crop.mixed',
    severity: 'caution',
    steps: [event(1, 'second', 'mixed')],
    right: [event(1, 'second', 'apart')],
  },
  {
    rule: 'result.differs',
    severity: 'caution',
    steps: acetanilideRun({ typed: '84.4' }),
    right: acetanilideRun({ typed: '73.0' }),
  },
  {
    rule: 'result.unclear',
    severity: 'caution',
    steps: acetanilideRun({ typed: '50.0' }),
    right: acetanilideRun({ typed: '73.0' }),
  },
];

function grams<T extends { readonly read: string }>(step: T): T {
  return { ...step, read: `${step.read} g` };
}

test.each(cases)(
  '$rule speaks where it should, and not a step before',
  ({ rule, severity, steps, right, doc = acetanilide }) => {
    const found = benchState(doc(), entriesOfScript(steps)).findings.filter((finding) => finding.rule === rule);
    expect(found.map((finding) => finding.severity)).toEqual([severity]);
    const { title, says, remedies } = renderFinding(found[0]!);
    expect([title, says, ...remedies].filter((text) => /[{}]|NaN|undefined|—/.test(text))).toEqual([]);
    const rules = benchState(doc(), entriesOfScript(right)).findings.map((finding) => finding.rule);
    expect(rules).not.toContain(rule);
  },
);

test('every rule of the operations is tried', () => {
  const tried = new Set(cases.map(({ rule }) => rule));
  const all = Object.keys(operationRules) as (keyof typeof operationRules)[];
  expect(all.filter((rule) => !tried.has(rule))).toEqual([]);
});
