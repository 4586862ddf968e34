import { largestHandoutFile } from '@/server/handoutText';
import { readBytes } from '@/server/body';
import { readHandoutFile } from '@/server/handouts';
import { route } from '@/server/route';

export const POST = route('POST /api/v1/handouts', async ({ request }) =>
  Response.json(await readHandoutFile(await readBytes(request, largestHandoutFile))),
);
