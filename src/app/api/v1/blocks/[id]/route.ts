import { removeBlock } from '@/server/blocks';
import { route } from '@/server/route';

export const DELETE = route<{ id: string }>('DELETE /api/v1/blocks/[id]', async ({ params }) => {
  await removeBlock(params.id);
  return new Response(null, { status: 204 });
});
