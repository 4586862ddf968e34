import { attachment } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { route } from '@/server/route';

const deadlineMs = 30_000;

export const GET = route('GET /api/v1/reference/file', async ({ request, identity }) => {
  const as = new URL(request.url).searchParams.get('as') === 'csv' ? 'csv' : 'json';
  const type = as === 'csv' ? 'text/csv' : 'application/json';
  const asked = { who: identity.id, deadlineMs, signal: request.signal };
  return attachment(await offThread('referenceFile', [as], asked), type, 'mozle reference', `.${as}`);
});
