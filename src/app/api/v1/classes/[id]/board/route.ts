import { readBoard } from '@/server/classes';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/board', async ({ params, identity }) =>
  Response.json(await readBoard(identity!, params.id)),
);
