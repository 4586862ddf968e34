import { mostOf } from '../../document/limits';
/*
 * Shapes that all formats share. Formats 1 and 2 are frozen: what they took is taken for good, so that nothing here is narrowed, and what
 * a later format takes beside it is written there.
 */
import { array, boolean, lazy, mixed, number, object, string } from 'yup';
import { findUnit } from '../../quantity/units';
import { deviceSchema } from '../../quantity/deviceSchema';
import { findOperation } from '../../operations/registry';
import { conventionsSchema } from '../../conventions/schema';
import { dryingAgentIds } from '../../reference/dryingAgents';
import { forms } from '../../reference/substance';
import { groupCountsSchema, hazardLabelSchema } from '../../reference/schema';
import { wasteStreamIds } from '../../reference/wasteStreams';
import { dataChecks, excessReasons, roles } from '../../document/document';
import type { ObjectShape, Schema } from 'yup';

export const one = <T extends string>(values: readonly T[]) =>
  string()
    .oneOf(values, `must be one of ${values.join(', ')}`)
    .required();
export const textSchema = (longest: number) => string().max(longest, `must be at most ${longest} characters`);
export const id = () =>
  string()
    .matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be 1 to 40 lower-case letters, digits or hyphens')
    .required();
export const oneOf = <T extends string>(values: readonly T[]) =>
  string().oneOf([...values], `must be one of ${values.join(', ')}`);
const optionalId = () => string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be the id of a reference entry');
export const numeralSchema = () =>
  string()
    .matches(/^\d{1,9}(\.\d{1,9})?$/, 'must be a positive decimal numeral in quotes, such as "2.00"')
    .test('positive', 'must be more than zero', (value) => value === undefined || Number(value) > 0);
export const percentSchema = () =>
  numeralSchema().test(
    'percent',
    'must be more than 0 and at most 100',
    (value) => value === undefined || Number(value) <= 100,
  );
export const bounded = (least: number, most: number) =>
  number().min(least, `must be at least ${least}`).max(most, `must be at most ${most}`);
const unitOf = (dim: string) =>
  string().test(
    'unit',
    `must be a unit of ${dim}`,
    (value) => value !== undefined && findUnit(value)?.dim === dim && findUnit(value)?.symbol === value,
  );
const anyUnit = () =>
  string()
    .test('unit', 'must be a unit of mass, volume or amount', (value) => {
      const unit = findUnit(value ?? '');
      return unit !== undefined && unit.symbol === value && ['mass', 'volume', 'amount'].includes(unit.dim);
    })
    .required();
const unknown = (value: unknown, key: string) =>
  mixed().test(
    'variant',
    () => `has no variant "${String((value as Record<string, unknown> | null)?.[key])}"`,
    () => false,
  );

/** Picks the schema of a variant by its tag; an unknown tag is its own fault. */
export function variant(key: string, shapes: Readonly<Record<string, Schema>>) {
  return lazy((value: unknown) => {
    const tag = (value as Record<string, unknown> | null | undefined)?.[key];
    return (typeof tag === 'string' && Object.hasOwn(shapes, tag) ? shapes[tag] : undefined) ?? unknown(value, key);
  });
}

export const datum = () =>
  object({
    digits: numeralSchema().required(),
    at_C: bounded(-100, 400),
    source: textSchema(200).required(),
    check: one(dataChecks),
  })
    .noUnknown()
    .default(undefined);

const temperature = () =>
  string().matches(/^-?\d{1,3}(\.\d{1,2})?$/, 'must be a temperature in quotes, such as "113.5"');
const origin = { source: textSchema(200).required(), check: one(dataChecks) };
const melting = object({ low: temperature().required(), high: temperature().required(), ...origin })
  .noUnknown()
  .default(undefined);
const warmth = () =>
  object({ digits: temperature().required(), ...origin })
    .noUnknown()
    .default(undefined);
const signed = () =>
  string().matches(/^-?\d{1,9}(\.\d{1,9})?$/, 'must be a decimal numeral in quotes, such as "-0.24"');
const signedDatum = () =>
  object({ digits: signed().required(), at_C: bounded(-100, 400), ...origin })
    .noUnknown()
    .default(undefined);
const dissolves = () =>
  object({
    digits: string()
      .matches(/^(miscible|\d{1,9}(\.\d{1,9})?)$/, 'must be a decimal numeral in quotes, or "miscible"')
      .required(),
    at_C: bounded(-100, 400),
    ...origin,
  })
    .noUnknown()
    .default(undefined);
const antoine = object({
  A: signed().required(),
  B: signed().required(),
  C: signed().required(),
  low_C: bounded(-273, 1000).required(),
  high_C: bounded(-273, 1000).required(),
  ...origin,
})
  .noUnknown()
  .default(undefined);
const solubility = object({
  solvent: id(),
  points: array(
    object({ digits: numeralSchema().required(), at_C: bounded(-100, 400).required(), ...origin }).noUnknown(),
  )
    .min(2, 'must have at least 2 points')
    .max(20, 'must have at most 20 points')
    .required(),
}).noUnknown();

export const documentSubstanceSchema = object({
  id: id(),
  name: textSchema(120).required(),
  formula: textSchema(200),
  smiles: textSchema(400),
  density: datum(),
  melting,
  solubility: array(solubility).max(10, 'must have at most 10 solvents'),
  reference: optionalId(),
  groups: groupCountsSchema,
  form: oneOf(forms),
  boiling: warmth(),
  flash: warmth(),
  hazards: hazardLabelSchema
    .shape({ check: one(dataChecks) })
    .noUnknown()
    .default(undefined),
  peroxideFormer: boolean(),
  waterReactive: boolean(),
  waste: oneOf(wasteStreamIds),
  notDriedWith: array(one(dryingAgentIds)).max(10, 'must have at most 10 agents'),
  waterSolubility: dissolves(),
  waterContent: dissolves(),
  logP: signedDatum(),
  pKa: array(signedDatum().required()).max(6, 'must have at most 6 steps'),
  fusion: datum(),
  antoine,
  caution: textSchema(400),
}).noUnknown();

export const measured = (dim: string) =>
  object({ by: string().required(), digits: numeralSchema().required(), unit: unitOf(dim).required() }).noUnknown();
export const relative = object({ by: string().required(), digits: numeralSchema().required() }).noUnknown();
export const waysOfWriting = {
  mass: measured('mass'),
  volume: measured('volume'),
  amount: measured('amount'),
  equivalents: relative,
  molPercent: relative,
  perMass: object({
    by: string().required(),
    digits: numeralSchema().required(),
    of: id(),
    percent: percentSchema(),
  }).noUnknown(),
  words: object({ by: string().required(), text: textSchema(80).required() }).noUnknown(),
};

export const strengthGiven = () =>
  variant('by', {
    massFraction: object({ by: string().required(), digits: percentSchema().required() }).noUnknown(),
    molarity: relative,
  });
const strength = () => lazy((value: unknown) => (value === undefined ? mixed() : strengthGiven().resolve({ value })));

export const lineFields = {
  id: id(),
  substance: id(),
  role: one(roles),
  strength: strength(),
  density: datum(),
  delivers: object({ substance: id(), count: bounded(0.01, 99).required() })
    .noUnknown()
    .default(undefined),
  portions: bounded(1, 20).integer('must be a whole number'),
  device: string(),
  scaling: string().oneOf(['proportional', 'fixed'], 'must be proportional or fixed'),
  excessReason: string().oneOf([...excessReasons], `must be one of ${excessReasons.join(', ')}`),
  addition: object({ minutes: bounded(0.1, 600).required(), exothermic: boolean().required() })
    .noUnknown()
    .default(undefined),
  vessel: string(),
  waste: oneOf(wasteStreamIds),
  note: textSchema(400),
};

export const pin = variant('at', {
  factor: object({ at: string().required(), digits: numeralSchema().required() }).noUnknown(),
  line: object({
    at: string().required(),
    line: id(),
    digits: numeralSchema().required(),
    unit: anyUnit(),
    over: one(['bench', 'class'] as const),
  }).noUnknown(),
  product: object({
    at: string().required(),
    digits: numeralSchema().required(),
    unit: anyUnit(),
    percent: percentSchema().required(),
  }).noUnknown(),
  vessel: object({
    at: string().required(),
    vessel: id(),
    digits: numeralSchema().required(),
    percent: percentSchema().required(),
  }).noUnknown(),
});

export const minutesSchema = () => bounded(0, 10080);
const taken = object({ low: number(), typical: number().required(), high: number() }).noUnknown();
/** Values by a key that the operation knows. */
const assumptions = lazy((value: unknown) =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? object(Object.fromEntries(Object.keys(value).map((key) => [key, taken])))
    : mixed().test('assume', 'must hold values by name', () => value === undefined),
);
/** Keys of a step that do not depend on its operation. */
const stepFields = {
  id: id(),
  device: string(),
  text: textSchema(400),
  expect: array(textSchema(200).required()).max(10, 'must have at most 10 entries'),
  time: object({ typical_min: minutesSchema().required(), attended: boolean().required() }).noUnknown().required(),
  safeStop: textSchema(200),
  assume: assumptions,
  optional: boolean(),
};

/** A step, judged by the version of the operation that it names. */
export const stepWith = (more: ObjectShape = {}) =>
  lazy((value: unknown) => {
    const { op, opVersion } = (value ?? {}) as { readonly op?: unknown; readonly opVersion?: unknown };
    const operation = typeof op === 'string' ? findOperation(op) : undefined;
    return object({
      ...stepFields,
      ...more,
      op: string()
        .test(
          'op',
          () => `there is no operation "${String(op)}"`,
          () => operation !== undefined,
        )
        .required(),
      opVersion: number()
        .test(
          'version',
          () => `version ${String(opVersion)} of this operation is not known`,
          (version) => operation === undefined || operation.versions[Number(version) - 1] !== undefined,
        )
        .required(),
      params: operation?.versions[Number(opVersion) - 1]?.schema ?? operation?.params ?? mixed(),
      uses: mixed<Record<string, unknown>>().test(
        'uses',
        'must name vessels',
        (uses) =>
          uses === undefined ||
          (typeof uses === 'object' &&
            !Array.isArray(uses) &&
            Object.values(uses).every((name) => typeof name === 'string')),
      ),
    }).noUnknown();
  });

/** Keys at the top of every format. */
export const common = {
  format: string().oneOf(['mozle-preparation'], 'must be "mozle-preparation"').required(),
  title: textSchema(120).required(),
  summary: textSchema(1000).defined(),
  protection: textSchema(400).defined(),
  devices: array(deviceSchema)
    .max(mostOf.devices, `must have at most ${String(mostOf.devices)} devices`)
    .required(),
  pin,
  benches: bounded(1, 60).integer('must be a whole number').required(),
  spare_percent: bounded(0, 100).required(),
  conventions: conventionsSchema,
};

export const versionOf = (version: number) => number().oneOf([version], `must be ${version}`).required();

export const terms = () =>
  array(
    object({
      substance: id(),
      side: one(['left', 'right'] as const),
      coefficient: bounded(0.01, 99).required(),
    }).noUnknown(),
  )
    .max(20, 'must have at most 20 terms')
    .required();

/** A vessel of one of some kinds. */
export const vesselOf = (kinds: readonly string[]) =>
  object({
    id: id(),
    name: textSchema(80).required(),
    kind: one(kinds),
    capacity_mL: bounded(1, 20000).required(),
    covers_mL: bounded(0.1, 20000),
  });
