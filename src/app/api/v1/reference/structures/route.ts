import { largestFile } from '@/core/formats/limits';
import { readCandidates } from '@/server/referenceFiles';
import { readText } from '@/server/body';
import { route } from '@/server/route';

export const POST = route('POST /api/v1/reference/structures', async ({ request, identity }) =>
  Response.json(await readCandidates(await readText(request, largestFile), identity.id)),
);
