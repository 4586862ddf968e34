import { admitTablet } from '@/server/admissions';
import { route } from '@/server/route';

export const POST = route<{ id: string; bench: string }>(
  'POST /api/v1/classes/[id]/benches/[bench]/admission',
  async ({ params, identity }) => Response.json(await admitTablet(params.bench, identity.name), { status: 201 }),
);
