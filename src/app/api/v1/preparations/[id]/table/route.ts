import { attachment } from '@/server/attachment';
import { chargeCsv, chargeWorkbook } from '@/server/chargeFile';
import { courseOfPreparation } from '@/server/courses';
import { findPreparation } from '@/server/preparations';
import { route } from '@/server/route';

const workbook = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

export const GET = route<{ id: string }>('GET /api/v1/preparations/[id]/table', async ({ request, params }) => {
  const { doc } = await findPreparation(params.id);
  const settings = (await courseOfPreparation(params.id))?.settings;
  return new URL(request.url).searchParams.get('as') === 'xlsx'
    ? attachment(await chargeWorkbook(doc, settings), workbook, doc.title, '-charge.xlsx')
    : attachment(chargeCsv(doc, settings), 'text/csv', doc.title, '-charge.csv');
});
