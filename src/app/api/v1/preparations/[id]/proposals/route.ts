import { object, string } from 'yup';
import { decide } from '@/server/proposals';
import { decisions } from '@/core/versions/proposals';
import { readJson } from '@/server/body';
import { route } from '@/server/route';

const decided = object({
  proposal: string()
    .matches(/^[a-z]+\.[\w-]{1,80}\.[\w-]{1,80}$/)
    .required(),
  decision: string().oneOf(decisions).required(),
}).noUnknown();

export const PUT = route<{ id: string }>(
  'PUT /api/v1/preparations/[id]/proposals',
  async ({ request, params, identity }) => {
    const { proposal, decision } = await readJson(request, decided);
    await decide(params.id, proposal, decision, identity.name);
    return new Response(null, { status: 204 });
  },
);
