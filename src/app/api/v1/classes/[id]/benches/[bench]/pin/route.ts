import { changePin } from '@/server/roster';
import { route } from '@/server/route';

export const POST = route<{ id: string; bench: string }>(
  'POST /api/v1/classes/[id]/benches/[bench]/pin',
  async ({ params }) => Response.json(await changePin(params.id, params.bench)),
);
