import { array, object, string } from 'yup';
import { readJson } from '@/server/body';
import { issueClass } from '@/server/classes';
import { route } from '@/server/route';

const line = (longest: number) => string().trim().min(1).max(longest).required();
const issue = object({
  name: line(120),
  preparationId: line(26),
  benches: array(line(40))
    .min(1, 'A class has at least one bench.')
    .max(60, 'A class has at most 60 benches.')
    .test(
      'different',
      'Two benches have the same name.',
      (names) => new Set(names?.map((name) => name.toLowerCase())).size === names?.length,
    )
    .required(),
}).noUnknown();

export const POST = route('POST /api/v1/classes', async ({ request, identity }) => {
  const { name, preparationId, benches } = await readJson(request, issue);
  const issued = await issueClass({
    name,
    preparationId,
    benches: benches.map((bench) => ({ name: bench })),
    by: identity?.name ?? '',
  });
  return Response.json(issued, { status: 201 });
});
