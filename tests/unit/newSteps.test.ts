import { benchState } from '@/core/bench/benchState';
import { entriesOfScript } from '../support/demoRun';
import { oddOperations } from '../support/oddOperations';
import { shipped } from '../support/preparations';
import type { DemoStep } from '@/data/demoSteps';
import type { Preparation } from '@/core/document/document';

const event = (minute: number, step: string, name: string): DemoStep => ({ minute, step, event: name });
const tick = (minute: number, step: string, name: string): DemoStep => ({ minute, step, tick: name });
const read = (minute: number, step: string, slot: string, text: string, round?: number): DemoStep => ({
  minute,
  place: { step, slot, ...(round === undefined ? {} : { round }) },
  read: text,
  device: '',
});
const line = (minute: number, id: string, text: string, slot = 'volume'): DemoStep => ({
  minute,
  place: { line: id, slot },
  read: text,
  device: '',
});
const ticks = (step: string, ...names: readonly string[]) => names.map((name) => tick(1, step, name));

interface Run {
  readonly doc: () => Preparation;
  readonly step: string;
  readonly script: readonly DemoStep[];
  /** Numbers that it comes to, in canonical units. */
  readonly outcome?: readonly number[];
}

const apart = () => shipped('acid-base-neutral');
const ketone = () => shipped('methylcyclohexanone');
const cloves = () => shipped('eugenol');
const pyrrole = () => shipped('dimethylphenylpyrrole');
const funnel = (step: string) => ticks(step, 'stopcock', 'cool', 'room');

const runs: Readonly<Record<string, Run>> = {
  extraction: {
    doc: apart,
    step: 'extract-acid',
    script: [
      ...funnel('extract-acid'),
      line(2, 'bicarbonate', '30.0 mL'),
      event(3, 'extract-acid', 'shaken-1'),
      event(4, 'extract-acid', 'upper'),
      event(5, 'extract-acid', 'separated-1'),
      event(6, 'extract-acid', 'shaken-2'),
      event(7, 'extract-acid', 'separated-2'),
    ],
  },
  wash: {
    doc: apart,
    step: 'wash',
    script: [
      ...funnel('wash'),
      line(2, 'brine', '10.0 mL'),
      event(3, 'wash', 'shaken-1'),
      event(4, 'wash', 'upper'),
      event(5, 'wash', 'separated-1'),
    ],
  },
  dryingLiquid: {
    doc: apart,
    step: 'dry',
    script: [
      line(1, 'agent', '3.0 g', 'net'),
      event(2, 'dry', 'begun'),
      event(12, 'dry', 'dry'),
      event(14, 'dry', 'filtered'),
      line(15, 'agent-rinse', '6.0 mL'),
    ],
  },
  stripping: {
    doc: apart,
    step: 'strip',
    script: [
      ...ticks('strip', 'tared', 'peroxides', 'cooled'),
      event(2, 'strip', 'begun'),
      event(12, 'strip', 'constant'),
      read(14, 'strip', 'full', '48.95 g'),
      read(15, 'strip', 'empty', '48.00 g'),
    ],
    outcome: [0.95],
  },
  neutralization: {
    doc: apart,
    step: 'set-free-base',
    script: [
      ...ticks('set-free-base', 'open', 'paper'),
      line(2, 'set-free-base', '15.0 mL'),
      read(3, 'set-free-base', 'temperature', '12 °C'),
      event(4, 'set-free-base', 'reached'),
    ],
  },
  inProcessTest: {
    doc: ketone,
    step: 'quench',
    script: [line(1, 'bisulfite', '4.2 mL'), event(2, 'quench', 'negative')],
  },
  distillation: {
    doc: ketone,
    step: 'distil',
    script: [
      ...ticks('distil', 'half', 'bulb', 'open', 'tared'),
      event(2, 'distil', 'heatOn'),
      event(9, 'distil', 'firstDrop'),
      read(12, 'distil', 'first', '167.0 °C'),
      read(25, 'distil', 'last', '170.5 °C'),
      read(30, 'distil', 'full', '23.642 g'),
      read(31, 'distil', 'empty', '18.442 g'),
    ],
    outcome: [167, 170.5, 5.2],
  },
  chromatogram: {
    doc: ketone,
    step: 'chromatogram',
    script: [tick(1, 'chromatogram', 'vial'), read(2, 'chromatogram', 'area', '94.2 %')],
    outcome: [0.942],
  },
  spectrum: {
    doc: ketone,
    step: 'infrared',
    script: [event(1, 'infrared', 'band-1-present'), event(2, 'infrared', 'band-2-absent')],
  },
  storing: { doc: ketone, step: 'store', script: [tick(1, 'store', 'label'), event(2, 'store', 'stored')] },
  cakeWash: {
    doc: pyrrole,
    step: 'wash-mixed',
    script: [line(1, 'wash-mixed', '3.0 mL'), event(2, 'wash-mixed', 'washed')],
  },
  mixedSolvents: {
    doc: pyrrole,
    step: 'recrystallize',
    script: [
      read(1, 'recrystallize', 'net', '2.20 g'),
      line(2, 'good', '3.9 mL'),
      read(3, 'recrystallize', 'temperature', '41 °C'),
      event(4, 'recrystallize', 'dissolved'),
      line(5, 'poor', '1.7 mL'),
      event(6, 'recrystallize', 'cloudy'),
      event(7, 'recrystallize', 'seeded'),
      tick(8, 'recrystallize', 'oil'),
    ],
    outcome: [2.2],
  },
  fractionation: {
    doc: () => shipped('cyclohexane-toluene'),
    step: 'distil',
    script: [
      ...ticks('distil', 'half', 'bulb', 'open', 'receivers'),
      event(2, 'distil', 'heatOn'),
      read(9, 'distil', 'head', '81.3 °C', 1),
      read(9, 'distil', 'volume', '0.5 mL', 1),
      event(70, 'distil', 'ended'),
    ],
  },
  steamDistillation: {
    doc: cloves,
    step: 'steam',
    script: [
      ...ticks('steam', 'half', 'aids', 'open'),
      event(2, 'steam', 'heatOn'),
      event(15, 'steam', 'firstDrop'),
      line(30, 'top-up', '100 mL'),
      event(60, 'steam', 'clear'),
      read(61, 'steam', 'volume', '112 mL'),
    ],
    outcome: [112],
  },
  tubeTests: {
    doc: cloves,
    step: 'test-oil',
    script: [
      tick(1, 'test-oil', 'labelled'),
      event(2, 'test-oil', 'tube-1-yes'),
      event(2, 'test-oil', 'tube-2-yes'),
      event(2, 'test-oil', 'tube-3-no'),
      event(2, 'test-oil', 'tube-4-no'),
    ],
  },
  anhydrousSetUp: {
    doc: oddOperations,
    step: 'odd-1',
    script: [...ticks('odd-1', 'dried', 'solvent', 'vented', 'flame'), event(2, 'odd-1', 'ready')],
  },
  induction: {
    doc: oddOperations,
    step: 'odd-2',
    script: [event(1, 'odd-2', 'begun'), event(9, 'odd-2', 'started'), event(10, 'odd-2', 'bulk')],
    outcome: [480],
  },
  grinding: {
    doc: oddOperations,
    step: 'odd-3',
    script: [
      event(1, 'odd-3', 'begun'),
      read(2, 'odd-3', 'temperature', '91 °C', 1),
      event(4, 'odd-3', 'changed'),
      event(6, 'odd-3', 'ended'),
    ],
  },
  closedVial: {
    doc: oddOperations,
    step: 'odd-4',
    script: [...ticks('odd-4', 'headspace', 'cap'), event(2, 'odd-4', 'begun'), event(12, 'odd-4', 'ended')],
  },
  gravityFiltration: {
    doc: oddOperations,
    step: 'odd-5',
    script: [...ticks('odd-5', 'paper', 'flasks'), event(2, 'odd-5', 'filtered')],
  },
  evaporation: {
    doc: oddOperations,
    step: 'odd-6',
    script: [event(1, 'odd-6', 'begun'), read(2000, 'odd-6', 'net', '1.20 g', 1), event(4000, 'odd-6', 'done')],
  },
  reactiveDistillation: {
    doc: oddOperations,
    step: 'odd-7',
    script: [
      ...ticks('odd-7', 'aids', 'bulb', 'open'),
      event(2, 'odd-7', 'heatOn'),
      read(9, 'odd-7', 'temperature', '98 °C', 1),
      event(30, 'odd-7', 'ended'),
    ],
  },
};

const stateAt = ({ doc, step, script }: Run, count = script.length) =>
  benchState(doc(), entriesOfScript(script.slice(0, count))).steps.find((one) => one.step.id === step);

test.each(Object.entries(runs))(
  '%s: done when everything is answered, not before, with nothing to remark',
  (op, run) => {
    const done = stateAt(run);
    expect(done?.step.op).toBe(op);
    expect([
      done?.status,
      done?.asks.filter((ask) => !ask.done && ask.optional === undefined).map(({ id }) => id),
    ]).toEqual(['done', []]);
    expect(stateAt(run, run.script.length - 1)?.status).toBe('open');
    expect(done?.findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule)).toEqual([]);
  },
);

test.each(Object.entries(runs).filter(([, { outcome }]) => outcome !== undefined))(
  '%s: what it comes to is what was read',
  (_, run) => {
    const values = stateAt(run)?.outcome.map(({ worked }) => worked.q.value) ?? [];
    expect(values.length).toBe(run.outcome?.length);
    values.forEach((value, i) => expect(value).toBeCloseTo(run.outcome?.[i] ?? NaN, 9));
  },
);

test.each(Object.entries(runs))('%s: a check that was left out keeps the step open', (_, run) => {
  const checks = run.script.filter((one) => 'tick' in one);
  const rest = run.script.filter((one) => !('tick' in one));
  const state = benchState(run.doc(), entriesOfScript(rest)).steps.find((one) => one.step.id === run.step);
  const open = state?.asks.filter((ask) => ask.kind === 'check' && !ask.done).map(({ id }) => id) ?? [];
  expect(open).toEqual(checks.map((one) => ('tick' in one ? one.tick : '')));
  expect(state?.status).toBe(checks.length > 0 ? 'open' : 'done');
});

test.each(['extraction', 'wash', 'distillation', 'fractionation', 'steamDistillation', 'gravityFiltration'])(
  '%s: begun without its checks, that is remarked',
  (name) => {
    const run = runs[name] as Run;
    const rest = run.script.filter((one) => !('tick' in one));
    const state = benchState(run.doc(), entriesOfScript(rest)).steps.find((one) => one.step.id === run.step);
    expect(state?.findings.map(({ rule }) => rule)).toContain('step.unchecked');
  },
);

test('head and volume of a distillation in cuts stand in one round until both are read', () => {
  const round = (script: readonly DemoStep[]) => {
    const { steps } = benchState(shipped('cyclohexane-toluene'), entriesOfScript(script));
    const ask = steps.flatMap(({ asks }) => asks).find(({ id }) => id === 'head');
    return ask?.kind === 'measure' ? ask.about.round : undefined;
  };
  const step = shipped('cyclohexane-toluene').steps.find(({ op }) => op === 'fractionation')?.id ?? '';
  const head = read(1, step, 'head', '80.5 °C', 1);
  expect([round([]), round([head]), round([head, read(2, step, 'volume', '2.0 mL', 1)])]).toEqual([1, 1, 2]);
});
