import { object, string } from 'yup';
import { createCourse } from '@/server/courses';
import { readJson } from '@/server/body';
import { route } from '@/server/route';

const made = object({ name: string().trim().min(1).max(120).required() }).noUnknown();

export const POST = route('POST /api/v1/courses', async ({ request, identity }) => {
  const { name } = await readJson(request, made);
  return Response.json(await createCourse(name, identity.name), { status: 201 });
});
