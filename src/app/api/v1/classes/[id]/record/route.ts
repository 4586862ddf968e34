import { attachment } from '@/server/attachment';
import { exportRecord } from '@/server/exportRecord';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/classes/[id]/record', async ({ params }) => {
  const { name, text } = await exportRecord(params.id);
  return attachment(text, 'application/json', `${name} record`, '.json');
});
