import { jsonText } from '@/server/attachment';
import { largestHandoutFile } from '@/core/formats/limits';
import { offThread } from '@/server/offThread/offThread';
import { readBytes } from '@/server/body';
import { route } from '@/server/route';

const deadlineMs = 20_000;

export const POST = route('POST /api/v1/handouts', async ({ request, identity }) => {
  const bytes = await readBytes(request, largestHandoutFile);
  return jsonText(await offThread('handout', [bytes], { who: identity.id, deadlineMs, signal: request.signal }));
});
