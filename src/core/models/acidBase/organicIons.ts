import { carboxylates, phenolates } from '../../compound/drawnAnions';
import { ionsOf } from './ionsOf';
import type { IonSystem, Ions } from './ionsOf';

/** What decides about an organic acid or base. */
export interface OrganicSubstance {
  readonly smiles?: string | undefined;
  /** Known constants, ascending; of a base that of its conjugate acid. */
  readonly pKas: readonly number[];
  /** How many basic nitrogens and acid groups stand in it, where its groups are known. */
  readonly bases: number;
  readonly acids: { readonly carboxylic: number; readonly sulfonic: number; readonly phenol: number };
}

interface Guess {
  readonly pKa: number;
  readonly low: number;
  readonly high: number;
  readonly group: string;
}

/** Usual constants of kinds of groups in water, and how far they reach (common textbook ranges). */
const guesses = {
  carboxylic: { pKa: 4.5, low: 2.5, high: 5, group: 'a carboxylic acid' },
  // Three halogens beside the group: trifluoro- 0.5, trichloro- 0.7 (handbook).
  trihalo: { pKa: 0.6, low: 0.2, high: 0.8, group: 'a trihaloacetic acid' },
  aminoAcid: { pKa: 2.3, low: 1.8, high: 2.8, group: 'an amino acid' },
  phenol: { pKa: 10, low: 7, high: 10.5, group: 'a phenol' },
  alkoxide: { pKa: 16, low: 15, high: 18, group: 'an alcohol' },
  arylamine: { pKa: 4.6, low: 1, high: 5.3, group: 'an aromatic amine' },
  amine: { pKa: 10.2, low: 7, high: 11, group: 'an amine' },
  pyridine: { pKa: 5.2, low: 3, high: 7, group: 'a pyridine' },
} as const satisfies Record<string, Guess>;

/**
 * Where several of a kind stand in one molecule the first gives its proton more easily and the next less, by charge and by number
 * (typical of handbook series: phthalic 2.9 and 5.4, succinic 4.2 and 5.6, citric 3.1, 4.8 and 6.4; ethylenediamine 6.9 and 9.9).
 */
const severalCarboxylic = [[], [4.5], [3.8, 5.2], [3.2, 4.7, 6.2]] as const;
const nextCarboxylic = 1.3;
const nextPhenol = 1.6;
const nextAmine = -3;
/** Amines beside an acid: of amino acids, of aminobenzoic acids, of aminobenzenesulfonic acids. */
const besideAcid = { amine: 9.6, arylamine: 4.9, sulfonate: 3.2, secondCarboxylic: 3.9 };

const trihalo = /C\(=O\)C\((F|Cl|Br)\)\((F|Cl|Br)\)(F|Cl|Br)|(F|Cl|Br)C\((F|Cl|Br)\)\((F|Cl|Br)\)C\((=O|O|\[O-\])\)/;
/** Of a sulfonic acid, as of toluenesulfonic acid in water. */
const strong = -2.8;
/** Ions of simple counter-ions as they are drawn, charge per fragment; drawn neutral ones are acids or water. */
const simple = /^\[(Li|Na|K|Cs|Mg|Ca|Ba|Zn|Al|Cu|Ag|NH4|F|Cl|Br|I|OH)([+-]\d?|[+-]{2,3})?\]$/;
const neutral: Readonly<Record<string, string>> = {
  Cl: 'HCl',
  Br: 'HBr',
  I: 'HI',
  O: '',
  N: 'NH3',
  'OS(O)(=O)=O': 'H2SO4',
  'OS(=O)(=O)O': 'H2SO4',
};

/**
 * The ions of an organic acid, base or salt, by its structure: each fragment with its own equilibria. Known constants go to the
 * organic fragment; where one is missing the kind of group gives a guess that is named.
 *
 * @returns nothing for what takes no part
 * @example organicIons({ smiles: 'OC(=O)c1ccccc1', pKas: [4.2], bases: 0, acids: { carboxylic: 1, sulfonic: 0, phenol: 0 } }).systems[0].pKas // → [4.2]
 */
export function organicIons({ smiles, pKas, bases, acids }: OrganicSubstance): Ions | undefined {
  const fragments = (smiles ?? '').split('.').filter((one) => one !== '');
  const systems: IonSystem[] = [];
  let spectators = 0;
  const organic: string[] = [];
  for (const fragment of fragments) {
    const ion = counterIon(fragment);
    if (ion === undefined) organic.push(fragment);
    else {
      spectators += ion.spectators;
      systems.push(...ion.systems);
    }
  }
  const salt = fragments.length > organic.length;
  const [main = smiles ?? ''] = organic;
  const own = systemOf(main, { pKas, bases, acids });
  if (own === undefined) return salt && systems.length + Math.abs(spectators) > 0 ? { systems, spectators } : undefined;
  const count = Math.max(1, organic.filter((one) => one === main).length);
  return { systems: [{ ...own, count }, ...systems], spectators };
}

/** A counter-ion, an acid that a salt is drawn with, or water of crystallization. */
function counterIon(fragment: string): Ions | undefined {
  const none: Ions = { systems: [], spectators: 0 };
  if (Object.hasOwn(neutral, fragment)) {
    const formula = neutral[fragment] ?? '';
    return formula === '' ? none : ionsOf(formula);
  }
  if (/^\[?O-?\]?S\(/.test(fragment) && !/[Cc]/.test(fragment)) {
    const charge = (fragment.match(/\[O-\]/g) ?? []).length;
    return { systems: [{ pKas: [1.99], charge: -1, count: 1 }], spectators: charge === 2 ? 0 : 0 };
  }
  const match = simple.exec(fragment);
  if (!match) return undefined;
  const charge = chargeOf(match[2] ?? '');
  if (match[1] === 'NH4') return { systems: [{ pKas: [9.25], charge: 1, count: 1 }], spectators: 0 };
  // The hydroxide of a salt is what its cation balances.
  return match[1] === 'OH' ? none : { systems: [], spectators: charge };
}

function chargeOf(text: string): number {
  if (text === '') return 0;
  const sign = text.startsWith('-') ? -1 : 1;
  const digits = text.slice(1).replace(/[+-]/g, '');
  return sign * (digits === '' ? text.length : Number(digits));
}

/** Equilibria of the organic part. The charge of its fully protonated form counts its basic sites. */
function systemOf(
  fragment: string,
  { pKas, bases, acids }: Omit<OrganicSubstance, 'smiles'>,
): Omit<IonSystem, 'count'> | undefined {
  const sulfonates = Math.max(
    acids.sulfonic,
    (fragment.match(/S\(=O\)\(=O\)\[O-\]|\[O-\]S\(=O\)\(=O\)/g) ?? []).length,
  );
  const quaternary =
    /\[[Nn]\+\]/.test(fragment) &&
    !/\[N\+\](\(=O\)|\(\[O-\]\)|#N)|\[N\+\]\(=O\)/.test(fragment) &&
    !/\[N\+\]\(\[O-\]\)=O/.test(fragment);
  const sites = bases + (fragment.match(/\[(NH\d?\+|nH\+)\]/g) ?? []).length;
  const basic = sites > 0;
  const carboxylic = acids.carboxylic + (fragment.match(carboxylates) ?? []).length;
  const drawnPhenolates = (fragment.match(phenolates) ?? []).length;
  const alkoxide =
    drawnPhenolates === 0 &&
    carboxylic === 0 &&
    sulfonates === 0 &&
    /C\d*\[O-\]|\[O-\]C|C\(\[O-\]\)/.test(fragment) &&
    !/N\+\]/.test(fragment);
  const strongs = Array.from({ length: sulfonates }, () => strong);
  if (quaternary) return { pKas: [...strongs, ...pKas], charge: 1 };
  const [only] = pKas;
  // A sulfonamide with its amine: one listed constant that high is the acid's, and the amine's is low.
  if (
    basic &&
    pKas.length === 1 &&
    only !== undefined &&
    only > 7 &&
    /S\(N[^)]*\)\(=O\)=O|S\(=O\)\(=O\)N/.test(fragment)
  )
    return { pKas: [...strongs, guesses.arylamine.low + 1, only], charge: 1 };
  if (pKas.length > 0) {
    // One constant of what has a basic and an acid site is that of the base, unless nothing else is there.
    const charge = basic ? Math.min(sites, pKas.length) : 0;
    return { pKas: [...strongs, ...pKas], charge };
  }
  const phenols = acids.phenol + drawnPhenolates;
  const acidic = acidSteps({ fragment, carboxylic, phenols, basic });
  const base = basic ? baseSteps(fragment, sites, { carboxylic, sulfonates }) : [];
  const loose = alkoxide && acidic.length + base.length === 0 ? [guesses.alkoxide.pKa] : [];
  const found = [...strongs, ...acidic, ...base, ...loose].sort((a, b) => a - b);
  const [first] = found;
  if (first === undefined) return undefined;
  const guess = strongs.length > 0 ? undefined : guessOf(first, { fragment, carboxylic, phenols, basic });
  return { pKas: found, charge: base.length, ...(guess ? { guess } : {}) };
}

interface Sites {
  readonly fragment: string;
  readonly carboxylic: number;
  readonly phenols: number;
  readonly basic: boolean;
}

/** Constants of the acid groups: every one counts. */
function acidSteps({ fragment, carboxylic, phenols, basic }: Sites): readonly number[] {
  const ofPhenols = Array.from({ length: phenols }, (_, i) => guesses.phenol.pKa + i * nextPhenol);
  if (carboxylic === 0) return ofPhenols;
  if (carboxylic === 1 && trihalo.test(fragment)) return [guesses.trihalo.pKa, ...ofPhenols];
  if (basic) {
    const others = Array.from({ length: carboxylic - 1 }, (_, i) => besideAcid.secondCarboxylic + i * nextCarboxylic);
    return [guesses.aminoAcid.pKa, ...others, ...ofPhenols];
  }
  const listed: readonly number[] = severalCarboxylic[Math.min(carboxylic, 3)] ?? [];
  const last = listed.at(-1) ?? guesses.carboxylic.pKa;
  const more = Array.from({ length: Math.max(0, carboxylic - 3) }, (_, i) => last + (i + 1) * nextCarboxylic);
  return [...listed, ...more, ...ofPhenols];
}

/** Constants of the conjugate acids of its bases. */
function baseSteps(
  fragment: string,
  sites: number,
  { carboxylic, sulfonates }: { readonly carboxylic: number; readonly sulfonates: number },
): readonly number[] {
  const { pKa } = amineGuess(fragment);
  const aromatic = pKa < guesses.phenol.pKa;
  const first =
    carboxylic > 0
      ? aromatic
        ? besideAcid.arylamine
        : besideAcid.amine
      : sulfonates > 0 && aromatic
        ? besideAcid.sulfonate
        : pKa;
  return Array.from({ length: sites }, (_, i) => first + i * nextAmine);
}

/** The first constant with its range: of one group that of its kind, of several narrower round what is usual of them. */
function guessOf(first: number, { fragment, carboxylic, phenols, basic }: Sites): NonNullable<IonSystem['guess']> {
  const ofAcid = basic ? guesses.aminoAcid : trihalo.test(fragment) ? guesses.trihalo : guesses.carboxylic;
  const others = basic ? amineGuess(fragment) : phenols > 0 ? guesses.phenol : guesses.alkoxide;
  const kind: Guess = carboxylic > 0 ? ofAcid : others;
  if (first === kind.pKa) return { low: kind.low, high: kind.high, group: kind.group };
  return { low: first - 1, high: first + 0.7, group: `${kind.group} of several` };
}

function amineGuess(fragment: string): Guess {
  if (/(^|\()N[\dc]|c\d*\(N\)|c\d*N($|[(C])|\[NH\d?\+\]c|c\d*\(?\[NH\d?\+\]/.test(fragment) && /c/.test(fragment))
    return guesses.arylamine;
  if (/n/.test(fragment)) return guesses.pyridine;
  return guesses.amine;
}
