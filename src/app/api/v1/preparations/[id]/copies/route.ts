import { copyPreparation } from '@/server/preparations';
import { route } from '@/server/route';

export const POST = route<{ id: string }>('POST /api/v1/preparations/[id]/copies', async ({ params, identity }) => {
  const { id, version } = await copyPreparation(params.id, identity.name);
  return Response.json({ id, version }, { status: 201 });
});
