'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ulid } from 'ulid';
import { api, ApiError } from '@/api/client';
import { canonicalJson } from '@/core/formats/canonicalJson';
import { outboxOf } from './outbox';
import type { ClassSettings } from '@/core/record/classSettings';
import type { Refused } from './outbox';
import type { Body, Draft, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/people/identity';

const pollMs = 2000;

/** Codes with which the server says that this draft will never be accepted; everything else is tried again. */
const final: ReadonlySet<string> = new Set(['badRequest', 'conflict', 'refused', 'forbidden', 'notFound']);

/** What the page that shows a record was opened with. */
export interface RecordStart {
  readonly identity: Identity;
  readonly log: string;
  readonly entries: readonly Entry[];
  readonly settings: ClassSettings;
}

/**
 * A bench's record on this device: what the server holds, what is still only here, and adding to it. A new entry is kept in
 * the browser first, then sent; it survives a reload and a lost network.
 */
export function useRecord({ identity, log, entries: first, settings: firstSettings }: RecordStart) {
  const [stored, setStored] = useState<readonly Entry[]>(first);
  const [pending, setPending] = useState<readonly Draft[]>([]);
  const [refused, setRefused] = useState<readonly Refused[]>([]);
  const [offline, setOffline] = useState(false);
  const [settings, setSettings] = useState(firstSettings);
  const clock = useRef(0);
  const busy = useRef(false);
  const head = useRef(first.at(-1)?.seq ?? 0);
  const outbox = useMemo(() => outboxOf(log, identity.id), [log, identity.id]);

  const take = useCallback((entries: readonly Entry[]) => {
    if (entries.length === 0) return;
    setStored((before) => [...new Map([...before, ...entries].map((entry) => [entry.id, entry])).values()]);
  }, []);

  const exchange = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (const draft of outbox.read()) {
        try {
          take([await api.sendDraft(draft)]);
        } catch (error) {
          if (!(error instanceof ApiError) || !final.has(error.code)) throw error;
          outbox.setRefused([...outbox.refused(), { draft, why: error.message }]);
        }
        outbox.write(outbox.read().filter(({ id }) => id !== draft.id));
      }
      const { now, entries, settings: inForce } = await api.entries(log, head.current);
      clock.current = Date.parse(now) - Date.now();
      head.current = Math.max(head.current, ...entries.map(({ seq }) => seq));
      take(entries);
      setSettings((before) => (canonicalJson(before) === canonicalJson(inForce) ? before : inForce));
      setOffline(false);
    } catch {
      setOffline(true);
    } finally {
      busy.current = false;
      setPending(outbox.read());
      setRefused(outbox.refused());
    }
  }, [log, outbox, take]);

  useEffect(() => {
    // The server's clock matters from the first entry on, and so does what an earlier visit left unsent.
    const soon = setTimeout(() => void exchange());
    const timer = setInterval(() => void exchange(), pollMs);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
    };
  }, [exchange]);

  const add = useCallback(
    (body: Body) => {
      const now = Date.now();
      const draft: Draft = {
        id: ulid(now),
        v: 1,
        log,
        body,
        at: new Date(now + clock.current).toISOString(),
        deviceAt: new Date(now).toISOString(),
        device: 'browser',
        saw: head.current,
      };
      outbox.write([...outbox.read(), draft]);
      setPending(outbox.read());
      void exchange();
    },
    [log, outbox, exchange],
  );

  const entries = useMemo(() => {
    const { id, name, role } = identity;
    const here = pending.map((draft): Entry => ({
      ...draft,
      author: { id, name, role },
      seq: 0,
      received: draft.at,
      content: '',
      chain: '',
    }));
    return [...here, ...stored];
  }, [pending, stored, identity]);

  /** Takes a refused draft off the list, once somebody has seen to it. */
  const putAside = useCallback(
    (id: string) => {
      outbox.setRefused(outbox.refused().filter(({ draft }) => draft.id !== id));
      setRefused(outbox.refused());
    },
    [outbox],
  );

  const now = useCallback(() => Date.now() + clock.current, []);

  return { entries, settings, add, offline, refused, putAside, unsent: pending.length, now };
}
