import { api, ApiError } from '../client';
import { letGo, store } from './store';
import type { Entry } from '@/core/record/entry';
import type { Kept, KeptFile } from './store';

/** Codes with which the server says that this draft will never be accepted; everything else is tried again. */
const final: ReadonlySet<string> = new Set(['badRequest', 'conflict', 'refused', 'forbidden', 'notFound', 'tooLarge']);
const partSize = 200_000;

/**
 * Sends kept drafts in their order, each after the file that it speaks of. What the server refuses for good is marked and the
 * next one goes on; when the way is blocked the rest waits.
 *
 * @param onRefused is told what the server will never take, and why
 *
 * @throws ApiError when the server cannot be reached or does not know us
 */
export async function sendKept(
  kept: readonly Kept[],
  onStored: (entry: Entry) => void,
  onRefused: (one: Kept, why: string) => Promise<void>,
): Promise<void> {
  for (const one of kept) {
    if (one.refused !== undefined) continue;
    try {
      if (one.draft.body.k === 'file') await sendFile(one.file ?? (await store().files.get(one.draft.body.file)));
      onStored(await api.sendDraft(one.draft, one.author));
      // What could not be let go is sent again, which is harmless.
      await letGo(one).catch(() => undefined);
    } catch (error) {
      if (!(error instanceof ApiError) || !final.has(error.code)) throw error;
      await onRefused(one, error.message);
    }
  }
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
