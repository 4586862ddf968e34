import { ulid } from 'ulid';
import { AppError } from '@/server/appError';
import { bentDrafts } from './bentDrafts';
import { canonicalJson } from '@/core/canonicalJson';
import { chainHash, contentHash } from '@/core/record/chain';
import { database } from '@/server/database';
import { entriesOf } from '@/server/entries';
import { findBenchLog, findClassLog } from '@/server/classes';
import { insert, rows, run } from '@/server/tables';
import { isStorable } from '@/core/formats/plainText';
import { readRoster } from '@/server/roster';
import { sealHead } from '@/server/seals';
import { sha256 } from '@/server/hash';
import { storeDraft } from '@/server/record';
import type { EntryContent } from '@/core/record/entry';
import type { Identity } from '@/core/identity';

// Run by a browser test: every kind of entry with every field bent is sent to the records of a class (the first bench's and the
// class's own, by group and staff). To the second bench's record goes what is refused today but an earlier version may have
// stored, past all judgement, with numbers and chain as they have to be.
const [classId = '', count = '10000'] = process.argv.slice(2);
const [first, second] = (await readRoster(classId)).benches;
const [staff] = await rows<{ id: string; name: string }>("SELECT id, name FROM users WHERE role = 'coordinator'");
const group: Identity = { role: 'group', id: first?.id ?? '', name: first?.name ?? '', classId };
const coordinator: Identity = { role: 'coordinator', id: staff?.id ?? '', name: staff?.name ?? '' };
const [log, own, other] = [
  await findBenchLog(group.id),
  await findClassLog(classId),
  await findBenchLog(second?.id ?? ''),
];

async function anEntry(who: Identity, to: string) {
  const at = new Date().toISOString();
  const body =
    to === own
      ? { k: 'setting', name: 'roomTemperature', digits: '21', unit: '°C' }
      : { k: 'reading', place: { line: 'aniline', slot: 'net' }, digits: '2.04', unit: 'g' };
  return storeDraft(who, to, { id: ulid(), v: 2, log: to, body, at, deviceAt: at, device: 'bent', saw: 0 });
}

let [stored, refused] = [0, 0];
const share = Math.floor(Number(count) / 3);
for (const [who, to] of [
  [group, log],
  [coordinator, log],
  [coordinator, own],
] as const) {
  const { id, content } = await anEntry(who, to);
  for (const draft of bentDrafts(to, id, content, share)) {
    try {
      await storeDraft(who, to, draft);
      stored += 1;
    } catch (error) {
      // Anything but a refusal in words is a fault of ours.
      if (!(error instanceof AppError)) throw error;
      refused += 1;
    }
  }
}

const target = await anEntry(coordinator, other);
const held = [...(await entriesOf(other))];
for (const draft of bentDrafts(other, target.id, target.content, 400)) {
  if (!isStorable(draft) || typeof draft['body'] !== 'object' || draft['body'] === null) continue;
  // The column of the kind takes twenty letters.
  const { k } = draft['body'] as { readonly k?: unknown };
  if (typeof k !== 'string' || !/^\w{0,20}$/.test(k)) continue;
  const author = { id: second?.id ?? '', name: second?.name ?? '', role: 'group' as const };
  const content = { ...draft, author } as unknown as EntryContent;
  const received = new Date().toISOString();
  const last = held.at(-1);
  const bare = { content: contentHash(content, sha256), seq: (last?.seq ?? 0) + 1, received };
  const chain = chainHash(last?.chain ?? '', bare, sha256);
  const { id, v, body, at, deviceAt, device, saw } = content;
  await insert('entries', {
    id,
    log_id: other,
    seq: bare.seq,
    kind: k,
    author_id: author.id,
    received: new Date(received),
    content: bare.content,
    chain,
    stored: canonicalJson({ id, v, log: other, body, at, deviceAt, device, saw, author }),
  });
  held.push({ ...content, ...bare, chain });
}
const head = held.at(-1);
await run(
  'UPDATE logs SET head_seq = :seq, head_chain = :chain, head_key = :head_key, head_seal = :head_seal WHERE id = :other',
  { other, seq: head?.seq ?? 0, chain: head?.chain ?? '', ...sealHead(other, head?.seq ?? 0, head?.chain ?? '') },
);
console.log(JSON.stringify({ stored, refused, past: held.length }));
await database().close();
