import { AppError } from '@/server/appError';
import { route } from '@/server/route';
import { drawStructure } from '@/structure/drawStructure';
import { groupCounts } from '@/core/reference/groups';
import { readStructure } from '@/structure/readStructure';

const longest = 400;

export const GET = route('GET /api/v1/structures', ({ request }) => {
  const smiles = new URL(request.url).searchParams.get('smiles') ?? '';
  const drawn = smiles.length <= longest ? drawStructure(smiles) : undefined;
  if (!drawn) throw new AppError('badRequest', 'This structure cannot be read.');
  const groups = groupCounts(undefined, readStructure(smiles)?.matches ?? {});
  return Promise.resolve(
    Response.json({ ...drawn, groups }, { headers: { 'Cache-Control': 'private, max-age=86400' } }),
  );
});
