import { array, lazy, mixed, number, object, string } from 'yup';
import { findUnit } from '../quantity/units';
import { isInstant } from './instant';
import { largestUpload } from './fileKinds';
import { benchVessels, settingDims, slots } from './entry';
import type { Schema } from 'yup';

/** An id of an entry, a log or a file. */
export const ulid = () =>
  string()
    .matches(/^[0-9A-HJKMNP-TV-Z]{26}$/, 'must be a ULID')
    .required();
const instant = () =>
  string()
    .test('instant', 'must be an instant in UTC with milliseconds', (text) => text === undefined || isInstant(text))
    .required();
const words = (longest: number) => string().trim('must not begin or end with a space').min(1).max(longest).required();
const id = () => string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be an id of the preparation');
const name = () => string().matches(/^[a-zA-Z][a-zA-Z0-9-]{0,39}$/, 'must be a name of the operation');
const kind = () => string().required();
/** A hash of a content. */
export const hash = () =>
  string()
    .matches(/^[0-9a-f]{64}$/, 'must be a SHA-256 in hexadecimal digits')
    .required();

/** A test of a whole, which runs also when the whole is missing or one of its parts has the wrong shape. */
const ofWhole =
  <T extends object>(test: (value: T) => boolean) =>
  (value: T | null | undefined) =>
    typeof value !== 'object' || value === null || test(value);

const item = () => string().matches(/^[A-Z][0-9]?$/, 'must be a capital letter');
const round = () => number().integer().min(1).max(200);

const place = object({
  line: id(),
  step: id(),
  item: item(),
  round: round(),
  slot: name().required(),
})
  .noUnknown()
  .required()
  .test(
    'about',
    'must name either a line or a step',
    ofWhole(({ line, step }) => (line === undefined) !== (step === undefined)),
  )
  .test(
    'slot',
    'must be a way of measuring a line',
    ofWhole(({ line, slot }) => line === undefined || slots.some((one) => one === slot)),
  );

const readable: ReadonlySet<string> = new Set(['mass', 'volume', 'temperature', 'fraction', 'length']);
const dimOf = (unit: unknown) => (typeof unit === 'string' ? (findUnit(unit)?.dim ?? '') : '');

const reading = object({
  k: kind(),
  place,
  // What was read may be zero, and a vessel's reading has the digits that stood on the display.
  digits: string()
    .matches(/^-?\d{1,9}(\.\d{1,9})?$/, 'must be the digits as read')
    .required(),
  unit: string()
    .test('unit', 'must be a unit of mass, volume, temperature, length or per cent', (value) =>
      readable.has(dimOf(value)),
    )
    .required(),
  device: string().max(40),
  state: array(string().max(40).required()).max(6),
})
  .noUnknown()
  .test(
    'sign',
    'only a temperature can be below zero',
    ofWhole(({ digits, unit }) => !String(digits).startsWith('-') || dimOf(unit) === 'temperature'),
  )
  .test(
    'kind',
    'a volume is read in the slot "volume", a mass in the others',
    ofWhole(
      ({ place: at, unit }) => at?.line === undefined || dimOf(unit) === (at.slot === 'volume' ? 'volume' : 'mass'),
    ),
  );
const note = object({ k: kind(), line: id(), step: id(), text: words(1000) })
  .noUnknown()
  .test(
    'about',
    'must not name a line and a step',
    ofWhole(({ line, step }) => line === undefined || step === undefined),
  );

const fileShape = object({
  k: kind(),
  step: id(),
  file: ulid(),
  name: words(120),
  sha256: hash(),
  bytes: number().integer().min(1).max(largestUpload).required(),
  text: words(300).optional(),
}).noUnknown();

const shapes: Readonly<Record<string, Schema>> = {
  reading,
  words: note,
  event: object({ k: kind(), step: id().required(), name: name().required() }).noUnknown(),
  tick: object({ k: kind(), step: id().required(), check: name().required() }).noUnknown(),
  step: object({
    k: kind(),
    step: id().required(),
    to: string().oneOf(['skip', 'again']).required(),
    reason: string().max(300),
  }).noUnknown(),
  deviation: object({ k: kind(), step: id().required(), reason: words(300) }).noUnknown(),
  override: object({ k: kind(), finding: words(200), facts: words(40), reason: words(300) }).noUnknown(),
  setting: object({
    k: kind(),
    name: string().oneOf(Object.keys(settingDims)).required(),
    digits: string()
      .matches(/^-?\d{1,4}(\.\d{1,3})?$/, 'must be the digits as read')
      .required(),
    unit: string().required(),
  })
    .noUnknown()
    .test(
      'unit',
      'must have a unit of its kind',
      ofWhole(({ name: of, unit }) => dimOf(unit) === settingDims[of as keyof typeof settingDims]),
    ),
  period: object({
    k: kind(),
    to: string().oneOf(['open', 'closed', 'reopened']).required(),
    reason: words(300).optional(),
  })
    .noUnknown()
    .test(
      'reason',
      'must say why the record is reopened',
      ofWhole(({ to, reason }) => to !== 'reopened' || Boolean(reason)),
    ),
  file: fileShape,
  correct: object({
    k: kind(),
    target: ulid(),
    reason: words(300),
    body: lazy((body: unknown) =>
      (body as { k?: unknown } | null)?.k === 'words' ? note.required() : reading.required(),
    ),
  }).noUnknown(),
  void: object({ k: kind(), target: ulid(), reason: words(300), slip: mixed().oneOf([true, undefined]) }).noUnknown(),
  ask: object({ k: kind(), targets: array(ulid()).min(1).max(50).required() }).noUnknown(),
  sign: object({
    k: kind(),
    seals: array(
      object({
        entry: ulid(),
        content: hash(),
      }).noUnknown(),
    )
      .min(1)
      .max(50)
      .required(),
    remark: string().max(300),
  }).noUnknown(),
  return: object({ k: kind(), targets: array(ulid()).min(1).max(50).required(), remark: words(300) }).noUnknown(),
};
/** Bodies of the second version: parts of a step, and vessels. Later versions add keys and take none away. */
const part = { item: item(), round: round() };
const secondShapes: Readonly<Record<string, Schema>> = {
  ...shapes,
  event: object({ k: kind(), step: id().required(), name: name().required(), ...part }).noUnknown(),
  tick: object({ k: kind(), step: id().required(), check: name().required(), ...part }).noUnknown(),
  file: fileShape.shape(part).noUnknown(),
  vessel: object({
    k: kind(),
    id: id().required(),
    as: string()
      .oneOf([...benchVessels])
      .required(),
    label: words(80),
  }).noUnknown(),
  move: object({
    k: kind(),
    step: id(),
    round: round(),
    n: number().integer().min(1).max(9),
    from: id().required(),
    to: id().required(),
    what: string().oneOf(['all', 'upper', 'lower', 'part']).required(),
    typed: object({
      digits: string()
        .matches(/^\d{1,9}(\.\d{1,9})?$/, 'must be the digits as read')
        .required(),
      unit: string()
        .test('unit', 'must be a unit of mass or volume', (unit) => ['mass', 'volume'].includes(dimOf(unit)))
        .required(),
    })
      .noUnknown()
      .default(undefined),
  })
    .noUnknown()
    .test(
      'away',
      'must pour into another vessel',
      ofWhole(({ from, to }) => from !== to),
    )
    .test(
      'moment',
      'a round is one of a step',
      ofWhole(({ step, round: of, n }) => step !== undefined || (of === undefined && n === undefined)),
    )
    .test(
      'typed',
      'a part is measured, and only a part',
      ofWhole(({ what, typed }) => what === 'part' || typed === undefined),
    ),
};
const refused = mixed().test('kind', 'is no kind of entry', () => false);

const bodyOf = (of: Readonly<Record<string, Schema>>) =>
  lazy((body: unknown) => {
    const k = (body as { k?: unknown } | null)?.k;
    return typeof k === 'string' && Object.hasOwn(of, k) ? (of[k] ?? refused) : refused;
  });
const draft = {
  id: ulid(),
  log: ulid(),
  at: instant(),
  deviceAt: instant(),
  device: words(80),
  saw: number().integer().min(0).required(),
};
/** Drafts of the first version are taken for good: they wait on tablets, in cached pages and in saved files. */
const first = object({ ...draft, v: number().oneOf([1]).required(), body: bodyOf(shapes) });
const second = object({
  ...draft,
  v: number().oneOf([2]).required(),
  sawClass: number().integer().min(0),
  by: ulid().notRequired(),
  body: bodyOf(secondShapes),
});
const strictly = (shape: typeof first | typeof second) => shape.noUnknown().required().strict(true);

/** Shape of a draft, checked once, when it is written. */
export const draftSchema = lazy((value: unknown) =>
  strictly((value as { v?: unknown } | null)?.v === 2 ? second : first),
);
