import 'server-only';
import { createHash } from 'node:crypto';
import { anchoredHeads, anchorFault, readAnchors } from './anchorFile';
import { classFault } from './seals';
import { config } from './config';
import { readFile } from './files';
import { rows } from './tables';
import { sha256 } from './hash';
import { verifyLog } from './record';
import type { Anchored } from './anchorFile';
import type { VerifiedLog } from '@/core/formats/recordFile';

/** Verifies every record of the database against its seal and the anchors, every class, version and file against its hash. */
export async function verifyAll(): Promise<readonly VerifiedLog[]> {
  const anchors = readAnchors(config.dataFolder);
  const anchored = byLog(anchoredHeads(anchors));
  const broken = anchorFault(config.dataFolder, anchors);
  return [
    ...(await verifiedLogs(anchored)),
    ...(await missingLogs(anchored)),
    ...(await verifiedClasses()),
    ...(await verifiedVersions()),
    ...(await verifiedFiles()),
    ...(anchors.length > 0
      ? [{ name: `${anchors.length} anchors`, entries: 0, ...(broken ? { fault: broken } : {}) }]
      : []),
  ];
}

type ByLog = ReadonlyMap<string, readonly Anchored[]>;

function byLog(all: readonly Anchored[]): ByLog {
  const found = new Map<string, Anchored[]>();
  for (const one of all) found.set(one.log, [...(found.get(one.log) ?? []), one]);
  return found;
}

async function verifiedLogs(anchored: ByLog): Promise<readonly VerifiedLog[]> {
  const logs = await rows<{ id: string; bench: string | null; name: string; head: number; asFound: Date | null }>(
    `SELECT l.id, b.name AS bench, c.name, l.head_seq AS head, l.as_found AS asFound FROM logs l
     LEFT JOIN benches b ON b.id = l.bench_id JOIN classes c ON c.id = l.class_id ORDER BY c.id, b.position`,
  );
  const found: VerifiedLog[] = [];
  for (const { id, bench, name, head, asFound } of logs) {
    const of = anchored.get(id) ?? [];
    const fault = (await verifyLog(id))?.why ?? (await anchorsFault(id, of));
    const notes = [...(asFound ? [`sealed as found ${new Date(asFound).toISOString()}`] : []), ...branches(of)];
    found.push({
      name: `${name}, ${bench ?? 'the class itself'}`,
      entries: head,
      ...(notes.length > 0 ? { note: notes.join('; ') } : {}),
      ...(fault === undefined ? {} : { fault }),
    });
  }
  return found;
}

/** An anchored entry must be where it was, unless a restore took the record back behind it. */
async function anchorsFault(log: string, anchored: readonly Anchored[]): Promise<string | undefined> {
  for (const { seq, chain, at, setBackAt } of anchored) {
    if (seq === 0 || setBackAt !== undefined) continue;
    const [row] = await rows<{ chain: string }>('SELECT chain FROM entries WHERE log_id = :log AND seq = :seq', {
      log,
      seq,
    });
    if (row?.chain !== chain) return `entry ${seq} is not what was anchored ${at}`;
  }
  return undefined;
}

/** Restores that took a record back: it went on from there, and tablets sent again what they had made. */
const branches = (anchored: readonly Anchored[]): readonly string[] =>
  [...new Set(anchored.flatMap(({ setBackAt }) => setBackAt ?? []))].map(
    (at) => `a branch: set back by the restore of ${at} and gone on from there`,
  );

/** Records that were anchored and are gone. */
async function missingLogs(anchored: ByLog): Promise<readonly VerifiedLog[]> {
  const there = new Set((await rows<{ id: string }>('SELECT id FROM logs')).map(({ id }) => id));
  return [...anchored]
    .filter(([id, all]) => !there.has(id) && all.some(({ setBackAt }) => setBackAt === undefined))
    .map(([id]) => ({ name: `record ${id}`, entries: 0, fault: 'it was anchored and is missing' }));
}

async function verifiedClasses(): Promise<readonly VerifiedLog[]> {
  const classes = await rows<{ id: string; name: string }>('SELECT id, name FROM classes ORDER BY id');
  const found: VerifiedLog[] = [];
  for (const { id, name } of classes) {
    const fault = await classFault(id);
    found.push({ name: `${name}, as issued`, entries: 0, ...(fault === undefined ? {} : { fault }) });
  }
  return found;
}

async function verifiedVersions(): Promise<readonly VerifiedLog[]> {
  const versions = await rows<{ id: string; preparation_id: string; version: number; content: string }>(
    'SELECT id, preparation_id, version, content FROM preparation_versions ORDER BY preparation_id, version',
  );
  const wrong: string[] = [];
  for (const { id, preparation_id, version, content } of versions) {
    const [row] = await rows<{ document: string }>('SELECT document FROM preparation_versions WHERE id = :id', { id });
    if (sha256(row?.document ?? '') !== content) wrong.push(`${preparation_id} version ${version}`);
  }
  if (versions.length === 0) return [];
  const fault = wrong.length > 0 ? { fault: `${wrong.join(', ')}: not what was stored` } : {};
  return [{ name: `${versions.length} versions of preparations`, entries: 0, ...fault }];
}

async function verifiedFiles(): Promise<readonly VerifiedLog[]> {
  const files = await rows<{ id: string; sha256: string }>(
    'SELECT id, sha256 FROM files WHERE complete_at IS NOT NULL',
  );
  const wrong: string[] = [];
  for (const { id, sha256: stored } of files) {
    const { bytes } = await readFile(id);
    if (createHash('sha256').update(bytes).digest('hex') !== stored) wrong.push(id);
  }
  if (files.length === 0) return [];
  const fault = wrong.length > 0 ? { fault: `${wrong.join(', ')} are not what was stored` } : {};
  return [{ name: `${files.length} files`, entries: 0, ...fault }];
}
