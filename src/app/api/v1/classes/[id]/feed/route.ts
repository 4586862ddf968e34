import { AppError } from '@/server/appError';
import { feedResponse } from '@/server/feedResponse';
import { readMark } from '@/core/record/mark';
import { route } from '@/server/route';
import type { Mark } from '@/core/record/mark';

const mostLogs = 81;

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/feed', async ({ request, params, identity }) => {
  const asked = (new URL(request.url).searchParams.get('after') ?? '').split(',').filter(Boolean);
  // Records with where the asker stands: "log.seq.chain,log.seq".
  const marks = new Map<string, Mark>();
  for (const one of asked) {
    const [log = '', ...rest] = one.split('.');
    const mark = readMark(rest.join('.'));
    if (!mark || marks.size === mostLogs)
      throw new AppError('badRequest', '“after” lists records and sequence numbers.');
    marks.set(log, mark);
  }
  return feedResponse(identity, params.id, marks, request.signal);
});
