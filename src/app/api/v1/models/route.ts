import { jsonText } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { route } from '@/server/route';

const deadlineMs = 20_000;

/** Substances of the library that the models can work with. */
export const GET = route('GET /api/v1/models', async ({ identity: { id: who } }) =>
  jsonText(await offThread('modelSubstances', [], { who, deadlineMs })),
);
