import { parseJson, readText } from '@/server/body';
import { readClassState } from '@/server/classes';
import { AppError } from '@/server/appError';
import { classOfLog, storeDraft } from '@/server/record';
import { entryShare, takeFrom } from '@/server/rate';
import { newsOf } from '@/server/entries';
import { route } from '@/server/route';
import { readMark } from '@/core/record/mark';

const largestDraft = 20_000;

export const GET = route<{ id: string }>('GET /api/v1/logs/[id]/entries', async ({ request, params }) => {
  const after = readMark(new URL(request.url).searchParams.get('after') ?? '0');
  if (!after)
    throw new AppError('badRequest', '“after” is a sequence number, with or without the beginning of its chain.');
  const classId = await classOfLog(params.id);
  const [news, state] = [await newsOf(params.id, after), await readClassState(classId)];
  return Response.json({ now: new Date().toISOString(), ...news, ...state });
});

export const POST = route<{ id: string }>('POST /api/v1/logs/[id]/entries', async ({ request, params, identity }) => {
  takeFrom(`entries ${identity.id}`, entryShare);
  const draft = parseJson(await readText(request, largestDraft));
  return Response.json(await storeDraft(identity, params.id, draft), { status: 201 });
});
