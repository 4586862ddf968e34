import { ulid } from 'ulid';
import { api, ApiError } from '@/api/client';
import type { Body } from '@/core/record/entry';
import type { ClassBoard } from '@/core/people/class';

/**
 * Stores what the demonstrator does, at once: at the desk there is a network, or the person is told.
 *
 * @returns why it could not be stored; nothing when it was
 */
export async function sendEntry(board: ClassBoard, log: string, body: Body): Promise<string | undefined> {
  const now = new Date().toISOString();
  const lane = [board.own, ...board.lanes].find((one) => one.log === log);
  const saw = lane?.entries.at(-1)?.seq ?? 0;
  try {
    await api.sendDraft({ id: ulid(), v: 1, log, body, at: now, deviceAt: now, device: 'browser', saw });
    return undefined;
  } catch (failure) {
    return failure instanceof ApiError ? failure.message : 'It could not be stored. Try again.';
  }
}
