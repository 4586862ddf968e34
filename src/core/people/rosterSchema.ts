import { array, object, string } from 'yup';
import { foldName } from './foldName';

const line = (longest: number) => string().trim().min(1).max(longest).required();

/** Demonstrators who are to belong to a class, by id. */
export const staffSchema = array(string().length(26).required()).max(200, 'A class has at most 200 demonstrators.');

/** Benches a class has at most, however it came to them. */
export const mostBenches = 60;

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
  .max(mostBenches, `A class has at most ${mostBenches} benches.`)
  .test(
    'different',
    'Two benches have the same name.',
    // Runs before its parts are looked at: a bench may be anything.
    (benches) => new Set(benches?.map((bench) => foldName(String(bench?.name)))).size === benches?.length,
  )
  .required();
