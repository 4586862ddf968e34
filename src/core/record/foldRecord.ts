import type { Body, Entry, RecordPlace, Standing } from './entry';

/** A reading, note or event as it stands now. */
export interface Live<B extends Standing = Standing> {
  readonly entry: Entry;
  readonly body: B;
  /** `rival`: two live readings at one place; a person chooses. */
  readonly status: 'live' | 'corrected' | 'void' | 'rival';
  /** Why it was corrected or struck, by whom. */
  readonly reason?: string;
  /** Entries of signatures that seal exactly this content. */
  readonly seals: readonly string[];
  /** It replaces a reading that had been signed. */
  readonly lostSeal: boolean;
  /** Waiting for a signature. */
  readonly asked: boolean;
  /** Since when it waits, ISO 8601. */
  readonly askedAt?: string;
  /** What the demonstrator said when returning it. */
  readonly returned?: string;
}

/** Place of a reading as a key. */
export function recordPlaceKey({ line, step, item, round, slot }: RecordPlace): string {
  return [line === undefined ? `step ${step ?? ''}` : line, item, round, slot]
    .filter((part) => part !== undefined)
    .join('/');
}

/**
 * State of a record from its entries. A function of the *set* of entries: in whatever order they arrive, and however often,
 * the result is the same. Nothing disappears: what was corrected or struck stays in the list with its status.
 *
 * @returns what stands, in the order in which they happened
 */
export function foldRecord(entries: readonly Entry[]): readonly Live[] {
  const unique = [...new Map(entries.map((entry) => [entry.id, entry])).values()];
  const all = unique.sort((a, b) => compare(a.at, b.at) || compare(a.id, b.id));
  const voids = index(all, (entry) => (entry.body.k === 'void' ? [entry.body.target] : []));
  const struck = (id: string) => voids.has(id);
  const corrections = index(
    all.filter((entry) => !struck(entry.id)),
    (entry) => (entry.body.k === 'correct' ? [entry.body.target] : []),
  );
  const seals = index(
    all.filter((entry) => !struck(entry.id)),
    (entry) => (entry.body.k === 'sign' ? entry.body.seals.map(({ entry: id, content }) => `${id} ${content}`) : []),
  );
  const asks = index(all, (entry) => (entry.body.k === 'ask' ? entry.body.targets : []));
  const returns = index(all, (entry) => (entry.body.k === 'return' ? entry.body.targets : []));
  const sealsOf = (entry: Entry) => (seals.get(`${entry.id} ${entry.content}`) ?? []).map(({ id }) => id);
  const byId = new Map(all.map((entry) => [entry.id, entry]));

  const found = all.flatMap((entry): Live[] => {
    const body = entry.body.k === 'correct' ? entry.body.body : entry.body;
    if (!isStanding(body)) return [];
    const void_ = voids.get(entry.id)?.[0];
    const correction = corrections.get(entry.id)?.[0];
    const before = entry.body.k === 'correct' ? byId.get(entry.body.target) : undefined;
    const status = void_ ? 'void' : correction ? 'corrected' : 'live';
    const mine = status === 'live' ? sealsOf(entry) : [];
    const sentBack = returns.get(entry.id) ?? [];
    const because = (void_ ?? correction)?.body;
    const requests = asks.get(entry.id) ?? [];
    const asked = status === 'live' && mine.length === 0 && requests.length > sentBack.length;
    const askedAt = asked ? requests.at(-1)?.at : undefined;
    const said = sentBack.at(-1)?.body;
    return [
      {
        entry,
        body,
        status,
        seals: mine,
        lostSeal: before !== undefined && sealsOf(before).length > 0,
        asked,
        ...(askedAt === undefined ? {} : { askedAt }),
        ...(because && 'reason' in because ? { reason: because.reason } : {}),
        ...(said?.k === 'return' && mine.length === 0 ? { returned: said.remark } : {}),
      },
    ];
  });
  return markRivals(found);
}

const speaksAbout: ReadonlySet<Body['k']> = new Set(['correct', 'void', 'ask', 'sign', 'return']);

/** Whether an entry stands by itself; the others speak about entries. */
export function isStanding(body: Body): body is Standing {
  return !speaksAbout.has(body.k);
}

function markRivals(found: readonly Live[]): readonly Live[] {
  const at = new Map<string, number>();
  for (const { body, status } of found) {
    if (status === 'live' && body.k === 'reading')
      at.set(recordPlaceKey(body.place), (at.get(recordPlaceKey(body.place)) ?? 0) + 1);
  }
  return found.map((one) =>
    one.status === 'live' && one.body.k === 'reading' && (at.get(recordPlaceKey(one.body.place)) ?? 0) > 1
      ? { ...one, status: 'rival' as const }
      : one,
  );
}

function index(
  entries: readonly Entry[],
  keys: (entry: Entry) => readonly string[],
): ReadonlyMap<string, readonly Entry[]> {
  const found = new Map<string, Entry[]>();
  for (const entry of entries) for (const key of keys(entry)) found.set(key, [...(found.get(key) ?? []), entry]);
  return found;
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
