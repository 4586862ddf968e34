import { object, string } from 'yup';
import { askForPrint } from '@/server/prints';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { sheetIds } from '@/core/sheet/sheets';

const wanted = object({
  sheet: string().oneOf(sheetIds).required(),
  of: object({
    kind: string()
      .oneOf(['preparation'] as const)
      .required(),
    id: string()
      .matches(/^[0-9A-Z]{26}$/)
      .required(),
  })
    .noUnknown()
    .required(),
}).noUnknown();

export const POST = route('POST /api/v1/prints', async ({ request, identity }) => {
  const { sheet, of } = await readJson(request, wanted);
  return Response.json(await askForPrint(sheet, of, identity), { status: 201 });
});
