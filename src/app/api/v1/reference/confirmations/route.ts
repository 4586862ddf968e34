import { readConfirmations } from '@/server/referenceLibrary';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/reference/confirmations', async () => {
  const all = await readConfirmations();
  return Response.json(all.filter(({ field }) => field === 'hazards'));
});
