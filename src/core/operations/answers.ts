import { eventAt, movedAt, tickAt } from './onRecord';
import { placeId } from '../worktop/placeId';
import type { Answer, Ask, EventAsk, MeasureAsk, PlainAsk, PourAsk, SlotAsk } from './ask';
import type { Live } from '../record/foldRecord';
import type { Body, Move, Reading } from '../record/entry';
import type { StepContext } from './operation';

/** What is typed for one reading. */
export type TypedReading = Pick<Reading, 'digits' | 'unit' | 'device' | 'state'>;

/** The answers that an event can be told by, in the order of their buttons. */
export const answersTo = ({ name, button, or = [] }: EventAsk): readonly Answer[] => [{ name, button }, ...or];

/** The entry of one reading of a measurement. */
export function readingOf(ask: MeasureAsk, { slot }: SlotAsk, typed: TypedReading): Reading {
  return { k: 'reading', place: { ...ask.about, slot }, ...typed };
}

/** The entry that ends a series of measurements. */
export function closeOf({ step }: Pick<StepContext, 'step'>, close: Answer): Body {
  return { k: 'event', step: step.id, name: close.name };
}

/** The entry of what is poured. */
export function moveOf(
  { step }: Pick<StepContext, 'step'>,
  { at, from }: Pick<PourAsk, 'at' | 'from'>,
  what: Move['what'],
  to: string,
): Move {
  return { k: 'move', step: step.id, ...at, from: placeId(from), to: placeId(to), what };
}

/** The entries that a pour can write, one for each thing and each place. */
export function poursOf(context: Pick<StepContext, 'step'>, ask: PourAsk): readonly Move[] {
  return ask.what.flatMap((what) => ask.to.map((to) => moveOf(context, ask, what, to)));
}

/**
 * The entries that an ask writes: the tick of a check; of an event one for each answer, in their order; of a measurement one
 * for each reading of each way, then the event that closes its series.
 *
 * @param typed what is typed for a reading; several when it may be read in several states. @default no readings
 */
export function answersOf(
  context: Pick<StepContext, 'step'>,
  ask: PlainAsk,
  typed: (slot: SlotAsk) => readonly TypedReading[] = () => [],
): readonly Body[] {
  const step = context.step.id;
  if (ask.kind === 'check') return [{ k: 'tick', step, check: ask.check }];
  if (ask.kind === 'event') return answersTo(ask).map(({ name }) => ({ k: 'event', step, name, ...ask.part }));
  const readings = ask.ways.flatMap(({ slots }) =>
    slots.flatMap((slot) => typed(slot).map((one) => readingOf(ask, slot, one))),
  );
  return ask.close ? [...readings, closeOf(context, ask.close)] : readings;
}

/** An ask with the entry that answered it, and so for the parts of a panel. */
export function withAnswer<A extends Ask>(context: StepContext, ask: A): A {
  const by = ask.done ? answerOf(context, ask) : undefined;
  const known = by ? { ...ask, by } : ask;
  return known.kind === 'panel' ? { ...known, parts: known.parts.map((part) => withAnswer(context, part)) } : known;
}

function answerOf(context: StepContext, ask: Ask): Live | undefined {
  // A panel is answered when all its parts are; a pour by its event where nothing was moved.
  if (ask.kind === 'panel') return answerOf(context, ask.parts.at(-1) as PlainAsk);
  if (ask.kind === 'pour') return movedAt(context, ask.at);
  if (ask.kind === 'check') return tickAt(context, ask.check);
  // Where two answers were told, operations take the one that stands first.
  if (ask.kind === 'event')
    return answersTo(ask)
      .map(({ name }) => eventAt(context, name, ask.part))
      .find((one) => one !== undefined);
  return lastReading(context, ask) ?? (ask.close && eventAt(context, ask.close.name));
}

/** Its last reading; of a series whose next round is open, the last of the rounds before. */
function lastReading({ bench }: StepContext, ask: MeasureAsk): Live | undefined {
  const slots = new Set(ask.ways.flatMap((way) => way.slots.map(({ slot }) => slot)));
  const own = Object.values(ask.readings).filter(({ body }) => slots.has(body.place.slot));
  const all =
    own.length > 0
      ? own
      : bench.record.filter(
          ({ status, body }) =>
            status === 'live' &&
            body.k === 'reading' &&
            body.place.step === ask.about.step &&
            body.place.line === ask.about.line &&
            slots.has(body.place.slot),
        );
  return all.reduce<Live | undefined>((last, one) => (last && last.entry.at >= one.entry.at ? last : one), undefined);
}
