import { object, string } from 'yup';
import { changePassword } from '@/server/accounts';
import { currentOrigin } from '@/server/origin';
import { readJson } from '@/server/body';
import { rememberDevice } from '@/server/devices';
import { route } from '@/server/route';
import { startSession } from '@/server/sessions';

const given = object({
  now: string().max(400).required(),
  next: string().max(400).required(),
}).noUnknown();

export const PUT = route('PUT /api/v1/account/password', async ({ request, identity }) => {
  const { now, next } = await readJson(request, given);
  await changePassword(identity, now, next, await currentOrigin());
  // Every session has ended with the old password: this one begins anew.
  await startSession(identity);
  await rememberDevice(identity.id);
  return new Response(null, { status: 204 });
});
