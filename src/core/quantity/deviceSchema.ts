import { array, object, string } from 'yup';
import { deviceKinds, deviceUnits, stems } from './device';

const numeral = () =>
  string()
    .matches(/^\d{1,9}(\.\d{1,9})?$/, 'must be a positive decimal numeral in quotes, such as "2.00"')
    .test('positive', 'must be more than zero', (value) => value === undefined || Number(value) > 0);
const signed = () => string().matches(/^-?\d{1,4}(\.\d{1,3})?$/, 'must be a decimal numeral in quotes, such as "-0.4"');
const one = <T extends string>(values: readonly T[]) =>
  string()
    .oneOf([...values], `must be one of ${values.join(', ')}`)
    .required();

const calibration = array(object({ reads: signed().required(), correction: signed().required() }).noUnknown())
  .max(20, 'must have at most 20 points')
  .test(
    'rising',
    'must be at rising readings',
    // Runs before its parts are looked at: a point may be anything.
    (points) => points?.every((point, i) => i === 0 || Number(point?.reads) > Number(points[i - 1]?.reads)) ?? true,
  );

/** Shape of a device, in a preparation or a course. */
export const deviceSchema = object({
  id: string()
    .matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be 1 to 40 lower-case letters, digits or hyphens')
    .required(),
  name: string().max(80, 'must be at most 80 characters').required(),
  kind: one(deviceKinds),
  unit: one(Object.keys(deviceUnits)),
  step: numeral().required(),
  graduation: numeral().required(),
  capacity: numeral().required(),
  tolerance: numeral(),
  stem: string().oneOf([...stems], `must be one of ${stems.join(', ')}`),
  calibration,
}).noUnknown();
