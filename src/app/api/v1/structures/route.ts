import { AppError } from '@/server/appError';
import { route } from '@/server/route';
import { drawStructure } from '@/structure/drawStructure';

const longest = 400;

export const GET = route('GET /api/v1/structures', ({ request }) => {
  const smiles = new URL(request.url).searchParams.get('smiles') ?? '';
  const drawn = smiles.length <= longest ? drawStructure(smiles) : undefined;
  if (!drawn) throw new AppError('badRequest', 'This structure cannot be read.');
  return Promise.resolve(Response.json(drawn, { headers: { 'Cache-Control': 'private, max-age=86400' } }));
});
