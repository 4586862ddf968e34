import { api, ApiError } from '../client';
import { letGo, store } from './store';
import type { Body, Entry } from '@/core/record/entry';
import type { Kept, KeptFile } from './store';

/** Codes with which the server says that this draft will never be accepted; everything else is tried again. */
const final: ReadonlySet<string> = new Set(['badRequest', 'conflict', 'refused', 'forbidden', 'notFound', 'tooLarge']);
const partSize = 200_000;
/** How often the server may fail on a draft before the next one goes first. */
const mostFailures = 4;
const failures = new Map<string, number>();

/**
 * Sends kept drafts in their order, each after the file that it speaks of. What the server refuses for good is marked and the
 * next one goes on; when the way is blocked the rest waits.
 *
 * A draft on which the server itself fails again and again lets those go first that do not speak of it; it stays, and is tried
 * again.
 *
 * @param onRefused is told what the server will never take, and why
 * @returns ids of drafts on which the server fails
 * @throws ApiError when the server cannot be reached or does not know us
 */
export async function sendKept(
  kept: readonly Kept[],
  onStored: (entry: Entry) => void,
  onRefused: (one: Kept, why: string) => Promise<void>,
): Promise<readonly string[]> {
  const stuck: string[] = [];
  for (const one of kept) {
    if (one.refused !== undefined) continue;
    // What speaks of a draft that is not there yet would be refused for good.
    if (stuck.some((id) => speaksOf(one.draft.body, id))) continue;
    try {
      if (one.draft.body.k === 'file') await sendFile(one.file ?? (await store().files.get(one.draft.body.file)));
      onStored(await api.sendDraft(one.draft, one.author));
      failures.delete(one.id);
      // What could not be let go is sent again, which is harmless.
      await letGo(one).catch(() => undefined);
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      if (final.has(error.code)) await onRefused(one, error.message);
      else if (error.code === 'unexpected' && failed(one.id) >= mostFailures) stuck.push(one.id);
      else throw error;
    }
  }
  return stuck;
}

function failed(id: string): number {
  const count = (failures.get(id) ?? 0) + 1;
  failures.set(id, count);
  return count;
}

function speaksOf(body: Body, id: string): boolean {
  if (body.k === 'correct' || body.k === 'void') return body.target === id;
  if (body.k === 'sign') return body.seals.some(({ entry }) => entry === id);
  return 'targets' in body && body.targets.includes(id);
}

/** Sends a file in parts, from where the server says it got to. */
async function sendFile(file: KeptFile | undefined): Promise<void> {
  if (!file) return;
  const { id, log, author, name, sha256, bytes } = file;
  let state = await api.beginFile(log, { id, name, sha256, bytes: bytes.byteLength }, author);
  while (!state.complete) {
    const { received } = state;
    state = await api.sendPart(id, received, bytes.slice(received, received + partSize), author);
    if (!state.complete && state.received <= received) throw new ApiError('refused', `“${name}” could not be sent.`);
  }
}
