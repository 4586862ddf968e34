'use client';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { RecordEngine } from '@/api/record/recordEngine';
import { serverNow } from '@/api/outbox/serverClock';
import type { RecordStart } from '@/api/record/recordEngine';

/** A bench's record on this device, kept up to date while the page is open. */
export function useRecord(start: RecordStart) {
  const { log, identity } = start;
  // What a page was opened with counts once: afterwards the engine knows better.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const engine = useMemo(() => new RecordEngine(start), [log, identity.id]);
  useEffect(() => engine.run(), [engine]);
  const view = useSyncExternalStore(engine.subscribe, engine.view, engine.view);
  return { ...view, add: engine.add, putAside: engine.putAside, now: serverNow };
}
