import { jobDocument } from '../jobs/job';
import { typed } from './typed';
import type { Job } from '../jobs/job';
import type { Preparation } from '@/core/document/document';

/** What is charged into one flask and stands there for a while: how much of it is left, and what gas it gave. Written before the rules were. */
export interface ConsumedCase {
  readonly title: string;
  readonly own?: Job['own'];
  readonly reactions?: Job['reactions'];
  /** Charged one after the other. */
  readonly lines: Job['lines'];
  readonly minutes?: number;
  readonly at_C?: number;
  /** Substance: the part of what was charged that is still there. */
  readonly left: Readonly<Record<string, readonly [least: number, most: number]>>;
  /** Hydrogen that came, mmol. */
  readonly hydrogen_mmol?: readonly [least: number, most: number];
}

const gone = [0, 0.01] as const;
const stays = [0.98, 1] as const;

type Lines = Job['lines'];
const solvent = (substance: string, amount = '50 mL'): Lines[string] => ['solvent', amount, { substance }];
const into = (
  title: string,
  [substance, amount]: readonly [string, string],
  others: Lines,
  left: readonly [number, number],
  more: Partial<ConsumedCase> = {},
): ConsumedCase => ({
  title,
  lines: { first: ['reactant', amount, { substance }], ...others },
  left: { [substance]: left },
  ...more,
});
const acid2M: Lines[string] = [
  'reagent in excess',
  '50 mL',
  { substance: 'hydrogen-chloride', strength: { by: 'molarity', digits: '2.0' } },
];

export const consumedCases: readonly ConsumedCase[] = [
  // At once.
  into('sodium in ethanol', ['sodium-metal', '1.0 g'], { s: solvent('ethanol') }, gone, { hydrogen_mmol: [21, 22.5] }),
  into('sodium in toluene', ['sodium-metal', '1.0 g'], { s: solvent('toluene') }, stays, { hydrogen_mmol: [0, 0] }),
  into('sodium hydride in water', ['sodium-hydride', '1.0 g'], { s: solvent('water') }, gone, {
    hydrogen_mmol: [41, 42.5],
  }),
  into('sodium hydride in THF', ['sodium-hydride', '1.0 g'], { s: solvent('thf') }, stays, { hydrogen_mmol: [0, 0] }),
  into(
    'lithium aluminium hydride in ether, then water',
    ['lithium-aluminium-hydride', '0.38 g'],
    { s: solvent('diethyl-ether'), w: solvent('water', '10 mL') },
    gone,
    { hydrogen_mmol: [39, 41] },
  ),
  into(
    'lithium aluminium hydride in ether, too little water',
    ['lithium-aluminium-hydride', '0.38 g'],
    { s: solvent('diethyl-ether'), w: solvent('water', '0.36 mL') },
    [0.4, 0.6],
    { hydrogen_mmol: [18, 22] },
  ),
  into('acetyl chloride in water', ['acetyl-chloride', '1.0 mL'], { s: solvent('water') }, gone),
  into('acetyl chloride in ethanol', ['acetyl-chloride', '1.0 mL'], { s: solvent('ethanol') }, gone),
  into('acetyl chloride in dichloromethane', ['acetyl-chloride', '1.0 mL'], { s: solvent('dichloromethane') }, stays),
  into('oxalyl chloride in methanol', ['oxalyl-chloride', '1.0 mL'], { s: solvent('methanol') }, gone),
  into('thionyl chloride in water', ['thionyl-chloride', '1.0 mL'], { s: solvent('water') }, gone),

  // Slowly.
  into(
    'borohydride in alkali',
    ['sodium-borohydride', '0.38 g'],
    {
      s: ['solvent', '30 mL', { substance: 'sodium-hydroxide', strength: { by: 'molarity', digits: '1.0' } }],
    },
    [0.97, 1],
    { minutes: 30, hydrogen_mmol: [0, 1] },
  ),
  into('borohydride in water', ['sodium-borohydride', '0.38 g'], { s: solvent('water') }, [0.3, 0.98], { minutes: 30 }),
  into('borohydride in methanol', ['sodium-borohydride', '0.38 g'], { s: solvent('methanol') }, [0.3, 0.9], {
    minutes: 30,
  }),
  into('borohydride in ether', ['sodium-borohydride', '0.38 g'], { s: solvent('diethyl-ether') }, stays),
  into(
    'borohydride with acid in excess',
    ['sodium-borohydride', '0.38 g'],
    { s: solvent('water', '20 mL'), a: acid2M },
    gone,
    {
      hydrogen_mmol: [38, 41],
    },
  ),
  into('acetic anhydride in water, two minutes', ['acetic-anhydride', '2.0 mL'], { s: solvent('water') }, [0.5, 0.95], {
    minutes: 2,
  }),
  into('acetic anhydride in water, an hour', ['acetic-anhydride', '2.0 mL'], { s: solvent('water') }, gone, {
    minutes: 60,
  }),
  into('acetic anhydride in glacial acetic acid', ['acetic-anhydride', '2.0 mL'], { s: solvent('acetic-acid') }, stays),
  into('acetic anhydride in toluene', ['acetic-anhydride', '2.0 mL'], { s: solvent('toluene') }, stays),
  into('phthalic anhydride in cold water', ['phthalic-anhydride', '2.0 g'], { s: solvent('water') }, [0.8, 1], {
    minutes: 5,
  }),
  into('phthalic anhydride in hot water', ['phthalic-anhydride', '2.0 g'], { s: solvent('water') }, [0, 0.1], {
    minutes: 20,
    at_C: 95,
  }),
  into('benzoyl chloride in cold water', ['benzoyl-chloride', '1.0 mL'], { s: solvent('water') }, [0.5, 0.99], {
    minutes: 5,
  }),
  {
    ...into('a sulfonyl chloride in cold water', ['tosyl', '1.0 g'], { s: solvent('water') }, [0.9, 1], {
      minutes: 10,
    }),
    own: { tosyl: typed('Toluenesulfonyl chloride', 'C7H7ClO2S', 'Cc1ccc(cc1)S(Cl)(=O)=O') },
  },

  // With acid only.
  into('zinc in acid', ['zinc-dust', '1.0 g'], { a: acid2M }, [0, 0.05], { minutes: 60, hydrogen_mmol: [14.5, 15.5] }),
  into('zinc in water', ['zinc-dust', '1.0 g'], { s: solvent('water') }, stays, { hydrogen_mmol: [0, 0] }),
  into(
    'zinc, too little acid',
    ['zinc-dust', '1.0 g'],
    {
      a: [
        'reagent in excess',
        '10 mL',
        { substance: 'hydrogen-chloride', strength: { by: 'molarity', digits: '1.0' } },
      ],
    },
    [0.6, 0.75],
    { minutes: 120, hydrogen_mmol: [4, 5.2] },
  ),
  into('magnesium in acid', ['magnesium', '0.50 g'], { a: acid2M }, [0, 0.05], {
    minutes: 30,
    hydrogen_mmol: [19.5, 21],
  }),
  into('magnesium in water', ['magnesium', '0.50 g'], { s: solvent('water') }, stays),
  into('magnesium in ether', ['magnesium', '0.50 g'], { s: solvent('diethyl-ether') }, stays),
  {
    title: 'iron in acid',
    own: { iron: { name: 'Iron powder', formula: 'Fe', form: 'solid' } },
    lines: { iron: ['reactant', '1.0 g'], a: acid2M },
    minutes: 120,
    left: { iron: [0, 0.1] },
    hydrogen_mmol: [16, 18],
  },
  {
    title: 'copper in acid: nothing',
    own: { copper: { name: 'Copper turnings', formula: 'Cu', form: 'solid' } },
    lines: { copper: ['reactant', '1.0 g'], a: acid2M },
    minutes: 120,
    left: { copper: stays },
    hydrogen_mmol: [0, 0],
  },

  // The declared nucleophile goes first.
  {
    title: 'acetic anhydride onto an amine in water: the amine gets it',
    reactions: {
      acylation: ['aniline + acetic-anhydride = acetanilide + acetic-acid', 'acetanilide', { stand: null }, 'aniline'],
    },
    lines: {
      aniline: ['reactant', '2.0 mL'],
      w: solvent('water'),
      anhydride: ['reagent in excess', '1.1 equiv', { substance: 'acetic-anhydride' }],
    },
    minutes: 30,
    left: { aniline: [0, 0.1] },
  },
];

const atOnce = { time: { typical_min: 1, attended: true } } as const;

/** The flask of a case: charged in order, held, and nothing else. */
export function documentOfConsumed({
  title,
  own = {},
  reactions = {},
  lines,
  minutes = 20,
  at_C,
}: ConsumedCase): Preparation {
  const [first = ''] = Object.keys(lines);
  const place = { in: 'flask' } as const;
  const [low_C, high_C] = at_C === undefined ? [18, 22] : [at_C - 2, at_C + 2];
  return jobDocument({
    title,
    own,
    reactions,
    reference: first,
    lines,
    vessels: { flask: ['reaction flask', 250] },
    stages: { product: ['What stands there', lines[first]?.[2]?.substance ?? first, { by: 'content', line: first }] },
    steps: {
      ...Object.fromEntries(Object.keys(lines).map((line) => [line, ['charge', { line }, place, atOnce] as const])),
      stand: ['hold', { minutes, low_C, high_C }, place],
    },
  });
}
