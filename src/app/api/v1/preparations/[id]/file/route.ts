import { writePreparation } from '@/core/formats/writePreparation';
import { attachment } from '@/server/attachment';
import { findPreparation } from '@/server/preparations';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/preparations/[id]/file', async ({ params }) => {
  const { doc, version } = await findPreparation(params.id);
  return attachment(writePreparation(doc), 'application/json', doc.title, `-v${version}.json`);
});
