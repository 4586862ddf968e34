import { api, ApiError } from '../client';
import { canonicalJson } from '@/core/canonicalJson';
import { followFeed } from '../feed';
import { forgetOthers, forgetRecords, mirror, mirrorAnew, mirrored, ownerOf } from '../outbox/store';
import { forgetPages, prepareOffline } from '../offline';
import { headOf } from '@/core/record/headOf';
import { isOneHistory, lostDrafts, markOf, withNews } from '@/core/record/mark';
import { learnClock, recallClock } from '../outbox/serverClock';
import { newDraft } from '../outbox/newDraft';
import { Outbox } from './outbox';
import { sendKept } from '../outbox/sendKept';
import type { Body, Entry, Noted } from '@/core/record/entry';
import type { ClassState } from '@/core/record/classState';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Identity } from '@/core/identity';
import type { Kept } from '../outbox/store';
import type { NewFile } from './outbox';
import type { News } from '@/core/record/mark';

const tickMs = 2000;
/** While the feed is alive nobody needs to ask; now and then all the same, in case something between swallows it. */
const liveTicks = 10;

/** What a page that shows a record was opened with. */
export interface RecordStart extends ClassState {
  readonly identity: Identity;
  readonly classId: string;
  readonly className: string;
  readonly log: string;
  readonly entries: readonly Entry[];
}

/** How this device stands with the server. */
export type Link = 'well' | 'offline' | 'troubled' | 'signedOut';

/** A record on this device, as it is now. */
export interface RecordView extends ClassState {
  /** What is here only, then what the server holds. */
  readonly entries: readonly Noted[];
  /** How many are here only. */
  readonly unsent: number;
  readonly link: Link;
  /** The browser could not keep something. */
  readonly unsafe: boolean;
  /** How many the server fails on. */
  readonly stuck: number;
  /** How many were sent again to a server that had been set back. */
  readonly broughtBack: number;
  /** What the server will never take. */
  readonly refused: readonly Kept[];
}

/** What a failed exchange says of the way to the server. */
function linkAfter(error: unknown): Link {
  const code = error instanceof ApiError ? error.code : 'offline';
  if (code === 'notSignedIn') return 'signedOut';
  return code === 'unavailable' || code === 'unexpected' ? 'troubled' : 'offline';
}

/**
 * A bench's record on this device: what the server holds, what is still only here, and adding to it. A new entry is kept in
 * the browser's own database first, then sent; it survives a reload, a lost network, an expired session and a new version of
 * the app, and is sent only under the name under which it was made.
 */
export class RecordEngine {
  private readonly listeners = new Set<() => void>();
  private readonly outbox: Outbox;
  private stored: readonly Entry[];
  private kept: readonly Kept[] = [];
  private now: RecordView;
  private busy = false;
  private wanted = false;
  /** The server was heard since the last break. */
  private known = false;
  private live = false;

  constructor(private readonly start: RecordStart) {
    const { entries, settings, periods, identity, className, log } = start;
    this.stored = entries;
    const whose = { authorName: identity.name, className };
    this.outbox = new Outbox(ownerOf(log, identity), whose, () => this.change({ unsafe: true }));
    this.now = {
      entries,
      settings,
      periods,
      unsent: 0,
      link: 'well',
      unsafe: false,
      stuck: 0,
      broughtBack: 0,
      refused: [],
    };
  }

  /** @returns ends it */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** The record as it is now; the same object until something changes. */
  readonly view = (): RecordView => this.now;

  /**
   * Takes up what earlier visits left, exchanges with the server and follows it.
   *
   * @returns ends it; it may be run again
   */
  readonly run = (): (() => void) => {
    prepareOffline();
    // What an earlier visit left unsent matters from the start, and so does the server's clock.
    void this.recall()
      .catch(() => undefined)
      .then(this.exchange);
    let ticks = 0;
    const timer = setInterval(() => {
      ticks += 1;
      const waits = this.kept.some(({ refused }) => refused === undefined);
      if (!this.live || waits || ticks % liveTicks === 0) void this.exchange();
    }, tickMs);
    const back = () => void this.exchange();
    window.addEventListener('online', back);
    const { classId, log } = this.start;
    const unfollow = followFeed({
      classId,
      marks: () => new Map([[log, markOf(this.stored)]]),
      on: (event) => this.hear(event),
      onLive: (live) => {
        this.live = live;
        if (live) void this.exchange();
      },
    });
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', back);
      unfollow();
    };
  };

  /** Makes an entry: kept here first, then sent. */
  readonly add = (body: Body, file?: NewFile): void => {
    const kept = this.outbox.add(newDraft(this.start.log, body, headOf(this.stored)), file);
    this.hold({ kept: [...this.kept, kept] });
    void this.exchange();
  };

  /** Takes a refused draft off the list, once somebody has seen to it. */
  readonly putAside = async (one: Kept): Promise<void> => {
    await this.outbox.putAside(one);
    this.hold({ kept: await this.outbox.all() });
  };

  /** Asks and sends, and once more when it was wanted meanwhile. */
  private readonly exchange = async (): Promise<void> => {
    this.wanted = true;
    if (this.busy) return;
    this.busy = true;
    try {
      while (this.wanted) {
        this.wanted = false;
        // After a break the server may have been set back: that is learnt before anything is sent.
        const isKnown = this.known;
        if (!isKnown) await this.ask();
        await this.outbox.settled();
        const waiting = await this.outbox.dated();
        if (isKnown || waiting.length > 0) await this.sendAndAsk(waiting);
      }
    } catch (error) {
      [this.wanted, this.known] = [false, false];
      const link = linkAfter(error);
      this.change({ link });
      // The session ended, or the PIN was changed: nothing is left here to be opened without signing in. What waits stays.
      if (link === 'signedOut') await Promise.all([forgetPages(), forgetRecords()]).catch(() => undefined);
    } finally {
      this.busy = false;
      this.hold({ kept: await this.outbox.all() });
    }
  };

  private async ask(): Promise<void> {
    const { log, identity } = this.start;
    const asked = Date.now();
    const news = await api.entries(log, markOf(this.stored), identity.id);
    learnClock({ asked, answered: Date.now(), server: Date.parse(news.now) });
    this.take(news);
    this.takeState(news);
    this.known = true;
    this.change({ link: 'well' });
  }

  private async sendAndAsk(waiting: readonly Kept[]): Promise<void> {
    const failing = await sendKept(
      waiting,
      (entry) => {
        this.outbox.sent(entry.id);
        this.take({ entries: [entry] });
      },
      (one, why) => this.outbox.refuse(one, why),
    );
    this.change({ stuck: failing.length });
    await this.ask();
  }

  private async recall(): Promise<void> {
    const { identity } = this.start;
    const { owner } = this.outbox;
    await recallClock();
    await forgetOthers(identity.id);
    const there = await mirrored(owner);
    // Where both cannot be true the older history stands, until the server says how it is.
    this.hold({
      stored: isOneHistory(this.stored, there) ? withNews(this.stored, { entries: there }) : there,
    });
    await mirror(owner, this.stored);
  }

  private hear(event: FeedEvent): void {
    if (event.k === 'class') this.takeState(event);
    if (event.k !== 'entries' || event.log !== this.start.log) return;
    this.take(event);
    // A gap: something was missed, so it is asked for. What a server that was set back lost is sent.
    if (event.anew || headOf(this.stored) < (event.entries.at(-1)?.seq ?? 0)) void this.exchange();
  }

  private take(news: News): void {
    const before = this.stored;
    const { owner } = this.outbox;
    this.hold({ stored: withNews(before, news) });
    if (!news.anew) return void mirror(owner, news.entries).catch(() => undefined);
    // A backup was brought in: what the server no longer has of ours is sent again, before what waits.
    const lost = lostDrafts(before, news.entries, owner.author);
    this.change({ broughtBack: this.now.broughtBack + lost.length });
    this.outbox.again(lost, () => mirrorAnew(owner, news.entries));
    this.wanted = true;
  }

  private takeState({ settings, periods }: ClassState): void {
    const next = { settings, periods };
    const { settings: before, periods: earlier } = this.now;
    if (canonicalJson(next) !== canonicalJson({ settings: before, periods: earlier })) this.change(next);
  }

  /** Takes what there is now, and tells what follows from it. */
  private hold({
    stored = this.stored,
    kept = this.kept,
  }: {
    stored?: readonly Entry[];
    kept?: readonly Kept[];
  }): void {
    const same = stored === this.stored && kept.length === 0 && this.kept.length === 0;
    [this.stored, this.kept] = [stored, kept];
    if (same) return;
    const { id, name, role } = this.start.identity;
    const there = new Set(stored.map((one) => one.id));
    const here = kept.flatMap(({ draft, refused }): readonly Noted[] =>
      refused === undefined && !there.has(draft.id) ? [{ ...draft, author: { id, name, role }, local: true }] : [],
    );
    this.change({
      entries: here.length === 0 ? stored : [...here, ...stored],
      unsent: here.length,
      refused: kept.filter((one) => one.refused !== undefined),
    });
  }

  private change(part: Partial<RecordView>): void {
    const before = this.now;
    if ((Object.keys(part) as (keyof RecordView)[]).every((key) => part[key] === before[key])) return;
    this.now = { ...before, ...part };
    for (const listener of this.listeners) listener();
  }
}
