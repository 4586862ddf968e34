import { number, object, string } from 'yup';
import type { ObjectShape } from 'yup';

/** Shapes of the parameters of operations; strict, like the document they stand in. */
export const idParam = () =>
  string().matches(/^[a-z0-9][a-z0-9-]{0,39}$/, 'must be 1 to 40 lower-case letters, digits or hyphens');
export const minutesParam = () => number().min(0.1, 'must be at least 0.1').max(1440, 'must be at most 1440');
export const celsiusParam = () => number().min(-80, 'must be at least -80').max(400, 'must be at most 400');
export const params = <T extends ObjectShape>(shape: T) => object(shape).noUnknown().required().strict(true);
