import { typed } from './typed';
import { water } from './parts';
import { documentOfScenario } from './scenario';
import type { Job } from '../jobs/job';
import type { Preparation } from '@/core/document/document';
import type { RuleId } from '@/core/words/rules';
import type { WasteStream } from '@/core/reference/wasteStreams';

const place = { in: 'flask' } as const;

/** What stands in a flask when the work is done, and what a stern chemist says of its bottle. Written before the rules were. */
export interface BottleCase {
  readonly title: string;
  readonly own?: Job['own'];
  /** Charged one after the other into one flask. */
  readonly lines: Job['lines'];
  /** The bottle into which most of a substance goes; `asked` is none. */
  readonly into: Readonly<Record<string, WasteStream | 'asked'>>;
  /** mmol of acid (negative) or base in the layer that holds most of a substance. */
  readonly excess_mmol?: Readonly<Record<string, number>>;
  /** Rules that must stand under `waste/STREAM`, and rules that must stand nowhere. */
  readonly must?: readonly (readonly [RuleId | 'waste.keepAlkaline', WasteStream])[];
  readonly never?: readonly RuleId[];
}

const acidify: readonly RuleId[] = ['waste.baseToNeutralize'];
const none: readonly RuleId[] = ['waste.acidToNeutralize', 'waste.baseToNeutralize'];

const single = (
  title: string,
  id: string,
  own: NonNullable<Job['own']>[string],
  amount: string,
  stream: BottleCase['into'][string],
  more: Partial<BottleCase> = {},
): BottleCase => ({
  title,
  own: { [id]: own },
  lines: { [id]: ['reactant', amount] },
  into: { [id]: stream },
  ...more,
});

/** A salt or base in 20 mL of water. */
const dissolved = (...given: Parameters<typeof single>): BottleCase => {
  const one = single(...given);
  return { ...one, lines: { ...one.lines, water: water('20 mL') } };
};

export const bottleCases: readonly BottleCase[] = [
  // Typed with a structure and nothing else: no label, no bottle.
  single('an alkyl bromide', 'one', typed('1-Bromooctane', 'C8H17Br', 'CCCCCCCCBr', '1.12'), '5.0 mL', 'halogenated'),
  single(
    'a fluorinated acid',
    'one',
    typed('Trifluoroacetic acid', 'C2HF3O2', 'OC(=O)C(F)(F)F', '1.49'),
    '5.0 mL',
    'halogenated',
    {
      must: [['waste.acidToNeutralize', 'halogenated']],
    },
  ),
  single('an ether', 'one', typed('Phenetole', 'C8H10O', 'CCOc1ccccc1', '0.97'), '5.0 mL', 'non-halogenated', {
    never: none,
  }),
  single('a liquid amine', 'one', typed('Lutidine', 'C7H9N', 'Cc1cccc(C)n1', '0.92'), '5.0 mL', 'non-halogenated'),
  dissolved(
    'an amine’s hydrochloride in water',
    'one',
    typed('4-Toluidine hydrochloride', 'C7H10ClN', 'Cc1ccc([NH3+])cc1.[Cl-]'),
    '2.0 g',
    'aqueous-organic',
  ),
  {
    title: 'a quaternary bromide in toluene: no carbon–halogen bond',
    own: { salt: typed('Tetrabutylammonium bromide', 'C16H36BrN', 'CCCC[N+](CCCC)(CCCC)CCCC.[Br-]') },
    lines: { salt: ['catalyst', '1.0 g'], toluene: ['solvent', '20 mL'] },
    into: { toluene: 'non-halogenated' },
  },
  dissolved('potassium cyanide', 'one', typed('Potassium cyanide', 'KCN', '[K+].[C-]#N'), '1.0 g', 'cyanide', {
    must: [['waste.keepAlkaline', 'cyanide']],
    never: acidify,
  }),
  single(
    'a silyl cyanide',
    'one',
    typed('Trimethylsilyl cyanide', 'C4H9NSi', 'C[Si](C)(C)C#N', '0.79'),
    '2.0 mL',
    'cyanide',
    { never: none },
  ),
  // Alkali frees the cyanide of a nitrile that has its hydroxyl on the same carbon; of no other.
  ...(
    [
      ['mandelonitrile', 'C8H7NO', 'N#CC(O)c1ccccc1', 'cyanide'],
      ['acetone cyanohydrin', 'C4H7NO', 'CC(C)(O)C#N', 'cyanide'],
      ['a hydroxy nitrile that is none', 'C3H5NO', 'OCCC#N', 'non-halogenated'],
    ] as const
  ).map(([title, formula, smiles, stream]) =>
    single(title, 'one', typed(title, formula, smiles, '1.0'), '2.0 mL', stream),
  ),
  dissolved('sodium sulfide', 'one', typed('Sodium sulfide', 'Na2S', '[Na+].[Na+].[S-2]'), '1.0 g', 'sulfide', {
    must: [['waste.keepAlkaline', 'sulfide']],
    never: acidify,
  }),
  dissolved('sodium azide', 'one', typed('Sodium azide', 'NaN3', '[Na+].[N-]=[N+]=[N-]'), '1.0 g', 'azide', {
    must: [['waste.keepAlkaline', 'azide']],
    never: none,
  }),
  {
    title: 'an organic azide in toluene',
    own: { azide: typed('Benzyl azide', 'C7H7N3', '[N-]=[N+]=NCc1ccccc1', '1.07') },
    lines: { azide: ['reactant', '0.5 g'], toluene: ['solvent', '20 mL'] },
    into: { toluene: 'azide' },
  },
  dissolved('a mercury salt', 'one', typed('Mercury(II) chloride', 'HgCl2', 'Cl[Hg]Cl'), '0.2 g', 'heavy-metal'),
  dissolved('arsenic', 'one', typed('Sodium arsenite', 'NaAsO2', '[Na+].[O-][As]=O'), '0.2 g', 'heavy-metal', {
    never: acidify,
  }),
  dissolved('selenium', 'one', typed('Selenium dioxide', 'SeO2', 'O=[Se]=O'), '0.5 g', 'heavy-metal'),
  {
    title: 'a vanadium complex in toluene',
    own: { complex: typed('Vanadyl acetylacetonate', 'C10H14O5V', 'CC(=O)C=C(C)O[V](=O)OC(C)=CC(C)=O') },
    lines: { complex: ['catalyst', '0.1 g'], toluene: ['solvent', '20 mL'] },
    into: { toluene: 'heavy-metal' },
  },
  {
    title: 'half a milligram of copper in 50 mL of water: any amount',
    own: { copper: typed('Copper(II) acetate', 'C4H6CuO4', '[Cu+2].CC([O-])=O.CC([O-])=O') },
    lines: { copper: ['catalyst', '0.5 mg'], water: water('50 mL') },
    into: { water: 'heavy-metal' },
  },
  single('a peracid', 'one', typed('3-Chloroperbenzoic acid', 'C7H5ClO3', 'OOC(=O)c1cccc(Cl)c1'), '1.0 g', 'oxidizer', {
    never: none,
  }),
  single(
    'a hydroperoxide',
    'one',
    typed('tert-Butyl hydroperoxide', 'C4H10O2', 'CC(C)(C)OO', '0.90'),
    '2.0 mL',
    'oxidizer',
  ),
  single('an N-bromo imide', 'one', typed('N-Bromosuccinimide', 'C4H4BrNO2', 'O=C1CCC(=O)N1Br'), '1.0 g', 'oxidizer'),
  dissolved(
    'an N-chloro amide’s salt',
    'one',
    typed('Chloramine-T', 'C7H7ClNNaO2S', '[Na+].Cc1ccc(cc1)S(=O)(=O)[N-]Cl'),
    '1.0 g',
    'oxidizer',
    { never: acidify },
  ),
  dissolved('a periodate', 'one', typed('Sodium periodate', 'NaIO4', '[Na+].[O-]I(=O)(=O)=O'), '1.0 g', 'oxidizer'),
  dissolved('a chlorite', 'one', typed('Sodium chlorite', 'NaClO2', '[Na+].[O-]Cl=O'), '1.0 g', 'oxidizer', {
    never: acidify,
  }),
  dissolved(
    'a peroxodisulfate',
    'one',
    typed('Potassium peroxodisulfate', 'K2S2O8', '[K+].[K+].[O-]S(=O)(=O)OOS([O-])(=O)=O'),
    '1.0 g',
    'oxidizer',
  ),
  single(
    'a hypervalent iodine compound',
    'one',
    typed('Iodosobenzene diacetate', 'C10H11IO4', 'CC(=O)OI(OC(C)=O)c1ccccc1'),
    '1.0 g',
    'oxidizer',
  ),
  single('a name and no more', 'one', { name: 'Residue of another lab', form: 'liquid' }, '5.0 mL', 'asked', {
    never: none,
  }),
  single(
    'a formula with a halogen that nobody has drawn',
    'one',
    { name: 'Some hydrochloride', formula: 'C6H8ClN', form: 'liquid' },
    '5.0 mL',
    'asked',
  ),
  {
    title: 'an unknown in toluene: the whole flask is asked about',
    own: { what: { name: 'Residue of another lab', form: 'liquid' } },
    lines: { what: ['reactant', '1.0 mL'], toluene: ['solvent', '20 mL'] },
    into: { toluene: 'asked' },
  },
  dissolved(
    'a plain salt that nobody has labelled',
    'one',
    typed('Lithium chloride', 'LiCl', '[Li+].[Cl-]'),
    '1.0 g',
    'aqueous',
    { never: none },
  ),

  // Streams follow what a layer holds.
  {
    title: 'acid under dichloromethane: the water never goes into the halogenated bottle',
    lines: {
      dcm: ['solvent', '20 mL', { substance: 'dichloromethane' }],
      acid: ['wash', '10 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
    },
    into: { dcm: 'halogenated', acid: 'aqueous' },
    excess_mmol: { acid: -20 },
    must: [['waste.acidToNeutralize', 'aqueous']],
  },
  {
    title: 'toluene with half a per cent of dichloromethane',
    lines: { toluene: ['solvent', '40 mL'], dcm: ['solvent', '0.15 mL', { substance: 'dichloromethane' }] },
    into: { toluene: 'non-halogenated' },
  },
  {
    title: 'toluene with three per cent of dichloromethane',
    lines: { toluene: ['solvent', '40 mL'], dcm: ['solvent', '1.0 mL', { substance: 'dichloromethane' }] },
    into: { toluene: 'halogenated' },
  },
  {
    title: 'a still pot that is mostly phosphoric acid',
    lines: {
      acid: ['catalyst', '5.0 mL', { substance: 'phosphoric-acid', bottle: 'phosphoric-acid-85' }],
      rest: ['reactant', '1.5 mL', { substance: 'cyclohexanol' }],
    },
    into: { acid: 'aqueous-organic' },
    must: [['waste.acidToNeutralize', 'aqueous-organic']],
  },
  {
    title: 'an arenesulfonic acid in ethyl acetate: its acid is told with the organic bottle',
    lines: {
      ester: ['solvent', '30 mL', { substance: 'ethyl-acetate' }],
      acid: ['catalyst', '2.0 g', { substance: 'tosic-acid-monohydrate' }],
    },
    into: { ester: 'non-halogenated' },
    excess_mmol: { ester: -10.5 },
    must: [['waste.acidToNeutralize', 'non-halogenated']],
  },
  {
    title: 'potassium hydroxide in methanol',
    lines: {
      methanol: ['solvent', '30 mL', { substance: 'methanol' }],
      base: ['reactant', '1.0 g', { substance: 'potassium-hydroxide' }],
    },
    into: { methanol: 'non-halogenated' },
    excess_mmol: { methanol: 17.8 },
    must: [['waste.baseToNeutralize', 'non-halogenated']],
  },
  {
    title: 'a carboxylic acid in ethyl acetate is no acid to neutralize',
    lines: {
      ester: ['solvent', '30 mL', { substance: 'ethyl-acetate' }],
      acid: ['reactant', '1.0 g', { substance: 'benzoic-acid' }],
    },
    into: { ester: 'non-halogenated' },
    never: none,
  },
  {
    title: 'half-molar nitric acid, free of organics',
    lines: { acid: ['wash', '2.0 mL', { substance: 'nitric-acid', bottle: 'nitric-acid-65' }], water: water('60 mL') },
    into: { acid: 'aqueous' },
    must: [['waste.acidToNeutralize', 'aqueous']],
  },
  {
    title: 'nitric acid beyond one molar',
    lines: { acid: ['wash', '5.0 mL', { substance: 'nitric-acid', bottle: 'nitric-acid-65' }], water: water('20 mL') },
    into: { acid: 'oxidizer' },
  },
  {
    title: 'half-molar nitric acid with acetone',
    lines: {
      acid: ['wash', '2.0 mL', { substance: 'nitric-acid', bottle: 'nitric-acid-65' }],
      water: water('60 mL'),
      acetone: ['wash', '4.0 mL', { substance: 'acetone' }],
    },
    into: { acid: 'oxidizer' },
  },
  {
    title: 'bleach is never told to be acidified',
    lines: { bleach: ['reactant', '20 mL', { substance: 'sodium-hypochlorite', bottle: 'sodium-hypochlorite-10' }] },
    into: { bleach: 'oxidizer' },
    never: acidify,
  },
  {
    title: 'nitrite in alkali: never acid into it',
    own: { nitrite: typed('Potassium nitrite', 'KNO2', '[K+].[O-]N=O') },
    lines: {
      nitrite: ['reactant', '2.0 g'],
      base: ['reactant', '20 mL', { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-1m' }],
    },
    into: { base: 'aqueous' },
    must: [['waste.keepAlkaline', 'aqueous']],
    never: acidify,
  },
  {
    title: 'sulfite in alkali: never acid into it',
    own: { sulfite: typed('Sodium sulfite', 'Na2SO3', '[Na+].[Na+].[O-]S([O-])=O') },
    lines: {
      sulfite: ['reactant', '2.0 g'],
      base: ['reactant', '20 mL', { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-1m' }],
    },
    into: { base: 'aqueous' },
    must: [['waste.keepAlkaline', 'aqueous']],
    never: acidify,
  },
  {
    title: 'plain alkali is neutralized',
    lines: { base: ['reactant', '20 mL', { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-1m' }] },
    into: { base: 'aqueous' },
    excess_mmol: { base: 20 },
    must: [['waste.baseToNeutralize', 'aqueous']],
  },
  {
    title: 'plant material in water goes with the solids',
    lines: { cloves: ['reactant', '10 g'], water: water('60 mL') },
    into: { cloves: 'solid', water: 'aqueous' },
  },
  {
    title: 'silica gel in ethyl acetate goes with the solids',
    lines: {
      silica: ['aid', '5.0 g', { substance: 'silica-gel' }],
      ester: ['solvent', '30 mL', { substance: 'ethyl-acetate' }],
    },
    into: { silica: 'solid', ester: 'non-halogenated' },
  },
];

/** Its document: a mark of its own stands beside as the product, so that all of the flask is poured away. */
export const documentOfBottle = ({ title, own, lines }: BottleCase): Preparation =>
  documentOfScenario({
    title,
    ...(own ? { own } : {}),
    lines: { mark: ['reactant', '0.1 g', { substance: 'fluorene' }], ...lines },
    vessels: { flask: ['reaction flask', 250], dish: ['watch glass', 20] },
    steps: {
      ...Object.fromEntries(Object.keys(lines).map((line) => [`in-${line}`, ['charge', { line }, place] as const])),
      stirred: ['hold', { minutes: 10, low_C: 20, high_C: 25 }, place],
      mark: ['charge', { line: 'mark' }, { in: 'dish' }],
    },
  });
