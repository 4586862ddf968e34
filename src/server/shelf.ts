import 'server-only';
import { AppError } from './appError';
import { isOpenClass } from './access';
import { rows, run } from './tables';
import { progressOf } from './projections';
import { offThread } from './offThread/offThread';
import { periodMinutes, shortMinutes } from '@/core/library/lengths';
import type { Card } from '@/core/library/card';
import type { Identity } from '@/core/identity';
import type {
  LastRun,
  LearnerLevel,
  PreparationSummary,
  ShelfNote,
  ShelfPage,
  ShelfQuery,
} from '@/core/library/stored';

/** Preparations on one page of the shelf. */
export const shelfPage = 24;
const deadlineMs = 60_000;

interface Row {
  readonly id: string;
  readonly title: string;
  readonly head_version: number;
  readonly updated_at: Date;
  readonly card: string | null;
  readonly tags: string;
  readonly level: LearnerLevel | '';
  readonly archived_at: Date | null;
}

// Signs that LIKE takes for others.
const literal = (word: string) => word.replace(/[\\%_]/g, (sign) => `\\${sign}`);

function conditionsOf({ words = '', operation, level, length, tag, archived = false }: ShelfQuery) {
  const terms = words.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8);
  const given: Record<string, string | number> = { short: shortMinutes, period: periodMinutes };
  const all = [archived ? 'p.archived_at IS NOT NULL' : 'p.archived_at IS NULL'];
  for (const [i, term] of terms.entries()) {
    all.push(`(p.words LIKE :term${i} OR LOWER(p.tags) LIKE :term${i})`);
    given[`term${i}`] = `%${literal(term)}%`;
  }
  if (operation !== undefined) {
    all.push('p.card LIKE :operation');
    given['operation'] = `%"op":"${literal(operation)}"%`;
  }
  if (tag !== undefined) {
    all.push('JSON_CONTAINS(p.tags, JSON_QUOTE(:tag))');
    given['tag'] = tag;
  }
  if (level !== undefined) {
    all.push('p.level = :level');
    given['level'] = level;
  }
  if (length === 'short') all.push('p.minutes <= :short');
  if (length === 'period') all.push('p.minutes > :short AND p.minutes <= :period');
  if (length === 'more') all.push('p.minutes > :period');
  return { where: all.join(' AND '), given };
}

/** One page of the preparations that fit, the last used first: used is run with a class, or changed. Of classes only those that are open to whoever asks. */
export async function findOnShelf(identity: Identity, query: ShelfQuery = {}): Promise<ShelfPage> {
  await fillCards();
  const { where, given } = conditionsOf(query);
  const [{ total } = { total: 0 }] = await rows<{ total: number }>(
    `SELECT COUNT(*) AS total FROM preparations p WHERE ${where}`,
    given,
  );
  const found = await rows<Row>(
    `SELECT p.id, p.title, p.head_version, p.updated_at, p.card, p.tags, p.level, p.archived_at FROM preparations p
     WHERE ${where} ORDER BY GREATEST(p.updated_at, COALESCE(p.used_at, p.updated_at)) DESC, p.id DESC LIMIT :many OFFSET :offset`,
    { ...given, many: shelfPage, offset: query.offset ?? 0 },
  );
  const runs = await lastRuns(
    identity,
    found.map(({ id }) => id),
  );
  return { total, found: found.map((row) => summaryOf(row, runs.get(row.id))), tags: await allTags() };
}

function summaryOf(row: Row, lastRun: LastRun | undefined): PreparationSummary {
  return {
    id: row.id,
    title: row.title,
    version: row.head_version,
    updatedAt: new Date(row.updated_at).toISOString(),
    card: JSON.parse(row.card ?? '') as Card,
    shelf: {
      tags: JSON.parse(row.tags) as string[],
      ...(row.level ? { level: row.level } : {}),
      archived: row.archived_at !== null,
    },
    ...(lastRun ? { lastRun } : {}),
  };
}

/** Cards of preparations that were stored before there were any. */
async function fillCards(): Promise<void> {
  const bare = await rows<{ id: string; document: string }>(
    `SELECT p.id, v.document FROM preparations p
     JOIN preparation_versions v ON v.preparation_id = p.id AND v.version = p.head_version WHERE p.card IS NULL`,
  );
  if (bare.length === 0) return;
  const cards = await offThread('cards', [bare.map(({ document }) => document)], { deadlineMs });
  for (const [i, { id }] of bare.entries()) {
    const found = cards[i];
    if (!found) continue;
    const { card, words, minutes } = found;
    await run('UPDATE preparations SET card = :card, words = :words, minutes = :minutes WHERE id = :id', {
      id,
      card,
      words,
      minutes,
    });
  }
}

async function allTags(): Promise<readonly string[]> {
  const found = await rows<{ tags: string }>(
    "SELECT DISTINCT tags FROM preparations WHERE tags <> '[]' AND archived_at IS NULL",
  );
  return [...new Set(found.flatMap(({ tags }) => JSON.parse(tags) as string[]))].sort((a, b) => a.localeCompare(b));
}

async function lastRuns({ id: user, role }: Identity, ids: readonly string[]): Promise<ReadonlyMap<string, LastRun>> {
  if (ids.length === 0) return new Map();
  const found = await rows<{ preparation: string; id: string; name: string; at: Date; benches: number }>(
    `SELECT c.preparation_id AS preparation, c.id, c.name, i.issued_at AS at, (SELECT COUNT(*) FROM benches b WHERE b.class_id = c.id) AS benches
     FROM classes c JOIN issued i ON i.class_id = c.id WHERE c.preparation_id IN (:ids) AND ${isOpenClass} ORDER BY i.issued_at, c.id`,
    { ids, role, user },
  );
  const last = new Map(found.map((one) => [one.preparation, one]));
  const numbers = await progressOf([...last.values()].map(({ id }) => id));
  return new Map(
    [...last.values()].map(({ preparation, id, name, at, benches }) => {
      const { finished = 0, median } = numbers.get(id) ?? {};
      return [
        preparation,
        {
          classId: id,
          name,
          at: new Date(at).toISOString(),
          benches,
          finished,
          ...(median === undefined ? {} : { median }),
        },
      ];
    }),
  );
}

/** Says how a preparation stands on the shelf. Nothing of its document changes. */
export async function setShelf(
  id: string,
  { tags, level = '', archived }: Omit<ShelfNote, 'level'> & { readonly level?: LearnerLevel | '' },
): Promise<void> {
  const [row] = await rows<{ id: string }>('SELECT id FROM preparations WHERE id = :id', { id });
  if (!row) throw new AppError('notFound', 'There is no such preparation.');
  await run(
    `UPDATE preparations SET tags = :tags, level = :level,
       archived_at = ${archived ? 'COALESCE(archived_at, UTC_TIMESTAMP(3))' : 'NULL'} WHERE id = :id`,
    { id, tags: JSON.stringify(tags), level },
  );
}
