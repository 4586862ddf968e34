import { array, lazy, mixed, number, object, string } from 'yup';
import { findUnit } from '../quantity/units';
import { slots } from './entry';
import type { Schema } from 'yup';

const ulid = () =>
  string()
    .matches(/^[0-9A-HJKMNP-TV-Z]{26}$/, 'must be a ULID')
    .required();
const instant = () =>
  string()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, 'must be an instant in UTC with milliseconds')
    .required();
const words = (longest: number) => string().trim('must not begin or end with a space').min(1).max(longest).required();
const lineId = () =>
  string()
    .matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be the id of a line')
    .required();
const kind = () => string().required();

const reading = object({
  k: kind(),
  place: object({
    line: lineId(),
    slot: string()
      .oneOf([...slots])
      .required(),
  })
    .noUnknown()
    .required(),
  // What was read may be zero, and a vessel's reading has the digits that stood on the display.
  digits: string()
    .matches(/^\d{1,9}(\.\d{1,9})?$/, 'must be the digits as read')
    .required(),
  unit: string()
    .test('unit', 'must be a unit of mass or volume', (value) =>
      ['mass', 'volume'].includes(findUnit(value ?? '')?.dim ?? ''),
    )
    .required(),
  device: string().max(40),
  state: array(string().max(40).required()).max(6),
})
  .noUnknown()
  .test(
    'kind',
    'a volume is read in the slot "volume", a mass in the others',
    ({ place, unit }) => (findUnit(unit ?? '')?.dim === 'volume') === (place?.slot === 'volume'),
  );
const note = object({ k: kind(), line: lineId(), text: words(1000) }).noUnknown();

const shapes: Readonly<Record<string, Schema>> = {
  reading,
  words: note,
  correct: object({
    k: kind(),
    target: ulid(),
    reason: words(300),
    body: lazy((body: unknown) => ((body as { k?: unknown } | null)?.k === 'words' ? note : reading)),
  }).noUnknown(),
  void: object({ k: kind(), target: ulid(), reason: words(300), slip: mixed().oneOf([true, undefined]) }).noUnknown(),
  ask: object({ k: kind(), targets: array(ulid()).min(1).max(50).required() }).noUnknown(),
  sign: object({
    k: kind(),
    seals: array(
      object({
        entry: ulid(),
        content: string()
          .matches(/^[0-9a-f]{64}$/, 'must be a content hash')
          .required(),
      }).noUnknown(),
    )
      .min(1)
      .max(50)
      .required(),
    remark: string().max(300),
  }).noUnknown(),
  return: object({ k: kind(), targets: array(ulid()).min(1).max(50).required(), remark: words(300) }).noUnknown(),
};
const refused = mixed().test('kind', 'is no kind of entry', () => false);

/** Shape of a draft, checked once, when it is written. */
export const draftSchema = object({
  id: ulid(),
  v: number().oneOf([1]).required(),
  log: ulid(),
  body: lazy((body: unknown) => {
    const k = (body as { k?: unknown } | null)?.k;
    return typeof k === 'string' && Object.hasOwn(shapes, k) ? (shapes[k] ?? refused) : refused;
  }),
  at: instant(),
  deviceAt: instant(),
  device: words(80),
  saw: number().integer().min(0).required(),
})
  .noUnknown()
  .required()
  .strict(true);
