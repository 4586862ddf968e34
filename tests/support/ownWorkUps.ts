import {
  agent,
  bicarbonate,
  brine,
  charge,
  chips,
  ethanol,
  ether,
  flask,
  ice,
  muriatic,
  soda,
  sulfuric,
  water,
} from './ownBottles';
import type { Own } from './ownDocument';

/** Dangerous meetings, distillations and work-ups, marked in the same way. */
export const ownWorkUps: Readonly<Record<string, Own>> = {
  'nitration of a phenol': {
    subs: {
      phenol: ['Phenol', 'C6H6O', 'Oc1ccccc1', 'H301 H311 H331 H314 H341 H373'],
      nitric: ['Nitric acid, 65 %', 'HNO3', 'O[N+]([O-])=O', 'H272 H314 H331'],
      water,
    },
    lines: {
      water: ['water', 'solvent', '20 mL', 'flask'],
      nitric: ['nitric', 'reagent in excess', '10 mL 14 M', 'flask'],
      phenol: ['phenol', 'reactant', '4.7 g', 'flask'],
    },
    steps: [
      charge('water'),
      charge('nitric'),
      ['phenol', 'addition', { line: 'phenol', portions: 6, minutes: 20, ceiling_C: 20 }, flask],
    ],
    marks: [
      ['nitric', 'acidOrder', 'toxicVapour'],
      ['phenol', 'nitricOrganic', 'toxic', 'skin', 'toxicVapour', 'corrosive', 'suspected', 'organs'],
    ],
  },
  'nitric acid rinsed with ethanol': {
    subs: { nitric: ['Nitric acid', 'HNO3', 'O[N+]([O-])=O', 'H272 H314 H331'], ethanol },
    lines: { nitric: ['nitric', 'material', '5.0 mL 14 M', 'flask'], ethanol: ['ethanol', 'rinse', '5.0 mL', 'flask'] },
    steps: [charge('nitric'), charge('ethanol')],
    marks: [
      ['nitric', 'acidOrder', 'toxicVapour'],
      ['ethanol', 'nitricSolvent', 'nitricOrganic'],
    ],
  },
  'bromine added to acetone': {
    subs: {
      ketone: ['Acetone', 'C3H6O', 'CC(C)=O', 'H225 H319 H336', '-20', '56'],
      bromine: ['Bromine', 'Br2', 'BrBr', 'H314 H330 H400'],
    },
    lines: { ketone: ['ketone', 'material', '10 mL', 'flask'], bromine: ['bromine', 'reactant', '8.0 g', 'flask'] },
    steps: [charge('ketone'), charge('bromine')],
    marks: [['bromine', 'bromineKetone', 'corrosive', 'toxicVapour', 'flagged']],
  },
  'an azo dye': {
    subs: {
      amine: ['4-Nitroaniline', 'C6H6N2O2', 'Nc1ccc(cc1)[N+]([O-])=O', 'H301 H311 H331 H373'],
      acid: muriatic,
      nitrite: ['Sodium nitrite', 'NaNO2', '[Na+].[O-]N=O', 'H272 H301 H319'],
      water,
    },
    lines: {
      amine: ['amine', 'reactant', '1.4 g', 'beaker'],
      water: ['water', 'solvent', '20 mL', 'beaker'],
      acid: ['acid', 'reagent in excess', '10 mL 3 M', 'beaker'],
      nitrite: ['nitrite', 'reactant', '0.70 g', 'beaker'],
    },
    steps: [
      charge('amine', { in: 'beaker' }),
      charge('water', { in: 'beaker' }),
      charge('acid', { in: 'beaker' }),
      charge('nitrite', { in: 'beaker' }),
    ],
    marks: [
      ['amine', 'toxic', 'skin', 'toxicVapour', 'organs'],
      ['acid', 'acidOrder'],
      ['nitrite', 'nitrousFumes', 'diazonium', 'oxidizerOrganic', 'toxic'],
    ],
  },
  'an azide in dichloromethane': {
    subs: {
      azide: ['Sodium azide', 'NaN3', '[Na+].[N-]=[N+]=[N-]', 'H300 H310 H373 EUH032'],
      solvent: ['Dichloromethane', 'CH2Cl2', 'ClCCl', 'H315 H319 H336 H351', '', '40'],
    },
    lines: { solvent: ['solvent', 'solvent', '20 mL', 'flask'], azide: ['azide', 'reactant', '1.0 g', 'flask'] },
    steps: [charge('solvent'), charge('azide')],
    marks: [
      ['solvent', 'suspected'],
      ['azide', 'azide', 'azide', 'toxic', 'skin', 'organs', 'flagged'],
    ],
  },
  'sodium and chloroform': {
    subs: {
      solvent: ['Chloroform', 'CHCl3', 'ClC(Cl)Cl', 'H302 H331 H315 H319 H351 H361d H372', '', '61'],
      sodium: ['Sodium', 'Na', '[Na]', 'H260 H314'],
    },
    lines: { solvent: ['solvent', 'solvent', '20 mL', 'flask'], sodium: ['sodium', 'reactant', '1.0 g', 'flask'] },
    steps: [charge('solvent'), charge('sodium')],
    marks: [
      ['solvent', 'toxicVapour', 'suspected', 'organs'],
      ['sodium', 'metalHalide', 'halideBase', 'alkaliMetal', 'corrosive'],
    ],
  },
  'sodium thrown into water': {
    subs: { sodium: ['Sodium', 'Na', '[Na]', 'H260 H314'], water },
    lines: { water: ['water', 'solvent', '50 mL', 'beaker'], sodium: ['sodium', 'material', '0.50 g', 'beaker'] },
    steps: [charge('water', { in: 'beaker' }), charge('sodium', { in: 'beaker' })],
    marks: [['sodium', 'neverWater', 'hydrogen', 'alkaliMetal', 'corrosive']],
  },
  'water charged into sulfuric acid': {
    subs: { sulfuric, water },
    lines: { acid: ['sulfuric', 'material', '20 g', 'beaker'], water: ['water', 'solvent', '20 mL', 'beaker'] },
    steps: [charge('acid', { in: 'beaker' }), charge('water', { in: 'beaker' })],
    marks: [
      ['acid', 'acidOrder'],
      ['water', 'waterIntoAcid'],
    ],
  },
  'acid slowly into water, then ice into it': {
    subs: { sulfuric, water, ice },
    lines: {
      water: ['water', 'solvent', '20 mL', 'beaker'],
      acid: ['sulfuric', 'material', '20 g', 'beaker'],
      ice: ['ice', 'quench', '20 g', 'beaker'],
    },
    steps: [charge('water', { in: 'beaker' }), charge('acid', { in: 'beaker' }), charge('ice', { in: 'beaker' })],
    marks: [['acid', 'acidOrder']],
  },
  'strong alkali neutralized at once': {
    subs: { soda, water, acid: muriatic },
    lines: {
      soda: ['soda', 'material', '8.0 g', 'beaker'],
      water: ['water', 'solvent', '40 mL', 'beaker'],
      acid: ['acid', 'quench', '34 mL 6 M', 'beaker'],
    },
    steps: [charge('soda', { in: 'beaker' }), charge('water', { in: 'beaker' }), charge('acid', { in: 'beaker' })],
    marks: [
      ['soda', 'alkali'],
      ['acid', 'acidOrder', 'neutralizationHeat'],
    ],
  },
  'an alkene distilled as it forms': {
    subs: {
      alcohol: ['Cyclohexanol', 'C6H12O', 'OC1CCCCC1', 'H302 H315', '67', '161'],
      acid: ['Phosphoric acid', 'H3PO4', 'OP(O)(O)=O', 'H314'],
      alkene: ['Cyclohexene', 'C6H10', 'C1=CCCCC1', 'H225 H302 H304', '-12', '83'],
      water,
      chips,
    },
    equation: 'alcohol = alkene + water',
    lines: {
      alcohol: ['alcohol', 'reactant', '10 g', 'still'],
      acid: ['acid', 'catalyst', '2.0 mL 14 M', 'still'],
      chips: ['chips', 'aid', 'some', 'still'],
    },
    steps: [
      charge('alcohol', { in: 'still' }),
      charge('acid', { in: 'still' }),
      charge('chips', { in: 'still' }),
      ['distil', 'reactiveDistillation', { substance: 'alkene', ceiling_C: 90 }, { in: 'still' }],
    ],
    marks: [
      ['acid', 'acidOrder'],
      ['distil', 'flameFreeFlash', 'sealed', 'dryness'],
    ],
  },
  'a high boiler distilled without an aid': {
    subs: { oil: ['Methyl salicylate', 'C8H8O3', 'COC(=O)c1ccccc1O', 'H302 H317 H361d', '96', '222'] },
    lines: { oil: ['oil', 'material', '10 g', 'still'] },
    steps: [
      charge('oil', { in: 'still' }),
      ['distil', 'distillation', { of: 'crude', low_C: 218, high_C: 224 }, { in: 'still' }],
    ],
    marks: [
      ['oil', 'suspected'],
      ['distil', 'sealed', 'dryness', 'noAid', 'airCondenser'],
    ],
  },
  'a plant oil with steam, shaken out and stripped': {
    subs: {
      peel: ['Orange peel', '', '', ''],
      oil: ['Limonene', 'C10H16', 'CC1=CCC(CC1)C(C)=C', 'H226 H304 H315 H317 H410', '48', '176'],
      water,
      chips,
      ether,
      agent,
    },
    lines: {
      peel: ['peel', 'material', '50 g', 'flask'],
      water: ['water', 'solvent', '150 mL', 'flask'],
      chips: ['chips', 'aid', 'some', 'flask'],
      ether: ['ether', 'extractant', '30 mL'],
      agent: ['agent', 'drying agent', '2.0 g'],
    },
    steps: [
      charge('peel'),
      charge('water'),
      charge('chips'),
      [
        'steam',
        'steamDistillation',
        { of: 'crude', material: 'peel', distillate_mL: 60 },
        { in: 'flask', to: 'receiver' },
      ],
      ['extract', 'extraction', { line: 'ether', organic: 'upper' }, { in: 'funnel', to: 'conical' }],
      ['dry', 'dryingLiquid', { agent: 'agent', minutes: 5 }, { in: 'conical', to: 'round' }],
      ['strip', 'stripping', { of: 'crude', bath_C: 40 }, { in: 'round' }],
    ],
    marks: [
      ['steam', 'sealed', 'dryness'],
      ['extract', 'ether'],
      ['strip', 'flameFreeFlash', 'autoignition', 'peroxide'],
    ],
  },
  'acid, base and neutral parted': {
    subs: {
      acid: ['Benzoic acid', 'C7H6O2', 'OC(=O)c1ccccc1', 'H315 H318 H372'],
      neutral: ['Naphthalene', 'C10H8', 'c1ccc2ccccc2c1', 'H228 H302 H351 H410'],
      ether,
      bicarbonate,
      strong: muriatic,
    },
    lines: {
      acid: ['acid', 'material', '2.0 g', 'conical'],
      neutral: ['neutral', 'material', '2.0 g', 'conical'],
      ether: ['ether', 'solvent', '40 mL', 'conical'],
      base: ['bicarbonate', 'extractant', '40 mL 1 M'],
      strong: ['strong', 'quench', '10 mL 6 M'],
    },
    steps: [
      charge('acid', { in: 'conical' }),
      charge('neutral', { in: 'conical' }),
      charge('ether', { in: 'conical' }),
      ['extract', 'extraction', { line: 'base', organic: 'upper' }, { in: 'funnel', to: 'beaker', aside: 'round' }],
      ['set', 'neutralization', { line: 'strong', low_pH: 1, high_pH: 2 }, { in: 'beaker' }],
    ],
    marks: [
      ['acid', 'corrosive', 'organs'],
      ['neutral', 'suspected'],
      ['ether', 'ether'],
      ['extract', 'carbonDioxide'],
      ['set', 'carbonDioxide', 'dissolvedSolvent', 'acidOrder'],
    ],
  },
  'two solids rubbed together': {
    subs: {
      aldehyde: ['Vanillin', 'C8H8O3', 'COc1cc(C=O)ccc1O', 'H319'],
      oxone: ['Potassium peroxymonosulfate', 'KHSO5', '', 'H272 H302 H314'],
    },
    lines: { aldehyde: ['aldehyde', 'material', '1.0 g', 'mortar'], oxone: ['oxone', 'reactant', '3.0 g', 'mortar'] },
    steps: [
      charge('aldehyde', { in: 'mortar' }),
      charge('oxone', { in: 'mortar' }),
      ['grind', 'grinding', { minutes: 10 }, { in: 'mortar' }],
    ],
    marks: [
      ['oxone', 'oxidizerOrganic', 'corrosive'],
      ['grind', 'grindOxidizer'],
    ],
  },
  'an ethereal solution left in the refrigerator': {
    subs: {
      neutral: ['Fluorene', 'C13H10', 'c1ccc2c(c1)Cc1ccccc12', 'H410'],
      ether: ['Diethyl ether', 'C4H10O', 'CCOCC', 'H224 H302 H336 EUH019'],
    },
    lines: {
      neutral: ['neutral', 'material', '1.0 g', 'flask'],
      ether: ['ether', 'solvent', '20 mL', 'flask'],
    },
    steps: [
      charge('neutral', { in: 'flask' }),
      charge('ether', { in: 'flask' }),
      ['bench', 'stand', { hours: 20, where: 'bench', cover: 'loosely' }, { in: 'flask' }],
      ['cold', 'stand', { hours: 20, where: 'refrigerator', cover: 'stoppered' }, { in: 'flask' }],
    ],
    marks: [
      ['ether', 'ether'],
      // What is kept forms peroxides; said once.
      ['bench', 'peroxide'],
      ['cold', 'coldStore'],
    ],
  },
  'two harmless solids rubbed together': {
    subs: {
      aldehyde: ['Vanillin', 'C8H8O3', 'COc1cc(C=O)ccc1O', 'H319'],
      amine: ['4-Toluidine', 'C7H9N', 'Cc1ccc(N)cc1', 'H301 H311 H331 H317 H319 H351'],
      imine: ['Imine', 'C15H15NO2', 'COc1cc(C=Nc2ccc(C)cc2)ccc1O', '?'],
      water,
    },
    equation: 'aldehyde + amine = imine + water',
    lines: { aldehyde: ['aldehyde', 'reactant', '1.52 g', 'mortar'], amine: ['amine', 'reactant', '1.07 g', 'mortar'] },
    steps: [
      charge('aldehyde', { in: 'mortar' }),
      charge('amine', { in: 'mortar' }),
      ['grind', 'grinding', { minutes: 10 }, { in: 'mortar' }],
    ],
    marks: [['amine', 'toxic', 'skin', 'toxicVapour', 'suspected']],
  },
  'a decarboxylation in a closed vial': {
    subs: {
      acid: ['Ethanedioic acid', 'C2H2O4', 'OC(=O)C(O)=O', 'H302 H312 H318'],
      formic: ['Formic acid', 'CH2O2', 'OC=O', 'H226 H302 H314 H331', '65', '101'],
      gas: ['Carbon dioxide', 'CO2', 'O=C=O', ''],
    },
    equation: 'acid = formic + gas',
    lines: { acid: ['acid', 'reactant', '0.90 g', 'vial'] },
    steps: [charge('acid', { in: 'vial' }), ['shake', 'closedVial', { minutes: 10, vent_min: 2 }, { in: 'vial' }]],
    marks: [
      ['acid', 'corrosive'],
      ['shake', 'closedGas', 'gasVent', 'corrosive', 'toxicVapour'],
    ],
  },
  'cyanide and acid': {
    subs: {
      cyanide: ['Potassium cyanide', 'KCN', '[K+].[C-]#N', 'H300 H310 H330 H372 H410 EUH032'],
      water,
      acid: muriatic,
    },
    lines: {
      cyanide: ['cyanide', 'reactant', '1.0 g', 'flask'],
      water: ['water', 'solvent', '20 mL', 'flask'],
      acid: ['acid', 'quench', '10 mL 2 M', 'flask'],
    },
    steps: [charge('cyanide'), charge('water'), charge('acid')],
    marks: [
      ['cyanide', 'toxic', 'skin', 'toxicVapour', 'organs', 'flagged'],
      ['acid', 'poisonGas', 'acidOrder'],
    ],
  },
  'a hydride reduction, quenched with an ester': {
    subs: {
      ester: ['Methyl benzoate', 'C8H8O2', 'COC(=O)c1ccccc1', 'H302', '77', '199'],
      hydride: ['Lithium aluminium hydride', 'LiAlH4', '[Li+].[AlH4-]', 'H260 H314'],
      ether,
      quench: ['Ethyl acetate', 'C4H8O2', 'CCOC(C)=O', 'H225 H319 H336', '-4', '77'],
    },
    lines: {
      hydride: ['hydride', 'reagent in excess', '0.80 g', 'flask'],
      ether: ['ether', 'solvent', '40 mL', 'flask'],
      ester: ['ester', 'reactant', '2.7 g', 'flask'],
      quench: ['quench', 'quench', '5.0 mL', 'flask'],
    },
    steps: [
      charge('hydride'),
      charge('ether'),
      ['ester', 'addition', { line: 'ester', portions: 5, minutes: 20, ceiling_C: 30 }, flask],
      charge('quench'),
    ],
    marks: [
      ['hydride', 'aluminiumHydride', 'corrosive'],
      ['ether', 'ether'],
    ],
  },
  'an unknown without structure': {
    subs: { unknown: ['Starting material X', 'C9H10O3', '', '?'], brine, water },
    lines: {
      unknown: ['unknown', 'material', '1.0 g', 'conical'],
      water: ['water', 'solvent', '20 mL', 'conical'],
      brine: ['brine', 'wash', '5.0 mL 5 M', 'conical'],
    },
    steps: [
      charge('unknown', { in: 'conical' }),
      charge('water', { in: 'conical' }),
      charge('brine', { in: 'conical' }),
    ],
    marks: [],
  },
};
