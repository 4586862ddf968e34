import { readBoard } from '@/server/classes';
import { AppError } from '@/server/appError';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/board', async ({ request, params }) => {
  const after = (new URL(request.url).searchParams.get('after') ?? '').split(',').filter(Boolean).map(Number);
  if (!after.every((seq) => Number.isInteger(seq) && seq >= 0))
    throw new AppError('badRequest', '“after” lists sequence numbers.');
  return Response.json(await readBoard(params.id, after));
});
