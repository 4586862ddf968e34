import { largestFile } from '@/core/formats/limits';
import { readText } from '@/server/body';
import { createPreparation, listPreparations } from '@/server/preparations';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/preparations', async () => Response.json(await listPreparations()));

export const POST = route(
  'POST /api/v1/preparations',
  async ({ request, identity }) => {
    const { id, version } = await createPreparation(await readText(request, largestFile), identity.name);
    return Response.json({ id, version }, { status: 201 });
  },
  { heavy: true },
);
