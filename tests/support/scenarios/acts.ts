import { datum } from '../jobs/job';
import { cold, shake, solid, water, hold, dry } from './parts';
import type { Scenario } from './scenario';

/** Danger is tied to the act. */
export const acts: readonly Scenario[] = [
  {
    title: 'an ether boiled down to dryness, and one only shaken',
    lines: { ...solid, ether: ['solvent', '40 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ether: ['charge', { line: 'ether' }, cold],
      strip: ['stripping', { of: 'product', bath_C: 40 }, cold],
    },
    must: { strip: ['peroxideKept'] },
    not: { acid: ['peroxideKept'] },
  },
  {
    title: 'ethyl acetate taken off: no former of peroxides',
    lines: { ...solid, ester: ['solvent', '40 mL', { substance: 'ethyl-acetate' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ester: ['charge', { line: 'ester' }, cold],
      strip: ['stripping', { of: 'product', bath_C: 40 }, cold],
    },
    not: { '*': ['peroxideKept'] },
  },
  {
    title: 'an ether distilled off at the water bath',
    lines: { oil: ['reactant', '5 mL', { substance: 'ethyl-benzoate' }], thf: ['solvent', '40 mL'] },
    steps: {
      oil: ['charge', { line: 'oil' }, cold],
      thf: ['charge', { line: 'thf' }, cold],
      down: ['boilingDown', { to_mL: 5, way: 'open', of: 'product' }, cold],
    },
    must: { down: ['peroxideKept'] },
  },
  {
    title: 'dibenzoyl peroxide dried in the oven',
    own: {
      peroxide: {
        name: 'Dibenzoyl peroxide',
        formula: 'C14H10O4',
        smiles: 'O=C(OOC(=O)c1ccccc1)c1ccccc1',
        form: 'solid',
        melting: { low: '104', high: '106', source: 'author', check: 'from memory' },
      },
    },
    lines: { peroxide: ['reactant', '2.0 g'], water: water('20 mL') },
    steps: {
      peroxide: ['charge', { line: 'peroxide' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2 },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    must: { dry: ['explosiveKept'] },
  },
  {
    title: 'a picrate dried and ground',
    own: {
      picric: {
        name: 'Picric acid',
        formula: 'C6H3N3O7',
        smiles: 'Oc1c(cc(cc1[N+](=O)[O-])[N+](=O)[O-])[N+](=O)[O-]',
        form: 'solid',
        melting: { low: '121', high: '123', source: 'author', check: 'from memory' },
        waterSolubility: datum('1.3'),
      },
    },
    lines: { picric: ['reactant', '1.0 g'] },
    steps: {
      picric: ['charge', { line: 'picric' }, { in: 'paper' }],
      dry: dry('air'),
      grind: ['grinding', { minutes: 5 }, { in: 'paper' }],
    },
    must: { dry: ['explosiveKept'], grind: ['explosiveKept'] },
  },
  {
    title: 'a mononitro compound dried',
    lines: { nitro: ['reactant', '1.0 g', { substance: '4-nitroaniline' }] },
    steps: { nitro: ['charge', { line: 'nitro' }, { in: 'paper' }], dry: dry('oven') },
    not: { '*': ['explosiveKept'] },
  },
  {
    title: 'ammoniacal silver made and left to stand',
    lines: {
      silver: ['reactant', '5 mL', { substance: 'silver-nitrate', bottle: 'silver-nitrate-01m' }],
      ammonia: ['reactant', '2 mL', { bottle: 'ammonia-2m' }],
    },
    steps: {
      silver: ['charge', { line: 'silver' }, { in: 'conical' }],
      ammonia: ['charge', { line: 'ammonia' }, { in: 'conical' }],
      stand: ['stand', { hours: 24, where: 'bench', cover: 'stoppered' }, { in: 'conical' }],
    },
    must: { stand: ['silverKept'] },
  },
  {
    title: 'silver nitrate left to stand by itself',
    lines: { silver: ['reactant', '5 mL', { substance: 'silver-nitrate', bottle: 'silver-nitrate-01m' }] },
    steps: {
      silver: ['charge', { line: 'silver' }, { in: 'conical' }],
      stand: ['stand', { hours: 24, where: 'bench', cover: 'stoppered' }, { in: 'conical' }],
    },
    not: { '*': ['silverKept'] },
  },
  {
    title: 'acetone, hydrogen peroxide and acid in one flask',
    lines: {
      acetone: ['solvent', '10 mL'],
      peroxide: ['reactant', '5 mL', { substance: 'hydrogen-peroxide', bottle: 'hydrogen-peroxide-30' }],
      acid: ['catalyst', '1 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-3m' }],
    },
    steps: {
      acetone: ['charge', { line: 'acetone' }, cold],
      peroxide: ['charge', { line: 'peroxide' }, cold],
      acid: ['charge', { line: 'acid' }, cold],
    },
    must: { acid: ['acetonePeroxide'] },
  },
  {
    title: 'ethanol, hydrogen peroxide and acid',
    lines: {
      ethanol: ['solvent', '10 mL'],
      peroxide: ['reactant', '5 mL', { substance: 'hydrogen-peroxide', bottle: 'hydrogen-peroxide-3' }],
      acid: ['catalyst', '1 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-1m' }],
    },
    steps: {
      ethanol: ['charge', { line: 'ethanol' }, cold],
      peroxide: ['charge', { line: 'peroxide' }, cold],
      acid: ['charge', { line: 'acid' }, cold],
    },
    not: { '*': ['acetonePeroxide'] },
  },
  {
    title: 'a cake washed with acetone goes into the oven',
    lines: { ...solid, water: water('40 mL'), acetone: ['wash', '10 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2, wash: 'acetone' },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    must: { dry: ['ovenVapour'] },
  },
  {
    title: 'a cake wet with water goes into the oven, one wet with acetone dries in air',
    lines: { ...solid, water: water('40 mL'), wash: ['wash', '10 mL', { substance: 'water' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2, wash: 'wash' },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    not: { '*': ['ovenVapour'] },
  },
  {
    title: 'acetone warmed over a burner',
    lines: { ...solid, acetone: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      acetone: ['charge', { line: 'acetone' }, cold],
      heat: hold(40, 50, 10, { heat: 'burner' }),
    },
    must: { heat: ['flameStop'] },
  },
  {
    title: 'water boiled over a burner',
    lines: { ...solid, water: water('30 mL') },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'burner' }, cold],
    },
    not: { '*': ['flameStop'] },
  },
  {
    title: 'water holds a drop of ether over a burner',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, shake],
      water: ['charge', { line: 'water' }, shake],
      shake: [
        'extraction',
        { line: 'ether', organic: 'upper', of: 'product' },
        { ...shake, to: 'conical', aside: 'flask' },
      ],
      heat: hold(60, 80, 10, { heat: 'burner' }),
    },
    must: { heat: ['flameStop'] },
  },
  {
    title: 'water boiled over a burner first, ether afterwards',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      boil: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'burner' }, cold],
      cool: ['cooling', { minutes: 15, bath: 'ice', below_C: 10 }, cold],
      ether: ['charge', { line: 'ether' }, { in: 'funnel' }],
    },
    must: { boil: ['burnerNear'], ether: ['burnerNear'] },
    not: { acid: ['burnerNear'], water: ['burnerNear'], cool: ['burnerNear'] },
  },
  {
    title: 'the same on a hot plate',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      boil: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'plate' }, cold],
      cool: ['cooling', { minutes: 15, bath: 'ice', below_C: 10 }, cold],
      ether: ['charge', { line: 'ether' }, { in: 'funnel' }],
    },
    not: { '*': ['burnerNear'] },
  },
  {
    title: 'ethanol handled before a burner is lit: the neighbours may be at it still',
    lines: { ...solid, ethanol: ['wash', '10 mL', { substance: 'ethanol' }], water: water('40 mL') },
    steps: {
      ethanol: ['charge', { line: 'ethanol' }, { in: 'conical' }],
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      boil: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'burner' }, cold],
    },
    must: { boil: ['burnerNear'] },
    not: { ethanol: ['burnerNear'], acid: ['burnerNear'], water: ['burnerNear'] },
  },
  {
    title: 'a burner, and nothing that burns in a room but a few drops',
    lines: { ...solid, water: water('40 mL'), acetone: ['rinse', '0.4 mL', { substance: 'acetone' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      boil: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'burner' }, cold],
      acetone: ['charge', { line: 'acetone' }, { in: 'conical' }],
    },
    not: { '*': ['burnerNear', 'flameStop'] },
  },
  {
    title: 'half a millilitre of acetone over a burner: no stop, and said',
    lines: { ...solid, water: water('40 mL'), acetone: ['rinse', '0.4 mL', { substance: 'acetone' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      acetone: ['charge', { line: 'acetone' }, cold],
      boil: hold(40, 50, 10, { heat: 'burner' }),
    },
    not: { '*': ['flameStop'] },
  },
];
