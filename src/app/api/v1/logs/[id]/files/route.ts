import { number, object, string } from 'yup';
import { admitTo } from '@/server/record';
import { beginFile } from '@/server/files';
import { largestUpload } from '@/core/record/fileKinds';
import { readJson } from '@/server/body';
import { route } from '@/server/route';

const begun = object({
  id: string()
    .matches(/^[0-9A-HJKMNP-TV-Z]{26}$/, 'The id of a file is a ULID.')
    .required(),
  name: string().trim().min(1).max(120).required(),
  bytes: number()
    .integer()
    .min(1)
    .max(largestUpload, `A file has at most ${largestUpload / 1e6} MB.`)
    .required(),
  sha256: string()
    .matches(/^[0-9a-f]{64}$/, 'The hash of a file is a SHA-256.')
    .required(),
}).noUnknown();

export const POST = route<{ id: string }>('POST /api/v1/logs/[id]/files', async ({ request, params, identity }) => {
  await admitTo(identity!, params.id);
  return Response.json(await beginFile(params.id, identity!.id, await readJson(request, begun)));
});
