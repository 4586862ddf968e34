'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ulid } from 'ulid';
import { api, ApiError } from '@/api/client';
import { canonicalJson } from '@/core/formats/canonicalJson';
import { deviceName } from '@/api/outbox/deviceName';
import { followFeed } from '@/api/feed';
import { forgetOthers, keep, keptOf, letGo, markRefused, mirror, mirrored, ownerOf } from '@/api/outbox/store';
import { headOf } from '@/core/record/headOf';
import { learnClock, recallClock, serverNow } from '@/api/outbox/serverClock';
import { prepareOffline } from '@/api/offline';
import { sendKept } from '@/api/outbox/sendKept';
import type { Body, Draft, Entry } from '@/core/record/entry';
import type { ClassState } from '@/core/record/classState';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Identity } from '@/core/people/identity';
import type { Kept, KeptFile } from '@/api/outbox/store';

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
export type Link = 'well' | 'offline' | 'signedOut';

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
  const [state, setState] = useState<ClassState>({ settings: start.settings, periods: start.periods });
  const owner = useMemo(() => ownerOf(log, identity), [log, identity]);
  const busy = useRef(false);
  const wanted = useRef(false);
  const live = useRef(false);
  const unsent = useRef(false);
  const head = useRef(headOf(first));
  const held = useRef(first);
  // Drafts that the browser's database has not confirmed yet; where it cannot keep anything they stay here until sent.
  const unwritten = useRef(new Map<string, Kept>());
  const writing = useRef<Promise<unknown>>(Promise.resolve());

  const take = useCallback(
    (entries: readonly Entry[]) => {
      if (entries.length === 0) return;
      held.current = [...new Map([...held.current, ...entries].map((entry) => [entry.id, entry])).values()];
      head.current = headOf(held.current);
      setStored(held.current);
      void mirror(owner, entries).catch(() => undefined);
    },
    [owner],
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

  const exchange = useCallback(async () => {
    wanted.current = true;
    if (busy.current) return;
    busy.current = true;
    try {
      while (wanted.current) {
        wanted.current = false;
        await writing.current;
        await sendKept(
          await all(),
          (entry) => {
            unwritten.current.delete(entry.id);
            take([entry]);
          },
          async (one, why) => {
            if (unwritten.current.has(one.id)) unwritten.current.set(one.id, { ...one, refused: why });
            else await markRefused(one.id, why);
          },
        );
        const asked = Date.now();
        const { now, entries, ...news } = await api.entries(log, head.current, identity.id);
        learnClock({ asked, answered: Date.now(), server: Date.parse(now) });
        take(entries);
        takeState(news);
        setLink('well');
      }
    } catch (error) {
      wanted.current = false;
      setLink(error instanceof ApiError && error.code === 'notSignedIn' ? 'signedOut' : 'offline');
    } finally {
      busy.current = false;
      const left = await all();
      unsent.current = left.some(({ refused }) => refused === undefined);
      setKept(left);
    }
  }, [all, log, identity.id, take, takeState]);

  useEffect(() => {
    prepareOffline();
    const begin = async () => {
      await recallClock();
      await forgetOthers(identity.id);
      take(await mirrored(owner));
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
  }, [exchange, identity.id, owner, take]);

  useEffect(() => {
    const on = (event: FeedEvent) => {
      if (event.k === 'class') takeState(event);
      if (event.k !== 'entries' || event.log !== log) return;
      take(event.entries);
      // A gap: something was missed, so it is asked for.
      if (head.current < (event.entries.at(-1)?.seq ?? 0)) void exchange();
    };
    return followFeed({
      classId,
      heads: () => ({ [log]: head.current }),
      on,
      onLive: (now) => {
        live.current = now;
        if (now) void exchange();
      },
    });
  }, [classId, log, exchange, take, takeState]);

  const add = useCallback(
    (body: Body, file?: NewFile) => {
      const now = Date.now();
      const draft: Draft = {
        id: ulid(now),
        v: 1,
        log,
        body,
        at: new Date(serverNow()).toISOString(),
        deviceAt: new Date(now).toISOString(),
        device: deviceName(),
        saw: head.current,
      };
      const one: Kept = { ...owner, id: draft.id, authorName: identity.name, className, draft };
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
    [log, owner, identity.name, className, exchange],
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
    refused,
    putAside,
    unsent: entries.filter(({ seq }) => seq === 0).length,
    now: serverNow,
  };
}
