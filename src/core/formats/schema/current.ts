import { mostOf } from '../../document/limits';
import { array, boolean, lazy, mixed, object, string } from 'yup';
import { formatVersion, vesselKinds } from '../../document/document';
import { measures, repeatedUntil } from '../../document/steps';
import {
  bounded,
  common,
  id,
  lineFields,
  minutesSchema,
  numeralSchema,
  one,
  percentSchema,
  stepWith,
  strengthGiven,
  documentSubstanceSchema,
  terms,
  textSchema,
  variant,
  versionOf,
  vesselOf,
  waysOfWriting,
} from './parts';
import type { Change } from '../../changed';
import type { StepTime } from '../../document/steps';

const reference = () => string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be an id of this preparation');
const ranged = { high: numeralSchema() };
const line = object({
  ...lineFields,
  reaction: reference(),
  supply: object({ stage: id() }).noUnknown().default(undefined),
  solvent: reference(),
  contains: array(object({ substance: id(), strength: strengthGiven() }).noUnknown()).max(
    6,
    'must have at most 6 more solutes',
  ),
  entered: variant('by', {
    ...waysOfWriting,
    mass: waysOfWriting.mass.shape(ranged),
    volume: waysOfWriting.volume.shape(ranged),
    amount: waysOfWriting.amount.shape(ranged),
    expected: object({ by: string().required(), percent: percentSchema().required() }).noUnknown(),
  }),
}).noUnknown();

/** A number within its bounds, which stand in order. */
const guess = (value: () => ReturnType<typeof numeralSchema>) =>
  object({ low: value(), typical: value().required(), high: value() })
    .noUnknown()
    .test(
      'order',
      'must have low, typical and high in this order',
      ({ low, typical, high }: { low?: string | undefined; typical?: string | undefined; high?: string | undefined }) =>
        typical === undefined ||
        (Number(low ?? typical) <= Number(typical) && Number(typical) <= Number(high ?? typical)),
    )
    .required();
const by = string().required();
const extent = lazy((value: unknown) =>
  value === undefined
    ? mixed()
    : variant('by', {
        conversion: object({ by, percent: guess(percentSchema) }).noUnknown(),
        equilibrium: object({ by, K: guess(numeralSchema) }).noUnknown(),
        halfLife: object({ by, minutes: guess(numeralSchema), at_C: bounded(-100, 400).required() }).noUnknown(),
      }).resolve({ value }),
);
const reaction = object({
  id: id(),
  name: textSchema(80).required(),
  terms: terms(),
  product: reference(),
  reference: reference(),
  runs: array(object({ step: id(), to: extent }).noUnknown())
    .max(20, 'must have at most 20 runs')
    .required(),
}).noUnknown();

const origin = lazy((value: unknown) =>
  value === undefined
    ? mixed()
    : variant('by', {
        reaction: object({ by, reaction: id() }).noUnknown(),
        byProduct: object({ by, reaction: id() }).noUnknown(),
        content: object({ by, line: id(), percent: percentSchema() }).noUnknown(),
        stage: object({ by, stage: id() }).noUnknown(),
      }).resolve({ value }),
);
const stage = object({
  id: id(),
  name: textSchema(80).required(),
  substance: id(),
  origin,
  measure: one(measures),
}).noUnknown();

const times = () => bounded(1, 30).integer('must be a whole number').required();
/** Minutes with their bounds, where somebody knows them. */
const stepTime = object({
  typical_min: minutesSchema().required(),
  least_min: minutesSchema(),
  most_min: minutesSchema(),
  attended: boolean().required(),
})
  .noUnknown()
  .required()
  .test('bounds', 'must have least, typical and most in this order', (value?: Change<StepTime>) => {
    const { typical_min = 0, least_min = typical_min, most_min = typical_min } = value ?? {};
    return least_min <= typical_min && typical_min <= most_min;
  });
const step = stepWith({
  time: stepTime,
  after: array(id()).max(10, 'must have at most 10 steps'),
  repeat: object({ until: one(repeatedUntil), least: times(), most: times() })
    .noUnknown()
    .test('order', 'must have least and most in this order', (value: { least?: number; most?: number } | undefined) =>
      value === undefined ? true : (value.least ?? 0) <= (value.most ?? Infinity),
    )
    .default(undefined),
});

/** Shape of a preparation, strict: nothing is cast, nothing unknown passes. What is half written may be stored; see `missing.ts`. */
export const preparationSchema = object({
  ...common,
  formatVersion: versionOf(formatVersion),
  substances: array(documentSubstanceSchema)
    .max(mostOf.substances, `must have at most ${String(mostOf.substances)} substances`)
    .required(),
  reactions: array(reaction).max(12, 'must have at most 12 reactions').required(),
  reference: reference(),
  lines: array(line)
    .max(mostOf.lines, `must have at most ${String(mostOf.lines)} lines`)
    .required(),
  vessels: array(
    vesselOf(vesselKinds)
      .shape({ necks: bounded(1, 3).integer('must be a whole number') })
      .noUnknown(),
  )
    .max(mostOf.vessels, `must have at most ${String(mostOf.vessels)} vessels`)
    .required(),
  stages: array(stage)
    .max(mostOf.stages, `must have at most ${String(mostOf.stages)} stages`)
    .required(),
  steps: array(step)
    .max(mostOf.steps, `must have at most ${String(mostOf.steps)} steps`)
    .required(),
})
  .noUnknown()
  .required()
  .strict(true);
