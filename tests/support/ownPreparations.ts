import { documentOf } from './preparations';
import groupsByStructure from './ownGroups.json';
import type { Preparation, Role, Substance } from '@/core/preparation/document';

/** A caution by its rule (without "hazard."), at a step. */
export type Mark = readonly [step: string, ...rules: readonly string[]];

interface Own {
  /** id: name, formula, structure, hazard statements, then flash and boiling point where the author knew them. */
  readonly subs: Readonly<
    Record<
      string,
      readonly [name: string, formula: string, smiles: string, statements: string, flash?: string, boiling?: string]
    >
  >;
  /** Coefficients are one; "a + b = p + w". */
  readonly equation?: string;
  /** id: substance, role, amount ("5.0 g", "10 mL 2 M", "some"), vessel. */
  readonly lines: Readonly<Record<string, readonly [substance: string, role: Role, amount: string, vessel?: string]>>;
  /** id, operation, parameters, vessels. */
  readonly steps: readonly (readonly [
    id: string,
    op: string,
    params?: Readonly<Record<string, unknown>>,
    uses?: Readonly<Record<string, string>>,
    text?: string,
  ])[];
  /** Cautions and stops that must stand, marked by hand. */
  readonly marks: readonly Mark[];
}

const groups = groupsByStructure as Readonly<Record<string, Substance['groups']>>;
const datum = (digits: string) => ({ digits, source: 'own', check: 'from memory' as const });

/** Builds the document that an author with nothing but formulas, structures, statements and steps would write. */
export function ownDocument(title: string, { subs, equation = '', lines, steps }: Own): Preparation {
  const [left = '', right = ''] = equation.split('=');
  const side = (text: string, which: 'left' | 'right') =>
    text
      .split('+')
      .map((one) => one.trim())
      .filter((one) => one !== '')
      .map((one) => {
        const [, count = '1', id = one] = /^(\d+) (.*)$/.exec(one) ?? [];
        return { substance: id, side: which, coefficient: Number(count) };
      });
  const terms = [...side(left, 'left'), ...side(right, 'right')];
  const product = terms.find((one) => one.side === 'right')?.substance ?? Object.keys(subs)[0] ?? '';
  const vessels = [
    ...new Set([
      ...Object.values(lines).flatMap(([, , , vessel]) => vessel ?? []),
      ...steps.flatMap(([, , , uses = {}]) => Object.values(uses)),
    ]),
  ];
  const kinds: Readonly<Record<string, string>> = {
    funnel: 'separatory funnel',
    still: 'distillation flask',
    beaker: 'beaker',
    conical: 'conical flask',
  };
  const first = Object.keys(lines)[0] ?? '';
  const made = terms.length > 0;
  return documentOf(
    JSON.stringify({
      format: 'mozle-preparation',
      formatVersion: 2,
      title,
      summary: '',
      protection: 'Goggles, coat, gloves.',
      substances: Object.entries(subs).map(([id, [name, formula, smiles, statements, flash, boiling]]) => ({
        id,
        name,
        ...(formula ? { formula } : {}),
        ...(smiles ? { smiles, ...(groups[smiles] ? { groups: groups[smiles] } : {}) } : {}),
        ...(statements === '?'
          ? {}
          : {
              hazards: {
                signal: 'none',
                pictograms: [],
                statements: statements.split(' ').filter((one) => one !== ''),
                source: 'own',
                check: 'from memory',
              },
            }),
        ...(flash ? { flash: datum(flash) } : {}),
        ...(boiling ? { boiling: datum(boiling), form: 'liquid', density: datum('0.9') } : {}),
      })),
      equation: { terms, product },
      reference: first,
      lines: Object.entries(lines).map(([id, [substance, role, amount, vessel]]) => {
        const [, digits = '', unit = '', strength] = /^([\d.]+) (g|mL)(?: ([\d.]+) M)?$/.exec(amount) ?? [];
        return {
          id,
          substance,
          role,
          entered: digits ? { by: unit === 'g' ? 'mass' : 'volume', digits, unit } : { by: 'words', text: amount },
          ...(strength ? { strength: { by: 'molarity', digits: strength }, density: datum('1.05') } : {}),
          ...(vessel ? { vessel } : {}),
        };
      }),
      vessels: vessels.map((id) => ({ id, name: id, kind: kinds[id] ?? 'reaction flask', capacity_mL: 250 })),
      devices: [],
      stages: [
        {
          id: 'crude',
          name: 'Product',
          substance: product,
          from: 'charge',
          ...(made ? {} : { basis: { line: first } }),
        },
      ],
      steps: steps.map(([id, op, params = {}, uses, text]) => ({
        id,
        op,
        opVersion: 1,
        params,
        ...(uses ? { uses } : {}),
        ...(text ? { text } : {}),
        time: { typical_min: 10, attended: true },
      })),
      pin: { at: 'factor', digits: '1' },
      benches: 8,
      spare_percent: 10,
    }),
  );
}

const water = ['Water', 'H2O', 'O', ''] as const;
const ice = ['Ice-water', 'H2O', 'O', ''] as const;
const bicarbonate = ['Sodium bicarbonate solution', 'NaHCO3', '[Na+].OC([O-])=O', ''] as const;
const brine = ['Brine', 'NaCl', '[Na+].[Cl-]', ''] as const;
const soda = ['Sodium hydroxide', 'NaOH', '[Na+].[OH-]', 'H290 H314'] as const;
const muriatic = ['Hydrochloric acid', 'HCl', 'Cl', 'H290 H314 H335'] as const;
const sulfuric = ['Sulfuric acid', 'H2SO4', 'OS(O)(=O)=O', 'H314'] as const;
const ether = ['Diethyl ether', 'C4H10O', 'CCOCC', 'H224 H302 H336 EUH019', '-45', '34.6'] as const;
const ethanol = ['Ethanol', 'C2H6O', 'CCO', 'H225 H319', '13', '78.3'] as const;
const acetic = ['Acetic acid', 'C2H4O2', 'CC(O)=O', 'H226 H314', '39', '118'] as const;
const chips = ['Boiling stones', '', '', ''] as const;
const agent = ['Magnesium sulfate', 'MgSO4', '[Mg+2].[O-]S([O-])(=O)=O', ''] as const;
const flask = { in: 'flask' } as const;
const charge = (id: string, uses: Readonly<Record<string, string>> = flask) =>
  [id, 'charge', { line: id }, uses] as const;
const reflux = ['reflux', 'reflux', { minutes: 30, low_C: 60, high_C: 120 }, flask] as const;

/** Thirty preparations as an author would bring them, with the cautions that must stand, marked before the rules were asked. */
export const ownPreparations: Readonly<Record<string, Own>> = {
  'an ester, washed and distilled': {
    subs: {
      acetic,
      ethanol,
      sulfuric,
      bicarbonate,
      agent,
      chips,
      water,
      ester: ['Ethyl acetate', 'C4H8O2', 'CCOC(C)=O', 'H225 H319 H336', '-4', '77.1'],
    },
    equation: 'acetic + ethanol = ester + water',
    lines: {
      acetic: ['acetic', 'reactant', '12 g', 'flask'],
      ethanol: ['ethanol', 'reagent in excess', '18 g', 'flask'],
      cat: ['sulfuric', 'catalyst', '1.0 g', 'flask'],
      chips: ['chips', 'aid', 'some', 'flask'],
      wash: ['bicarbonate', 'wash', '40 mL 1 M'],
      agent: ['agent', 'drying agent', '2.0 g'],
      fresh: ['chips', 'aid', 'some', 'still'],
    },
    steps: [
      charge('acetic'),
      charge('ethanol'),
      charge('cat'),
      charge('chips'),
      reflux,
      ['wash', 'wash', { line: 'wash', organic: 'upper' }, { in: 'funnel' }],
      ['dry', 'dryingLiquid', { agent: 'agent', minutes: 5 }, { in: 'funnel' }],
      charge('fresh', { in: 'still' }),
      ['distil', 'distillation', { of: 'crude', low_C: 74, high_C: 79 }, { in: 'still' }],
    ],
    marks: [
      ['acetic', 'corrosive'],
      ['cat', 'acidOrder'],
      ['reflux', 'flameFreeFlash', 'sealed'],
      ['wash', 'carbonDioxide'],
      ['distil', 'flameFreeFlash', 'sealed', 'dryness'],
    ],
  },
  'a ketone reduced with borohydride': {
    subs: {
      ketone: ['Benzophenone', 'C13H10O', 'O=C(c1ccccc1)c1ccccc1', 'H411'],
      ethanol,
      hydride: ['Sodium borohydride', 'NaBH4', '[Na+].[BH4-]', 'H260 H301 H314'],
      acid: muriatic,
      water,
      alcohol: ['Diphenylmethanol', 'C13H12O', 'OC(c1ccccc1)c1ccccc1', ''],
    },
    equation: '',
    lines: {
      ketone: ['ketone', 'material', '5.0 g', 'flask'],
      ethanol: ['ethanol', 'solvent', '30 mL', 'flask'],
      hydride: ['hydride', 'reactant', '0.50 g', 'flask'],
      acid: ['acid', 'quench', '10 mL 2 M', 'flask'],
    },
    steps: [
      charge('ketone'),
      charge('ethanol'),
      charge('hydride'),
      ['set', 'neutralization', { line: 'acid', low_pH: 1, high_pH: 4 }, flask],
    ],
    marks: [
      ['hydride', 'borohydride', 'toxic', 'corrosive', 'hydrogen'],
      ['set', 'hydrogen', 'acidOrder'],
    ],
  },
  'a metal insertion in ether': {
    subs: {
      halide: ['Bromobenzene', 'C6H5Br', 'Brc1ccccc1', 'H226 H315 H411', '51', '156'],
      metal: ['Magnesium turnings', 'Mg', '[Mg]', 'H228 H261'],
      ether,
      salt: ['Phenylmagnesium bromide', 'C6H5BrMg', 'Br[Mg]c1ccccc1', 'H260 H314'],
      ice,
    },
    equation: 'halide + metal = salt',
    lines: {
      metal: ['metal', 'reagent in excess', '1.0 g', 'flask'],
      ether: ['ether', 'solvent', '20 mL', 'flask'],
      first: ['halide', 'reactant', '0.60 g', 'flask'],
      rest: ['halide', 'reactant', '5.4 g', 'flask'],
      ice: ['ice', 'quench', '30 g', 'beaker'],
    },
    steps: [
      charge('metal'),
      charge('ether'),
      charge('first'),
      ['start', 'induction', { minutes: 5 }, flask],
      ['rest', 'addition', { line: 'rest', portions: 5, minutes: 20, ceiling_C: 36 }, flask],
      ['hold', 'hold', { minutes: 15, low_C: 34, high_C: 36 }, flask],
      ['quench', 'quench', { line: 'ice', below_C: 10, minutes: 5 }, { in: 'flask', to: 'beaker' }],
    ],
    marks: [
      ['metal', 'magnesium'],
      ['ether', 'ether', 'peroxide'],
      ['first', 'halideBase'],
      ['rest'],
      ['hold', 'flameFreeFlash', 'autoignition', 'organometallic', 'corrosive'],
      ['quench', 'organometallicQuench'],
    ],
  },
  'the same with everything in at once': {
    subs: {
      halide: ['Bromoethane', 'C2H5Br', 'CCBr', 'H225 H302 H351', '-20', '38.4'],
      metal: ['Magnesium turnings', 'Mg', '[Mg]', 'H228'],
      ether,
    },
    lines: {
      metal: ['metal', 'material', '1.0 g', 'flask'],
      ether: ['ether', 'solvent', '20 mL', 'flask'],
      halide: ['halide', 'reactant', '4.5 g', 'flask'],
    },
    steps: [charge('metal'), charge('ether'), charge('halide'), ['start', 'induction', { minutes: 5 }, flask]],
    marks: [
      ['metal', 'magnesium'],
      ['ether', 'ether', 'peroxide'],
      ['halide', 'suspected', 'halideBase'],
      ['start', 'inductionAll'],
    ],
  },
  'an acid chloride from thionyl chloride': {
    subs: {
      acid: ['Benzoic acid', 'C7H6O2', 'OC(=O)c1ccccc1', 'H315 H318 H372'],
      thionyl: ['Thionyl chloride', 'SOCl2', 'ClS(Cl)=O', 'H302 H314 H331 EUH014', '', '76'],
      chloride: ['Benzoyl chloride', 'C7H5ClO', 'ClC(=O)c1ccccc1', 'H302 H314 H317', '72', '197'],
      so2: ['Sulfur dioxide', 'SO2', 'O=S=O', 'H331 H314'],
      hcl: ['Hydrogen chloride', 'HCl', 'Cl', 'H331 H314'],
      chips,
    },
    equation: 'acid + thionyl = chloride + so2 + hcl',
    lines: {
      acid: ['acid', 'reactant', '6.1 g', 'flask'],
      thionyl: ['thionyl', 'reagent in excess', '9.0 g', 'flask'],
      chips: ['chips', 'aid', 'some', 'flask'],
    },
    steps: [charge('acid'), charge('thionyl'), charge('chips'), reflux],
    marks: [
      ['acid', 'corrosive', 'organs'],
      ['thionyl', 'corrosive', 'toxicVapour'],
      [
        'reflux',
        'sealed',
        'flameFlash',
        'gasIntoBase',
        'gasIntoBase',
        'corrosive',
        'corrosive',
        'acidOrder',
        'toxicVapour',
        'toxicVapour',
        'toxicVapour',
      ],
    ],
  },
  'an amide from an acid chloride': {
    subs: {
      amine: ['Benzylamine', 'C7H9N', 'NCc1ccccc1', 'H302 H312 H314', '65', '185'],
      chloride: ['Acetyl chloride', 'C2H3ClO', 'CC(Cl)=O', 'H225 H314 EUH014', '5', '51'],
      ether,
      amide: ['N-Benzylacetamide', 'C9H11NO', 'CC(=O)NCc1ccccc1', ''],
      hcl: ['Hydrogen chloride', 'HCl', 'Cl', 'H314 H331'],
      ice,
    },
    equation: 'amine + chloride = amide + hcl',
    lines: {
      amine: ['amine', 'reactant', '5.4 g', 'flask'],
      ether: ['ether', 'solvent', '30 mL', 'flask'],
      chloride: ['chloride', 'reagent in excess', '4.5 g', 'flask'],
      ice: ['ice', 'quench', '40 g', 'beaker'],
    },
    steps: [
      charge('amine'),
      charge('ether'),
      ['chloride', 'addition', { line: 'chloride', portions: 4, minutes: 15, ceiling_C: 10 }, flask],
      ['quench', 'quench', { line: 'ice', below_C: 10, minutes: 5 }, { in: 'flask', to: 'beaker' }],
    ],
    marks: [
      ['amine', 'corrosive'],
      ['ether', 'ether', 'peroxide'],
      ['chloride', 'acylation', 'corrosive', 'toxicVapour', 'gasIntoBase', 'acidOrder', 'toxicVapour'],
      ['quench', 'waterReactive'],
    ],
  },
  'bleach and an alcohol': {
    subs: {
      alcohol: ['Cyclohexanol', 'C6H12O', 'OC1CCCCC1', 'H302 H315', '67', '161'],
      acid: acetic,
      bleach: ['Bleach', 'NaOCl', '[Na+].[O-]Cl', 'H314 H400 EUH031'],
      ketone: ['Cyclohexanone', 'C6H10O', 'O=C1CCCCC1', 'H226 H302 H315 H318', '44', '155'],
      sulfite: ['Sodium bisulfite', 'NaHSO3', '[Na+].OS([O-])=O', 'H302 EUH031'],
    },
    lines: {
      alcohol: ['alcohol', 'material', '5.0 g', 'flask'],
      acid: ['acid', 'solvent', '2.0 mL', 'flask'],
      bleach: ['bleach', 'reagent in excess', '50 mL 1.5 M', 'flask'],
      sulfite: ['sulfite', 'quench', '5.0 mL 3 M', 'flask'],
    },
    steps: [
      charge('alcohol'),
      charge('acid'),
      ['bleach', 'addition', { line: 'bleach', portions: 5, minutes: 20, ceiling_C: 35 }, flask],
      [
        'quench',
        'inProcessTest',
        {
          test: 'Starch paper',
          positive: 'blue',
          negative: 'white',
          expect: 'negative',
          otherwise: 'more',
          line: 'sulfite',
        },
        flask,
      ],
    ],
    marks: [
      ['acid', 'corrosive'],
      ['bleach', 'chlorine', 'chlorinated', 'corrosive'],
      ['quench', 'sulfurDioxide'],
    ],
  },
  'peroxide and a ketone': {
    subs: {
      ketone: ['Acetone', 'C3H6O', 'CC(C)=O', 'H225 H319 H336', '-20', '56'],
      peroxide: ['Hydrogen peroxide, 30 %', 'H2O2', 'OO', 'H302 H318'],
    },
    lines: {
      ketone: ['ketone', 'solvent', '10 mL', 'flask'],
      peroxide: ['peroxide', 'reactant', '5.0 mL 9.8 M', 'flask'],
    },
    steps: [charge('ketone'), charge('peroxide')],
    marks: [['peroxide', 'ketonePeroxide', 'oxidizerOrganic', 'corrosive']],
  },
  'a mirror test': {
    subs: {
      silver: ['Silver nitrate', 'AgNO3', '[Ag+].[O-][N+]([O-])=O', 'H272 H314 H410'],
      ammonia: ['Ammonia, 2 M', 'NH3', 'N', 'H314 H335'],
      water,
    },
    lines: {
      silver: ['silver', 'material', '1.0 g', 'beaker'],
      water: ['water', 'solvent', '10 mL', 'beaker'],
      ammonia: ['ammonia', 'reactant', '5.0 mL 2 M', 'beaker'],
    },
    steps: [charge('silver', { in: 'beaker' }), charge('water', { in: 'beaker' }), charge('ammonia', { in: 'beaker' })],
    marks: [
      ['silver', 'corrosive'],
      ['ammonia', 'silverAmmonia', 'corrosive'],
    ],
  },
  'iodine washed with ammonia': {
    subs: { iodine: ['Iodine', 'I2', 'II', 'H312 H332 H372'], ether, ammonia: ['Ammonia', 'NH3', 'N', 'H314'] },
    lines: {
      iodine: ['iodine', 'material', '0.50 g', 'funnel'],
      ether: ['ether', 'solvent', '20 mL', 'funnel'],
      ammonia: ['ammonia', 'wash', '10 mL 2 M'],
    },
    steps: [
      charge('iodine', { in: 'funnel' }),
      charge('ether', { in: 'funnel' }),
      ['wash', 'wash', { line: 'ammonia', organic: 'upper' }, { in: 'funnel' }],
    ],
    marks: [
      ['iodine', 'toxicVapour', 'organs'],
      ['ether', 'ether', 'peroxide'],
      ['wash', 'iodineAmmonia', 'corrosive'],
    ],
  },
  'permanganate acidified with the wrong acid': {
    subs: {
      toluene: ['Toluene', 'C7H8', 'Cc1ccccc1', 'H225 H304 H315 H361d H373', '4', '110.6'],
      permanganate: ['Potassium permanganate', 'KMnO4', '[K+].[O-][Mn](=O)(=O)=O', 'H272 H302 H314 H410'],
      water,
      acid: muriatic,
      chips,
    },
    lines: {
      toluene: ['toluene', 'material', '5.0 g', 'flask'],
      water: ['water', 'solvent', '60 mL', 'flask'],
      permanganate: ['permanganate', 'reagent in excess', '17 g', 'flask'],
      chips: ['chips', 'aid', 'some', 'flask'],
      acid: ['acid', 'quench', '20 mL 6 M', 'flask'],
    },
    steps: [charge('toluene'), charge('water'), charge('permanganate'), charge('chips'), reflux, charge('acid')],
    marks: [
      ['toluene', 'suspected', 'organs'],
      ['permanganate', 'oxidizerOrganic', 'corrosive'],
      ['reflux', 'flameFreeFlash', 'sealed'],
      ['acid', 'permanganateChloride', 'acidOrder'],
    ],
  },
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
    marks: [['acid', 'acidOrder', 'neutralizationHeat']],
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
      ['extract', 'ether', 'peroxide'],
      ['strip', 'flameFreeFlash', 'autoignition'],
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
      ['ether', 'ether', 'peroxide'],
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
      ['ether', 'ether', 'peroxide'],
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
