import { attachment } from '@/server/attachment';
import { exportReference } from '@/server/referenceFiles';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/reference/file', async ({ request }) => {
  const as = new URL(request.url).searchParams.get('as') === 'csv' ? 'csv' : 'json';
  const type = as === 'csv' ? 'text/csv' : 'application/json';
  return attachment(await exportReference(as), type, 'mozle reference', `.${as}`);
});
