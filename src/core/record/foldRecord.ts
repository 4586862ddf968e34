import { isStored } from './entry';
import type { Body, Noted, RecordPlace, StandingBody } from './entry';

/** A reading, note or event as it stands now. */
export interface Live<B extends StandingBody = StandingBody> {
  readonly entry: Noted;
  readonly body: B;
  /** `rival`: two live readings at one place; a person chooses. */
  readonly status: 'live' | 'corrected' | 'void' | 'rival';
  /** Why it was corrected or struck, by whom. */
  readonly reason?: string;
  /** Entries of signatures that seal exactly this content. */
  readonly seals: readonly string[];
  /** Signed by the one who wrote it. */
  readonly ownSeal?: true;
  /** Signatures that were taken back. */
  readonly revoked: readonly Revoked[];
  /** Struck as a slip of a moment, but long after it was stored: minutes by the server's clock. */
  readonly undoneAfter_min?: number;
  /** The entry that struck or corrected it. */
  readonly changedBy?: Noted;
  /** It replaces a reading that had been signed. */
  readonly lostSeal: boolean;
  /** Waiting for a signature. */
  readonly asked: boolean;
  /** Since when it waits, ISO 8601. */
  readonly askedAt?: string;
  /** What the demonstrator said when returning it. */
  readonly returned?: string;
}

/** That a signature was taken back: by whom, when by the server's clock, why. */
export interface Revoked {
  readonly by: string;
  readonly at: string;
  readonly reason: string;
}

/** For how long an entry may be undone without a reason. */
export const slipSeconds = 30;

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
export function foldRecord(entries: readonly Noted[]): readonly Live[] {
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
  const takenBack = index(
    all.filter((entry) => struck(entry.id)),
    (entry) => (entry.body.k === 'sign' ? entry.body.seals.map(({ entry: id, content }) => `${id} ${content}`) : []),
  );
  const revokedOf = (entry: Noted): readonly Revoked[] =>
    (takenBack.get(sealKey(entry)) ?? []).flatMap((sign) => {
      const by = voids.get(sign.id)?.[0];
      const at = by && (isStored(by) ? by.received : by.at);
      return by?.body.k === 'void' && at !== undefined ? [{ by: by.author.name, at, reason: by.body.reason }] : [];
    });
  const asks = index(all, (entry) => (entry.body.k === 'ask' ? entry.body.targets : []));
  const returns = index(all, (entry) => (entry.body.k === 'return' ? entry.body.targets : []));
  const sealsOf = (entry: Noted) => (seals.get(sealKey(entry)) ?? []).map(({ id }) => id);
  const byId = new Map(all.map((entry) => [entry.id, entry]));

  const found = all.flatMap((entry): Live[] => {
    const body = entry.body.k === 'correct' ? entry.body.body : entry.body;
    if (!isStanding(body)) return [];
    const void_ = voids.get(entry.id)?.[0];
    const correction = corrections.get(entry.id)?.[0];
    const before = entry.body.k === 'correct' ? byId.get(entry.body.target) : undefined;
    const status = void_ ? 'void' : correction ? 'corrected' : 'live';
    const mine = status === 'live' ? sealsOf(entry) : [];
    const late = undoneAfter(entry, void_);
    const changedBy = void_ ?? correction;
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
        ...(mine.some((id) => byId.get(id)?.author.id === entry.author.id) ? { ownSeal: true as const } : {}),
        revoked: revokedOf(entry),
        ...(late === undefined ? {} : { undoneAfter_min: late }),
        ...(changedBy ? { changedBy } : {}),
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

/** Minutes between storing and undoing by the server's clock, where they are more than a slip takes. */
function undoneAfter(entry: Noted, by: Noted | undefined): number | undefined {
  if (by?.body.k !== 'void' || !by.body.slip || !isStored(by) || !isStored(entry)) return undefined;
  const seconds = (Date.parse(by.received) - Date.parse(entry.received)) / 1000;
  // What waited on a tablet came in later than it was made: a minute is given to the way.
  return seconds > slipSeconds + 60 ? Math.round(seconds / 60) : undefined;
}

/** What a signature seals; what is not stored nobody can have sealed. */
const sealKey = (entry: Noted): string => `${entry.id} ${isStored(entry) ? entry.content : ''}`;

const speaksAbout: ReadonlySet<Body['k']> = new Set(['correct', 'void', 'ask', 'sign', 'return']);

/** Whether an entry stands by itself; the others speak about entries. */
export function isStanding(body: Body): body is StandingBody {
  return !speaksAbout.has(body.k);
}

function markRivals(found: readonly Live[]): readonly Live[] {
  const at = new Map<string, Set<string>>();
  const claims = found.map(({ body, status, entry }) => (status === 'live' ? claimOf(body, entry.id) : undefined));
  for (const claim of claims) if (claim) at.set(claim.at, (at.get(claim.at) ?? new Set<string>()).add(claim.says));
  return found.map((one, i) => {
    const claim = claims[i];
    return claim && (at.get(claim.at)?.size ?? 0) > 1 ? { ...one, status: 'rival' as const } : one;
  });
}

/** What there can be one of only: a reading at a place; a decision at a moment, where two tablets that tell the same do no harm. */
function claimOf(body: StandingBody, id: string): { readonly at: string; readonly says: string } | undefined {
  if (body.k === 'reading') return { at: recordPlaceKey(body.place), says: id };
  if (body.k !== 'move' || body.step === undefined) return undefined;
  const { step, round = 1, n = 1, from, to, what, typed } = body;
  return {
    at: `move ${step} ${round} ${n}`,
    says: [from, to, what, typed?.digits, typed?.unit].join(' '),
  };
}

function index(
  entries: readonly Noted[],
  keys: (entry: Noted) => readonly string[],
): ReadonlyMap<string, readonly Noted[]> {
  const found = new Map<string, Noted[]>();
  for (const entry of entries) for (const key of keys(entry)) found.set(key, [...(found.get(key) ?? []), entry]);
  return found;
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
