import { keepBlock, listBlocks } from '@/server/blocks';
import { largestFile } from '@/core/formats/limits';
import { readText } from '@/server/body';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/blocks', async () => Response.json(await listBlocks()));

export const POST = route('POST /api/v1/blocks', async ({ request, identity }) =>
  Response.json(await keepBlock(await readText(request, largestFile), identity.name), { status: 201 }),
);
