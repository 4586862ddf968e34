import { blankPreparation } from '../../document/blank';
import { findOperation } from '../../operations/registry';
import { fitVessels } from './fitVessels';
import { enteredOf } from './amountOf';
import { lineOf } from './lines';
import { mentionsIn } from './mentions';
import { productOf, withReaction } from './reactionFor';
import { stepsOf } from './steps';
import { storable } from './storable';
import { takenAmounts } from './decisions';
import { vesselsIn } from './vesselsIn';
import { clauseWords } from './making';
import type { Clause, HandoutReading } from '../handout';
import type { Decisions } from './decisions';
import type { Library, Making } from './making';
import type { Operation } from '../../operations/operation';
import type { Preparation } from '../../document/document';
import type { Step } from '../../document/steps';

/** An ordinary preparation made of a handout, and where each part of the text went. */
export interface HandoutDraft {
  readonly doc: Preparation;
  /** Steps that a clause became, by its index. */
  readonly steps: ReadonlyMap<number, readonly string[]>;
  /** Clauses of the procedure that stand nowhere in the document. */
  readonly tray: readonly number[];
  /** What a step holds that the handout does not say, by step. */
  readonly assumed: ReadonlyMap<string, readonly string[]>;
  /** Amounts that stand in a step's words only, by clause. */
  readonly loose: ReadonlyMap<number, readonly string[]>;
}

// A step's own words and what may be seen, at most.
const longestText = 400;
const longestExpect = 200;
const mostExpect = 10;

/**
 * Makes a preparation of a reading: charge table, steps, vessels, stages, and the reaction where it can be told. Only numbers that were read or
 * confirmed enter it; what a step needs beyond them gets a first value and is listed. Nothing is dropped: what became no step stands in the
 * text of the step before, in its own place, or in the tray.
 */
export function draftOf(reading: HandoutReading, library: Library, decisions: Decisions): HandoutDraft {
  const title = reading.clauses.find(({ section }) => section === 'heading');
  const name = title ? titleOf(storable(reading.text.slice(title.start, title.end))) : '';
  const said = vesselsIn(reading);
  const making: Making = {
    doc: { ...blankPreparation(storable(name, 120) || 'From a handout'), vessels: said },
    reading,
    library,
    decisions,
    steps: new Map(),
    tray: [],
    assumed: new Map(),
    loose: new Map(),
    stage: undefined,
    touched: false,
    worked: false,
    vessel: undefined,
    waiting: [],
  };
  making.doc = productOf(making.doc, reading, library);
  making.stage = making.doc.stages[0]?.id;
  const clauses = reading.clauses.map((clause, i) => ({ ...clause, ...decided(decisions, i) }));
  for (const clause of clauses) if (clause.section === 'materials') materials(making, clause);
  for (let i = 0; i < clauses.length; i += 1) i = place(making, clauses, i);
  const rest = making.tray.flatMap((i) => clauses[i] ?? []).map((clause) => clauseWords(making, clause));
  if (rest.length > 0)
    making.doc = { ...making.doc, summary: joinedText(making.doc.summary, `Not placed: ${rest.join(' ')}`, 1000) };
  making.doc = fitVessels(withReaction(making.doc), new Set(said.map(({ id }) => id)));
  const { doc, steps, tray, assumed, loose } = making;
  return { doc, steps, tray, assumed, loose };
}

/** "Preparation of acetanilide" is about acetanilide. */
function titleOf(heading: string): string {
  const bare = heading
    .replace(/^#+\s*|[*:]+$/g, '')
    .replace(/^(?:the )?(?:preparation|synthesis) of /i, '')
    .trim();
  return bare.charAt(0).toUpperCase() + bare.slice(1);
}

function decided({ operations }: Decisions, index: number): Partial<Clause> {
  if (!operations.has(index)) return {};
  const operation = operations.get(index);
  return operation === undefined
    ? { operation: '', continues: true }
    : { operation, continues: false, section: 'procedure' };
}

/** Lines of a list of materials: they wait for the step that takes them. */
function materials(making: Making, clause: Clause) {
  for (const mention of mentionsIn(making.reading.text, clause, takenAmounts(clause, making.decisions)))
    if (mention.amount && !isFull(making)) making.waiting.push(lineOf(making, mention, 'reactant'));
}

/** Puts a clause, and those that its step does by itself, into the document. Returns the index of the last one. */
function place(making: Making, clauses: readonly Clause[], at: number): number {
  const clause = clauses[at];
  if (!clause || clause.section === 'heading' || clause.section === 'materials') return at;
  if (clause.section !== 'procedure') {
    beside(making, clause, at);
    return at;
  }
  const operation = clause.operation ? findOperation(clause.operation) : undefined;
  if (!operation || isFull(making)) {
    intoText(making, clause, at);
    return at;
  }
  let last = at;
  while (follows(clauses, last + 1, operation)) last += 1;
  const joined = clauses.slice(at, last + 1);
  const made = stepsOf(making, operation, joined);
  const step = made.at(-1);
  if (step === undefined) {
    intoText(making, clause, at);
    return at;
  }
  for (const [i, more] of joined.entries()) {
    making.steps.set(at + i, made);
    const loose = looseIn(making, more);
    if (loose.length > 0) making.loose.set(at + i, loose);
    // Words that say more than the step holds stay with it.
    if ((i > 0 && !more.operation) || loose.length > 0) append(making, step, clauseWords(making, more));
  }
  return last;
}

// A preparation holds 60 lines and 100 steps; one clause may bring several.
const isFull = ({ doc }: Making) => doc.lines.length > 48 || doc.steps.length > 88;

/** Amounts of a clause that no line of the charge table holds. */
const looseIn = (making: Making, clause: Clause): readonly string[] =>
  mentionsIn(making.reading.text, clause, takenAmounts(clause, making.decisions)).flatMap(({ amount, substance }) => {
    if (!amount) return [];
    const entered = JSON.stringify(enteredOf(amount));
    const held = making.doc.lines.some((line) => JSON.stringify(line.entered) === entered);
    return held ? [] : [`${making.reading.text.slice(amount.start, amount.end)} ${substance.name}`];
  });

function follows(clauses: readonly Clause[], at: number, { absorbs = [] }: Operation): boolean {
  const next = clauses[at];
  if (next?.section !== 'procedure') return false;
  return next.operation ? absorbs.includes(next.operation) : next.continues === true;
}

/** What stands beside the procedure goes to its own place. */
function beside(making: Making, clause: Clause, at: number) {
  const words = clauseWords(making, clause);
  const { doc } = making;
  const last = doc.steps.at(-1);
  if (clause.section === 'safety') making.doc = { ...doc, protection: joinedText(doc.protection, words, longestText) };
  else if (clause.section === 'expected' && last && (last.expect?.length ?? 0) < mostExpect)
    making.doc = withStep(doc, last.id, (step) => ({
      expect: [...(step.expect ?? []), storable(words, longestExpect)],
    }));
  else if (clause.section !== 'equipment') making.doc = { ...doc, summary: joinedText(doc.summary, words, 1000) };
  if (clause.section === 'expected' && last) making.steps.set(at, [last.id]);
}

const joinedText = (before: string, more: string, longest: number) => storable(`${before} ${more}`, longest);
const withStep = (doc: Preparation, id: string, change: (step: Step) => Partial<Step>): Preparation => ({
  ...doc,
  steps: doc.steps.map((step) => (step.id === id ? { ...step, ...change(step) } : step)),
});

function append(making: Making, id: string, words: string) {
  making.doc = withStep(making.doc, id, ({ text = '' }) => ({ text: joinedText(text, words, longestText) }));
}

/** A clause without an operation stays as text of the step before; with amounts of its own, or before any step, it waits in the tray. */
function intoText(making: Making, clause: Clause, at: number) {
  const last = making.doc.steps.at(-1);
  const room = (last?.text?.length ?? 0) + (clause.end - clause.start) < longestText;
  if (!last || !room || (clause.amounts.length > 0 && !clause.continues)) {
    making.tray.push(at);
    return;
  }
  const loose = looseIn(making, clause);
  if (loose.length > 0) making.loose.set(at, loose);
  append(making, last.id, clauseWords(making, clause));
  making.steps.set(at, [last.id]);
}
