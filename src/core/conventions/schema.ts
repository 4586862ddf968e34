import { mixed } from 'yup';
import { conventionOf, conventionIds } from './catalogue';
import type { ConventionId, Conventions } from './catalogue';

const known = (id: string, school: unknown) =>
  (conventionIds as readonly string[]).includes(id) &&
  typeof school === 'string' &&
  Object.hasOwn(conventionOf(id as ConventionId).schools, school);

/** Choices by question; every question and every school must be known. */
export const conventionsSchema = mixed<Conventions>().test(
  'conventions',
  'must name known questions with one of their schools',
  (value) =>
    value === undefined ||
    (value !== null &&
      typeof value === 'object' &&
      !Array.isArray(value) &&
      Object.entries(value).every(([id, school]) => known(id, school))),
);
