import type { Happening, Move, Part, Reading } from '../record/entry';
import type { Moved } from './ask';
import type { Live } from '../record/foldRecord';
import type { Worked } from '../quantity/worked';
import type { StepContext } from './operation';
import { asRead, isMass } from '../readings/measured';

/** Readings of a step that count: live, by slot, at one part of it. A place with rivals has none. */
export function readingsAt(context: StepContext, part: Part = {}): Readonly<Record<string, Live<Reading>>> {
  const mine = context.bench.record.filter(
    (one): one is Live<Reading> =>
      one.status === 'live' &&
      one.body.k === 'reading' &&
      one.body.place.step === context.step.id &&
      one.body.place.item === part.item &&
      one.body.place.round === part.round,
  );
  return Object.fromEntries(mine.map((one) => [one.body.place.slot, one]));
}

/** Live readings at one slot of a step, by their round. */
export function roundsAt(context: StepContext, slot: string): readonly Live<Reading>[] {
  return context.bench.record
    .filter(
      (one): one is Live<Reading> =>
        one.status === 'live' &&
        one.body.k === 'reading' &&
        one.body.place.step === context.step.id &&
        one.body.place.slot === slot &&
        one.body.place.round !== undefined,
    )
    .sort((a, b) => (a.body.place.round ?? 0) - (b.body.place.round ?? 0));
}

/** The next free round of a series, struck and rival ones counted. */
export function nextRound(context: StepContext, slot: string): number {
  const taken = context.bench.record.flatMap(({ body, status }) =>
    body.k === 'reading' && body.place.step === context.step.id && body.place.slot === slot && status !== 'void'
      ? [body.place.round ?? 0]
      : [],
  );
  return Math.max(0, ...taken) + 1;
}

/** Capillaries (items) of a step that have a reading. */
export function itemsOf(context: StepContext): readonly string[] {
  const items = context.bench.record.flatMap(({ body, status }) =>
    status === 'live' && body.k === 'reading' && body.place.step === context.step.id && body.place.item
      ? [body.place.item]
      : [],
  );
  return [...new Set(items)].sort();
}

/** The earliest live event of that name: two tablets that tell the same do no harm. */
export function eventAt(context: StepContext, name: string, part: Part = {}): Live<Happening> | undefined {
  return context.bench.record.find(
    (one): one is Live<Happening> =>
      one.status === 'live' &&
      one.body.k === 'event' &&
      one.body.step === context.step.id &&
      one.body.name === name &&
      one.body.item === part.item &&
      one.body.round === part.round,
  );
}

/** The latest live event of that name, of those that happen again and again. */
export function lastEventAt(context: StepContext, name: string): Live<Happening> | undefined {
  return context.bench.record.findLast(
    (one): one is Live<Happening> =>
      one.status === 'live' && one.body.k === 'event' && one.body.step === context.step.id && one.body.name === name,
  );
}

/** The events of a step that happened, by name. */
export function eventsAt<N extends string>(
  context: StepContext,
  ...names: readonly N[]
): Readonly<Partial<Record<N, Live<Happening>>>> {
  const found = names.flatMap((name) => {
    const event = eventAt(context, name);
    return event ? [[name, event] as const] : [];
  });
  return Object.fromEntries(found) as Partial<Record<N, Live<Happening>>>;
}

/** The earliest live move at a moment of the step; nothing where two contradict each other. */
export function movedAt({ bench, step }: StepContext, { round, n }: Moved): Live<Move> | undefined {
  return bench.record.find(
    (one): one is Live<Move> =>
      one.status === 'live' &&
      one.body.k === 'move' &&
      one.body.step === step.id &&
      (one.body.round ?? 1) === round &&
      (one.body.n ?? 1) === n,
  );
}

/** The earliest live tick of a check. */
export function tickAt(context: StepContext, check: string): Live | undefined {
  return context.bench.record.find(
    ({ status, body }) =>
      status === 'live' && body.k === 'tick' && body.step === context.step.id && body.check === check,
  );
}

/** Names of the checks that were ticked. */
export function tickedAt(context: StepContext): ReadonlySet<string> {
  return new Set(
    context.bench.record.flatMap(({ status, body }) =>
      status === 'live' && body.k === 'tick' && body.step === context.step.id ? [body.check] : [],
    ),
  );
}

/** Seconds from one entry to another, by the time at which they happened. */
export function secondsBetween(from: Live, to: Live): number {
  return (Date.parse(to.entry.at) - Date.parse(from.entry.at)) / 1000;
}

/** A step's reading as a worked value, with the uncertainty of its device: a net mass holds the rounding of the zero too. */
export function readAs(context: StepContext, one: Live<Reading>): Worked {
  return asRead(one, context.bench.doc.devices, one.body.place.slot === 'net' ? 'net' : 'single');
}

/** A reading as a mass; one of another kind (25 °C at a place for grams) is stored as it is, and is none. */
export function readMass(context: StepContext, one: Live<Reading>): Worked<'mass'> | undefined {
  return isMass(one) ? (readAs(context, one) as Worked<'mass'>) : undefined;
}
