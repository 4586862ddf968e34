import { anhydrousAtoms } from '../compound/atomsOf';
import { hydroxideOf } from '../compound/hydridic';
import { hydrogenPerMole } from '../compound/gases';
import { implied, impliedById, impliedKind, kindOf } from './kinds';
import { molarMass } from '../compound/molarMass';
import { inSentence } from '../document/inSentence';
import { ionsOf } from '../models/acidBase/ionsOf';
import type { Atoms } from '../compound/atomsOf';
import type { Facts } from '../plan/facts';
import type { Ions } from '../models/acidBase/ionsOf';
import type { Kind } from './kinds';

/** The preparation's substances as the models see them, and what models make of these. */
export function kindsOf({ substances }: Facts): (id: string) => Kind {
  const known = new Map<string, Kind>();
  for (const [id, { substance, molarMass }] of substances)
    known.set(id, kindOf(substance, molarMass?.ok ? molarMass.value.q.value : undefined));
  return (id) => known.get(id) ?? made(id, known) ?? impliedKind(id);
}

/** What models make of a substance that the preparation names. */
type Made = 'left' | 'spent' | 'hydroxide' | 'acid' | 'ester';

/** What a carbonate leaves when its carbon dioxide has gone: its cations, with the mass of their oxide. */
export const withoutGas = (id: string) => `left~${id}`;
/** What a metal or hydride leaves when its hydrogen has gone: its cations, their oxygen counted with the water. */
export const withoutHydrogen = (id: string) => `spent~${id}`;
/** What a metal or hydride becomes in water: its hydroxide, or borate. */
export const hydroxideFrom = (id: string) => `hydroxide~${id}`;
/** The acid of an acid halide or anhydride. */
export const acidOf = (id: string) => `acid~${id}`;
/** The ester of an acid halide with an alcohol. */
export const esterOf = (id: string, alcohol: string) => `ester~${id}~${alcohol}`;

function made(id: string, known: Map<string, Kind>): Kind | undefined {
  const [what, of = '', other = ''] = id.split('~') as [Made, string?, string?];
  const base = known.get(of);
  if (!base?.substance) return undefined;
  const partner = known.get(other);
  const kind =
    what === 'left'
      ? remainder(id, base, { formula: base.substance.formula ?? '', gone: implied.carbonDioxide.M })
      : what === 'spent' || what === 'hydroxide'
        ? spent(id, base)
        : what === 'acid'
          ? organic(id, `the acid of ${inSentence(base.name)}`, acidAtoms(base), base)
          : what === 'ester' && partner
            ? organic(id, `the ester of ${inSentence(base.name)}`, esterAtoms(base, partner), base)
            : undefined;
  if (kind) known.set(id, kind);
  return kind;
}

const remainders = new WeakMap<Kind, string>();

/** @param formula that tells the ions, without their gas */
function remainder(
  id: string,
  { name: of, M }: Kind,
  { formula, gone, says }: { readonly formula: string; readonly gone: number; readonly says?: string },
): Kind {
  const name = `what is left of ${inSentence(of)}`;
  const kind: Kind = {
    id,
    name,
    ...(M === undefined ? {} : { M: M - gone }),
    water: false,
    solid: true,
    groups: { hydroxide: 1 },
    inorganic: true,
    salt: false,
    invented: true,
    substance: { id, name, ...(says === undefined ? {} : { formula: says }) },
  };
  remainders.set(kind, formula);
  return kind;
}

/** Protons that a metal or hydride takes, per formula unit. */
export const valenceOf = (formula = ''): number => (/H/.test(formula) ? 1 : 2) * hydrogenPerMole(formula);

function spent(id: string, base: Kind): Kind {
  const { formula = '' } = base.substance ?? {};
  const water = id.startsWith('hydroxide') ? valenceOf(formula) * implied.water.M : 0;
  const hydroxide = hydroxideOf(formula, valenceOf(formula));
  return remainder(id, base, {
    formula: hydroxide,
    gone: hydrogenPerMole(formula) * implied.hydrogen.M - water,
    says: hydroxide,
  });
}

/** Halogens that water replaces, and chlorides of elements that are no metals. */
const halogens = (atoms: Atoms) => (atoms['Cl'] ?? 0) + (atoms['Br'] ?? 0);

/** How many molecules of water an acid halide or anhydride takes up, and how many of acid and of hydrogen halide it gives. */
export interface Hydrolysis {
  readonly water: number;
  readonly acids: number;
  readonly halides: number;
}

/** A carbonyl carbon in a ring: the anhydride of one acid. */
const ring = /C\(=O\)\d|O=C\d|C\d\(=O\)|C\d=O/;

/** A chloride or bromide of a sulfonic acid, as it is drawn. */
export const isSulfonyl = (smiles = ''): boolean =>
  /S\(=O\)\(=O\)(Cl|Br)|S\((Cl|Br)\)\(=O\)=O|(Cl|Br)S\(=O\)\(=O\)|O=S\(=O\)\((Cl|Br)\)/.test(smiles);

/** How water takes an acid halide or anhydride apart; nothing for what is none. */
export function hydrolysisOf({ groups, substance }: Kind): Hydrolysis | undefined {
  const atoms = anhydrousAtoms(substance?.formula);
  if ((groups.anhydride ?? 0) > 0) return { water: 1, acids: ring.test(substance?.smiles ?? '') ? 1 : 2, halides: 0 };
  if ((groups.acidHalide ?? 0) > 0) {
    const count = groups.acidHalide ?? 1;
    return { water: count, acids: 1, halides: count };
  }
  const elements = Object.keys(atoms);
  // Of phosphorus and sulfur; what water makes of chlorides of metals is told by their ions.
  const isOfNonmetal = elements.every((one) => ['P', 'S', 'O', 'Cl', 'Br'].includes(one)) && halogens(atoms) >= 2;
  return isOfNonmetal && elements.some((one) => one === 'P' || one === 'S')
    ? { water: halogens(atoms), acids: 1, halides: halogens(atoms) }
    : undefined;
}

const minus = (atoms: Atoms, others: Atoms): Atoms =>
  Object.fromEntries(
    [...new Set([...Object.keys(atoms), ...Object.keys(others)])]
      .map((one) => [one, (atoms[one] ?? 0) - (others[one] ?? 0)] as const)
      .filter(([, count]) => count !== 0),
  );
const sum = (...all: readonly Atoms[]): Atoms => all.reduce((total, one) => minus(total, minus({}, one)), {});
const timesAtoms = (atoms: Atoms, k: number): Atoms =>
  Object.fromEntries(Object.entries(atoms).map(([one, count]) => [one, count * k]));

/** The halogen that leaves. */
const halideOf = (atoms: Atoms): Atoms => ((atoms['Cl'] ?? 0) > 0 ? { H: 1, Cl: 1 } : { H: 1, Br: 1 });

/** Atoms of the acid that water makes. */
export function acidAtoms(kind: Kind): Atoms {
  const atoms = anhydrousAtoms(kind.substance?.formula);
  const found = hydrolysisOf(kind);
  if (!found) return {};
  const { water, acids, halides } = found;
  const whole = minus(sum(atoms, timesAtoms({ H: 2, O: 1 }, water)), timesAtoms(halideOf(atoms), halides));
  return timesAtoms(whole, 1 / acids);
}

/** Atoms of the ester that an alcohol makes: each halogen gives way to one molecule of it. */
export function esterAtoms(kind: Kind, alcohol: Kind): Atoms {
  const atoms = anhydrousAtoms(kind.substance?.formula);
  const { halides = 0 } = hydrolysisOf(kind) ?? {};
  const taken = timesAtoms(anhydrousAtoms(alcohol.substance?.formula), halides);
  return minus(sum(atoms, taken), timesAtoms(halideOf(atoms), halides));
}

/** An acid or ester that no one named, by its atoms: what else is known of it is its group. */
function organic(id: string, name: string, atoms: Atoms, base: Kind): Kind {
  const formula = [
    'C',
    'H',
    ...Object.keys(atoms)
      .filter((one) => one !== 'C' && one !== 'H')
      .sort(),
  ]
    .filter((one) => (atoms[one] ?? 0) > 0)
    .map((one) => (atoms[one] === 1 ? one : `${one}${atoms[one]}`))
    .join('');
  const isAcid = id.startsWith('acid~');
  const mass = formula === '' ? undefined : molarMass(formula);
  const group = !isAcid ? 'ester' : isSulfonyl(base.substance?.smiles) ? 'sulfonicAcid' : 'carboxylicAcid';
  const carboxyls = base.groups.acidHalide ?? (hydrolysisOf(base)?.acids === 1 ? 2 : 1);
  return {
    ...kindOf(
      {
        id,
        name,
        formula,
        groups: { [group]: group === 'carboxylicAcid' ? carboxyls : 1 },
        // What is small stays dissolved, or is a liquid; nobody has said more of it.
        form: isAcid && (atoms['C'] ?? 0) > 5 ? 'solid' : 'liquid',
      },
      mass?.ok ? mass.value.q.value : undefined,
    ),
    invented: true,
  };
}

/** Ions of what models make: the cations that a carbonate or a hydride leaves, and what has a formula of its own. */
export function impliedIons(kind: Kind): Ions | undefined {
  const from = remainders.get(kind);
  if (from !== undefined) {
    const ions = ionsOf(from);
    return ions && { systems: ions.systems.filter(({ gas }) => !gas), spectators: ions.spectators };
  }
  const formula = impliedById.get(kind.id)?.formula;
  return formula === undefined || kind.water ? undefined : ionsOf(formula);
}
