import { benchCharge } from './benchCharge';
import { findOperation } from '../operations/registry';
import { withNames } from './withNames';
import { foldRecord } from '../record/foldRecord';
import { noSettings } from '../record/classSettings';
import { readySteps, stepsAfter } from '../document/order';
import { readingFindings } from './readingFindings';
import { readable } from '../record/readable';
import { stageMasses } from './stageMasses';
import { withAnswer } from '../operations/answers';
import type { PanelAsk, PlainAsk, PourAsk } from '../operations/ask';
import { plainAsks } from '../operations/ask';
import type { Bench, MeltingRun, Operation, StepContext, StepOutcome, Timer } from '../operations/operation';
import type { BenchCharge } from '../readings/benchTypes';
import type { ClassSettings } from '../record/classSettings';
import type { Noted, Override, Reading } from '../record/entry';
import type { Finding } from '../finding/finding';
import type { Live } from '../record/foldRecord';
import type { Loss } from '../worktop/loss';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

/** A step as it stands at a bench. */
export interface StepState {
  readonly step: Step;
  readonly operation: Operation;
  readonly context: StepContext;
  /** What happened, in the operation's own shape. */
  readonly actual: unknown;
  readonly asks: readonly PlainAsk[];
  /** What lies in front of the group and what is poured, beside the same as plain asks. */
  readonly hands: readonly (PourAsk | PanelAsk)[];
  readonly status: 'done' | 'open' | 'skipped';
  /** Everything on the record that speaks of it: of the step itself, or of a line that it measures. */
  readonly own: readonly Live[];
  readonly skipped?: Live;
  /** Those that stand and were not overridden. */
  readonly findings: readonly Finding[];
  readonly timers: readonly Timer[];
  readonly losses: readonly Loss[];
  readonly outcome: readonly StepOutcome[];
}

/** A finding that somebody went on in spite of. */
export interface Overridden {
  readonly finding: Finding;
  readonly by: Live<Override>;
  /** It saw other facts: by the rules that held then. */
  readonly earlierRules?: true;
}

/** A bench's record with everything that follows from it. */
export interface BenchState {
  readonly bench: Bench;
  readonly record: readonly Live[];
  readonly charge: BenchCharge;
  readonly steps: readonly StepState[];
  /** Steps that may be worked on now: one, or one of each track that runs beside the others. */
  readonly ready: readonly StepState[];
  /** The first of them. */
  readonly current?: StepState;
  /** Steps done or left out, and how many there are to do: an optional one counts once it is done. */
  readonly done: number;
  readonly toDo: number;
  readonly waiting: readonly Live[];
  /** All that stand, in the order of the steps. */
  readonly findings: readonly Finding[];
  readonly overridden: readonly Overridden[];
  readonly timers: readonly Timer[];
  /** Entries with which nothing could be computed: left aside, for a person to see to. */
  readonly unreadable: readonly Noted[];
}

/**
 * State of one bench from the issued preparation, its entries and the class's settings: a pure function. What depends on
 * the time of asking (a timer that is late) is found from this state and now.
 *
 * @param issued the frozen document of the class
 * @param entries of the bench, in any order
 */
export function benchState(
  issued: Preparation,
  entries: readonly Noted[],
  settings: ClassSettings = noSettings,
): BenchState {
  const { value, unreadable } = readableState(issued, entries, settings);
  return { ...value, unreadable };
}

function readableState(issued: Preparation, entries: readonly Noted[], settings: ClassSettings) {
  try {
    return readable(entries, (sound) => stateOf(issued, sound, settings));
  } catch (error) {
    // A setting of the class with which nothing can be computed is no bench's fault.
    if (settings === noSettings) throw error;
    return readable(entries, (sound) => stateOf(issued, sound, noSettings));
  }
}

function stateOf(
  issued: Preparation,
  entries: readonly Noted[],
  settings: ClassSettings,
): Omit<BenchState, 'unreadable'> {
  const record = withNames(foldRecord(entries), issued);
  const charged = benchCharge(issued, record);
  const found = benchOf(issued, charged, record, settings);
  // Once a stage is found that something is taken from, the amounts that follow are known.
  const feeds = issued.lines.some(({ supply }) => supply && found.massOf(supply.stage));
  const charge = feeds ? benchCharge(issued, record, (stage) => found.massOf(stage)?.mass) : charged;
  const bench = feeds ? { ...found, charge } : found;
  const overrides = record.filter((one): one is Live<Override> => one.status === 'live' && one.body.k === 'override');
  const exactly = ({ key, facts }: Finding) =>
    overrides.find(({ body }) => body.finding === key && body.facts === facts);
  // In a closed class nothing is measured any more: where the facts differ, it is the rules that changed since.
  const overriding = (one: Finding) =>
    exactly(one) ?? (settings.closed ? overrides.find(({ body }) => body.finding === one.key) : undefined);
  const raw = issued.steps.flatMap((step) => stepState(step, bench));
  const all = [...raw.flatMap(({ findings }) => findings), ...unplaced(charge.findings, raw)];
  const steps = raw.map((one) => ({ ...one, findings: one.findings.filter((item) => !overriding(item)) }));
  const open = new Set(steps.filter(({ status }) => status === 'open').map(({ step }) => step.id));
  const may = new Set(readySteps(issued.steps, (id) => open.has(id)));
  const ready = steps.filter(({ step }) => may.has(step.id));
  const [current] = ready;
  return {
    bench,
    record,
    charge,
    steps,
    ready,
    ...(current ? { current } : {}),
    done: steps.filter(({ status }) => status !== 'open').length,
    toDo: steps.filter(({ status, step }) => status !== 'open' || !step.optional).length,
    waiting: record.filter(({ asked }) => asked),
    findings: all.filter((item) => !overriding(item)),
    overridden: all.flatMap((item) => {
      const by = overriding(item);
      return by ? [{ finding: item, by, ...(exactly(item) ? {} : { earlierRules: true as const }) }] : [];
    }),
    timers: steps.flatMap(({ timers }) => timers),
  };
}

/** What operations may look at. Masses and melting ranges are gathered once, from faces that do not ask for them. */
function benchOf(doc: Preparation, charge: BenchCharge, record: readonly Live[], settings: ClassSettings): Bench {
  const blind: Bench = {
    doc,
    charge,
    record,
    settings,
    massOf: () => undefined,
    inputOf: () => undefined,
    meltingOf: () => [],
  };
  const faces = doc.steps.flatMap((step) => {
    const operation = findOperation(step.op);
    const context = { step, params: step.params, bench: blind };
    return operation ? [{ operation, context, actual: operation.actual(context) }] : [];
  });
  const masses = stageMasses(
    faces.flatMap(({ operation, context, actual }) => operation.mass?.(actual, context) ?? []),
  );
  const inputs = faces.flatMap(({ operation, context, actual }) => operation.input?.(actual, context) ?? []);
  const runs: readonly MeltingRun[] = faces.flatMap(
    ({ operation, context, actual }) => operation.melting?.(actual, context) ?? [],
  );
  return {
    ...blind,
    massOf: (stage) => masses.get(stage),
    inputOf: (stage) => inputs.find((one) => one.stage === stage)?.mass,
    meltingOf: (stage) => runs.filter((run) => run.stage === stage),
  };
}

function stepState(step: Step, bench: Bench): readonly StepState[] {
  const operation = findOperation(step.op);
  if (!operation) return [];
  const context: StepContext = { step, params: step.params, bench };
  const actual = operation.actual(context);
  const all = operation.asks(actual, context).map((ask) => withAnswer(context, ask));
  const asks = plainAsks(all);
  const lines = new Set(asks.flatMap((ask) => (ask.kind === 'measure' && ask.about.line ? [ask.about.line] : [])));
  const own = bench.record.filter(({ body }) => speaksOf(body, step.id, lines));
  const mark = own.findLast(({ body, status }) => body.k === 'step' && status === 'live');
  const skipped = mark?.body.k === 'step' && mark.body.to === 'skip' ? mark : undefined;
  const complete = all.every(({ done, optional }) => done || optional !== undefined);
  const readings = own.filter(
    (one): one is Live<Reading> => one.body.k === 'reading' && one.body.place.step === step.id,
  );
  return [
    {
      step,
      operation,
      context,
      actual,
      asks,
      hands: all.filter((ask) => ask.kind === 'panel' || ask.kind === 'pour'),
      status: complete ? 'done' : skipped ? 'skipped' : 'open',
      own,
      ...(skipped && !complete ? { skipped } : {}),
      findings: [
        ...bench.charge.findings.filter(({ about }) => about.line !== undefined && lines.has(about.line)),
        ...readingFindings(readings, bench.doc.devices, () => operation.title),
        ...(operation.check?.(actual, context) ?? []),
      ],
      timers: operation.timers?.(actual, context) ?? [],
      losses: operation.losses?.(actual, context) ?? [],
      outcome: operation.outcome?.(actual, context) ?? [],
    },
  ];
}

function speaksOf(body: Live['body'], step: string, lines: ReadonlySet<string>): boolean {
  if (body.k === 'reading') return body.place.step === step || lines.has(body.place.line ?? '');
  return 'step' in body && body.step === step;
}

/** Where to go on after a step: on its own track if that goes on, else on the first that is open. */
export function nextStep({ ready, bench, current }: BenchState, after: string | undefined): StepState | undefined {
  const own = after === undefined ? undefined : stepsAfter(bench.doc.steps, after);
  return ready.find(({ step }) => own?.has(step.id)) ?? current;
}

/** Findings of charged lines that no step measures: they must not get lost. */
function unplaced(findings: readonly Finding[], steps: readonly StepState[]): readonly Finding[] {
  const placed = new Set(steps.flatMap((one) => one.findings.map(({ key }) => key)));
  return findings.filter(({ key }) => !placed.has(key));
}
