'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, ApiError } from '@/api/client';
import { canonicalJson } from '@/core/formats/canonicalJson';
import { followFeed } from '@/api/feed';
import {
  forgetOthers,
  forgetRecords,
  keep,
  keepAgain,
  keptOf,
  letGo,
  markRefused,
  mirror,
  mirrorAnew,
  mirrored,
  ownerOf,
  setTime,
} from '@/api/outbox/store';
import { headOf } from '@/core/record/headOf';
import { isOneHistory, lostDrafts, markOf, withNews } from '@/core/record/mark';
import { isClockKnown, learnClock, recallClock, serverNow, serverTimeAt } from '@/api/outbox/serverClock';
import { newDraft } from '@/api/outbox/newDraft';
import { forgetPages, prepareOffline } from '@/api/offline';
import { sendKept } from '@/api/outbox/sendKept';
import type { Body, Draft, Entry } from '@/core/record/entry';
import type { ClassState } from '@/core/record/classState';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Identity } from '@/core/people/identity';
import type { Kept, KeptFile } from '@/api/outbox/store';
import type { News } from '@/core/record/mark';

const tickMs = 2000;
/** While the feed is alive nobody needs to ask; now and then all the same, in case something between swallows it. */
const liveTicks = 10;

/** What the page that shows a record was opened with. */
export interface RecordStart extends ClassState {
  readonly identity: Identity;
  readonly classId: string;
  readonly className: string;
  readonly log: string;
  readonly entries: readonly Entry[];
}

/** How this device stands with the server. */
export type Link = 'well' | 'offline' | 'troubled' | 'signedOut';

/** What a failed exchange says of the way to the server. */
function linkAfter(error: unknown): Link {
  const code = error instanceof ApiError ? error.code : 'offline';
  if (code === 'notSignedIn') return 'signedOut';
  return code === 'unavailable' || code === 'unexpected' ? 'troubled' : 'offline';
}

/** Bytes of a file that goes with a draft. */
export type NewFile = Pick<KeptFile, 'id' | 'bytes' | 'sha256' | 'name'>;

/**
 * A bench's record on this device: what the server holds, what is still only here, and adding to it. A new entry is kept in
 * the browser's own database first, then sent; it survives a reload, a lost network, an expired session and a new version of
 * the app, and is sent only under the name under which it was made.
 */
export function useRecord(start: RecordStart) {
  const { identity, classId, className, log, entries: first } = start;
  const [stored, setStored] = useState<readonly Entry[]>(first);
  const [kept, setKept] = useState<readonly Kept[]>([]);
  const [link, setLink] = useState<Link>('well');
  const [unsafe, setUnsafe] = useState(false);
  const [stuck, setStuck] = useState(0);
  const [broughtBack, setBroughtBack] = useState(0);
  const [state, setState] = useState<ClassState>({ settings: start.settings, periods: start.periods });
  const owner = useMemo(() => ownerOf(log, identity), [log, identity]);
  const busy = useRef(false);
  const wanted = useRef(false);
  const known = useRef(false);
  const live = useRef(false);
  const unsent = useRef(false);
  const head = useRef(headOf(first));
  const held = useRef(first);
  // Drafts that the browser's database has not confirmed yet; where it cannot keep anything they stay here until sent.
  const unwritten = useRef(new Map<string, Kept>());
  const writing = useRef<Promise<unknown>>(Promise.resolve());

  const keptWith = useCallback(
    (draft: Draft): Kept => ({ ...owner, id: draft.id, authorName: identity.name, className, draft }),
    [owner, identity.name, className],
  );
  const hold = useCallback((entries: readonly Entry[]) => {
    held.current = entries;
    head.current = headOf(entries);
    setStored(entries);
  }, []);
  const take = useCallback(
    (news: News): void => {
      const before = held.current;
      hold(withNews(before, news));
      if (!news.anew) return void mirror(owner, news.entries).catch(() => undefined);
      // A backup was brought in: what the server no longer has of ours is sent again, before what waits.
      const lost = lostDrafts(before, news.entries, owner.author).map(keptWith);
      setBroughtBack((count) => count + lost.length);
      for (const one of lost) unwritten.current.set(one.id, one);
      writing.current = writing.current
        .then(() => mirrorAnew(owner, news.entries))
        .then(() => keepAgain(owner, lost))
        .then(
          () => lost.forEach(({ id }) => unwritten.current.delete(id)),
          () => setUnsafe(true),
        );
      wanted.current = true;
    },
    [hold, owner, keptWith],
  );
  const takeState = useCallback(({ settings, periods }: ClassState) => {
    const next = { settings, periods };
    setState((before) => (canonicalJson(before) === canonicalJson(next) ? before : next));
  }, []);

  const all = useCallback(async (): Promise<readonly Kept[]> => {
    const written = await keptOf(owner).catch(() => []);
    const known = new Set(written.map(({ id }) => id));
    return [...written, ...[...unwritten.current.values()].filter(({ id }) => !known.has(id))];
  }, [owner]);

  const ask = useCallback(async () => {
    const asked = Date.now();
    const news = await api.entries(log, markOf(held.current), identity.id);
    learnClock({ asked, answered: Date.now(), server: Date.parse(news.now) });
    take(news);
    takeState(news);
    known.current = true;
    setLink('well');
  }, [log, identity.id, take, takeState]);

  /** What waits, with the server's time on what was made before it was known. */
  const dated = useCallback(async (): Promise<readonly Kept[]> => {
    const waiting: Kept[] = [];
    for (const { isUndated, ...one } of await all()) {
      const at = isUndated ? serverTimeAt(one.draft.deviceAt) : one.draft.at;
      const timed = { ...one, draft: { ...one.draft, at } };
      waiting.push(timed);
      if (!isUndated) continue;
      if (unwritten.current.has(one.id)) unwritten.current.set(one.id, timed);
      else await setTime(one, at);
    }
    return waiting;
  }, [all]);

  const sendAndAsk = useCallback(
    async (waiting: readonly Kept[]) => {
      const failing = await sendKept(
        waiting,
        (entry) => {
          unwritten.current.delete(entry.id);
          take({ entries: [entry] });
        },
        async (one, why) => {
          if (unwritten.current.has(one.id)) unwritten.current.set(one.id, { ...one, refused: why });
          else await markRefused(one.id, why);
        },
      );
      setStuck(failing.length);
      await ask();
    },
    [ask, take],
  );

  const exchange = useCallback(async () => {
    wanted.current = true;
    if (busy.current) return;
    busy.current = true;
    try {
      while (wanted.current) {
        wanted.current = false;
        // After a break the server may have been set back: that is learnt before anything is sent.
        const isKnown = known.current;
        if (!isKnown) await ask();
        await writing.current;
        const waiting = await dated();
        if (isKnown || waiting.length > 0) await sendAndAsk(waiting);
      }
    } catch (error) {
      [wanted.current, known.current] = [false, false];
      const after = linkAfter(error);
      setLink(after);
      // The session ended, or the PIN was changed: nothing is left here to be opened without signing in. What waits stays.
      if (after === 'signedOut') await Promise.all([forgetPages(), forgetRecords()]).catch(() => undefined);
    } finally {
      busy.current = false;
      const left = await all();
      unsent.current = left.some(({ refused }) => refused === undefined);
      setKept(left);
    }
  }, [all, ask, dated, sendAndAsk]);

  useEffect(() => {
    prepareOffline();
    const begin = async () => {
      await recallClock();
      await forgetOthers(identity.id);
      const there = await mirrored(owner);
      // Where both cannot be true the older history stands, until the server says how it is.
      hold(isOneHistory(held.current, there) ? withNews(held.current, { entries: there }) : there);
      await mirror(owner, held.current);
    };
    // What an earlier visit left unsent matters from the start, and so does the server's clock.
    void begin()
      .catch(() => undefined)
      .then(exchange);
    let ticks = 0;
    const timer = setInterval(() => {
      ticks += 1;
      if (!live.current || unsent.current || ticks % liveTicks === 0) void exchange();
    }, tickMs);
    const back = () => void exchange();
    window.addEventListener('online', back);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', back);
    };
  }, [exchange, identity.id, owner, hold]);

  useEffect(() => {
    const on = (event: FeedEvent) => {
      if (event.k === 'class') takeState(event);
      if (event.k !== 'entries' || event.log !== log) return;
      take(event);
      // A gap: something was missed, so it is asked for. What a server that was set back lost is sent.
      if (event.anew || head.current < (event.entries.at(-1)?.seq ?? 0)) void exchange();
    };
    return followFeed({
      classId,
      marks: () => new Map([[log, markOf(held.current)]]),
      on,
      onLive: (now) => {
        live.current = now;
        if (now) void exchange();
      },
    });
  }, [classId, log, exchange, take, takeState]);

  const add = useCallback(
    (body: Body, file?: NewFile) => {
      const draft = newDraft(log, body, head.current);
      const one: Kept = isClockKnown() ? keptWith(draft) : { ...keptWith(draft), isUndated: true };
      const bytes = file && { ...file, ...owner };
      unwritten.current.set(draft.id, bytes ? { ...one, file: bytes } : one);
      setKept((before) => [...before, one]);
      writing.current = writing.current
        .then(() => keep(one, bytes))
        .then(
          () => unwritten.current.delete(draft.id),
          () => setUnsafe(true),
        );
      void exchange();
    },
    [log, owner, keptWith, exchange],
  );

  const entries = useMemo(() => {
    const { id, name, role } = identity;
    const here = kept.flatMap(({ draft, refused }): Entry[] =>
      refused === undefined && !stored.some((one) => one.id === draft.id)
        ? [{ ...draft, author: { id, name, role }, seq: 0, received: draft.at, content: '', chain: '' }]
        : [],
    );
    return [...here, ...stored];
  }, [kept, stored, identity]);

  /** Takes a refused draft off the list, once somebody has seen to it. */
  const putAside = useCallback(
    async (one: Kept) => {
      if (!unwritten.current.delete(one.id)) await letGo(one);
      setKept(await all());
    },
    [all],
  );

  const refused = kept.filter((one) => one.refused !== undefined);
  return {
    entries,
    ...state,
    add,
    link,
    unsafe,
    stuck,
    broughtBack,
    refused,
    putAside,
    unsent: entries.filter(({ seq }) => seq === 0).length,
    now: serverNow,
  };
}
