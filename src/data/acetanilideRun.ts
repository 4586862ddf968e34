import { roundDecimals } from '@/core/quantity/decimals';
import type { RecordPlace } from '@/core/record/entry';
import type { DemoStep } from './demoSteps';

/** A capillary: temperatures at the start of the slow ramp, a while later, onset, clear, with the minutes from the first. */
export interface DemoCapillary {
  readonly at: readonly [number, number, number, number];
  readonly read: readonly [string, string, string, string];
}

/** What a bench read; whatever is not given is the clean run's. */
export interface AcetanilideRun {
  /** Vial with aniline, full and emptied, g. */
  readonly aniline: readonly [string, string];
  readonly anhydride: string;
  readonly crude: readonly string[];
  readonly crudeMelt: readonly DemoCapillary[];
  readonly massIn: string;
  readonly portions: readonly string[];
  readonly atCooling: string;
  /** The pure product's series on drying, then in its vial. */
  readonly pure: readonly string[];
  readonly vial: readonly [string, string];
  readonly pureMelt: readonly DemoCapillary[];
  readonly secondCrop?: { readonly volume: string; readonly net: string; readonly onset: string; readonly clear: string };
  readonly typed: string;
  /** The group asks for signatures of these readings of the pure product. */
  readonly signed: boolean;
  /** Minutes after which nothing is recorded any more. */
  readonly until?: number;
}

/** A capillary melted on a slow ramp, K/min, from `start` °C on. */
export const slowMelt = (start: number, onset: string, clear: string, rate = 1.6): DemoCapillary => ({
  at: [0, 1, (Number(onset) - start) / rate, (Number(clear) - start) / rate],
  read: [roundDecimals(start, 1), roundDecimals(start + rate, 1), onset, clear],
});

export const cleanRun: AcetanilideRun = {
  aniline: ['24.10', '22.06'],
  anhydride: '2.50',
  crude: ['2.71', '2.60', '2.58', '2.58'],
  crudeMelt: [slowMelt(92, '108.4', '111.6')],
  massIn: '2.56',
  portions: ['40.0', '14.0'],
  atCooling: '53.0',
  pure: ['2.19', '2.16', '2.16'],
  vial: ['14.32', '16.48'],
  pureMelt: [slowMelt(95, '113.2', '114.4')],
  typed: '72.9',
  signed: true,
};

const capped = ['cap on'];

/** Every entry of a bench that runs the acetanilide preparation from the first weighing to the melting range. */
export function acetanilideRun(change: Partial<AcetanilideRun> = {}): readonly DemoStep[] {
  const run = { ...cleanRun, ...change };
  const steps: DemoStep[] = [];
  const read = (minute: number, place: RecordPlace, text: string, device: string, state?: readonly string[]) =>
    steps.push({ minute, place, read: text, device, ...(state ? { state } : {}) });
  const line = (minute: number, id: string, text: string, device: string) =>
    read(minute, { line: id, slot: text.endsWith('mL') ? 'volume' : 'net' }, text, device);
  const temperature = (minute: number, step: string, text: string, round?: number, slot = 'temperature') =>
    read(minute, { step, slot, ...(round === undefined ? {} : { round }) }, `${text} °C`, 'thermometer-200');
  const event = (minute: number, step: string, name: string) => steps.push({ minute, step, event: name });
  const ticks = (minute: number, step: string, ...checks: readonly string[]) =>
    checks.forEach((tick, i) => steps.push({ minute: minute + i * 0.1, step, tick }));
  const melt = (minute: number, step: string, capillaries: readonly DemoCapillary[]) => {
    ticks(minute, step, 'sample', 'own');
    let from = minute + 0.5;
    for (const [i, { at, read: texts }] of capillaries.entries()) {
      const item = String.fromCharCode(65 + i);
      ['start', 'later', 'onset', 'clear'].forEach((slot, k) =>
        read(from + (at[k] ?? 0), { step, item, slot }, `${texts[k] ?? ''} °C`, 'melting-1'),
      );
      from += (at[3] ?? 0) + 2;
    }
    return from;
  };
  const filtration = (minute: number, step: string, wash: string, volume: string, air: number) => {
    ticks(minute, step, 'paper', 'suction', 'flask');
    event(minute + 1, step, 'filtered');
    line(minute + 2, wash, `${volume} mL`, 'cylinder-10');
    event(minute + 3, step, 'washed');
    event(minute + 3 + air, step, 'ended');
  };
  const cool = (minute: number, step: string, minutes: number, text: string) => {
    event(minute, step, 'begun');
    temperature(minute + minutes, step, text);
    event(minute + minutes + 0.2, step, 'ended');
  };
  const dry = (minute: number, step: string, series: readonly string[]) => {
    event(minute, step, 'begun');
    series.forEach((net, i) =>
      read(minute + 15 + i * 10.5, { step, slot: 'net', round: i + 1 }, `${net} g`, 'balance-001'),
    );
    return minute + 15 + series.length * 10.5;
  };

  read(0, { line: 'aniline', slot: 'full' }, `${run.aniline[0]} g`, 'balance-001', capped);
  read(2, { line: 'aniline', slot: 'empty' }, `${run.aniline[1]} g`, 'balance-001', capped);
  steps.push({ minute: 2.5, ask: [0, 1] });
  if (run.signed) steps.push({ minute: 3, sign: [0, 1] });
  line(4, 'acid', '4.0 mL', 'cylinder-10');
  ticks(5, 'aids', 'added');
  line(6, 'anhydride', `${run.anhydride} mL`, 'pipette-5');
  ticks(6.5, 'anhydride', 'stirred', 'ice', 'thermometer');
  event(7, 'anhydride', 'begun');
  ['62', '74', '83', '88'].forEach((text, i) => temperature(7.5 + i * 0.8, 'anhydride', text, i + 1, 'highest'));
  ticks(11, 'reflux', 'clamped', 'aids', 'condenser', 'open', 'joints');
  event(12, 'reflux', 'heatOn');
  event(18, 'reflux', 'firstReflux');
  temperature(22, 'reflux', '121', 1);
  event(33.5, 'reflux', 'heatOff');
  cool(34, 'cool', 5, '52');
  line(40, 'quench', '40.1 g', 'balance-01');
  ticks(40.3, 'quench', 'stirred', 'hood');
  temperature(40.8, 'quench', '51');
  event(41, 'quench', 'poured');
  event(46, 'quench', 'ended');
  cool(47, 'ice', 10, '2');
  filtration(58, 'filter', 'wash', '9.9', 10);
  let now = dry(72, 'dry-crude', run.crude);
  now = melt(now, 'melt-crude', run.crudeMelt);
  read(now, { step: 'recrystallize', slot: 'net' }, `${run.massIn} g`, 'balance-001');
  ticks(now + 0.5, 'recrystallize', 'heater', 'aids');
  run.portions.forEach((volume, i) =>
    read(now + 3 + i * 3, { step: 'recrystallize', slot: 'volume', round: i + 1 }, `${volume} mL`, 'cylinder-100'),
  );
  now += 3 + run.portions.length * 3;
  event(now, 'recrystallize', 'dissolved');
  ticks(now + 1, 'recrystallize', 'offHeat');
  line(now + 1.2, 'charcoal', '0.10 g', 'balance-001');
  event(now + 1.5, 'recrystallize', 'charcoal');
  ticks(now + 3, 'recrystallize', 'warm');
  event(now + 4.5, 'recrystallize', 'filtered');
  line(now + 6, 'hot-rinse', '4.0 mL', 'cylinder-10');
  read(now + 10, { step: 'recrystallize', slot: 'atCooling' }, `${run.atCooling} mL`, 'cylinder-100');
  cool(now + 11, 'slow', 25, '27');
  cool(now + 37, 'ice-crystals', 10, '2');
  filtration(now + 48, 'filter-pure', 'cold-rinse', '4.0', 5);
  now = dry(now + 57, 'dry-pure', run.pure);
  const first = steps.length;
  read(now, { step: 'weigh-pure', slot: 'empty' }, `${run.vial[0]} g`, 'balance-001', capped);
  read(now + 1, { step: 'weigh-pure', slot: 'full' }, `${run.vial[1]} g`, 'balance-001', capped);
  steps.push({ minute: now + 1.5, ask: [first, first + 1] });
  if (run.signed) steps.push({ minute: now + 2, sign: [first, first + 1] });
  now = melt(now + 3, 'melt-pure', run.pureMelt);
  if (run.secondCrop) {
    const { volume, net, onset, clear } = run.secondCrop;
    read(now, { step: 'second', slot: 'volume' }, `${volume} mL`, 'cylinder-100');
    read(now + 20, { step: 'second', slot: 'net' }, `${net} g`, 'balance-001');
    now = melt(now + 21, 'melt-second', [slowMelt(95, onset, clear)]);
    event(now, 'second', 'mixed');
  }
  read(now + 2, { step: 'yield', slot: 'typed' }, `${run.typed} %`, '');
  const { until } = run;
  return until === undefined ? steps : steps.filter(({ minute }) => minute <= until);
}
