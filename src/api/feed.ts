import type { FeedEvent } from '@/core/record/feedEvent';

const againMs = 2000;
/** A stream that is silent for longer than two of the server's signs of life is taken for dead. */
const silentMs = 35_000;

export interface FeedOptions {
  readonly classId: string;
  /** Newest number that this page has, by log; asked anew at every opening. */
  readonly heads: () => Readonly<Record<string, number>>;
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
export function followFeed({ classId, heads, on, onLive }: FeedOptions): () => void {
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
    const asked = Object.entries(heads())
      .map(([log, seq]) => `${log}.${seq}`)
      .join();
    source = new EventSource(`/api/v1/classes/${classId}/feed?heads=${asked}`);
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
