import { ulid } from 'ulid';
import { deviceName } from './deviceName';
import { serverNow } from './serverClock';
import type { Body, Draft } from '@/core/record/entry';

/** An entry that is made now on this device, by the server's clock with the device's own beside it. */
export function newDraft(log: string, body: Body, saw: number): Draft {
  const now = Date.now();
  const [at, deviceAt] = [new Date(serverNow()).toISOString(), new Date(now).toISOString()];
  return { id: ulid(now), v: 2, log, body, at, deviceAt, device: deviceName(), saw };
}
