import { AppError } from '@/server/appError';
import { groupCounts } from '@/core/reference/groups';
import { longestSmiles } from '@/core/formats/limits';
import { drawing } from '@/server/drawings';
import { readStructures } from '@/server/structures';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/structures', async ({ request, identity }) => {
  const smiles = new URL(request.url).searchParams.get('smiles') ?? '';
  const isShort = smiles.length > 0 && smiles.length <= longestSmiles;
  const drawn = isShort ? await drawing(smiles, identity.id) : undefined;
  if (!drawn) throw new AppError('badRequest', 'This structure cannot be read.');
  const groups = groupCounts(undefined, (await readStructures([smiles])).get(smiles)?.matches ?? {});
  return Response.json({ ...drawn, groups }, { headers: { 'Cache-Control': 'private, max-age=86400' } });
});
