import { writePreparation } from '@/core/formats/writePreparation';
import { findPreparation } from '@/server/preparations';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/preparations/[id]/file', async ({ params }) => {
  const { doc, version } = await findPreparation(params.id);
  const name = `${doc.title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'preparation'}-v${version}.json`;
  return new Response(writePreparation(doc), {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${name}"`,
    },
  });
});
