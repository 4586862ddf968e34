import { object, string } from 'yup';
import { benchesSchema, staffSchema } from '@/core/people/rosterSchema';
import { readJson } from '@/server/body';
import { offThread } from '@/server/offThread/offThread';
import { spendShare } from '@/server/attempts';
import { route } from '@/server/route';

// Sections are made by the dozen; each class stores a bench's worth of rows for every bench.
const mostClasses = 120;
const deadlineMs = 60_000;

const issue = object({
  name: string().trim().min(1).max(120).required(),
  section: string().trim().max(60),
  preparationId: string().max(26).required(),
  benches: benchesSchema,
  staff: staffSchema,
}).noUnknown();

export const POST = route('POST /api/v1/classes', async ({ request, identity }) => {
  const { name, section = '', preparationId, benches, staff = [] } = await readJson(request, issue, 60_000);
  await spendShare(
    `classes:${identity.id}`,
    mostClasses,
    `${mostClasses} classes were made under your name in the last minutes. Wait ten, then go on.`,
  );
  const options = { name, section, preparationId, benches, staff, by: identity.name };
  const issued = await offThread('issueClass', [options], { who: identity.id, deadlineMs });
  return Response.json(issued, { status: 201 });
});
