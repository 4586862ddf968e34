import { datum, percent } from './job';
import type { Tried } from '.';

/** Jobs that bring something out of a plant. */
export const isolations: Readonly<Record<string, Tried>> = {
  juice: {
    title: 'Citric acid out of a juice, over its calcium salt',
    own: {
      salt: {
        name: 'Calcium citrate tetrahydrate',
        formula: 'Ca3(C6H5O7)2·4H2O',
        form: 'solid',
        waterSolubility: datum('0.085'),
      },
      gypsum: {
        name: 'Calcium sulfate dihydrate',
        formula: 'CaSO4·2H2O',
        form: 'solid',
        waterSolubility: datum('0.24'),
      },
    },
    reactions: {
      precipitation: [
        '2 citric-acid + 3 calcium-chloride + 6 sodium-hydroxide = salt + 6 sodium-chloride + 2 water',
        'salt',
        { hot: percent('90', '97', '99') },
      ],
      decomposition: [
        'salt + 3 sulfuric-acid + 2 water = 2 citric-acid + 3 gypsum',
        'citric-acid',
        { decompose: percent('90', '96', '99') },
        'taken',
      ],
    },
    reference: 'juice',
    lines: {
      juice: [
        'material',
        '100 g',
        {
          substance: 'citric-acid',
          strength: { by: 'massFraction', digits: '6.0' },
          solvent: 'water',
          reaction: 'precipitation',
          vessel: 'beaker',
        },
      ],
      base: [
        'reagent in excess',
        '35 mL',
        {
          substance: 'sodium-hydroxide',
          bottle: 'sodium-hydroxide-3m',
          reaction: 'precipitation',
          vessel: 'beaker',
          excessReason: 'cheap',
        },
      ],
      calcium: [
        'reagent in excess',
        '20 mL',
        {
          substance: 'calcium-chloride',
          bottle: 'calcium-chloride-30',
          reaction: 'precipitation',
          vessel: 'beaker',
          excessReason: 'cheap',
        },
      ],
      hot: ['rinse', '20 mL', { substance: 'water' }],
      taken: [
        'reactant',
        'all',
        { substance: 'salt', reaction: 'decomposition', supply: { stage: 'salt' }, vessel: 'second' },
      ],
      acid: [
        'reagent in excess',
        '3.1 equiv',
        { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-3m', reaction: 'decomposition', excessReason: 'cheap' },
      ],
      water: ['wash', '10 mL'],
    },
    vessels: {
      beaker: ['beaker', 400],
      salt: ['beaker', 100],
      second: ['beaker', 100],
      filtrate: ['filter flask', 250],
      dish: ['dish', 100],
    },
    stages: {
      salt: ['Calcium citrate', 'salt', { by: 'reaction', reaction: 'precipitation' }],
      acid: ['Citric acid', 'citric-acid', { by: 'reaction', reaction: 'decomposition' }],
    },
    steps: {
      juice: ['charge', { line: 'juice' }],
      base: ['addition', { line: 'base', portions: 3, minutes: 10, ceiling_C: 40 }, { in: 'beaker' }],
      calcium: ['charge', { line: 'calcium' }],
      hot: ['hold', { minutes: 10, low_C: 85, high_C: 95 }, { in: 'beaker' }],
      filter: [
        'gravityFiltration',
        { keeps: 'solid', at: 'hot', rinse: 'hot', of: 'salt' },
        { in: 'beaker', to: 'filtrate' },
      ],
      'dry-salt': ['drying', { of: 'salt', where: 'oven', minutes: 60, further_min: 20, most_C: 60 }, { in: 'salt' }],
      weigh: ['weighing', { of: 'salt' }, { in: 'salt' }],
      taken: ['charge', { line: 'taken' }, { in: 'second' }],
      decompose: [
        'resuspending',
        { lines: ['acid'], minutes: 15, at_C: 60, aim: 'react', of: 'acid' },
        { in: 'second', to: 'second' },
      ],
      off: [
        'vacuumFiltration',
        { of: 'acid', wash: 'water', solvent: 'water', at_C: 20, air_min: 5, keeps: 'filtrate' },
        { in: 'second' },
      ],
      down: ['boilingDown', { to_mL: 15, way: 'open', of: 'acid' }],
      stand: ['evaporation', { of: 'acid', days: 7 }, { in: 'dish' }],
    },
    expects: [
      {
        stage: 'salt',
        low: 6.5,
        high: 8.9,
        why: 'the salt is less soluble hot than cold, which one solubility cannot say',
      },
      {
        stage: 'acid',
        low: 3.0,
        high: 5.9,
        why: 'what crystallizes in a week is less: a syrup stays, which the models dry',
      },
    ],
  },
};
