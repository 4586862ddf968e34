import { array, boolean, object, string } from 'yup';
import { levels } from '@/core/library/stored';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { setShelf } from '@/server/shelf';

const shelf = object({
  tags: array(string().trim().min(1).max(40, 'a tag has at most 40 characters').required())
    .max(8, 'at most 8 tags')
    .required(),
  level: string().oneOf(['', ...levels] as const),
  archived: boolean().required(),
}).noUnknown();

export const PUT = route<{ id: string }>('PUT /api/v1/preparations/[id]/shelf', async ({ request, params }) => {
  const { tags, level = '', archived } = await readJson(request, shelf);
  await setShelf(params.id, { tags: [...new Set(tags)], level, archived });
  return new Response(null, { status: 204 });
});
