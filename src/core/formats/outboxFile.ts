import { array, object, string } from 'yup';
import { draftSchema } from '../record/draftSchema';
import { judged } from './judged';
import type { Draft } from '../record/entry';

/** An entry that waited on a device, with whose it is, and the bytes of its file. */
export interface OutboxLine {
  readonly author: string;
  readonly authorName: string;
  readonly className: string;
  readonly draft: Draft;
  /** What a server said when it refused it. */
  readonly refused?: string;
  /** Hexadecimal; where the entry speaks of a file that the device still had. */
  readonly bytes?: string;
}

/** Waiting entries of one author for one record, in the order in which they were made. */
export interface OutboxGroup extends Pick<OutboxLine, 'author' | 'authorName' | 'className'> {
  readonly log: string;
  readonly lines: readonly OutboxLine[];
}

const format = 'mozle-outbox';
const formatVersion = 1;
const text = (longest: number) => string().max(longest).required();
const lineSchema = object({
  author: text(26),
  authorName: text(120),
  className: text(120),
  draft: draftSchema,
  refused: string().max(2000),
  bytes: string().matches(/^([0-9a-f]{2})*$/),
}).noUnknown();
const fileSchema = object({ kept: array(lineSchema.required()).max(100_000).required() }).required();

/** What waits on a device as a file: readable lines, in the order in which the entries were made. */
export function writeOutboxFile(kept: readonly OutboxLine[]): string {
  return `${JSON.stringify({ format, formatVersion, kept }, undefined, 1)}\n`;
}

/**
 * Reads such a file: entries by record and author.
 *
 * @throws Error with words for the person when the text is no such file or a part of it is damaged
 */
export function readOutboxFile(content: string): readonly OutboxGroup[] {
  const kept = linesOf(content);
  const groups = new Map<string, OutboxGroup>();
  for (const line of kept) {
    const { author, authorName, className, draft } = line;
    const key = `${draft.log} ${author}`;
    const lines = [...(groups.get(key)?.lines ?? []), line];
    groups.set(key, { author, authorName, className, log: draft.log, lines });
  }
  return [...groups.values()];
}

function linesOf(content: string): readonly OutboxLine[] {
  let file: { format?: unknown; formatVersion?: unknown } | null;
  try {
    file = JSON.parse(content) as typeof file;
  } catch {
    throw new Error('This is no file of saved entries: it is not valid JSON.');
  }
  if (file?.format !== format) throw new Error('This is no file of saved entries.');
  if (file.formatVersion !== formatVersion) throw new Error('These entries were saved by a later version.');
  try {
    const { format: _, formatVersion: __, ...rest } = file;
    return judged<{ readonly kept: readonly OutboxLine[] }>(fileSchema, rest).kept;
  } catch (error) {
    throw new Error(`The file is damaged: ${(error as Error).message}.`);
  }
}
