import { attachment } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { route } from '@/server/route';

const deadlineMs = 30_000;

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/record', async ({ request, params, identity }) => {
  const { name, text } = await offThread('record', [params.id], {
    who: identity.id,
    deadlineMs,
    signal: request.signal,
  });
  return attachment(text, 'application/json', `${name} record`, '.json');
});
