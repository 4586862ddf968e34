import { currentOrigin } from '@/server/origin';
import { findClassDoor } from '@/server/classes';
import { openRoute } from '@/server/route';

export const GET = openRoute<{ code: string }>('GET /api/v1/doors/[code]', async ({ params }) =>
  Response.json(await findClassDoor(params.code, await currentOrigin())),
);
