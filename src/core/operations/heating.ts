import * as field from './declare/fields';
import type { Conditions } from './conditions';
import type { Fields, ParamsOf } from './declare/fields';

const sources = {
  waterBath: 'water bath',
  steamBath: 'steam bath',
  oilBath: 'oil bath',
  sandBath: 'sand bath',
  mantle: 'heating mantle',
  block: 'metal block',
  plate: 'hot plate',
  burner: 'burner',
  heatGun: 'hot-air gun',
} as const;
const movers = {
  bar: 'stir bar',
  aids: 'boiling aids',
  overhead: 'overhead stirrer',
  swirling: 'swirled by hand',
  none: 'not stirred',
} as const;
const condensers = { water: 'water-cooled condenser', air: 'air condenser', none: 'no condenser' } as const;

/** How a step is heated: what may be said of everything that heats. */
export const heats = {
  heat: field.optional(field.choice('Heated with', sources)),
  setting: field.optional(field.text('Setting', 60, { help: 'Of the bath, the transformer or the plate.' })),
  stirring: field.optional(field.choice('Kept moving by', movers)),
} satisfies Fields;

/** The same of what has a condenser. */
export const condenses = {
  ...heats,
  condenser: field.optional(field.choice('Condenser', condensers)),
} satisfies Fields;

type Heated = ParamsOf<typeof condenses>;

/** What stands on the bench by it, in words: heat source with its setting, what keeps it moving, the condenser. */
export function heatingWords({ heat, setting, stirring, condenser }: Heated): readonly string[] {
  const source = heat === undefined ? setting : `${sources[heat]}${setting === undefined ? '' : `, ${setting}`}`;
  return [
    source,
    stirring === undefined ? undefined : movers[stirring],
    condenser === undefined ? undefined : condensers[condenser],
  ].filter((one) => one !== undefined);
}

/** What a heat source and a condenser expose people to. */
export const heated = ({
  heat,
  stirring,
  condenser,
}: Heated): Pick<Conditions, 'flame' | 'onWater' | 'moved' | 'airCooled'> => ({
  ...(heat === 'burner' ? { flame: true } : {}),
  ...(heat === 'waterBath' || heat === 'steamBath' ? { onWater: true } : {}),
  ...(stirring !== undefined && stirring !== 'none' ? { moved: true } : {}),
  ...(condenser === 'air' || condenser === 'water' ? { airCooled: condenser === 'air' } : {}),
});
