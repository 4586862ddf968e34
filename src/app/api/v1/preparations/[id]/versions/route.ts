import { number, object, string } from 'yup';
import { largestFile } from '@/core/formats/limits';
import { readJson } from '@/server/body';
import { saveVersion } from '@/server/preparations';
import { route } from '@/server/route';

const saved = object({ base: number().integer().min(1).required(), document: string().required() }).noUnknown();

export const POST = route<{ id: string }>(
  'POST /api/v1/preparations/[id]/versions',
  async ({ request, params, identity }) => {
    // Quotes and line breaks of the document are escaped once more inside the request.
    const { base, document } = await readJson(request, saved, 2 * largestFile);
    const { version } = await saveVersion(params.id, base, document, identity.name);
    return Response.json({ version }, { status: 201 });
  },
  { heavy: true },
);
