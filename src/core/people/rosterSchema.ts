import { array, object, string } from 'yup';

const line = (longest: number) => string().trim().min(1).max(longest).required();

/** Benches of a class with their members, as they are sent. */
export const benchesSchema = array(
  object({
    name: line(40),
    members: array(line(80)).max(12, 'A bench has at most 12 members.').required(),
  })
    .noUnknown()
    .required(),
)
  .min(1, 'A class has at least one bench.')
  .max(60, 'A class has at most 60 benches.')
  .test(
    'different',
    'Two benches have the same name.',
    // Runs before its parts are looked at: a bench may be anything.
    (benches) => new Set(benches?.map((bench) => String(bench?.name).toLowerCase())).size === benches?.length,
  )
  .required();
