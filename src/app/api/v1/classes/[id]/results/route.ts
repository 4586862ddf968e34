import { attachment } from '@/server/attachment';
import { resultsFile } from '@/server/results';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/results', async ({ params }) => {
  const { name, text } = await resultsFile(params.id);
  return attachment(text, 'text/csv', `${name} results`, '.csv');
});
