import 'server-only';
import { AppError } from './appError';
import { isAdmitted } from './access';
import { findBenchLog, findClassLog, readClassState } from './classes';
import { entriesOf, goesOnFrom } from './entries';
import { listen, streamsOf } from './feed';
import { currentToken, identityOf } from './sessions';
import { rows } from './tables';
import { beginning } from '@/core/record/mark';
import type { Entry } from '@/core/record/entry';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Identity } from '@/core/identity';
import type { Mark } from '@/core/record/mark';

/** Pages that may follow a class at once: a bench has a few tablets, an account of the staff is open on many screens. */
const mostStreams = { group: 12, demonstrator: 120, coordinator: 120 } as const;

/** Text that waits for a slow reader before its stream is given up; it comes back and asks for what it missed. */
const mostWaiting = 2_000_000;

/**
 * The live feed of a class as server-sent events: every entry of the logs that the asker may see, and what holds for the class.
 *
 * @param asked where the asker stands in each log that it follows; empty for all. A log that it may not see is left out
 */
export async function feedResponse(
  identity: Identity,
  classId: string,
  asked: ReadonlyMap<string, Mark>,
  signal: AbortSignal,
): Promise<Response> {
  if (streamsOf(identity.id) >= mostStreams[identity.role])
    throw new AppError('tooManyRequests', 'Many pages follow this class under your name already. Close some.');
  const [own, token] = [await findClassLog(classId), await currentToken()];
  const isGroup = identity.role === 'group';
  const all = isGroup ? [await findBenchLog(identity.id)] : await logsOf(classId);
  // A page that names some records follows those; one that names none follows all.
  const seen = isGroup || asked.size === 0 ? all : all.filter((log) => asked.has(log));
  const { heads, anew } = await standing(new Set([...seen, own]), asked);
  let stop: () => void = () => undefined;
  const body = new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const end = () => {
          stop();
          try {
            controller.close();
          } catch {
            // The reader has gone already.
          }
        };
        const pass = (bytes: Uint8Array) => {
          controller.enqueue(bytes);
          if ((controller.desiredSize ?? 0) < -mostWaiting) end();
        };
        const send = (event: FeedEvent, id?: string) => pass(encoded(event, id));
        const now = () => new Date().toISOString();
        send({ k: 'beat', now: now() });
        for (const event of anew) if (event.log !== own || !isGroup) send(event);
        stop = listen(classId, {
          who: identity.id,
          heads,
          tell: (entries, log) => {
            const id = `${log}.${entries.at(-1)?.seq ?? 0}`;
            if (log !== own || !isGroup) pass(encodedNews(log, entries, id));
            // A group learns what holds for its class, not who noted what in the class's own log.
            if (log === own) void readClassState(classId).then((state) => send({ k: 'class', ...state }, id), end);
          },
          beat: async () => {
            if ((await identityOf(token))?.id !== identity.id) return false;
            // Whoever was taken off the class sees it no longer.
            if (!(await isAdmitted(identity, classId))) return false;
            send({ k: 'beat', now: now() });
            return true;
          },
          end,
        });
        signal.addEventListener('abort', end);
      },
      cancel: () => stop(),
    },
    new ByteLengthQueuingStrategy({ highWaterMark: 0 }),
  );
  return new Response(body, {
    headers: {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
      // A stream that ends must not leave an idle connection behind: the process waits for it when it stops.
      Connection: 'close',
    },
  });
}

const encoder = new TextEncoder();
const encoded = (event: FeedEvent, id?: string) =>
  encoder.encode(`${id ? `id: ${id}\n` : ''}data: ${JSON.stringify(event)}\n\n`);

/** The same list goes to many screens: it is put into words once. */
const told = new WeakMap<readonly Entry[], Uint8Array>();
function encodedNews(log: string, entries: readonly Entry[], id: string): Uint8Array {
  const bytes = told.get(entries) ?? encoded({ k: 'entries', log, entries }, id);
  told.set(entries, bytes);
  // A stream takes what it is given for its own.
  return bytes.slice();
}

/** From where each log is told on. One that was set back since the asker read it is told whole. */
async function standing(logs: ReadonlySet<string>, asked: ReadonlyMap<string, Mark>) {
  const heads = new Map<string, number>();
  const anew: Extract<FeedEvent, { k: 'entries' }>[] = [];
  for (const log of logs) {
    const mark = asked.get(log) ?? beginning;
    heads.set(log, mark.seq);
    if (await goesOnFrom(log, mark)) continue;
    const entries = await entriesOf(log);
    anew.push({ k: 'entries', log, entries, anew: true });
    heads.set(log, entries.at(-1)?.seq ?? 0);
  }
  return { heads, anew };
}

async function logsOf(classId: string): Promise<readonly string[]> {
  return (await rows<{ id: string }>('SELECT id FROM logs WHERE class_id = :classId', { classId })).map(({ id }) => id);
}
