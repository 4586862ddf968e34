import { health } from '@/server/health';
import { openRoute } from '@/server/route';

export const GET = openRoute('GET /api/health', async () => {
  const state = await health();
  return Response.json(state, { status: state.status === 'ok' ? 200 : 503 });
});
