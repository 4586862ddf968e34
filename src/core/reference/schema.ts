import { array, boolean, mixed, number, object, string } from 'yup';
import { parseFormula } from '../compound/parseFormula';
import { pictogramIds } from './pictograms';
import { splitStatement } from './statements';
import { dryingAgentIds } from './dryingAgents';
import { groupIds } from './groups';
import { propertyKindOf, propertyIds } from './properties';
import { forms, signalWords } from './substance';
import { wasteStreamIds } from './wasteStreams';
import type { PropertyId } from './properties';

const text = (longest: number) => string().max(longest, `must be at most ${longest} characters`);
const one = <T extends string>(values: readonly T[]) => string().oneOf(values, `must be one of ${values.join(', ')}`);
const id = () =>
  string()
    .matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be 1 to 40 lower-case letters, digits or hyphens')
    .required('is missing');
const numeral = () => string().matches(/^-?\d{1,9}(\.\d{1,9})?$/, 'must be a decimal numeral, such as 1.022');
const uncertainty = () =>
  string().matches(/^\d{1,9}(\.\d{1,9})?$/, 'must be a decimal numeral without sign, such as 0.2');
const source = () => text(200).required('needs a source');
const celsius = () => number().min(-273.15, 'must be at least −273.15').max(4000, 'must be at most 4000');

function valueOf(kind: PropertyId) {
  const { low, high, range, at, miscible, label } = propertyKindOf(kind);
  const within = (value: string | undefined) =>
    value === undefined || value === 'miscible' || (Number(value) >= low && Number(value) <= high);
  const digits = miscible
    ? string().matches(/^(miscible|\d{1,9}(\.\d{1,9})?)$/, 'must be a decimal numeral or "miscible"')
    : numeral();
  const bounded = (schema: ReturnType<typeof numeral>) =>
    schema.test('range', `${label}: must lie between ${low} and ${high}`, within);
  return object({
    digits: bounded(digits).required('is missing'),
    ...(range
      ? {
          high: bounded(numeral()).test('order', 'the upper end must not be below the lower', function (value) {
            return value === undefined || Number(value) >= Number((this.parent as { digits: string }).digits);
          }),
        }
      : {}),
    ...(at ? { at_C: celsius() } : {}),
    note: text(200),
    u: uncertainty(),
    source: source(),
  })
    .noUnknown(`${label}: has an unknown part`)
    .default(undefined);
}

const plain = (low: number, high: number, of: string) =>
  object({
    digits: numeral()
      .test('range', `${of}: must lie between ${low} and ${high}`, (value) =>
        value === undefined ? true : Number(value) >= low && Number(value) <= high,
      )
      .required('is missing'),
    at_C: celsius(),
    note: text(200),
    u: uncertainty(),
    source: source(),
  }).noUnknown();

/** Label elements; that symbols follow from statements is a relation, not a shape. */
export const hazardLabelSchema = object({
  signal: one(signalWords).required('is missing'),
  pictograms: array(one(pictogramIds).required()).max(9, 'at most nine').required(),
  statements: array(
    text(40)
      .test(
        'statement',
        ({ value }) => `“${String(value)}” is not a hazard statement`,
        (value) => value !== undefined && splitStatement(value) !== undefined,
      )
      .required(),
  )
    .max(30, 'at most 30 statements')
    .required(),
  source: source(),
}).noUnknown();

const formula = () =>
  text(200).test(
    'formula',
    ({ value }) => {
      const parsed = parseFormula(String(value));
      return parsed.ok ? 'is no formula' : parsed.why;
    },
    (value) => value === undefined || parseFormula(value).ok,
  );

/** Functional groups with their counts. */
export const groupCountsSchema = mixed<Record<string, unknown>>().test(
  'groups',
  'must count known groups',
  (value) =>
    value === undefined ||
    (value !== null &&
      typeof value === 'object' &&
      !Array.isArray(value) &&
      Object.entries(value).every(
        ([key, count]) => (groupIds as readonly string[]).includes(key) && Number.isInteger(count) && Number(count) > 0,
      )),
);

/** Shape of a substance of the reference library, shipped or a user's own. */
export const substanceSchema = object({
  id: id(),
  name: text(120).trim().required('needs a name'),
  synonyms: array(text(120).required()).max(20, 'at most 20 synonyms').required(),
  formula: formula(),
  smiles: text(400),
  groups: groupCountsSchema.required(),
  form: one(forms),
  values: object(Object.fromEntries(propertyIds.map((key) => [key, valueOf(key)])))
    .noUnknown()
    .required(),
  pKa: array(plain(-15, 60, 'pKa'))
    .min(1)
    .max(6, 'at most six pKa values'),
  antoine: object({
    A: numeral().required('is missing'),
    B: numeral().required('is missing'),
    C: numeral().required('is missing'),
    low_C: celsius().required('is missing'),
    high_C: celsius()
      .required('is missing')
      .test('order', 'must be above the lower end', function (value) {
        return value === undefined || value > (this.parent as { low_C: number }).low_C;
      }),
    source: source(),
  })
    .noUnknown()
    .default(undefined),
  hazards: hazardLabelSchema.default(undefined),
  waste: one(wasteStreamIds),
  notDriedWith: array(one(dryingAgentIds).required()).required(),
  peroxideFormer: boolean(),
  waterReactive: boolean(),
  curves: array(
    object({
      solvent: id(),
      points: array(
        object({
          digits: numeral().required(),
          at_C: celsius().required(),
          note: text(200),
          u: uncertainty(),
          source: source(),
        }).noUnknown(),
      )
        .min(2, 'needs two points')
        .max(20, 'at most 20 points')
        .required(),
    }).noUnknown(),
  ).max(10, 'at most ten solvents'),
  caution: text(400),
})
  .noUnknown()
  .required()
  .strict(true);

/** Shape of a bench solution. */
export const solutionSchema = object({
  id: id(),
  name: text(120).trim().required('needs a name'),
  synonyms: array(text(120).required()).max(20, 'at most 20 synonyms').required(),
  solute: id(),
  solvent: string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be the id of an entry'),
  massPercent: plain(0.0001, 100, 'Mass fraction').required(),
  density: plain(0.3, 4, 'Density').required(),
  molarity: plain(0.00001, 60, 'Concentration').required(),
  madeFrom: string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be the id of an entry'),
  method: text(600).required('say how it is made'),
  hazards: hazardLabelSchema.default(undefined),
  waste: one(wasteStreamIds),
})
  .noUnknown()
  .required()
  .strict(true);
