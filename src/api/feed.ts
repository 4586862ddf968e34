import { writeMark } from '@/core/record/mark';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Mark } from '@/core/record/mark';

const againMs = 2000;
/** A stream that is silent for longer than two of the server's signs of life is taken for dead. */
const silentMs = 35_000;

export interface FeedOptions {
  readonly classId: string;
  /** Where this page stands in each log; asked anew at every opening. */
  readonly marks: () => ReadonlyMap<string, Mark>;
  readonly on: (event: FeedEvent) => void;
  /** Whether the stream is alive: while it is, nobody needs to ask. */
  readonly onLive: (live: boolean) => void;
}

/**
 * Follows a class live. The stream is closed while the page is hidden, opened again when it is lost, and always asks from what
 * the page has: nothing is missed and nothing depends on what the server remembers.
 *
 * @returns ends it
 */
export function followFeed({ classId, marks, on, onLive }: FeedOptions): () => void {
  let source: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let silence: ReturnType<typeof setTimeout> | undefined;
  const close = () => {
    clearTimeout(again);
    clearTimeout(silence);
    source?.close();
    source = undefined;
    onLive(false);
  };
  const lost = () => {
    close();
    again = setTimeout(open, againMs);
  };
  const alive = () => {
    clearTimeout(silence);
    silence = setTimeout(lost, silentMs);
  };
  function open() {
    close();
    if (document.visibilityState === 'hidden' || typeof EventSource === 'undefined') return;
    const asked = [...marks()].map(([log, mark]) => `${log}.${writeMark(mark)}`).join();
    source = new EventSource(`/api/v1/classes/${classId}/feed?after=${asked}`);
    source.onopen = () => {
      alive();
      onLive(true);
    };
    source.onerror = lost;
    source.onmessage = ({ data }) => {
      alive();
      on(JSON.parse(String(data)) as FeedEvent);
    };
  }
  open();
  document.addEventListener('visibilitychange', open);
  return () => {
    document.removeEventListener('visibilitychange', open);
    close();
  };
}
