import { attachment } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { route } from '@/server/route';

const deadlineMs = 30_000;
const workbook = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

export const GET = route<{ id: string }>(
  'GET /api/v1/preparations/[id]/table',
  async ({ request, params, identity: { id: who } }) => {
    const as = new URL(request.url).searchParams.get('as') === 'xlsx' ? 'xlsx' : 'csv';
    const asked = { who, deadlineMs, signal: request.signal };
    const { title, content } = await offThread('chargeTable', [params.id, as], asked);
    return attachment(content, as === 'xlsx' ? workbook : 'text/csv', title, `-charge.${as}`);
  },
);
