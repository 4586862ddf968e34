import { AppError } from '@/server/appError';
import { feedResponse } from '@/server/feedResponse';
import { route } from '@/server/route';

// Logs with the newest number that the asker has: "log.seq,log.seq".
const shape = /^([0-9A-Z]{26}\.\d{1,9})(,[0-9A-Z]{26}\.\d{1,9}){0,80}$/;

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/feed', async ({ request, params, identity }) => {
  const asked = new URL(request.url).searchParams.get('heads') ?? '';
  if (asked !== '' && !shape.test(asked)) throw new AppError('badRequest', '“heads” lists records and numbers.');
  const heads = asked
    .split(',')
    .filter(Boolean)
    .map((one) => one.split('.') as [string, string]);
  return feedResponse(identity!, params.id, new Map(heads.map(([log, seq]) => [log, Number(seq)])), request.signal);
});
