import { readFileSync } from 'node:fs';
import { ulid } from 'ulid';

/** Numbers from 0 to 1 that follow from a seed alone (mulberry32). */
export function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export const pause = (ms) => new Promise((next) => setTimeout(next, ms));

/** What a browser says of a request that our own pages make. */
const fromHere = { 'Sec-Fetch-Site': 'same-origin' };

const isRaw = (body) => typeof body === 'string' || body instanceof Uint8Array;

/** Somebody signed in, with the cookie kept by hand. Requests go to the address that is asked for each time. */
export async function enter(address, data) {
  const answer = await fetch(`${address()}/api/v1/session`, {
    method: 'POST',
    headers: fromHere,
    body: JSON.stringify(data),
  });
  if (!answer.ok) throw new Error(`sign-in: ${await answer.text()}`);
  const cookie = answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  return (method, path, body) =>
    fetch(`${address()}/api/v1${path}`, {
      method,
      headers: { cookie, ...fromHere },
      ...(body === undefined ? {} : { body: isRaw(body) ? body : JSON.stringify(body) }),
    });
}

/** A class of benches, issued by the demo's coordinator: the coordinator, the class, and each bench with its record. */
export async function issue(address, count) {
  const coordinator = await enter(address, { as: 'demo', role: 'coordinator' });
  const text = readFileSync('src/data/preparations/acetanilide.json', 'utf8');
  const { id: preparationId } = await (await coordinator('POST', '/preparations', text)).json();
  const benches = Array.from({ length: count }, (_, i) => ({ name: `Bench ${i + 1}`, members: [] }));
  const made = await (await coordinator('POST', '/classes', { name: 'Load', preparationId, benches })).json();
  const board = await (await coordinator('GET', `/classes/${made.id}/board`)).json();
  const groups = [];
  for (const [i, { name, pin }] of made.benches.entries()) {
    const call = await enter(address, { as: 'group', joinCode: made.joinCode, bench: name, pin });
    groups.push({ name, call, log: board.lanes[i].log, acknowledged: new Map() });
  }
  return { coordinator, id: made.id, joinCode: made.joinCode, groups, board, pins: made.benches.map(({ pin }) => pin) };
}

/** A reading as a tablet drafts it. */
export function draftOf(log, n) {
  const at = new Date().toISOString();
  const body = {
    k: 'reading',
    place: { line: 'aniline', slot: 'net' },
    digits: `2.${String(n % 1000).padStart(3, '0')}`,
    unit: 'g',
  };
  return { id: ulid(), v: 1, log, body, at, deviceAt: at, device: 'load', saw: 0 };
}

/**
 * A bench that writes until it is told to stop: each draft is sent until an answer acknowledges it, as a tablet does.
 *
 * @returns how many answers were something else than an acknowledgement or a retry
 */
export async function write(group, until, restMs) {
  let wrong = 0;
  for (let n = 0; !until(); n += 1) {
    const draft = draftOf(group.log, n);
    for (;;) {
      try {
        const answer = await group.call('POST', `/logs/${draft.log}/entries`, draft);
        if (answer.status === 201) {
          group.acknowledged.set(draft.id, await answer.json());
          break;
        }
        if (answer.status < 500) {
          wrong += 1;
          console.error(`${answer.status} ${await answer.text()}`);
          break;
        }
      } catch {
        // Killed under our hands: the draft waits and goes again.
      }
      await pause(100);
    }
    await pause(restMs);
  }
  return wrong;
}

/** What is wrong with a class after the load: missing, doubled or changed entries, gaps in the numbers. */
export async function faults({ coordinator, id, groups }) {
  const { logs } = await (await coordinator('GET', `/classes/${id}/record`)).json();
  return groups.flatMap(({ name, log, acknowledged }) => {
    const { entries } = logs.find((one) => one.log === log);
    const there = new Map();
    for (const entry of entries) there.set(entry.id, [...(there.get(entry.id) ?? []), entry]);
    const lost = [...acknowledged].filter(([one, { content, seq }]) => {
      const found = there.get(one) ?? [];
      return found.length !== 1 || found[0].content !== content || found[0].seq !== seq;
    });
    const gaps = entries.filter(({ seq }, i) => seq !== i + 1);
    return lost.length + gaps.length > 0
      ? [`${name}: ${lost.length} lost or doubled, ${gaps.length} out of number`]
      : [];
  });
}
