import { acidProtons, groupsOf, hasGroup } from '../reference/groups';
import { anhydrousAtoms } from '../compound/atomsOf';
import { hydridicOf } from '../compound/hydridic';
import { splitStatement } from '../reference/statements';
import type { GroupId } from '../reference/groups';
import type { Hydridic } from '../compound/hydridic';
import type { Substance } from '../document/document';

/** What the rules look at in a substance. */
export type Judged = Pick<Substance, 'id' | 'name'> & Partial<Substance>;

/** Whether any of some hazard statements stands on the label. */
export function hasStatement({ hazards }: Pick<Substance, 'hazards'>, ...codes: readonly string[]): boolean {
  return hazards?.statements.some((one) => splitStatement(one)?.some((base) => codes.includes(base))) ?? false;
}

type Kind = (substance: Judged) => boolean;

const group =
  (...ids: readonly GroupId[]): Kind =>
  (substance) =>
    hasGroup(groupsOf(substance), ...ids);
const formula = (test: (atoms: Readonly<Record<string, number>>) => boolean): Kind => {
  return ({ formula: text }) => text !== undefined && test(anhydrousAtoms(text));
};
const drawn =
  (pattern: RegExp): Kind =>
  ({ smiles }) =>
    smiles !== undefined && pattern.test(smiles);
const either =
  (...tests: readonly Kind[]): Kind =>
  (substance) =>
    tests.some((test) => test(substance));

const only = (atoms: Readonly<Record<string, number>>, ...elements: readonly string[]) =>
  Object.keys(atoms).length > 0 && Object.keys(atoms).every((one) => elements.includes(one));
const metals = ['Li', 'Na', 'K', 'Rb', 'Cs', 'Ca', 'Ba', 'Mg', 'Zn', 'Cu', 'Ag', 'Fe'];
const n = (atoms: Readonly<Record<string, number>>, element: string) => atoms[element] ?? 0;

const water = formula((atoms) => only(atoms, 'H', 'O') && n(atoms, 'H') === 2 && n(atoms, 'O') === 1);
const organic: Kind = (substance) => {
  const atoms = anhydrousAtoms(substance.formula);
  if (n(atoms, 'C') === 0 || substance.waste === 'solid') return false;
  if (group('carbonate', 'bicarbonate')(substance)) return false;
  // Cyanides, thiocyanates and the oxides of carbon hold carbon and are no organics.
  return n(atoms, 'H') > 0 || n(atoms, 'C') > 1 || group('organohalide')(substance);
};
const hypochlorite = group('hypochlorite');
const nitricAcid = group('nitricAcid');
const permanganate = formula(
  (atoms) =>
    n(atoms, 'Mn') > 0 && n(atoms, 'O') >= 4 * n(atoms, 'Mn') && !n(atoms, 'S') && !n(atoms, 'C') && !n(atoms, 'Cl'),
);
const chromate = formula(
  (atoms) =>
    n(atoms, 'Cr') > 0 &&
    n(atoms, 'O') >= 3 * n(atoms, 'Cr') &&
    !n(atoms, 'S') &&
    (n(atoms, 'N') === 0) === (n(atoms, 'C') === 0),
);
const peroxide = either(
  formula((atoms) => only(atoms, 'H', 'O') && n(atoms, 'H') === 2 && n(atoms, 'O') === 2),
  drawn(/O-?O/),
);
const perchlorate = formula(
  (atoms) => n(atoms, 'Cl') > 0 && n(atoms, 'O') === 4 * n(atoms, 'Cl') && only(atoms, 'H', 'O', 'Cl', 'N', ...metals),
);
const azide = either(
  formula(
    (atoms) => only(atoms, 'N', 'H', ...metals) && n(atoms, 'N') >= 3 && n(atoms, 'N') % 3 === 0 && n(atoms, 'H') <= 1,
  ),
  drawn(/N=\[N\+\]=\[N-\]|\[N-\]=\[N\+\]=N|\[N-\]\[N\+\]#N/),
);
/** A halogen on nitrogen: bromosuccinimide, chloramines, chloroisocyanuric acids. */
const nHalogen = drawn(/N\d?\(?(Cl|Br|I)(?![a-z])|(Cl|Br|I)N|\[N-\]\(?(Cl|Br|I)|(Cl|Br|I)\[N-\]/);
/** Iodine beyond its usual single bond. */
const hypervalentIodine = drawn(/I\d?\((=O|O|\[O-\])|(=O|O)I\d?\(|I\d?=O|O=I/);
/** Salts and acids of the halogens' oxygen acids: chlorite, chlorate, bromate, iodate, perchlorate, periodate. */
const halogenOxoanion = formula((atoms) => {
  const halogen = n(atoms, 'Cl') + n(atoms, 'Br') + n(atoms, 'I');
  return halogen > 0 && n(atoms, 'O') >= 2 * halogen && only(atoms, 'H', 'N', 'O', 'Cl', 'Br', 'I', ...metals);
});
/** Peroxodisulfates and peroxomonosulfates. */
const persulfate = formula((atoms) => {
  const alkali = n(atoms, 'Li') + n(atoms, 'Na') + n(atoms, 'K');
  if (!only(atoms, 'H', 'N', 'O', 'S', 'Li', 'Na', 'K')) return false;
  return n(atoms, 'O') > 4 * n(atoms, 'S')
    ? n(atoms, 'S') === 1 && n(atoms, 'O') === 5
    : n(atoms, 'S') === 2 && n(atoms, 'O') === 8 && alkali + n(atoms, 'N') === 2;
});
const hydridic =
  (wanted: Hydridic): Kind =>
  ({ formula: text }) =>
    hydridicOf(text) === wanted;
const alkaliMetal = hydridic('alkaliMetal');
const salineHydride = hydridic('salineHydride');
const aluminiumHydride = either(hydridic('aluminiumHydride'), drawn(/\[Al(H\d?)?[-\]]/));
const borohydride = hydridic('borohydride');
const magnesium = formula((atoms) => only(atoms, 'Mg'));
const dissolving = group('metal');
const cyanide = either(
  formula(
    (atoms) =>
      only(atoms, 'C', 'N', ...metals) && n(atoms, 'C') > 0 && n(atoms, 'C') === n(atoms, 'N') && !n(atoms, 'Fe'),
  ),
  // Those of silicon give hydrogen cyanide with water already.
  drawn(/\[C-\]#N|N#\[C-\]|N#C\[Si\]|\[Si\](\([^()]*\))*C#N/),
);
/** A nitrile with its hydroxyl on the same carbon: alkali takes it apart into a carbonyl compound and cyanide. */
const cyanohydrin = drawn(/N#CC\(O\)|\(O\)\(?C#N|\(C#N\)\(?O(?![A-Za-z(])|(^|\.)OCC#N|(^|\.)OC\(C#N\)|N#CCO$/);
const sulfide = formula(
  (atoms) =>
    n(atoms, 'S') > 0 &&
    (only(atoms, 'S', 'H', ...metals) || (only(atoms, 'S', 'H', 'N') && n(atoms, 'N') === 2 * n(atoms, 'S'))),
);
const acylating = group('anhydride', 'acidHalide');
/** Chlorides that water takes apart: of phosphorus, sulfur, silicon, titanium, aluminium, tin. */
const hydrolysed = formula(
  (atoms) =>
    n(atoms, 'Cl') + n(atoms, 'Br') >= 2 &&
    // The halogens themselves are not taken apart.
    Object.keys(atoms).length > 1 &&
    !n(atoms, 'C') &&
    only(atoms, 'P', 'S', 'Si', 'Ti', 'Al', 'Sn', 'B', 'O', 'Cl', 'Br'),
);
const organometallic = either(drawn(/[Cc]\d*\[(Li|Mg|Zn|Al)\]|\[(Li|Mg|Zn|Al)\][Cc(]|\[CH?\d?-\](?!#)/), (one) =>
  hasStatement(one, 'H250'),
);
const diazonium = drawn(/\[N\+\]#N|N#\[N\+\]|\[N\+\]\(#N\)/);
const nitroGroups = ({ smiles = '', groups }: Judged) =>
  Math.max(groups?.['nitro'] ?? 0, (smiles.match(/\[N\+\]\(=O\)\[O-\]|N\(=O\)=O|\[O-\]\[N\+\]\(=O\)/g) ?? []).length);
/** What explodes when it is dry, rubbed or hot: organic peroxides, azides, diazonium salts, three nitro groups or two on a hydrazine, and what its label says so of. */
const explosive = either(
  (substance) => peroxide(substance) && n(anhydrousAtoms(substance.formula), 'C') > 0,
  azide,
  diazonium,
  (substance) => nitroGroups(substance) >= 3,
  // Dinitrophenylhydrazine is sold and kept wet.
  (substance) => nitroGroups(substance) >= 2 && /NN/.test(substance.smiles ?? ''),
  (one) => hasStatement(one, 'H200', 'H201', 'H202', 'H203', 'H204', 'H205', 'H240', 'H241'),
);
const ammonium: Kind = ({ formula: text }) => text !== undefined && /NH4|\(NH4\)/.test(text);
const oxidizer = either(
  hypochlorite,
  nitricAcid,
  permanganate,
  chromate,
  peroxide,
  nHalogen,
  hypervalentIodine,
  halogenOxoanion,
  persulfate,
  (one) => hasStatement(one, 'H270', 'H271', 'H272'),
);
const alcohol = group('alcohol');
const ketone = group('ketone');
const mineralAcid = group('mineralAcid');
const strongAcid = either(
  mineralAcid,
  group('sulfonicAcid'),
  formula((atoms) => n(atoms, 'S') === 1 && n(atoms, 'O') === 4 && n(atoms, 'H') === 1),
);
const acid: Kind = (substance) => acidProtons(substance.formula, groupsOf(substance)) > 0 || strongAcid(substance);
const hydroxide = group('hydroxide');

/** Kinds of matter by what it does to others. */
const tests = {
  acid,
  mineralAcid,
  strongAcid,
  /** Set free by water from what hydrolyses is not an acid yet. */
  readyAcid: (substance) => acid(substance) && !acylating(substance) && !hydrolysed(substance),
  hydrogenHalide: formula(
    (atoms) => only(atoms, 'H', 'Cl', 'Br', 'I') && n(atoms, 'H') === 1 && Object.keys(atoms).length === 2,
  ),
  sulfuricAcid: formula(
    (atoms) => n(atoms, 'H') === 2 && n(atoms, 'S') === 1 && n(atoms, 'O') === 4 && Object.keys(atoms).length === 3,
  ),
  nitricAcid,
  /** Sulfur trioxide, alone or in sulfuric acid. */
  oleum: formula(
    (atoms) =>
      (only(atoms, 'S', 'O') && n(atoms, 'O') === 3 * n(atoms, 'S')) ||
      (n(atoms, 'H') === 2 && n(atoms, 'S') === 2 && n(atoms, 'O') === 7),
  ),
  perchloricAcid: formula(
    (atoms) => n(atoms, 'H') === 1 && n(atoms, 'Cl') === 1 && n(atoms, 'O') === 4 && Object.keys(atoms).length === 3,
  ),
  /** Alkoxides and amides of metals are bases as strong as hydroxide. */
  hydroxide,
  strongBase: either(
    hydroxide,
    drawn(/\[O-\]\.?\[?(Na|K|Li)|\[(Na|K|Li)\+\]\.?(C[^.=]*)?\[O-\]|\[NH2-\]/),
    salineHydride,
  ),
  carbonate: group('carbonate', 'bicarbonate'),
  hypochlorite,
  sulfite: group('sulfite', 'thiosulfate'),
  nitrite: either(group('nitrite'), drawn(/ON=O|N\(=O\)O|O=NO/)),
  ammonia: group('ammonia'),
  amine: either(group('amine', 'ammonia'), ammonium),
  freeAmine: group('amine', 'ammonia'),
  alcohol,
  ketone,
  alcoholOrKetone: group('alcohol', 'ketone', 'aldehyde'),
  ketoneOrEther: group('ketone', 'ether'),
  alcoholOrAmine: group('alcohol', 'phenol', 'amine', 'ammonia'),
  nitrated: either(alcohol, ketone, group('anhydride')),
  organohalide: group('organohalide'),
  /** Two halogens or more on one or two carbons: solvents that active metals can make explode. */
  halosolvent: (substance) => {
    const atoms = anhydrousAtoms(substance.formula);
    return (
      n(atoms, 'C') > 0 &&
      n(atoms, 'C') <= 2 &&
      n(atoms, 'Cl') + n(atoms, 'Br') >= 2 &&
      group('organohalide')(substance)
    );
  },
  activeMetal: either(
    alkaliMetal,
    magnesium,
    salineHydride,
    aluminiumHydride,
    formula((atoms) => only(atoms, 'Al') || only(atoms, 'Zn') || only(atoms, 'Ca')),
  ),
  alkaliMetal,
  salineHydride,
  /** Sodium, hydrides of the alkali metals and of calcium: never into water. */
  neverWater: either(alkaliMetal, salineHydride),
  aluminiumHydride,
  borohydride,
  magnesium,
  dissolving,
  hydrides: either(alkaliMetal, salineHydride, aluminiumHydride, borohydride),
  organometallic,
  acylating,
  hydrolysed,
  /** What water takes apart without giving hydrogen. */
  hydrolysing: either(acylating, hydrolysed),
  /** Said to react with water, and of none of the kinds above. */
  waterReactive: (substance) => substance.waterReactive === true || hasStatement(substance, 'EUH014', 'H260', 'H261'),
  protic: either(water, alcohol),
  base: either(hydroxide, group('metal', 'hydride')),
  oxidizer,
  /** Oxidizers that take hold of any organic matter; hypochlorite leaves acids, ethers, hydrocarbons and esters alone. */
  strongOxidizer: (substance) => oxidizer(substance) && !hypochlorite(substance) && !nitricAcid(substance),
  permanganate,
  chromate,
  peroxide,
  peroxideFormer: (substance) => substance.peroxideFormer === true || hasStatement(substance, 'EUH019'),
  explosive,
  halogen: group('halogen'),
  bromine: formula((atoms) => only(atoms, 'Br')),
  iodine: formula((atoms) => only(atoms, 'I')),
  silver: formula((atoms) => n(atoms, 'Ag') > 0),
  cyanide,
  sulfide,
  cyanohydrin,
  cyanideOrSulfide: either(cyanide, sulfide),
  /** Acid sets a toxic gas free from it: never told to be acidified. */
  toxicWithAcid: either(cyanide, sulfide, azide, hypochlorite, nHalogen, halogenOxoanion, group('nitrite', 'sulfite')),
  azide,
  perchlorate,
  diazonium,
  dimethylSulfoxide: (substance) =>
    formula((atoms) => n(atoms, 'C') === 2 && n(atoms, 'H') === 6 && n(atoms, 'S') === 1 && n(atoms, 'O') === 1)(
      substance,
    ) && !group('alcohol')(substance),
  acidHalide: either(group('acidHalide'), hydrolysed),
  organic,
  /** What an oxidizer burns: not what is at its highest stage by custom, acids such as acetic acid. */
  oxidizable: (substance) => {
    const groups = groupsOf(substance);
    const keys = Object.keys(groups).filter((key) => key !== 'water');
    return organic(substance) && !(keys.length === 1 && keys[0] === 'carboxylicAcid');
  },
  aqueous: water,
  water,
  flammable: (substance) =>
    hasStatement(substance, 'H224', 'H225', 'H226', 'H228') || Number(substance.flash?.digits ?? NaN) <= 60,
} as const satisfies Record<string, Kind>;

export type MaterialKind = keyof typeof tests;

/** A test whose answer is kept with the substance: rules ask the same of it at every step, and it never changes. */
function kept(test: Kind): Kind {
  const answers = new WeakMap<Judged, boolean>();
  return (substance) => {
    const before = answers.get(substance);
    if (before !== undefined) return before;
    const answer = test(substance);
    answers.set(substance, answer);
    return answer;
  };
}

/** What a substance is to the rules: each kind is a test. */
export const kinds = Object.fromEntries(Object.entries(tests).map(([name, test]) => [name, kept(test)])) as Readonly<
  Record<MaterialKind, Kind>
>;
