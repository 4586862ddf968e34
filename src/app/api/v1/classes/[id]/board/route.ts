import { AppError } from '@/server/appError';
import { jsonText } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { route } from '@/server/route';
import { readMark } from '@/core/record/mark';

const deadlineMs = 30_000;

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/board', async ({ request, params, identity }) => {
  const asked = (new URL(request.url).searchParams.get('after') ?? '').split(',').filter(Boolean);
  const after = asked.flatMap((text) => readMark(text) ?? []);
  if (after.length < asked.length)
    throw new AppError('badRequest', '“after” lists sequence numbers, with or without the beginnings of their chains.');
  return jsonText(await offThread('board', [params.id, after], { who: identity.id, deadlineMs }));
});
