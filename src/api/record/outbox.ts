import { isClockKnown, serverTimeAt } from '../outbox/serverClock';
import { keep, keepAgain, keptOf, letGo, markRefused, setTime } from '../outbox/store';
import type { Draft } from '@/core/record/entry';
import type { Kept, KeptFile, Owner } from '../outbox/store';

/** Bytes of a file that goes with a draft. */
export type NewFile = Pick<KeptFile, 'id' | 'bytes' | 'sha256' | 'name'>;

/**
 * What somebody made on this device and the server does not have yet. A draft goes into the browser's own database; where that
 * keeps nothing it stays in here until it is sent.
 */
export class Outbox {
  private readonly unwritten = new Map<string, Kept>();
  private writing: Promise<unknown> = Promise.resolve();

  /** @param onUnsafe is told when the browser could not keep something */
  constructor(
    readonly owner: Owner,
    private readonly whose: Pick<Kept, 'authorName' | 'className'>,
    private readonly onUnsafe: () => void,
  ) {}

  /** Keeps a new draft. */
  add(draft: Draft, file?: NewFile): Kept {
    const kept: Kept = isClockKnown() ? this.keptWith(draft) : { ...this.keptWith(draft), isUndated: true };
    const bytes = file && { ...file, ...this.owner };
    this.unwritten.set(kept.id, bytes ? { ...kept, file: bytes } : kept);
    this.write([kept], () => keep(kept, bytes));
    return kept;
  }

  /**
   * Keeps what a server that was set back no longer has, to be sent before what waits.
   *
   * @param first is done before, in the order of writing
   */
  again(drafts: readonly Draft[], first: () => Promise<void>): void {
    const lost = drafts.map((draft) => this.keptWith(draft));
    for (const one of lost) this.unwritten.set(one.id, one);
    this.write(lost, () => first().then(() => keepAgain(this.owner, lost)));
  }

  /** Done once everything had its try at being written. */
  settled(): Promise<unknown> {
    return this.writing;
  }

  /** Everything that waits, in the order in which it was made. */
  async all(): Promise<readonly Kept[]> {
    const written = await keptOf(this.owner).catch(() => []);
    const known = new Set(written.map(({ id }) => id));
    return [...written, ...[...this.unwritten.values()].filter(({ id }) => !known.has(id))];
  }

  /** What waits, with the server's time on what was made before it was known. */
  async dated(): Promise<readonly Kept[]> {
    const waiting: Kept[] = [];
    for (const { isUndated, ...one } of await this.all()) {
      const at = isUndated ? serverTimeAt(one.draft.deviceAt) : one.draft.at;
      const timed = { ...one, draft: { ...one.draft, at } };
      waiting.push(timed);
      if (!isUndated) continue;
      if (this.unwritten.has(one.id)) this.unwritten.set(one.id, timed);
      else await setTime(one, at);
    }
    return waiting;
  }

  /** The server has it. */
  sent(id: string): void {
    this.unwritten.delete(id);
  }

  /** The server will never take it, and why; a person sees to it. */
  async refuse(one: Kept, why: string): Promise<void> {
    if (this.unwritten.has(one.id)) this.unwritten.set(one.id, { ...one, refused: why });
    else await markRefused(one.id, why);
  }

  /** Takes a refused draft off, once somebody has seen to it. */
  async putAside(one: Kept): Promise<void> {
    const onlyHere = this.unwritten.delete(one.id);
    await letGo(one).catch((error: unknown) => {
      // The browser kept nothing of it anyway.
      if (!onlyHere) throw error;
    });
  }

  private keptWith(draft: Draft): Kept {
    return { ...this.owner, ...this.whose, id: draft.id, draft };
  }

  private write(kept: readonly Kept[], work: () => Promise<void>): void {
    this.writing = this.writing.then(work).then(
      () => kept.forEach(({ id }) => this.unwritten.delete(id)),
      () => this.onUnsafe(),
    );
  }
}
