import { knownPlace } from '../process/placeName';
import { placesOf } from '../process/placesOf';
import { lineName } from '../document/lineName';
import { answersTo } from '../operations/answers';
import { findUnit } from '../quantity/units';
import { stepTitle } from '../operations/stepTitle';
import type { Operation } from '../operations/operation';
import type { Answer, PlainAsk } from '../operations/ask';
import type { StepState } from './benchState';
import type { Live } from '../record/foldRecord';
import type { Happening, Part, Reading, SettingName } from '../record/entry';
import type { Preparation } from '../document/document';

/** An entry in words: the number, if it is one, and what it is about. */
export interface EntryWords {
  readonly amount?: string;
  readonly says: string;
}

/** Readings of a line: a mass by difference. What a step reads has its word in the operation. */
const lineWords: Readonly<Record<string, string>> = { full: 'full', empty: 'empty' };

export const settingWords: Readonly<Record<SettingName, string>> = {
  roomTemperature: 'Room temperature',
  pressure: 'Pressure',
  meltingCorrection: 'Correction of the melting apparatus',
};

const periodWords = {
  open: 'Period opened',
  closed: 'Period closed',
  reopened: 'Closed record reopened',
} as const;

const poured = { all: 'all', upper: 'the upper layer', lower: 'the lower layer', part: 'a part' } as const;
const vesselName = (doc: Preparation, id: string) => knownPlace(doc, placesOf(doc)(id)) ?? id;

/** Which of several, in words. */
const partWords = ({ item, round }: Part): readonly string[] => [
  ...(item === undefined ? [] : [item]),
  ...(round === undefined ? [] : [`no. ${round}`]),
];

const told = (words: string, part: Part) => [words, ...partWords(part)].join(' ');

/** What one entry says, for the tape and the demonstrator. Whatever is stored, it says something. */
export function describeEntry(entry: Pick<Live, 'body'>, doc: Preparation, steps: readonly StepState[]): EntryWords {
  const unknown = { says: 'An entry that cannot be read' };
  try {
    // An entry of a kind that there is not, stored by another version, has no words.
    return (wordsOf(entry, doc, steps) as EntryWords | undefined) ?? unknown;
  } catch {
    return unknown;
  }
}

function wordsOf({ body }: Pick<Live, 'body'>, doc: Preparation, steps: readonly StepState[]): EntryWords {
  const at = (id: string | undefined) => steps.find(({ step }) => step.id === id);
  const title = (id: string | undefined) => {
    const found = at(id);
    return found ? stepTitle(doc, found.step) : (id ?? '');
  };
  switch (body.k) {
    case 'reading':
      return { amount: readingText(body), says: placeWords(body, doc, title, at(body.place.step)?.operation) };
    case 'words':
      return {
        says: `Note${body.step ? ` on ${title(body.step)}` : body.line ? ` on ${lineName(doc, body.line)}` : ''}: ${body.text}`,
      };
    case 'event': {
      const step = at(body.step);
      return { says: `${(step && eventWords(step, body)) ?? told(body.name, body)} (${title(body.step)})` };
    }
    case 'tick':
      return { says: checkWords(at(body.step)?.asks ?? [], body.check) };
    case 'vessel':
      return { says: `Vessel: ${body.label} (${body.as})` };
    case 'move':
      return {
        ...(body.typed ? { amount: readingText(body.typed) } : {}),
        says: `Poured ${poured[body.what]}: ${vesselName(doc, body.from)} → ${vesselName(doc, body.to)}`,
      };
    case 'step':
      return {
        says: `${body.to === 'skip' ? 'Left out' : 'Taken up again'}: ${title(body.step)}${body.reason ? `, ${body.reason}` : ''}`,
      };
    case 'deviation':
      return { says: `Otherwise than the sheet, ${title(body.step)}: ${body.reason}` };
    case 'override':
      return { says: `Went on in spite of a stop: ${body.reason}` };
    case 'period':
      return { says: `${periodWords[body.to]}${body.reason ? `: ${body.reason}` : ''}` };
    case 'file':
      return {
        says: `File ${body.name}${body.step ? ` (${title(body.step)})` : ''}${body.text ? `: ${body.text}` : ''}`,
      };
    case 'setting':
      return { amount: withUnit(body.digits, body.unit), says: settingWords[body.name] };
  }
}

/** A reading as it was typed, with its unit. */
export function readingText({ digits, unit }: Pick<Reading, 'digits' | 'unit'>): string {
  return withUnit(digits, unit);
}

function withUnit(digits: string, unit: string): string {
  return `${digits.replace('-', '−')}${findUnit(unit)?.dim === 'temperature' ? '\u202f' : '\u00a0'}${unit}`;
}

function placeWords(
  { place, state }: Reading,
  doc: Preparation,
  title: (id: string | undefined) => string,
  operation: Operation | undefined,
): string {
  const { line, step, item, round, slot } = place;
  const parts = [
    line === undefined ? title(step) : lineName(doc, line),
    item,
    round === undefined ? undefined : `no. ${round}`,
    line === undefined ? operation?.reads[slot]?.word : lineWords[slot],
    state?.length ? `(${state.join(', ')})` : undefined,
  ];
  return parts.filter((part) => part !== undefined).join(' ');
}

/** What was answered: the button, and of what or which of several where the button does not say it. */
export function eventWords({ asks, timers }: StepState, body: Happening): string | undefined {
  const again: readonly AnswerOf[] = timers.flatMap((timer) => (timer.again ? [{ ...timer.again, part: noPart }] : []));
  const named = [...asks.flatMap(answersWithPart), ...again].filter(({ name }) => name === body.name);
  const own = named.find(({ part }) => part.item === body.item && part.round === body.round);
  const button = (own ?? named[0])?.button;
  if (button === undefined) return undefined;
  if (own?.of !== undefined) return `${own.of}: ${button}`;
  const alone = own !== undefined && named.filter((one) => one.button === button).length === 1;
  return alone ? button : told(button, body);
}

const noPart: Part = {};

interface AnswerOf extends Answer {
  readonly part: Part;
  readonly of?: string;
}

function answersWithPart(ask: PlainAsk): readonly AnswerOf[] {
  if (ask.kind === 'event')
    return answersTo(ask).map((answer) => ({
      ...answer,
      part: ask.part,
      ...(ask.of === undefined ? {} : { of: ask.of }),
    }));
  return ask.kind === 'measure' && ask.close ? [{ ...ask.close, part: noPart }] : [];
}

function checkWords(asks: readonly PlainAsk[], check: string): string {
  const found = asks.find((ask) => ask.kind === 'check' && ask.check === check);
  return found?.kind === 'check' ? found.says : check;
}
