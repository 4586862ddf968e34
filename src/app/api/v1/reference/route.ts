import { boolean, mixed, number, object, string } from 'yup';
import { listEntries } from '@/server/referenceLibrary';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { saveEntry } from '@/server/referenceEntries';

const largestEntry = 60_000;
const saved = object({
  kind: string()
    .oneOf(['substance', 'solution'] as const)
    .required(),
  base: number().integer().min(0).required(),
  fresh: boolean().required(),
  entry: mixed().required(),
}).noUnknown();

export const GET = route('GET /api/v1/reference', async () => Response.json(await listEntries()));

export const POST = route('POST /api/v1/reference', async ({ request, identity }) => {
  const { kind, base, fresh, entry } = await readJson(request, saved, largestEntry);
  const picked = await saveEntry({ kind, base, fresh, entry, by: identity.name });
  return Response.json(picked, { status: 201 });
});
