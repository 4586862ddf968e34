import { checks, event } from '../asks';
import { eventsAt } from '../onRecord';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const setUp = {
  dried: 'The glassware was dried hot and has cooled under a drying tube or bubbler.',
  solvent: 'The solvent is dry and was taken by syringe or from a closed bottle.',
  vented: 'The system is closed against moisture and still vented.',
  flame: 'No flame is near flammable vapour.',
} as const;

const fields = {} satisfies Fields;

const vessels = {
  in: { ...stays('Flask'), comes: 'either' },
} satisfies Slots;

/** Glassware, solvent and atmosphere without water. */
export const anhydrousSetUp = defineOperation({
  name: 'anhydrousSetUp',
  version: 1,
  title: 'Dry apparatus',
  phase: 'setUp',
  sign: 'flask',
  told: { by: [{ by: 'anhydrous' }] },
  fields,
  vessels,
  actual: (context): { readonly ready?: Live<Happening> } => eventsAt(context, 'ready'),
  sentence: () => 'Dry the apparatus hot, let it cool under a drying tube.',
  conditions: () => ({ hot: true }),
  predict: () => undefined,
  asks: (_, context) => [...checks(context, setUp), event(context, 'ready', 'It stands ready.', 'Ready')],
  check: ({ ready }, context) => uncheckedAt(context, 'Dry apparatus', setUp, ready),
  drawing: () => ({ kind: 'start', waits: false }),
});
