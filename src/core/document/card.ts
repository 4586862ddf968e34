import { before } from './order';
import { enteredAmount } from './enteredAmount';
import { findOperation } from '../operations/registry';
import type { OperationSign } from '../operations/operation';
import type { Preparation } from './document';

/** What a list shows of a preparation, and what it is found by. Derived from the document alone; kept beside it so that no list opens one. */
export interface Card {
  readonly summary: string;
  /** What is made or won, the last stage. */
  readonly makes?: string;
  /** The line that sets the scale, as written. */
  readonly scale?: string;
  readonly steps: number;
  /** Minutes of all steps one after the other. */
  readonly minutes: number;
  /** Places where one may stop. */
  readonly stops: number;
  /** Techniques in the order of the procedure, each once. */
  readonly techniques: readonly { readonly op: string; readonly title: string; readonly sign: OperationSign }[];
  readonly substances: readonly string[];
}

/** Longest time that is one period, minutes, and the one under which it is short. */
export const periodMinutes = 180;
export const shortMinutes = 90;

/** The card of a preparation. */
export function cardOf(doc: Preparation): Card {
  const name = (id: string | undefined) => doc.substances.find((one) => one.id === id)?.name;
  const makes = name(doc.stages.at(-1)?.substance);
  const reference = doc.lines.find(({ id }) => id === doc.reference);
  const amount = reference && enteredAmount(reference.entered);
  const techniques = new Map(
    doc.steps.flatMap(({ op }) => {
      const operation = findOperation(op);
      return operation ? [[op, { op, title: operation.title, sign: operation.sign }] as const] : [];
    }),
  );
  return {
    summary: doc.summary,
    ...(makes === undefined ? {} : { makes }),
    ...(reference && amount ? { scale: `${amount} ${name(reference.substance) ?? ''}`.trim() } : {}),
    steps: doc.steps.length,
    minutes: longestWay(doc),
    stops: doc.steps.filter(({ safeStop }) => safeStop !== undefined).length,
    techniques: [...techniques.values()],
    substances: [...new Set(doc.substances.map((one) => one.name))],
  };
}

/** Minutes of the longest way through the steps: those beside each other take no longer than the longer one. */
function longestWay({ steps }: Preparation): number {
  const ends = new Map<string, number>();
  for (const [i, { id, time }] of steps.entries()) {
    const begin = Math.max(0, ...before(steps, i).map((one) => ends.get(one) ?? 0));
    ends.set(id, begin + time.typical_min);
  }
  return Math.round(Math.max(0, ...ends.values()));
}

/** Words by which a preparation is found, in small letters: its title, what it makes, its substances, what is done. */
export const wordsOf = (title: string, { summary, makes = '', techniques, substances }: Card): string =>
  [title, summary, makes, ...substances, ...techniques.map((one) => one.title)].join(' ').toLowerCase().slice(0, 8000);
