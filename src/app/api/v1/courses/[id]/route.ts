import { number } from 'yup';
import { courseSchema } from '@/core/conventions/course';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { saveCourse } from '@/server/courses';
import type { CourseSettings } from '@/core/conventions/course';

const saved = courseSchema.shape({ base: number().integer().min(1).required() }).noUnknown();

export const PUT = route<{ id: string }>('PUT /api/v1/courses/[id]', async ({ request, params, identity }) => {
  const { base, name, settings } = await readJson(request, saved, 100_000);
  const course = { name, settings: settings as CourseSettings };
  return Response.json(await saveCourse(params.id, base, course, identity.name));
});
