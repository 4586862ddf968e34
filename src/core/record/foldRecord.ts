import type { Entry, Reading, RecordPlace, Words } from './entry';

/** A reading or note as it stands now. */
export interface Live<B extends Reading | Words = Reading | Words> {
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
  /** What the demonstrator said when returning it. */
  readonly returned?: string;
}

/** Place of a reading as a key. */
export function recordPlaceKey({ line, slot }: RecordPlace): string {
  return `${line}/${slot}`;
}

/**
 * State of a record from its entries. A function of the *set* of entries: in whatever order they arrive, and however often,
 * the result is the same. Nothing disappears: what was corrected or struck stays in the list with its status.
 *
 * @returns readings and notes in the order in which they happened
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

  const stands = all.flatMap((entry): Live[] => {
    const body = entry.body.k === 'correct' ? entry.body.body : entry.body;
    if (body.k !== 'reading' && body.k !== 'words') return [];
    const void_ = voids.get(entry.id)?.[0];
    const correction = corrections.get(entry.id)?.[0];
    const before = entry.body.k === 'correct' ? byId.get(entry.body.target) : undefined;
    const status = void_ ? 'void' : correction ? 'corrected' : 'live';
    const mine = status === 'live' ? sealsOf(entry) : [];
    const sentBack = returns.get(entry.id) ?? [];
    const because = (void_ ?? correction)?.body;
    const said = sentBack.at(-1)?.body;
    return [
      {
        entry,
        body,
        status,
        seals: mine,
        lostSeal: before !== undefined && sealsOf(before).length > 0,
        asked: status === 'live' && mine.length === 0 && (asks.get(entry.id) ?? []).length > sentBack.length,
        ...(because && 'reason' in because ? { reason: because.reason } : {}),
        ...(said?.k === 'return' && mine.length === 0 ? { returned: said.remark } : {}),
      },
    ];
  });
  return markRivals(stands);
}

function markRivals(stands: readonly Live[]): readonly Live[] {
  const at = new Map<string, number>();
  for (const { body, status } of stands) {
    if (status === 'live' && body.k === 'reading')
      at.set(recordPlaceKey(body.place), (at.get(recordPlaceKey(body.place)) ?? 0) + 1);
  }
  return stands.map((one) =>
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
