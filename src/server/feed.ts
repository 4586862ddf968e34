import 'server-only';
import { entriesOf } from './entries';
import { log as logger } from './log';
import { rows } from './tables';
import type { Entry } from '@/core/record/entry';

const pollMs = 500;
const beatMs = 15_000;
const longestMs = 5 * 60_000;

/** One open stream: what it may see, how far it has been told, and the way to tell it. */
export interface Listener {
  /** Whose it is: a person, or a bench with all its tablets. */
  readonly who: string;
  /** Newest number that the listener has, by the log that it may see. */
  readonly heads: Map<string, number>;
  readonly tell: (entries: readonly Entry[], log: string) => void;
  /** A sign of life, with the server's clock. Answers whether the listener may go on. */
  readonly beat: () => Promise<boolean>;
  readonly end: () => void;
}

interface Open {
  readonly listener: Listener;
  readonly until: number;
  beatAt: number;
}

interface Feed {
  readonly classes: Map<string, Set<Open>>;
  readonly polling: Set<string>;
  ended: boolean;
}

// One for the process, although its routes are bundled apart.
const holder = globalThis as typeof globalThis & { mozleFeed?: Feed };
const feed = (): Feed => (holder.mozleFeed ??= { classes: new Map(), polling: new Set(), ended: false });

/** Streams that somebody has open in this process. */
export function streamsOf(who: string): number {
  let count = 0;
  for (const all of feed().classes.values()) for (const { listener } of all) if (listener.who === who) count += 1;
  return count;
}

/**
 * Tells a listener of every entry of a class from now on and what it has missed before. One poller serves all listeners of a
 * class in this process; nothing passes between processes but the database.
 *
 * @returns takes the listener off again
 */
export function listen(classId: string, listener: Listener): () => void {
  const { classes, ended } = feed();
  if (ended) {
    listener.end();
    return () => undefined;
  }
  const now = Date.now();
  const open: Open = { listener, until: now + longestMs, beatAt: now + beatMs };
  const all = classes.get(classId) ?? new Set<Open>();
  classes.set(classId, all.add(open));
  void poll(classId);
  return () => void all.delete(open);
}

/** Ends every stream, so that the process can stop. */
export function endFeed(): void {
  const { classes } = feed();
  feed().ended = true;
  for (const open of classes.values()) for (const { listener } of open) listener.end();
  classes.clear();
}

async function poll(classId: string): Promise<void> {
  const { classes, polling } = feed();
  if (polling.has(classId)) return;
  polling.add(classId);
  for (let all = classes.get(classId); all && all.size > 0 && !feed().ended; all = classes.get(classId)) {
    try {
      await tellNews(classId, all);
      await beatAll(all);
    } catch (error) {
      // The database is away for a while: the streams stay open and learn later what they missed.
      logger.warn({ err: error, classId }, 'feed');
    }
    await new Promise((next) => setTimeout(next, pollMs).unref());
  }
  if (classes.get(classId)?.size === 0) classes.delete(classId);
  polling.delete(classId);
}

async function tellNews(classId: string, all: ReadonlySet<Open>): Promise<void> {
  const logs = await rows<{ id: string; head_seq: number }>('SELECT id, head_seq FROM logs WHERE class_id = :classId', {
    classId,
  });
  for (const { id, head_seq: head } of logs) {
    const behind = [...all].filter(({ listener: { heads } }) => (heads.get(id) ?? head) < head);
    if (behind.length === 0) continue;
    const from = Math.min(...behind.map(({ listener: { heads } }) => heads.get(id) ?? head));
    const entries = await entriesOf(id, from);
    // Most stand at the same number: they get the very same list, which is then put into words once.
    const byMark = new Map<number, readonly Entry[]>();
    for (const { listener } of behind) {
      const mark = listener.heads.get(id) ?? head;
      const news = byMark.get(mark) ?? entries.filter(({ seq }) => seq > mark);
      byMark.set(mark, news);
      listener.heads.set(id, news.at(-1)?.seq ?? head);
      if (news.length > 0) listener.tell(news, id);
    }
  }
}

async function beatAll(all: Set<Open>): Promise<void> {
  const now = Date.now();
  for (const open of all) {
    const { listener, until, beatAt } = open;
    if (now >= beatAt) open.beatAt = now + beatMs;
    if (now < until && (now < beatAt || (await listener.beat()))) continue;
    all.delete(open);
    listener.end();
  }
}
