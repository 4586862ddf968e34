import { readText } from '@/server/body';
import { settingsOfLog } from '@/server/classes';
import { AppError } from '@/server/appError';
import { readEntries, storeDraft } from '@/server/record';
import { route } from '@/server/route';

const largestDraft = 20_000;

export const GET = route<{ id: string }>('GET /api/v1/logs/[id]/entries', async ({ request, params, identity }) => {
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0);
  if (!Number.isInteger(after) || after < 0) throw new AppError('badRequest', '“after” is a sequence number.');
  const entries = await readEntries(identity!, params.id, after);
  return Response.json({ now: new Date().toISOString(), entries, settings: await settingsOfLog(params.id) });
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
