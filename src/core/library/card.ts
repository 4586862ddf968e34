import { enteredText } from '../words/parseEntered';
import { findOperation } from '../operations/registry';
import type { OperationSign } from '../operations/operation';
import { planOf } from '../process/planOf';
import type { Preparation } from '../document/document';

/** What a list shows of a preparation, and what it is found by. Derived from the document alone; kept beside it so that no list opens one. */
export interface Card {
  readonly summary: string;
  /** What is made or won, the last stage. */
  readonly makes?: string;
  /** The line that sets the scale, as written. */
  readonly scale?: string;
  readonly steps: number;
  /** Minutes from the first step to the last, as the plan foresees them. */
  readonly minutes: number;
  /** Places where one may stop. */
  readonly stops: number;
  /** Techniques in the order of the procedure, each once. */
  readonly techniques: readonly { readonly op: string; readonly title: string; readonly sign: OperationSign }[];
  readonly substances: readonly string[];
}

/** The card of a preparation. */
export function cardOf(doc: Preparation): Card {
  const name = (id: string | undefined) => doc.substances.find((one) => one.id === id)?.name;
  const makes = name(doc.stages.at(-1)?.substance);
  const reference = doc.lines.find(({ id }) => id === doc.reference);
  const techniques = new Map(
    doc.steps.flatMap(({ op }) => {
      const operation = findOperation(op);
      return operation ? [[op, { op, title: operation.title, sign: operation.sign }] as const] : [];
    }),
  );
  return {
    summary: doc.summary,
    ...(makes === undefined ? {} : { makes }),
    ...(reference ? { scale: `${enteredText(reference.entered)} ${name(reference.substance) ?? ''}`.trim() } : {}),
    steps: doc.steps.length,
    minutes: Math.round(planOf(doc).process.timeline.total_min),
    stops: doc.steps.filter(({ safeStop }) => safeStop !== undefined).length,
    techniques: [...techniques.values()],
    substances: [...new Set(doc.substances.map((one) => one.name))],
  };
}

/** Words by which a preparation is found, in small letters: its title, what it makes, its substances, what is done. */
export const searchWords = (title: string, { summary, makes = '', techniques, substances }: Card): string =>
  [title, summary, makes, ...substances, ...techniques.map((one) => one.title)].join(' ').toLowerCase().slice(0, 8000);
