import fc from 'fast-check';
import { acetanilide } from '../support/preparations';
import { addEntries, marksOf } from '@/components/record/mergeBoard';
import { benchState } from '@/core/bench/benchState';
import { chainHash, chainStart, contentHash, verifyChain } from '@/core/record/chain';
import { demonstrator, group, idOf, reading, sha256 } from '../support/record';
import { foldRecord } from '@/core/record/foldRecord';
import type { Author, Body, Draft, Entry } from '@/core/record/entry';
import type { ClassBoard } from '@/core/people/class';

// Two tablets of a bench and the demonstrator's, each with a network of its own: drafts are made on what a device has seen,
// sent when it has a way, sent again when the answer gets lost, and told to the others late and by pieces. Whatever the order,
// all come to the same state, and every draft is there once.

const doc = acetanilide();
const log = idOf(0);
const begin = Date.UTC(2026, 2, 3, 13);

/** What the server does with a draft, without a database. */
class Server {
  readonly entries: Entry[] = [];
  store(draft: Draft, author: Author): void {
    if (this.entries.some(({ id }) => id === draft.id)) return;
    const content = contentHash({ ...draft, author }, sha256);
    const last = this.entries.at(-1);
    const bare = { ...draft, author, content, seq: (last?.seq ?? 0) + 1, received: draft.at };
    this.entries.push({ ...bare, chain: chainHash(last?.chain ?? chainStart, bare, sha256) });
  }
}

/** What a device does: it keeps what it made, sends in order, and learns by pieces. */
class Device {
  board: ClassBoard = {
    id: 'c',
    now: '',
    name: 'c',
    joinCode: 'c',
    since: '2026-03-03T12:00:00.000Z',
    numbers: { baseline: 'kept', drift: [] },
    doc,
    own: { id: 'c', bench: '', log: idOf(9), entries: [] },
    lanes: [{ id: 'b', bench: 'Ruff', log, entries: [] }],
  };
  readonly outbox: Draft[] = [];
  constructor(readonly author: Author) {}
  get seen(): readonly Entry[] {
    return this.board.lanes[0]?.entries ?? [];
  }
  make(id: string, at: number, body: Body): void {
    const time = new Date(begin + at).toISOString();
    this.outbox.push({
      id,
      v: 1,
      log,
      body,
      at: time,
      deviceAt: time,
      device: 'd',
      saw: marksOf(this.board)[1]?.seq ?? 0,
    });
  }
  send(server: Server, answered: boolean): void {
    const [draft] = this.outbox;
    if (!draft) return;
    server.store(draft, this.author);
    // Without an answer the draft stays and goes again.
    if (answered) this.outbox.shift();
  }
  learn(server: Server, most: number): void {
    const head = marksOf(this.board)[1]?.seq ?? 0;
    this.board = addEntries(this.board, log, { entries: server.entries.slice(head, head + most) }) ?? this.board;
  }
}

/** A body that makes sense on what the device has seen; `pick` chooses the entry that it speaks about. */
function bodyOf(kind: number, pick: number, seen: readonly Entry[], isStaff: boolean): Body {
  const standing = seen.filter(({ body }) => body.k === 'reading' || body.k === 'correct');
  const target = standing.length > 0 ? standing[pick % standing.length] : undefined;
  if (!target || kind < 4) {
    const slot = (['net', 'full', 'empty'] as const)[pick % 3] ?? 'net';
    return reading(pick % 2 ? 'aniline' : 'acid', slot, `${2 + (pick % 90) / 100} g`);
  }
  const told = reading('aniline', 'net', `${3 + pick / 1000} g`);
  if (kind === 4 && told.k === 'reading')
    return { k: 'correct', target: target.id, body: told, reason: 'digits swapped' };
  if (kind === 5) return { k: 'void', target: target.id, reason: 'boat on the pan' };
  if (kind === 6 && isStaff) return { k: 'sign', seals: [{ entry: target.id, content: target.content }] };
  if (kind === 7 && isStaff) return { k: 'return', targets: [target.id], remark: 'show me' };
  return { k: 'ask', targets: [target.id] };
}

const move = fc.tuple(
  fc.nat(2),
  fc.constantFrom('make' as const, 'make' as const, 'send' as const, 'learn' as const),
  fc.nat(8),
  fc.nat(200),
);

test('two tablets and the demonstrator’s converge in every interleaving; nothing is lost or doubled', () => {
  fc.assert(
    fc.property(fc.array(move, { minLength: 10, maxLength: 90 }), (moves) => {
      const server = new Server();
      const devices = [new Device(group), new Device(group), new Device(demonstrator)];
      let made = 0;
      for (const [i, [who, what, kind, pick]] of moves.entries()) {
        const device = devices[who]!;
        if (what === 'make') {
          made += 1;
          // Clocks of devices differ by some seconds: the order of happening is not the order of arrival.
          device.make(idOf(made), i * 1000 + (pick % 7) * 500, bodyOf(kind, pick, device.seen, who === 2));
        } else if (what === 'send') device.send(server, kind > 2);
        else device.learn(server, 1 + (pick % 5));
      }
      for (const device of devices) while (device.outbox.length > 0) device.send(server, true);
      for (const device of devices) device.learn(server, server.entries.length);
      expect(new Set(server.entries.map(({ id }) => id)).size).toBe(made);
      expect(server.entries).toHaveLength(made);
      expect(verifyChain(server.entries, made, sha256)).toBeUndefined();
      const whole = JSON.stringify(foldRecord(server.entries));
      for (const { seen } of devices) expect(JSON.stringify(foldRecord(seen))).toBe(whole);
      const backwards = [...server.entries].reverse();
      expect(JSON.stringify(foldRecord(backwards))).toBe(whole);
    }),
    { numRuns: 400 },
  );
});

test('and what follows from the record is the same for all of them', () => {
  fc.assert(
    fc.property(
      fc.array(move, { minLength: 20, maxLength: 40 }),
      fc.array(fc.nat(1000), { minLength: 40 }),
      (moves, order) => {
        const server = new Server();
        const device = new Device(demonstrator);
        for (const [i, [, , kind, pick]] of moves.entries()) {
          device.make(idOf(i + 1), i * 1000, bodyOf(kind, pick, device.seen, true));
          device.send(server, true);
          device.learn(server, 1);
        }
        const shuffled = server.entries.map((entry, i) => [order[i] ?? 0, entry] as const).sort(([a], [b]) => a - b);
        const follows = (entries: readonly Entry[]) => {
          const { findings, overridden, timers, waiting, done, toDo, charge } = benchState(doc, entries);
          return { findings, overridden, timers, waiting, done, toDo, taken: charge.lines.map(({ taken }) => taken) };
        };
        expect(follows(shuffled.map(([, entry]) => entry))).toEqual(follows(server.entries));
      },
    ),
    { numRuns: 40 },
  );
});
