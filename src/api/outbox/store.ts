import Dexie from 'dexie';
import type { Draft, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { Table } from 'dexie';

/** A draft on this device, with whose it is: it is sent under no other name. */
export interface Kept {
  /** Order in which the drafts were made here. */
  readonly n?: number;
  readonly id: string;
  readonly log: string;
  readonly author: string;
  readonly authorName: string;
  readonly className: string;
  readonly draft: Draft;
  /** Made before the server's time was known: its time is set before it is first sent, and not changed after that. */
  readonly isUndated?: true;
  /** What the server said when it refused it for good; a person sees to it. */
  readonly refused?: string;
  /** Its file, where the browser could not store it; otherwise it lies beside. */
  readonly file?: KeptFile;
}

/** A file that a draft speaks of and that has not arrived yet. Bytes, since not every browser stores blobs. */
export interface KeptFile {
  readonly id: string;
  readonly log: string;
  readonly author: string;
  readonly bytes: ArrayBuffer;
  readonly sha256: string;
  readonly name: string;
}

/** An entry of the server, for opening the bench without a network. */
interface Mirrored {
  readonly id: string;
  readonly log: string;
  readonly author: string;
  readonly entry: Entry;
}

/** What this device keeps of Mozle, in the browser's own database. */
class Store extends Dexie {
  readonly drafts!: Table<Kept, number>;
  readonly files!: Table<KeptFile, string>;
  readonly mirror!: Table<Mirrored, string>;
  readonly notes!: Table<{ readonly key: string; readonly value: unknown }, string>;

  constructor() {
    super('mozle');
    this.version(1).stores({
      drafts: '++n, &id, [log+author], author',
      files: 'id, [log+author]',
      mirror: 'id, [log+author]',
      notes: 'key',
    });
  }
}

let opened: Store | undefined;

/** The device's database, opened when it is first asked for. */
export function store(): Store {
  opened ??= new Store();
  return opened;
}

/** Whose drafts: a person or group at one record. */
export interface Owner {
  readonly log: string;
  readonly author: string;
}

export const ownerOf = (log: string, { id }: Identity): Owner => ({ log, author: id });

const mine = ({ log, author }: Owner) => ({ log, author });

/** Everything of an owner that is here only, in the order in which it was made. */
export const keptOf = (owner: Owner): Promise<Kept[]> => store().drafts.where(mine(owner)).sortBy('n');

// Drafts of this page that are not on the device's disk: being written, or what the browser could not keep.
const unwritten = new Set<string>();
let writing: Promise<unknown> = Promise.resolve();

/** Keeps a draft, after those made before it. It is on the device's disk once this is done. */
export function keep(kept: Kept, file?: KeptFile): Promise<void> {
  unwritten.add(kept.id);
  const written = writing.then(async () => {
    const { drafts, files } = store();
    await store().transaction('rw', drafts, files, async () => {
      if (file) await files.put(file);
      await drafts.add(kept);
    });
    unwritten.delete(kept.id);
  });
  writing = written.catch(() => undefined);
  return written;
}

/** How many drafts would be lost with this page: what it could not write, once everything had its try. */
export async function lostWithPage(): Promise<number> {
  await writing;
  return unwritten.size;
}

/** Keeps drafts again that were sent once and that a server which was set back no longer has: before all that were made since. */
export async function keepAgain(owner: Owner, lost: readonly Kept[]): Promise<void> {
  const { drafts } = store();
  await store().transaction('rw', drafts, async () => {
    const waiting = await keptOf(owner);
    const again = lost.filter(({ id }) => !waiting.some((one) => one.id === id));
    await drafts.bulkDelete(waiting.map(({ n }) => n ?? 0));
    await drafts.bulkAdd([...again, ...waiting.map(({ n: _, ...one }) => one)]);
  });
}

/** Sets the time of a draft that has not been sent yet. */
export async function setTime({ id }: Kept, at: string): Promise<void> {
  await store()
    .drafts.where({ id })
    .modify((one) => {
      Object.assign(one, { draft: { ...one.draft, at }, isUndated: undefined });
    });
}

/** The server has it: nothing of it is kept apart any longer. */
export async function letGo({ id, draft: { body } }: Kept): Promise<void> {
  unwritten.delete(id);
  const { drafts, files } = store();
  await store().transaction('rw', drafts, files, async () => {
    await drafts.where({ id }).delete();
    if (body.k === 'file') await files.delete(body.file);
  });
}

/** The server will never take it, and why. */
export async function markRefused(id: string, why: string): Promise<void> {
  await store().drafts.where({ id }).modify({ refused: why });
}

/** Keeps what the server holds, so that the bench opens without a network too. */
export async function mirror(owner: Owner, entries: readonly Entry[]): Promise<void> {
  if (entries.length > 0)
    await store().mirror.bulkPut(entries.map((entry) => ({ id: entry.id, ...mine(owner), entry })));
}

/** The server was set back: what it holds now is all there is. */
export async function mirrorAnew(owner: Owner, entries: readonly Entry[]): Promise<void> {
  await store().mirror.where(mine(owner)).delete();
  await mirror(owner, entries);
}

export async function mirrored(owner: Owner): Promise<readonly Entry[]> {
  return (await store().mirror.where(mine(owner)).toArray()).map(({ entry }) => entry);
}

/** Forgets what the server holds of records, after signing out: whoever uses the device next may be somebody else. Drafts stay. */
export async function forgetRecords(): Promise<void> {
  await store().mirror.clear();
}

/** Forgets what others' records hold; their unsent drafts stay and wait for them. */
export async function forgetOthers(author: string): Promise<void> {
  await store()
    .mirror.filter((one) => one.author !== author)
    .delete();
}
