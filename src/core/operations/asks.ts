import { schoolOf } from '../conventions/catalogue';
import { eventAt, movedAt, nextRound, readingsAt, tickedAt } from './onRecord';
import { differenceWay, netWay, taredVesselWay, volumeWay } from './ways';
import { takesPart } from '../plan/chargeTable';
import type { Answer, CheckAsk, EventAsk, MeasureAsk, PourAsk } from './ask';
import type { Part } from '../record/entry';
import type { StepContext } from './operation';
import type { BenchLine } from '../readings/benchTypes';

/** Set-up checks by name and sentence. */
export function checks(context: StepContext, says: Readonly<Record<string, string>>): readonly CheckAsk[] {
  const ticked = tickedAt(context);
  return Object.entries(says).map(([check, sentence]) => ({
    kind: 'check',
    id: check,
    spot: check,
    check,
    says: sentence,
    done: ticked.has(check),
  }));
}

/** Something that happens. */
export function event(context: StepContext, name: string, says: string, button: string, part: Part = {}): EventAsk {
  return question(context, says, [{ name, button }], part);
}

/** A question with several answers. Where two of them were told, the one that stands first here counts. */
export function question(
  context: StepContext,
  says: string,
  [first, ...or]: readonly [Answer, ...(readonly Answer[])],
  part: Part = {},
  of?: string,
): EventAsk {
  const { item, round } = part;
  const id = [first.name, item, round].filter((one) => one !== undefined).join('-');
  const done = [first, ...or].some(({ name }) => eventAt(context, name, part) !== undefined);
  return {
    kind: 'event',
    id,
    // A round is asked at the same place as the one before, an item at its own.
    spot: item === undefined ? first.name : `${first.name}-${item}`,
    ...first,
    part,
    says,
    done,
    ...(of === undefined ? {} : { of }),
    ...(or.length > 0 ? { or } : {}),
  };
}

/**
 * Something is poured. Whoever only tells that it is done moves nothing: then the event that means it counts.
 *
 * @param meant that event
 */
export function pour(
  context: StepContext,
  ask: Pick<PourAsk, 'at' | 'from' | 'to' | 'what'>,
  meant: EventAsk,
): PourAsk {
  const { round, n } = ask.at;
  return { kind: 'pour', id: `pour-${round}-${n}`, ...ask, done: meant.done || movedAt(context, ask.at) !== undefined };
}

/** A measurement of the step itself that is done with its single reading. */
export function measure(
  context: StepContext,
  ask: Omit<MeasureAsk, 'kind' | 'done' | 'readings' | 'about'> & {
    readonly about?: Omit<MeasureAsk['about'], 'line' | 'step'>;
  },
): MeasureAsk {
  const readings = readingsAt(context, ask.about);
  const done = ask.ways.some(({ slots }) => slots.every(({ slot }) => readings[slot] !== undefined));
  const spot = ask.about?.round === undefined ? ask.id : ask.id.replace(/-\d+$/, '');
  return { spot, ...ask, kind: 'measure', about: { step: context.step.id, ...ask.about }, readings, done };
}

/** A temperature that is read as often as somebody likes, once at the least. */
export function temperatures(
  context: StepContext,
  read: readonly unknown[],
  ask: Pick<MeasureAsk, 'title' | 'ways'> & { readonly within?: { readonly low?: number; readonly high?: number } },
): MeasureAsk {
  const { within, ...rest } = ask;
  return {
    ...measure(context, {
      id: 'temperature',
      about: { round: nextRound(context, 'temperature') },
      ...rest,
      ...(within ? { window: { dim: 'temperature', unit: '°C', ...within, figures: 3 } } : {}),
    }),
    done: read.length > 0,
    optional: 'Another temperature',
  };
}

/** A line of the charge table at the bench. */
export function lineAt(context: StepContext, line: string): BenchLine | undefined {
  return context.bench.charge.lines.find(({ plan }) => plan.facts.line.id === line);
}

/** How the course wants a liquid weighed; nothing where it is measured by volume. A step that names its way decides itself. */
export function liquidWay(context: StepContext, line: string): 'net' | 'difference' | undefined {
  const { doc } = context.bench;
  const school = schoolOf(doc.conventions, 'liquids');
  const plan = lineAt(context, line)?.plan;
  const weighed = school === 'weighing' || (school === 'limiting' && line === doc.reference);
  if (!weighed || plan?.target?.rounded.q.dim !== 'volume') return undefined;
  return takesPart(plan.facts) ? 'difference' : 'net';
}

/**
 * The measurement of a line of the charge table; nothing when its amount is only words.
 *
 * @param way the one that stands first. @default by the line's device: a volume, or a weighing by difference of what reacts
 */
export function measureLine(
  context: StepContext,
  line: string,
  way?: 'volume' | 'net' | 'difference',
): readonly MeasureAsk[] {
  const found = lineAt(context, line);
  const target = found?.plan.target;
  if (!found || !target) return [];
  const volume = found.plan.total.volume !== undefined;
  const ways = [...(volume ? [volumeWay] : []), netWay, differenceWay, taredVesselWay];
  const weighed = takesPart(found.plan.facts) ? differenceWay : netWay;
  const usual = target.rounded.q.dim === 'volume' ? volumeWay : weighed;
  const wanted = way ?? liquidWay(context, line);
  const first = ways.find(({ id }) => id === wanted) ?? usual;
  return [
    {
      kind: 'measure',
      id: `line-${line}`,
      about: { line },
      title: found.plan.facts.name,
      ways: [first, ...ways.filter((way) => way !== first)],
      readings: found.readings as MeasureAsk['readings'],
      done: found.taken !== undefined,
      goal: found.goal,
      ...(found.plan.facts.line.device === undefined ? {} : { device: found.plan.facts.line.device }),
    },
  ];
}
