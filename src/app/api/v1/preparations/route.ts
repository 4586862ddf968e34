import { findOnShelf } from '@/server/shelf';
import { largestFile } from '@/core/formats/limits';
import { readText } from '@/server/body';
import { createPreparation } from '@/server/preparations';
import { route } from '@/server/route';
import { shelfQueryOf } from '@/server/shelfQuery';

export const GET = route('GET /api/v1/preparations', async ({ request, identity }) =>
  Response.json(await findOnShelf(identity, shelfQueryOf(new URL(request.url).searchParams))),
);

export const POST = route('POST /api/v1/preparations', async ({ request, identity }) => {
  const { id, version } = await createPreparation(await readText(request, largestFile), identity.name);
  return Response.json({ id, version }, { status: 201 });
});
