import { datum, percent } from './job';
import type { Tried } from '.';

const range = (low: string, high: string) => ({ low, high, source: 'author', check: 'from memory' as const });

/** Jobs whose product is a solid. */
export const solids: Readonly<Record<string, Tried>> = {
  imine: {
    title: 'An imine from an aldehyde that is distilled first',
    own: {
      product: {
        name: 'Benzylideneaniline',
        formula: 'C13H11N',
        smiles: 'C(=Nc1ccccc1)c1ccccc1',
        form: 'solid',
        melting: range('50', '54'),
        boiling: datum('300'),
        waterSolubility: datum('0.01'),
      },
    },
    reactions: {
      condensation: ['benzaldehyde + aniline = product + water', 'product', { stir: percent('88', '95', '99') }],
    },
    reference: 'aged',
    lines: {
      aged: [
        'material',
        '8.0 g',
        {
          substance: 'benzaldehyde',
          strength: { by: 'massFraction', digits: '92' },
          solvent: 'benzoic-acid',
          vessel: 'still',
        },
      ],
      distilled: [
        'reactant',
        '3.0 g',
        { substance: 'benzaldehyde', reaction: 'condensation', supply: { stage: 'distilled' }, vessel: 'flask' },
      ],
      aniline: ['reactant', '1.0 equiv', { reaction: 'condensation', vessel: 'flask' }],
      ethanol: ['solvent', '6 mL', { vessel: 'flask' }],
      wash: ['wash', '3 mL', { substance: 'ethanol' }],
    },
    vessels: {
      still: ['distillation flask', 25],
      forerun: ['receiver', 10],
      receiver: ['receiver', 25],
      flask: ['conical flask', 50],
      paper: ['watch glass', 50],
    },
    stages: {
      distilled: ['Distilled aldehyde', 'benzaldehyde', { by: 'content', line: 'aged', percent: '92' }],
      product: ['Imine', 'product', { by: 'reaction', reaction: 'condensation' }],
    },
    steps: {
      aged: ['charge', { line: 'aged' }, { in: 'still' }],
      distil: [
        'distillation',
        { of: 'distilled', low_C: 176, high_C: 180, airCondenser: true },
        { in: 'still', to: 'receiver', forerun: 'forerun' },
      ],
      distilled: ['charge', { line: 'distilled' }, { in: 'flask' }],
      aniline: ['charge', { line: 'aniline' }, { in: 'flask' }],
      stir: ['hold', { minutes: 10, low_C: 25, high_C: 40 }, { in: 'flask' }],
      ethanol: ['charge', { line: 'ethanol' }, { in: 'flask' }],
      ice: ['cooling', { minutes: 15, bath: 'ice', below_C: 5 }, { in: 'flask' }],
      filter: [
        'vacuumFiltration',
        { of: 'product', wash: 'wash', solvent: 'ethanol', at_C: 3, air_min: 5 },
        { in: 'flask' },
      ],
      dry: ['drying', { of: 'product', where: 'air', minutes: 20, further_min: 10, most_C: 30 }, { in: 'paper' }],
      weigh: ['weighing', { of: 'product' }, { in: 'paper' }],
    },
    expects: [
      { stage: 'distilled', low: 5.5, high: 7.2, why: 'forerun and hold-up of a 25 mL still keep about a gram' },
      {
        stage: 'product',
        low: 3.2,
        high: 5.1,
        why: 'the imine dissolves in cold ethanol by a guess: no curve is known',
      },
    ],
  },
  dienone: {
    title: 'A two-to-one condensation whose crude sets the solvent',
    own: {
      enone: {
        name: '2,6-Dibenzylidenecyclohexanone',
        formula: 'C20H18O',
        smiles: 'O=C1C(=Cc2ccccc2)CCCC1=Cc1ccccc1',
        form: 'solid',
        melting: range('116', '118'),
        groups: { ketone: 1, alkene: 2 },
        waterSolubility: datum('0.001'),
      },
    },
    reactions: {
      condensation: ['2 benzaldehyde + cyclohexanone = enone + 2 water', 'enone', { stir: percent('75', '88', '96') }],
    },
    reference: 'cyclohexanone',
    lines: {
      benzaldehyde: ['reactant', '2.1 equiv', { reaction: 'condensation', vessel: 'flask' }],
      cyclohexanone: ['reactant', '1.5 g', { reaction: 'condensation', vessel: 'flask' }],
      ethanol: ['solvent', '20 mL', { vessel: 'flask' }],
      base: ['catalyst', '10 mL', { substance: 'sodium-hydroxide', bottle: 'sodium-hydroxide-10', vessel: 'flask' }],
      water: ['wash', '20 mL'],
      hot: [
        'solvent',
        'crude',
        {
          substance: 'ethanol',
          entered: { by: 'perMass', digits: '12', of: 'product', percent: '80' },
          vessel: 'conical',
        },
      ],
      cold: ['wash', '4 mL', { substance: 'ethanol' }],
    },
    vessels: {
      flask: ['conical flask', 100],
      conical: ['conical flask', 125],
      paper: ['watch glass', 50],
      glass: ['watch glass', 25],
    },
    stages: {
      crude: ['Crude enone', 'enone', { by: 'reaction', reaction: 'condensation' }],
      pure: ['Pure enone', 'enone', { by: 'stage', stage: 'crude' }],
    },
    steps: {
      aldehyde: ['charge', { line: 'benzaldehyde' }],
      ketone: ['charge', { line: 'cyclohexanone' }],
      solvent: ['charge', { line: 'ethanol' }],
      base: ['addition', { line: 'base', portions: 2, minutes: 5, ceiling_C: 30 }, { in: 'flask' }],
      stir: ['hold', { minutes: 30, low_C: 20, high_C: 28 }, { in: 'flask' }],
      filter: [
        'vacuumFiltration',
        { of: 'crude', wash: 'water', solvent: 'water', at_C: 20, air_min: 10 },
        { in: 'flask' },
      ],
      dry: ['drying', { of: 'crude', where: 'air', minutes: 30, further_min: 10, most_C: 60 }, { in: 'paper' }],
      weigh: ['weighing', { of: 'crude' }, { in: 'paper' }],
      dissolve: [
        'recrystallization',
        { from: 'crude', to: 'pure', solvent: 'hot', boil_min: 5, cold_C: 3 },
        { in: 'conical' },
      ],
      ice: ['cooling', { minutes: 20, bath: 'ice', below_C: 5 }, { in: 'conical' }],
      again: [
        'vacuumFiltration',
        { of: 'pure', wash: 'cold', solvent: 'ethanol', at_C: 3, air_min: 10 },
        { in: 'conical' },
      ],
      'dry-pure': ['drying', { of: 'pure', where: 'air', minutes: 30, further_min: 10, most_C: 60 }, { in: 'glass' }],
      'weigh-pure': ['weighing', { of: 'pure' }, { in: 'glass' }],
    },
    expects: [
      { stage: 'crude', low: 2.9, high: 4.0, why: 'taught yields are 75–95 %: it falls out as it forms' },
      { stage: 'pure', low: 2.2, high: 3.8, why: 'about a tenth to a fifth stays in the liquor' },
    ],
  },
  melt: {
    title: 'Two solids melted together, driven out of their solution',
    own: {
      product: {
        name: '4-(3-Carboxypropanamido)benzoic acid',
        formula: 'C11H11NO5',
        smiles: 'OC(=O)CCC(=O)Nc1ccc(cc1)C(O)=O',
        form: 'solid',
        melting: range('222', '226'),
        groups: { carboxylicAcid: 2, amide: 1 },
        pKa: [datum('4.3'), datum('4.6')],
        waterSolubility: datum('0.03'),
      },
    },
    reactions: {
      opening: ['succinic-anhydride + 4-aminobenzoic-acid = product', 'product', { melt: percent('80', '92', '98') }],
    },
    reference: '4-aminobenzoic-acid',
    lines: {
      '4-aminobenzoic-acid': ['reactant', '1.37 g', { reaction: 'opening', vessel: 'tube' }],
      'succinic-anhydride': ['reactant', '1.1 equiv', { reaction: 'opening', vessel: 'tube' }],
      ethanol: ['solvent', '15 mL'],
      water: ['solvent', '45 mL'],
      wash: ['wash', '5 mL', { substance: 'water' }],
    },
    vessels: { tube: ['beaker', 50], beaker: ['beaker', 150], glass: ['watch glass', 25] },
    stages: { product: ['Amide acid', 'product', { by: 'reaction', reaction: 'opening' }] },
    steps: {
      amine: ['charge', { line: '4-aminobenzoic-acid' }],
      anhydride: ['charge', { line: 'succinic-anhydride' }],
      melt: ['grinding', { minutes: 10, melt_C: 150 }, { in: 'tube' }],
      cool: ['cooling', { minutes: 10, bath: 'air', below_C: 40 }, { in: 'tube' }],
      up: [
        'resuspending',
        { lines: ['ethanol'], minutes: 10, at_C: 60, aim: 'dissolve' },
        { in: 'tube', to: 'beaker' },
      ],
      out: ['antisolvent', { of: 'product', line: 'water', minutes: 10, at_C: 20 }, { in: 'beaker' }],
      filter: [
        'vacuumFiltration',
        { of: 'product', wash: 'wash', solvent: 'water', at_C: 20, air_min: 5 },
        { in: 'beaker' },
      ],
      dry: ['drying', { of: 'product', where: 'oven', minutes: 30, further_min: 10, most_C: 100 }, { in: 'glass' }],
      weigh: ['weighing', { of: 'product' }, { in: 'glass' }],
    },
    expects: [
      {
        stage: 'product',
        low: 1.6,
        high: 2.3,
        why: 'what the mixture of ethanol and water keeps is a guess of 2 to 20 %',
      },
    ],
  },
  slurry: {
    title: 'A tenth of a gram purified by washing alone',
    reactions: {},
    reference: 'crude',
    lines: {
      crude: [
        'material',
        '100 mg',
        {
          substance: 'anthraquinone',
          strength: { by: 'massFraction', digits: '90' },
          solvent: 'anthracene',
          vessel: 'vial',
        },
      ],
      hexane: ['solvent', '1.0 mL'],
      rinse: ['wash', '0.3 mL', { substance: 'hexane' }],
    },
    vessels: { vial: ['vial', 4], glass: ['watch glass', 10] },
    stages: { pure: ['Washed solid', 'anthraquinone', { by: 'content', line: 'crude', percent: '90' }] },
    steps: {
      crude: ['charge', { line: 'crude' }, { in: 'vial' }],
      slurry: [
        'resuspending',
        { lines: ['hexane'], minutes: 10, at_C: 20, aim: 'slurry', of: 'pure' },
        { in: 'vial', to: 'vial' },
      ],
      filter: [
        'vacuumFiltration',
        { of: 'pure', wash: 'rinse', solvent: 'hexane', at_C: 20, air_min: 3 },
        { in: 'vial' },
      ],
      dry: ['drying', { of: 'pure', where: 'air', minutes: 15, further_min: 5, most_C: 40 }, { in: 'glass' }],
      weigh: ['weighing', { of: 'pure' }, { in: 'glass' }],
    },
    expects: [
      {
        stage: 'pure',
        low: 0.055,
        high: 0.088,
        why: 'careful hands lose a few milligrams in so small glass at each transfer; hexane takes hardly any of it',
      },
    ],
  },
};
