import { refsOf, withoutRef } from './refs';
import { earlierVersions, upgraded } from './versions';
import { drive } from '../../worktop/moments';
import { schemaOf } from './schema';
import type { Earlier } from './versions';
import type { Fields, ParamsOf } from './fields';
import type { Faces, Operation } from '../operation';
import type { Reads } from './reads';
import type { Slots } from '../../worktop/vessels';

type SlotName<V extends Slots> = {
  [K in keyof V & string]: V[K] extends { readonly numbered: true } ? `${K}${number}` : K;
}[keyof V & string];

/** What an operation declares of itself, beside what it does. */
interface Declaration<F extends Fields, V extends Slots> {
  readonly fields: F;
  readonly vessels: V;
  /** Readings at slots of its own; those of a line are the line's. @default none */
  readonly reads?: Reads;
  /** What its parameters were, the first version first: as many as `version` says, less this one. @default none */
  readonly earlier?: readonly Earlier[];
}

/**
 * Declares an operation: its parameters and vessels once, and its faces over them. The shape of the parameters, what they name
 * and what remains without a line follow from the fields.
 *
 * The one cast by which all operations stand in one registry: sound, because the derived schema has judged the parameters before
 * a step is ever read, and `actual` alone makes what the other faces take.
 */
export function defineOperation<const F extends Fields, const V extends Slots, A>(
  declared: Declaration<F, V> & Faces<ParamsOf<F>, A, SlotName<V>>,
): Operation {
  const { fields, reads = {}, earlier = [], version, moments } = declared;
  if (version !== earlier.length + 1) throw new Error(`${declared.name} has no parameters of some of its versions`);
  const params = schemaOf(fields);
  const derived: Pick<Operation, 'versions' | 'params' | 'upgrade' | 'refs' | 'without'> = {
    versions: [...earlierVersions(earlier), { fields, schema: params }],
    params,
    upgrade: (old, from) => upgraded(earlier, old, from),
    refs: (named) => refsOf(fields, named),
    without: (all, gone) => withoutRef(fields, all, gone),
  };
  const predict: typeof declared.predict = moments && ((work, params) => drive(moments(work, params), () => undefined));
  return { ...declared, reads, ...(predict ? { predict } : {}), ...derived } as unknown as Operation;
}
