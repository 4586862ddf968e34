import { typed } from './typed';
import { documentOfScenario } from './scenario';
import { cold, hold, water } from './parts';
import type { Job } from '../jobs/job';
import type { Preparation, Substance } from '@/core/document/document';

/** What is charged into one flask, and where a chemist finds it after a filtration. Written before the rules were. */
export interface SolidCase {
  readonly title: string;
  readonly own?: Job['own'];
  /** The first is what the work is about. */
  readonly lines: Job['lines'];
  /** Kept there before it is filtered, °C. @default it stays at room temperature */
  readonly at_C?: number;
  /** Through fluted paper, or with suction for what the first line brings. @default paper */
  readonly by?: 'paper' | 'suction';
  /** Substance: the part of it that stays on the paper. */
  readonly onPaper: Readonly<Record<string, readonly [least: number, most: number]>>;
}

/** What stays with the solid, what runs through (some liquid clings to the paper), and what does in part. */
export const stays = [0.95, 1] as const;
export const runs = [0, 0.12] as const;

type Lines = Job['lines'];
const acid: Lines[string] = ['reactant', '0.10 g', { substance: 'ethyl-benzoate' }];
const liquid = (substance: string, amount = '20 mL'): Lines[string] => ['solvent', amount, { substance }];
const own = (name: string, formula: string | undefined, more: Partial<Omit<Substance, 'id'>> = {}) => ({
  name,
  ...(formula === undefined ? {} : { formula }),
  form: 'solid' as const,
  ...more,
});
const melts = (low: string, high: string) => ({
  melting: { low, high, source: 'author', check: 'from memory' as const },
});
const inWater = (digits: string, at_C = 20) => ({
  waterSolubility: { digits, at_C, source: 'author', check: 'from memory' as const },
});

/** One solid in a liquid, beside a little of an ester that the work is about. */
const single = (
  title: string,
  solid: string | Omit<Substance, 'id'>,
  amount: string,
  solvent: string,
  share: SolidCase['onPaper'][string],
  more: Partial<SolidCase> = {},
): SolidCase => ({
  title,
  ...(typeof solid === 'string' ? {} : { own: { solid } }),
  lines: {
    ester: acid,
    solid: ['reagent in excess', amount, { substance: typeof solid === 'string' ? solid : 'solid' }],
    solvent: liquid(solvent),
  },
  onPaper: { [typeof solid === 'string' ? solid : 'solid']: share },
  ...more,
});

const phosphineOxide = {
  ...typed('Triphenylphosphine oxide', 'C18H15OP', 'O=P(c1ccccc1)(c1ccccc1)c1ccccc1'),
  ...melts('156', '158'),
};
const sulfanilic = {
  ...typed('Sulfanilic acid', 'C6H7NO3S', 'Nc1ccc(cc1)S(=O)(=O)O'),
  ...melts('288', '290'),
  ...inWater('1.1'),
};
const glycine = { ...typed('Glycine', 'C2H5NO2', 'NCC(=O)O'), ...melts('233', '234'), ...inWater('25') };

export const solidCases: readonly SolidCase[] = [
  // What no liquid takes up.
  single('leaves in hot water', own('Tea leaves', undefined), '5.0 g', 'water', stays, { at_C: 90 }),
  single('a resin in methanol', own('Ion-exchange resin', undefined), '2.0 g', 'methanol', stays),
  single('sieves as a reagent in toluene', 'molecular-sieves', '1.0 g', 'toluene', stays),
  single('palladium in ethanol', own('Palladium on carbon', 'Pd'), '50 mg', 'ethanol', stays),
  single('platinum in methanol', own('Platinum', 'Pt'), '50 mg', 'methanol', stays),
  single('zinc that is left, in water', 'zinc-dust', '1.0 g', 'water', stays),
  single('magnesium that is left, in ether', 'magnesium', '0.5 g', 'diethyl-ether', stays),
  single('charcoal as a reagent in hot water', 'charcoal', '0.5 g', 'water', stays, { at_C: 90 }),
  single('silica in ethyl acetate', 'silica-gel', '1.0 g', 'ethyl-acetate', stays),
  single('filter aid in water', 'filter-aid', '1.0 g', 'water', stays),
  single('manganese dioxide in dichloromethane', own('Manganese dioxide', 'MnO2'), '1.0 g', 'dichloromethane', stays),
  single('alumina in hexane', own('Alumina', 'Al2O3'), '1.0 g', 'hexane', stays),
  single('silver chloride in water', own('Silver chloride', 'AgCl'), '0.5 g', 'water', stays),
  single('barium sulfate in water', own('Barium sulfate', 'BaSO4'), '0.5 g', 'water', stays),
  single(
    'chromium trioxide in water: no oxide of a metal like the others',
    own('Chromium trioxide', 'CrO3'),
    '1.0 g',
    'water',
    runs,
  ),
  single('plant material with suction', own('Bark', undefined), '5.0 g', 'ethanol', stays, { by: 'suction' }),

  // Salts: in water, in alcohols, in the others.
  single('table salt in water', 'sodium-chloride', '2.0 g', 'water', runs),
  single('table salt in ether', 'sodium-chloride', '2.0 g', 'diethyl-ether', stays),
  single('table salt in ethanol', 'sodium-chloride', '2.0 g', 'ethanol', stays),
  single('table salt, more than brine holds', 'sodium-chloride', '20 g', 'water', [0.5, 0.75]),
  single('potash in acetone', 'potassium-carbonate', '2.0 g', 'acetone', stays),
  single('potash in ethyl acetate, with suction', 'potassium-carbonate', '2.0 g', 'ethyl-acetate', stays, {
    by: 'suction',
  }),
  single('bicarbonate in ethanol', 'sodium-bicarbonate', '2.0 g', 'ethanol', stays),
  single('sodium iodide in acetone', 'sodium-iodide', '2.0 g', 'acetone', runs),
  single('sodium bromide in acetone', own('Sodium bromide', 'NaBr'), '2.0 g', 'acetone', stays),
  single('lye of ethanol', 'sodium-hydroxide', '1.0 g', 'ethanol', runs),
  single('alkali in toluene', 'sodium-hydroxide', '1.0 g', 'toluene', stays),
  single('sodium sulfate in dichloromethane', own('Sodium sulfate', 'Na2SO4'), '2.0 g', 'dichloromethane', stays),
  single('a salt of an amine in ethyl acetate', 'triethylammonium-chloride', '1.0 g', 'ethyl-acetate', stays),
  single('the same in THF', 'triethylammonium-chloride', '1.0 g', 'thf', stays),
  single('the same in water', 'triethylammonium-chloride', '1.0 g', 'water', runs),
  single('the same in methanol', 'triethylammonium-chloride', '1.0 g', 'methanol', runs),
  single(
    'a quaternary salt in dichloromethane',
    typed('Tetrabutylammonium bromide', 'C16H36BrN', 'CCCC[N+](CCCC)(CCCC)CCCC.[Br-]'),
    '1.0 g',
    'dichloromethane',
    runs,
  ),
  single('a carboxylate in ether', 'sodium-benzoate', '1.0 g', 'diethyl-ether', stays),
  single('a carboxylate in water', 'sodium-benzoate', '1.0 g', 'water', runs),
  single('zinc chloride in ether: it dissolves', own('Zinc chloride', 'ZnCl2'), '1.0 g', 'diethyl-ether', runs),
  single('lithium aluminium hydride in THF: it dissolves', 'lithium-aluminium-hydride', '0.5 g', 'thf', runs),
  {
    ...single('table salt in half water, half ethanol', 'sodium-chloride', '2.0 g', 'water', runs),
    lines: {
      ester: acid,
      solid: ['reagent in excess', '2.0 g', { substance: 'sodium-chloride' }],
      a: liquid('water'),
      b: liquid('ethanol'),
    },
  },

  // Organic solids saturate.
  single('phosphine oxide in hexane', phosphineOxide, '2.0 g', 'hexane', [0.85, 1]),
  single('phosphine oxide in dichloromethane', phosphineOxide, '2.0 g', 'dichloromethane', runs),
  single(
    'hexaphenylbenzene in cold toluene',
    { ...own('Hexaphenylbenzene', 'C42H30'), ...melts('450', '455') },
    '1.0 g',
    'toluene',
    [0.85, 1],
  ),
  single('naphthalene in toluene', 'naphthalene', '1.0 g', 'toluene', runs),
  single('naphthalene in water', 'naphthalene', '1.0 g', 'water', stays),
  single('anthracene in cold ethanol', 'anthracene', '1.0 g', 'ethanol', [0.6, 1]),
  single('sugar in toluene', 'sucrose', '5.0 g', 'toluene', stays),
  single('glucose in dichloromethane', 'glucose', '2.0 g', 'dichloromethane', stays),
  single('urea in toluene', 'urea', '2.0 g', 'toluene', stays),
  single('an amino acid in ethanol', glycine, '2.0 g', 'ethanol', stays),
  single('an amino acid in water', glycine, '2.0 g', 'water', runs),
  single('what was left of an acid in cold water', 'benzoic-acid', '2.0 g', 'water', [0.9, 1]),
  single('the same in dichloromethane', 'benzoic-acid', '0.5 g', 'dichloromethane', runs),
  single('benzil left over in cold water', 'benzil', '1.0 g', 'water', stays),
  single('vanillin in ether', 'vanillin', '1.0 g', 'diethyl-ether', runs),
  single('tert-butanol at room temperature', 'tert-butanol', '5.0 mL', 'water', runs),

  // In the form of the pH.
  {
    title: 'an acid in bicarbonate runs through, however cold',
    lines: {
      acid: ['reactant', '2.0 g', { substance: 'benzoic-acid' }],
      base: ['reagent in excess', '3.0 g', { substance: 'sodium-bicarbonate' }],
      w: water('60 mL'),
    },
    at_C: 3,
    by: 'suction',
    onPaper: { 'benzoic-acid': runs },
  },
  {
    title: 'an acid in cold water stays on the paper',
    lines: { acid: ['reactant', '2.0 g', { substance: 'benzoic-acid' }], w: water('40 mL') },
    at_C: 3,
    by: 'suction',
    onPaper: { 'benzoic-acid': [0.9, 1] },
  },
  single('an acid left over in alkali', 'benzoic-acid', '2.0 g', 'water', runs, {
    lines: {
      ester: acid,
      solid: ['reagent in excess', '2.0 g', { substance: 'benzoic-acid' }],
      lye: ['reagent in excess', '20 mL', { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-2m' }],
    },
  }),
  single('an arylamine in dilute acid', 'ethyl-4-aminobenzoate', '1.0 g', 'water', runs, {
    lines: {
      ester: acid,
      solid: ['reagent in excess', '1.0 g', { substance: 'ethyl-4-aminobenzoate' }],
      hcl: ['reagent in excess', '20 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
    },
  }),
  single('the same in water', 'ethyl-4-aminobenzoate', '1.0 g', 'water', [0.85, 1]),
  single('an amphoteric acid in water', sulfanilic, '2.0 g', 'water', [0.75, 0.95]),
  {
    title: 'an amphoteric acid in soda',
    own: { solid: sulfanilic },
    lines: {
      ester: acid,
      solid: ['reagent in excess', '2.0 g'],
      soda: ['reagent in excess', '1.5 g', { substance: 'sodium-carbonate' }],
      w: liquid('water'),
    },
    onPaper: { solid: runs },
  },
  {
    title: 'an amino acid of an arene, with as much acid as alkali',
    lines: {
      solid: ['reactant', '1.0 g', { substance: '4-aminobenzoic-acid' }],
      lye: ['reagent in excess', '7.3 mmol', { substance: 'sodium-hydroxide' }],
      hcl: ['reagent in excess', '3.65 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
      w: water('10 mL'),
    },
    by: 'suction',
    onPaper: { '4-aminobenzoic-acid': [0.75, 1] },
  },
  {
    title: 'the same with three times the acid',
    lines: {
      solid: ['reactant', '1.0 g', { substance: '4-aminobenzoic-acid' }],
      hcl: ['reagent in excess', '11 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
      w: water('20 mL'),
    },
    by: 'suction',
    onPaper: { '4-aminobenzoic-acid': runs },
  },
];

/** The document of a case: everything into one flask, then the filtration. */
export function documentOfSolid({ title, own: owned, lines, at_C, by = 'paper' }: SolidCase): Preparation {
  const solvent = Object.values(lines).at(-1)?.[2]?.substance ?? '';
  return documentOfScenario({
    title,
    ...(owned ? { own: owned } : {}),
    lines,
    vessels: { flask: ['conical flask', 250], paper: ['watch glass', 50], filtrate: ['conical flask', 250] },
    steps: {
      ...Object.fromEntries(Object.keys(lines).map((line) => [`in-${line}`, ['charge', { line }, cold] as const])),
      ...(at_C === undefined
        ? {}
        : at_C < 20
          ? { cool: ['cooling', { minutes: 30, bath: 'ice', below_C: at_C }, cold] as const }
          : { warm: hold(at_C - 5, at_C) }),
      filter:
        by === 'paper'
          ? ['gravityFiltration', { keeps: 'filtrate' }, { ...cold, paper: 'paper', to: 'filtrate' }]
          : [
              'vacuumFiltration',
              { of: 'product', solvent, at_C: at_C ?? 20, air_min: 2 },
              { ...cold, cake: 'paper', filtrate: 'filtrate' },
            ],
    },
  });
}
