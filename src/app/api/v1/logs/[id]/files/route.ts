import { number, object, string } from 'yup';
import { hash, ulid } from '@/core/record/draftSchema';
import { beginFile } from '@/server/files';
import { largestUpload } from '@/core/record/fileKinds';
import { readJson } from '@/server/body';
import { route } from '@/server/route';

const begun = object({
  id: ulid(),
  name: string().trim().min(1).max(120).required(),
  bytes: number()
    .integer()
    .min(1)
    .max(largestUpload, `A file has at most ${largestUpload / 1e6} MB.`)
    .required(),
  sha256: hash(),
}).noUnknown();

export const POST = route<{ id: string }>('POST /api/v1/logs/[id]/files', async ({ request, params, identity }) => {
  return Response.json(await beginFile(params.id, identity.id, await readJson(request, begun)));
});
