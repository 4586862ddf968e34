import { readBoard } from '@/server/classes';
import { AppError } from '@/server/appError';
import { route } from '@/server/route';
import { readMark } from '@/core/record/mark';

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/board', async ({ request, params }) => {
  const asked = (new URL(request.url).searchParams.get('after') ?? '').split(',').filter(Boolean);
  const after = asked.flatMap((text) => readMark(text) ?? []);
  if (after.length < asked.length)
    throw new AppError('badRequest', '“after” lists sequence numbers, with or without the beginnings of their chains.');
  return Response.json(await readBoard(params.id, after));
});
