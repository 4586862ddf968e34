import { health } from '@/server/health';
import { route } from '@/server/route';

export const GET = route('GET /api/health', async () => {
  const state = await health();
  return Response.json(state, { status: state.status === 'ok' ? 200 : 503 });
});
