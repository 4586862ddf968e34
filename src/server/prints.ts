import 'server-only';
import { randomBytes } from 'node:crypto';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { canPrint, printPage } from './printer';
import { config } from './config';
import { findPreparation } from './preparations';
import { inTransaction } from './inTransaction';
import { insert, rows, run } from './tables';
import { log } from './log';
import { sha256 } from './hash';
import type { Identity } from '@/core/identity';
import type { PrintState, PrintSubject, SheetId } from '@/core/sheet/sheets';

// A process that died at it does not hold the others up for longer.
const staleSeconds = 90;
// Kept for the download; a print is made anew in seconds.
export const keptMinutes = 60;
const mostWaiting = 20;
// Of one person: the others find places too.
const mostOwn = 3;

/** What of each kind of subject is kept with a print: its title, and the version that it shows. */
const find: Readonly<Record<PrintSubject['kind'], (id: string) => Promise<{ title: string; version: number | null }>>> =
  {
    preparation: async (id) => {
      const { doc, version } = await findPreparation(id);
      return { title: doc.title, version };
    },
  };

interface Job {
  readonly id: string;
  readonly ticket: string;
}

/** Asks for a sheet as PDF: of a preparation the newest version. One is made at a time, whoever asked. */
export async function askForPrint(sheet: SheetId, of: PrintSubject, { id: by }: Identity): Promise<PrintState> {
  if (!canPrint())
    throw new AppError('unavailable', 'This server has no browser of its own to make a PDF: use the print dialog.');
  const known = await find[of.kind](of.id);
  const [{ waiting, own } = { waiting: 0, own: 0 }] = await rows<{ waiting: number; own: number | null }>(
    "SELECT COUNT(*) AS waiting, SUM(requested_by = :by) AS own FROM prints WHERE state IN ('waiting', 'working')",
    { by },
  );
  if (Number(own ?? 0) >= mostOwn)
    throw new AppError('tooManyRequests', `${mostOwn} sheets of yours wait already. Ask again when one is done.`);
  if (Number(waiting) >= mostWaiting) throw new AppError('unavailable', 'Many sheets wait already. Try again soon.');
  const id = ulid();
  const ticket = randomBytes(24).toString('base64url');
  await insert('prints', {
    id,
    sheet,
    subject_kind: of.kind,
    subject_id: of.id,
    ...known,
    ticket,
    ticket_hash: sha256(ticket),
    state: 'waiting',
    requested_by: by,
    created_at: new Date(),
  });
  void drain();
  return printState(id, by);
}

/** Where somebody's print stands. */
export async function printState(id: string, by: string): Promise<PrintState> {
  const [row] = await rows<{ state: PrintState['state']; pages: number | null; says: string }>(
    'SELECT state, pages, says FROM prints WHERE id = :id AND requested_by = :by',
    { id, by },
  );
  if (!row) throw new AppError('notFound', 'There is no such print.');
  const [{ before } = { before: 0 }] = await rows<{ before: number }>(
    "SELECT COUNT(*) AS `before` FROM prints WHERE state IN ('waiting', 'working') AND id < :id",
    { id },
  );
  // Whoever looks keeps the queue going: the process that was at it may be gone.
  if (row.state === 'waiting') void drain();
  return {
    id,
    state: row.state,
    before: Number(before),
    ...(row.pages === null ? {} : { pages: row.pages }),
    ...(row.says === '' ? {} : { says: row.says }),
  };
}

/** Takes a print back; one that is being made is ended. */
export async function cancelPrint(id: string, by: string): Promise<void> {
  await printState(id, by);
  await run(
    "UPDATE prints SET state = 'cancelled', ended_at = UTC_TIMESTAMP(3) WHERE id = :id AND state IN ('waiting', 'working')",
    { id },
  );
}

/** A finished print with what it is of. */
export async function printFile(
  id: string,
  by: string,
): Promise<{ readonly pdf: Buffer; readonly title: string; readonly sheet: SheetId }> {
  const [row] = await rows<{ pdf: Buffer | null; title: string; sheet: SheetId }>(
    "SELECT pdf, title, sheet FROM prints WHERE id = :id AND requested_by = :by AND state = 'done'",
    { id, by },
  );
  if (!row?.pdf) throw new AppError('notFound', 'There is no such print, or it is not done.');
  return { pdf: row.pdf, title: row.title, sheet: row.sheet };
}

/** What a ticket opens while its print is being made. */
export async function printOfTicket(
  ticket: string,
): Promise<{ readonly sheet: SheetId; readonly of: PrintSubject; readonly version?: number } | undefined> {
  const [row] = await rows<{ sheet: SheetId; kind: PrintSubject['kind']; id: string; version: number | null }>(
    `SELECT sheet, subject_kind AS kind, subject_id AS id, version FROM prints
     WHERE ticket_hash = :hash AND state = 'working'`,
    { hash: sha256(ticket) },
  );
  if (!row) return undefined;
  const { sheet, kind, id, version } = row;
  return { sheet, of: { kind, id }, ...(version === null ? {} : { version }) };
}

/** Makes what waits, one after the other, as long as no other process is at it. */
async function drain(): Promise<void> {
  try {
    for (let job = await claim(); job; job = await claim()) await make(job);
  } catch (error) {
    log.warn({ err: error }, 'printing');
  }
}

/** Takes the oldest print that waits, unless one is being made: of two that look at once, one waits for the other. */
function claim(): Promise<Job | undefined> {
  return inTransaction(async (transaction) => {
    await run(
      `UPDATE prints SET state = 'failed', says = 'It was not finished. Ask again.', ended_at = UTC_TIMESTAMP(3)
       WHERE state = 'working' AND taken_at < UTC_TIMESTAMP(3) - INTERVAL ${String(staleSeconds)} SECOND`,
      {},
      transaction,
    );
    const open = await rows<Job & { readonly state: string }>(
      "SELECT id, ticket, state FROM prints WHERE state IN ('waiting', 'working') ORDER BY id FOR UPDATE",
      {},
      transaction,
    );
    const [next] = open;
    if (!next || open.some(({ state }) => state === 'working')) return undefined;
    await run(
      "UPDATE prints SET state = 'working', taken_at = UTC_TIMESTAMP(3) WHERE id = :id",
      { id: next.id },
      transaction,
    );
    return next;
  });
}

async function make({ id, ticket }: Job): Promise<void> {
  const isWanted = async () => {
    const [row] = await rows<{ state: string }>('SELECT state FROM prints WHERE id = :id', { id });
    return row?.state === 'working';
  };
  const printed = await printPage(`${config.ownAddress}/print/${ticket}`, isWanted);
  if (printed.ok)
    await run(
      "UPDATE prints SET state = 'done', pdf = ?, pages = ?, ticket = '', ended_at = UTC_TIMESTAMP(3) WHERE id = ? AND state = 'working'",
      [printed.pdf, pagesOf(printed.pdf), id],
    );
  else if (!printed.cancelled)
    await run(
      "UPDATE prints SET state = 'failed', says = :says, ticket = '', ended_at = UTC_TIMESTAMP(3) WHERE id = :id AND state = 'working'",
      { says: printed.says, id },
    );
}

/** Pages of a PDF as Chromium writes it, its page objects in the open. */
function pagesOf(pdf: Buffer): number {
  return [...pdf.toString('latin1').matchAll(/\/Type\s*\/Page(?![a-zA-Z])/g)].length;
}
