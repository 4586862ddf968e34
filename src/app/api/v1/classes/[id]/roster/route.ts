import { object, string } from 'yup';
import { benchesSchema } from '@/core/people/rosterSchema';
import { readJson } from '@/server/body';
import { readRoster, saveRoster } from '@/server/roster';
import { route } from '@/server/route';

const saved = object({ section: string().trim().max(60).defined(), benches: benchesSchema }).noUnknown();

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/roster', async ({ params }) =>
  Response.json(await readRoster(params.id)),
);

export const PUT = route<{ id: string }>('PUT /api/v1/classes/[id]/roster', async ({ request, params }) => {
  const { section, benches } = await readJson(request, saved, 60_000);
  return Response.json(await saveRoster(params.id, section, benches));
});
