import { attachment } from '@/server/attachment';
import { printFile } from '@/server/prints';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/prints/[id]/file', async ({ params, identity }) => {
  const { pdf, title, sheet } = await printFile(params.id, identity.id);
  return attachment(new Uint8Array(pdf), 'application/pdf', title, `-${sheet}.pdf`);
});
