import { object, string } from 'yup';
import { readJson } from '@/server/body';
import { openRoute } from '@/server/route';
import { allRoles } from '@/core/identity';
import { currentOrigin } from '@/server/origin';
import { endSession } from '@/server/sessions';
import { signIn } from '@/server/signIn';
import type { Credentials } from '@/server/signIn';

const short = () => string().min(1).max(200).required();
const credentials = object({
  as: string().oneOf(['staff', 'group', 'demo']).required(),
  name: short().when('as', { is: 'staff', otherwise: (field) => field.notRequired() }),
  password: short().when('as', { is: 'staff', otherwise: (field) => field.notRequired() }),
  joinCode: short().when('as', { is: 'group', otherwise: (field) => field.notRequired() }),
  bench: short().when('as', { is: 'group', otherwise: (field) => field.notRequired() }),
  pin: short().when('as', { is: 'group', otherwise: (field) => field.notRequired() }),
  role: string()
    .oneOf([...allRoles])
    .when('as', { is: 'demo', then: (field) => field.required() }),
}).noUnknown();

export const POST = openRoute('POST /api/v1/session', async ({ request }) => {
  const { role, name } = await signIn((await readJson(request, credentials)) as Credentials, await currentOrigin());
  return Response.json({ role, name });
});

export const DELETE = openRoute('DELETE /api/v1/session', async () => {
  await endSession();
  return new Response(null, { status: 204 });
});
