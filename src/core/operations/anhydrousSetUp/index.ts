import { checks, event } from '../asks';
import { eventsAt } from '../onRecord';
import { params } from '../params';
import { uncheckedAt } from '../unchecked';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

const setUp = {
  dried: 'The glassware was dried hot and has cooled under a drying tube or bubbler.',
  solvent: 'The solvent is dry and was taken by syringe or from a closed bottle.',
  vented: 'The system is closed against moisture and still vented.',
  flame: 'No flame is near flammable vapour.',
} as const;

/** Glassware, solvent and atmosphere without water. */
export const anhydrousSetUp: Operation<Record<string, never>, { readonly ready?: Live<Happening> }> = {
  name: 'anhydrousSetUp',
  version: 1,
  title: 'Dry apparatus',
  params: params({}),
  refs: () => ({}),
  actual: (context) => eventsAt(context, 'ready'),
  sentence: () => 'Dry the apparatus hot, let it cool under a drying tube.',
  conditions: () => ({ hot: true }),
  predict: () => undefined,
  asks: (_, context) => [...checks(context, setUp), event(context, 'ready', 'It stands ready.', 'Ready')],
  check: ({ ready }, context) => uncheckedAt(context, 'Dry apparatus', setUp, ready),
};
