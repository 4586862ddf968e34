import { AppError } from '@/server/appError';
import { groupCounts } from '@/core/reference/groups';
import { longestSmiles } from '@/core/formats/limits';
import { offThread } from '@/server/offThread/offThread';
import { readStructures } from '@/server/structures';
import { route } from '@/server/route';

// On a busy machine a thread of low priority takes its time; what is drawn is small.
const deadlineMs = 15_000;

export const GET = route('GET /api/v1/structures', async ({ request, identity }) => {
  const smiles = new URL(request.url).searchParams.get('smiles') ?? '';
  const isShort = smiles.length > 0 && smiles.length <= longestSmiles;
  const drawn = isShort ? await offThread('draw', [smiles], { who: identity.id, deadlineMs }) : undefined;
  if (!drawn) throw new AppError('badRequest', 'This structure cannot be read.');
  const groups = groupCounts(undefined, (await readStructures([smiles])).get(smiles)?.matches ?? {});
  return Response.json({ ...drawn, groups }, { headers: { 'Cache-Control': 'private, max-age=86400' } });
});
