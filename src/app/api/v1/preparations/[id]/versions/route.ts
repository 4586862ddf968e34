import { number, object, string } from 'yup';
import { AppError } from '@/server/appError';
import { largestFile } from '@/core/formats/limits';
import { readJson } from '@/server/body';
import { newerVersion, saveVersion } from '@/server/preparations';
import { route } from '@/server/route';

export const GET = route<{ id: string }>(
  'GET /api/v1/preparations/[id]/versions',
  async ({ request, params, identity }) => {
    const base = new URL(request.url).searchParams.get('base') ?? '';
    if (!/^[1-9]\d{0,5}$/.test(base)) throw new AppError('badRequest', 'Say from which version the changes began.');
    return Response.json(await newerVersion(identity, params.id, Number(base)));
  },
);

const saved = object({
  base: number().integer().min(1).required(),
  document: string().required(),
  reason: string().max(300, 'at most 300 characters'),
}).noUnknown();

export const POST = route<{ id: string }>(
  'POST /api/v1/preparations/[id]/versions',
  async ({ request, params, identity }) => {
    // Quotes and line breaks of the document are escaped once more inside the request.
    const { base, document, reason } = await readJson(request, saved, 2 * largestFile);
    const { version } = await saveVersion(params.id, base, document, identity.name, reason ?? '');
    return Response.json({ version }, { status: 201 });
  },
);
