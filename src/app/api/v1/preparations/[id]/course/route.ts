import { object, string } from 'yup';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { setCourseOfPreparation } from '@/server/courses';

const chosen = object({ course: string().max(26).nullable().defined() }).noUnknown();

export const PUT = route<{ id: string }>('PUT /api/v1/preparations/[id]/course', async ({ request, params }) => {
  const { course } = await readJson(request, chosen);
  await setCourseOfPreparation(params.id, course);
  return new Response(null, { status: 204 });
});
