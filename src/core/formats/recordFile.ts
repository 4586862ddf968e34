import { sealedName, verifyLogOf } from '../record/chain';
import type { Entry } from '../record/entry';
import type { Sha256 } from '../record/chain';

/** A class's record as a file. It holds every entry as it was stored, so that anybody can verify it. */
export interface RecordFile {
  readonly format: 'mozle-record';
  /** 2 from when names stand beside the entries. */
  readonly formatVersion: 1 | 2;
  readonly class: { readonly id: string; readonly name: string };
  /** Names of authors by what stands for them in the entries. From version 2 on. */
  readonly names?: Readonly<Record<string, { readonly salt: string; readonly name: string }>>;
  readonly preparation: unknown;
  readonly logs: readonly {
    readonly log: string;
    /** Absent for the log of the class itself. */
    readonly bench?: string;
    /** With the seal of the server it comes from, which only who holds its keys can verify. */
    readonly head: { readonly seq: number; readonly chain: string; readonly key?: string; readonly seal?: string };
    readonly entries: readonly Entry[];
  }[];
}

/** Says what is wrong with the seal of a record's head; nothing where it holds or cannot be judged. */
export type SealFault = (log: string, head: RecordFile['logs'][number]['head']) => string | undefined;

/** What was found of one log of a file. */
export interface VerifiedLog {
  readonly name: string;
  readonly entries: number;
  /** What is rightful and worth knowing: sealed as found, a branch after a restore. */
  readonly note?: string;
  readonly fault?: string;
}

/**
 * Reads a record file and verifies each of its logs.
 *
 * @param sealFault what is wrong with the seal of a head, for who holds the keys of the server it comes from
 * @throws Error with words for the operator when the text is no record file
 */
export function verifyRecordFile(
  text: string,
  sha256: Sha256,
  sealFault: SealFault = () => undefined,
): readonly VerifiedLog[] {
  let file: Partial<RecordFile>;
  try {
    file = JSON.parse(text) as Partial<RecordFile>;
  } catch {
    throw new Error('This is not a record file: it is not valid JSON.');
  }
  if (file?.format !== 'mozle-record' || !Array.isArray(file.logs)) throw new Error('This is not a record file.');
  if (file.formatVersion !== 1 && file.formatVersion !== 2)
    throw new Error('This record file was written by a later version.');
  const { logs, names = {} } = file as RecordFile;
  const forged = new Set(
    Object.entries(names).flatMap(([sealed, { salt, name }]) =>
      sealedName(name, salt, sha256) === sealed ? [] : [sealed],
    ),
  );
  return logs.map(({ bench, log, entries, head }) => {
    const foreign = entries.find((entry) => entry.log !== log);
    const misnamed = entries.find(({ author }) => forged.has(author.name));
    const fault = foreign
      ? { why: `entry ${foreign.seq} belongs to another record` }
      : (verifyLogOf(entries, head, sha256) ??
        (misnamed && { why: `entry ${misnamed.seq} stands under another name than it was made` }));
    const seal = sealFault(log, head);
    return {
      name: bench ?? 'the class itself',
      entries: entries.length,
      ...(fault || seal ? { fault: fault?.why ?? seal ?? '' } : {}),
    };
  });
}
