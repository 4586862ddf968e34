import { object, string } from 'yup';
import { currentOrigin } from '@/server/origin';
import { linkOwner, welcome } from '@/server/accounts';
import { readJson } from '@/server/body';
import { rememberDevice } from '@/server/devices';
import { openRoute } from '@/server/route';
import { startSession } from '@/server/sessions';

const given = object({
  token: string().max(100).required(),
  password: string().max(400).required(),
}).noUnknown();

export const POST = openRoute('POST /api/v1/welcome', async ({ request }) => {
  const { token, password } = await readJson(request, given);
  // Wrong links are counted here as on the page.
  await linkOwner(token, await currentOrigin());
  const identity = await welcome(token, password);
  await startSession(identity);
  await rememberDevice(identity.id);
  return Response.json({ role: identity.role, name: identity.name });
});
