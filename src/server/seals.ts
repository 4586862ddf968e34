import 'server-only';
import { canonicalJson } from '@/core/canonicalJson';
import { config } from './config';
import { sealFault, sealText } from './keyFile';
import { sha256 } from './hash';
import { rows, run } from './tables';
import type { Transaction } from 'sequelize';

/** What a record's seal is over: where its newest entry is. */
const headText = (log: string, seq: number, chain: string) => canonicalJson(['head', log, seq, chain]);

/** Seal of a record's head, as its columns. */
export function sealHead(
  log: string,
  seq: number,
  chain: string,
): { readonly head_key: string; readonly head_seal: string } {
  const { key, seal } = sealText(config.dataFolder, headText(log, seq, chain));
  return { head_key: key, head_seal: seal };
}

/** A record's head as its row holds it. */
export interface SealedHead {
  readonly id: string;
  readonly head_seq: number;
  readonly head_chain: string;
  readonly head_key: string | null;
  readonly head_seal: string | null;
}

/** What is wrong with the seal of a head, in words; nothing when it holds. */
export function headFault({ id, head_seq, head_chain, head_key, head_seal }: SealedHead): string | undefined {
  const text = headText(id, head_seq, head_chain);
  return words(sealFault(config.dataFolder, text, { key: head_key, seal: head_seal }), 'its head');
}

const words = (fault: ReturnType<typeof sealFault>, what: string): string | undefined =>
  fault &&
  {
    unsealed: `${what} is not sealed`,
    'unknown key': `${what} is sealed with a key that is not here`,
    broken: `${what} is not what was sealed`,
  }[fault];

/** The same of a record file: a seal of another server's keys is not judged. */
export function recordSealFault(
  id: string,
  {
    seq,
    chain,
    key,
    seal,
  }: { readonly seq: number; readonly chain: string; readonly key?: string; readonly seal?: string },
): string | undefined {
  const fault = sealFault(config.dataFolder, headText(id, seq, chain), { key: key ?? null, seal: seal ?? null });
  return fault === 'broken' ? words(fault, 'its head') : undefined;
}

/** Parts of a class that its seal is over, each as a hash, and how they are called. */
const parts = {
  document: 'the issued preparation',
  issue: 'how it was issued',
  benches: 'its benches',
  members: 'the names of its members',
  logs: 'its records',
} as const;
type Stated = Readonly<Record<keyof typeof parts, string>>;

/** What a class is now, by hashes: names of people stand nowhere but in their own table. */
async function stateOf(classId: string, transaction?: Transaction): Promise<Stated | undefined> {
  const [issued] = await rows<{
    document: string;
    core_version: string;
    baseline: string | null;
    issued_by: string;
    issued_at: Date;
  }>(
    'SELECT document, core_version, baseline, issued_by, issued_at FROM issued WHERE class_id = :classId',
    { classId },
    transaction,
  );
  if (!issued) return undefined;
  const benches = await rows<{ id: string; name: string; position: number }>(
    'SELECT id, name, position FROM benches WHERE class_id = :classId ORDER BY position, id',
    { classId },
    transaction,
  );
  const members = await rows<{ bench_id: string; position: number; name: string }>(
    `SELECT m.bench_id, m.position, m.name FROM members m JOIN benches b ON b.id = m.bench_id
     WHERE b.class_id = :classId ORDER BY m.bench_id, m.position`,
    { classId },
    transaction,
  );
  const logs = await rows<{ id: string; bench_id: string | null; kind: string }>(
    'SELECT id, bench_id, kind FROM logs WHERE class_id = :classId ORDER BY id',
    { classId },
    transaction,
  );
  const hashOf = (value: unknown) => sha256(canonicalJson(value));
  return {
    document: sha256(issued.document),
    issue: hashOf([
      issued.core_version,
      issued.issued_by,
      new Date(issued.issued_at).toISOString(),
      // Classes from before have none, and keep their seal.
      ...(issued.baseline === null ? [] : [issued.baseline]),
    ]),
    benches: hashOf(benches.map(({ id, name, position }) => [id, name, position])),
    members: hashOf(members.map(({ bench_id, position, name }) => [bench_id, position, name])),
    logs: hashOf(logs.map(({ id, bench_id, kind }) => [id, bench_id, kind])),
  };
}

/**
 * Seals a class as it is now: after it was issued, and whenever its benches, members or records were changed rightfully.
 *
 * @param asFound when it comes from a time before there were seals
 */
export async function sealClass(classId: string, transaction?: Transaction, asFound?: Date): Promise<void> {
  const stated = canonicalJson(await stateOf(classId, transaction));
  const { key, seal } = sealText(config.dataFolder, canonicalJson(['class', classId, stated]));
  await run(
    `INSERT INTO class_seals (class_id, stated, seal_key, seal, as_found) VALUES (:classId, :stated, :key, :seal, :asFound)
     ON DUPLICATE KEY UPDATE stated = :stated, seal_key = :key, seal = :seal`,
    { classId, stated, key, seal, asFound: asFound ?? null },
    transaction,
  );
}

/** What is wrong with a class, in words; nothing when it is as it was sealed. */
export async function classFault(classId: string): Promise<string | undefined> {
  const [row] = await rows<{ stated: string; seal_key: string; seal: string }>(
    'SELECT stated, seal_key, seal FROM class_seals WHERE class_id = :classId',
    { classId },
  );
  const text = canonicalJson(['class', classId, row?.stated ?? '']);
  const fault = sealFault(config.dataFolder, text, { key: row?.seal_key ?? null, seal: row?.seal ?? null });
  if (fault || !row) return words(fault ?? 'unsealed', 'the class');
  const now = await stateOf(classId);
  const stated = JSON.parse(row.stated) as Stated;
  const changed = (Object.keys(parts) as (keyof typeof parts)[]).filter((part) => now?.[part] !== stated[part]);
  return changed.length === 0 ? undefined : `${changed.map((part) => parts[part]).join(', ')} not as sealed`;
}
