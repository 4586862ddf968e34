import { array, object } from 'yup';
import {
  common,
  id,
  lineFields,
  percentSchema,
  stepWith,
  documentSubstanceSchema,
  terms,
  textSchema,
  variant,
  versionOf,
  vesselOf,
  waysOfWriting,
} from './parts';

/*
 * Formats 1 and 2, frozen: files, stored texts and issued classes of them are read for good. A document is judged as it was written,
 * then brought to the format of today.
 */

/** Kinds of vessel that format 2 knew. */
export const earlierVesselKinds = [
  'reaction flask',
  'distillation flask',
  'separatory funnel',
  'conical flask',
  'beaker',
] as const;

const line = object({ ...lineFields, entered: variant('by', waysOfWriting) }).noUnknown();
const basis = object({ line: id(), percent: percentSchema() }).noUnknown().default(undefined);
const stage = object({ id: id(), name: textSchema(80).required(), substance: id(), from: id(), basis }).noUnknown();

const first = {
  ...common,
  substances: array(documentSubstanceSchema)
    .min(1, 'must have at least one substance')
    .max(80, 'must have at most 80 substances')
    .required(),
  equation: object({ terms: terms(), product: id() }).noUnknown().required(),
  reference: id(),
  lines: array(line).min(1, 'must have at least one line').max(60, 'must have at most 60 lines').required(),
  vessels: array(vesselOf(earlierVesselKinds).noUnknown()).max(20, 'must have at most 20 vessels').required(),
};

/** Format 1 had neither stages nor steps. */
export const firstFormat = object({ ...first, formatVersion: versionOf(1) })
  .noUnknown()
  .required()
  .strict(true);

/** Format 2 knew one equation, and what a stage came from as a word. */
export const secondFormat = object({
  ...first,
  formatVersion: versionOf(2),
  stages: array(stage).max(10, 'must have at most 10 stages').required(),
  steps: array(stepWith()).max(100, 'must have at most 100 steps').required(),
})
  .noUnknown()
  .required()
  .strict(true);
