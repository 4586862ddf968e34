import { AppError } from '@/server/appError';
import { findPicked } from '@/server/referenceLibrary';
import { route } from '@/server/route';
import { withdrawEntry } from '@/server/referenceEntries';

export const GET = route<{ id: string }>('GET /api/v1/reference/[id]', async ({ params }) =>
  Response.json(await findPicked(params.id)),
);

export const DELETE = route<{ id: string }>('DELETE /api/v1/reference/[id]', async ({ request, params, identity }) => {
  const base = Number(new URL(request.url).searchParams.get('base'));
  if (!Number.isInteger(base)) throw new AppError('badRequest', 'Say which version is meant.');
  return Response.json(await withdrawEntry(params.id, base, identity.name));
});
