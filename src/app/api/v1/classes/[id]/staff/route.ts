import { object } from 'yup';
import { listDemonstrators, setClassStaff } from '@/server/classStaff';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { staffSchema } from '@/core/people/rosterSchema';

const chosen = object({ staff: staffSchema.required() }).noUnknown();

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/staff', async ({ params }) =>
  Response.json(await listDemonstrators(params.id)),
);

export const PUT = route<{ id: string }>('PUT /api/v1/classes/[id]/staff', async ({ request, params }) => {
  const { staff } = await readJson(request, chosen);
  return Response.json(await setClassStaff(params.id, staff));
});
