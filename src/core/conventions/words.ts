import { schoolOf } from './catalogue';
import type { ConventionId, Conventions } from './catalogue';

/** What a step says where a school does it otherwise than usual: at one place of the sentences, checks and asks each. */
const words = {
  boiling: {
    aids: 'Fresh boiling aids are in, before any heat.',
    stirring: 'A stir bar is in and turns, before any heat.',
  },
  takingOff: {
    paper: 'Filter through fluted paper into a dry flask.',
    plug: 'Filter through a plug of cotton wool into a dry flask.',
    decant: 'Decant into a dry flask; the grains stay behind.',
  },
  dryLiquid: {
    clear: 'Has it gone clear? Cloudy means: add more.',
    grains: 'Do the grains move free? All clumped means: add more.',
    fixed: 'The dose is in and the time is over.',
  },
  neutralizing: {
    gas: 'No more gas when the next portion goes in.',
    indicator: 'Indicator or paper: the pH is reached.',
    count: 'All portions are in.',
  },
  rinsing: { none: 'Pour it on with swirling; the flask is not rinsed.' },
  recrystallizationSolvent: { ratio: 'Add the hot solvent all at once, as much as the ratio says. Volume added:' },
  cooling: {
    air: 'hanging in the air',
    bench: 'standing on the bench',
    insulated: 'wrapped up, then in ice',
  },
  weighingPaper: {
    paper: 'Weigh the empty filter paper first.',
    glass: 'Weigh the empty watch glass first.',
    vial: 'Weigh the empty vial first, with its cap and label.',
  },
  thermometer: {
    liquid: 'The bulb is in the liquid.',
    sideArm: 'The bulb is at the side arm.',
    bath: 'The bulb is in the bath.',
  },
  odour: { waft: 'If its odour is named: waft it towards you, never over the vessel. It proves nothing.' },
  recoveredPurity: {
    corrected: 'Share of its peak, each area divided by its response factor, the solvent’s left out.',
  },
} as const satisfies Partial<Record<ConventionId, Readonly<Record<string, string>>>>;

/**
 * Words of the school in force.
 *
 * @param usual what is said where the school does as is usual
 * @example schoolWords({ takingOff: 'decant' }, 'takingOff', 'Filter.') // → 'Decant into a dry flask; the grains stay behind.'
 */
export function schoolWords<U>(chosen: Conventions | undefined, id: keyof typeof words, usual: U): string | U {
  const said: Readonly<Record<string, string>> = words[id];
  return said[schoolOf(chosen, id)] ?? usual;
}
