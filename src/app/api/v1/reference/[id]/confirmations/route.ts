import { boolean, object, string } from 'yup';
import { confirmField } from '@/server/referenceEntries';
import { fieldIds } from '@/core/reference/confirmation';
import { readJson } from '@/server/body';
import { route } from '@/server/route';

const confirmed = object({
  field: string().oneOf(fieldIds).required(),
  content: string().max(20_000).required(),
  holds: boolean().required(),
}).noUnknown();

export const POST = route<{ id: string }>(
  'POST /api/v1/reference/[id]/confirmations',
  async ({ request, params, identity }) => {
    const { field, content, holds } = await readJson(request, confirmed, 40_000);
    await confirmField(params.id, field, content, holds, identity.name);
    return new Response(null, { status: 204 });
  },
);
