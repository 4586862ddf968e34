import { cancelPrint, printState } from '@/server/prints';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/prints/[id]', async ({ params, identity }) =>
  Response.json(await printState(params.id, identity.id)),
);

export const DELETE = route<{ id: string }>('DELETE /api/v1/prints/[id]', async ({ params, identity }) => {
  await cancelPrint(params.id, identity.id);
  return new Response(null, { status: 204 });
});
