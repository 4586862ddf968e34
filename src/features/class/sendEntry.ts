import { api, ApiError } from '@/api/client';
import { newDraft } from '@/api/outbox/newDraft';
import type { Body } from '@/core/record/entry';
import type { ClassBoard } from '@/core/people/class';

/**
 * Stores what the demonstrator does, at once: at the desk there is a network, or the person is told.
 *
 * @returns why it could not be stored; nothing when it was
 */
export async function sendEntry(
  board: ClassBoard,
  author: string,
  log: string,
  body: Body,
): Promise<string | undefined> {
  const lane = [board.own, ...board.lanes].find((one) => one.log === log);
  const saw = lane?.entries.at(-1)?.seq ?? 0;
  try {
    await api.sendDraft(newDraft(log, body, saw), author);
    return undefined;
  } catch (failure) {
    return failure instanceof ApiError ? failure.message : 'It could not be stored. Try again.';
  }
}
