import { readText } from '@/server/body';
import { readClassState } from '@/server/classes';
import { AppError } from '@/server/appError';
import { admitTo, storeDraft } from '@/server/record';
import { entriesOf } from '@/server/entries';
import { route } from '@/server/route';

const largestDraft = 20_000;

export const GET = route<{ id: string }>('GET /api/v1/logs/[id]/entries', async ({ request, params, identity }) => {
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0);
  if (!Number.isInteger(after) || after < 0) throw new AppError('badRequest', '“after” is a sequence number.');
  const classId = await admitTo(identity!, params.id);
  const [entries, state] = [await entriesOf(params.id, after), await readClassState(classId)];
  return Response.json({ now: new Date().toISOString(), entries, ...state });
});

export const POST = route<{ id: string }>('POST /api/v1/logs/[id]/entries', async ({ request, params, identity }) => {
  const text = await readText(request, largestDraft);
  let draft: unknown;
  try {
    draft = JSON.parse(text);
  } catch {
    throw new AppError('badRequest', 'The request is not valid JSON.');
  }
  return Response.json(await storeDraft(identity!, params.id, draft), { status: 201 });
});
