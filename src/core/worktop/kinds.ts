import { anhydrousAtoms } from '../compound/atomsOf';
import { groupsOf, hasGroup } from '../reference/groups';
import { ionsOf } from '../models/acidBase/ionsOf';
import { room_C } from './matter/shelf';
import type { Ions } from '../models/acidBase/ionsOf';
import type { Facts } from '../plan/facts';
import type { GroupCounts } from '../reference/groups';
import type { Substance } from '../document/document';

/** What the models know of a substance. */
export interface Kind {
  readonly id: string;
  readonly name: string;
  /** g/mol */
  readonly M?: number;
  /** g/mL of the liquid. */
  readonly density?: number;
  readonly water: boolean;
  readonly solid: boolean;
  readonly groups: GroupCounts;
  /** A salt, an inorganic acid or base: it stays in the water. */
  readonly inorganic: boolean;
  /** An organic acid or base bound to a metal, ammonium or mineral acid. */
  readonly salt: boolean;
  /** A model made it where the preparation names nothing. */
  readonly invented?: true;
  readonly substance?: Substance;
}

/** Substances that a model makes where the preparation names none: the water of a solution, gas from a carbonate. */
export const implied = {
  water: { id: 'water~', name: 'Water', formula: 'H2O', M: 18.015, density: 0.998 },
  carbonDioxide: { id: 'carbon-dioxide~', name: 'Carbon dioxide', formula: 'CO2', M: 44.009, density: undefined },
  hydroxide: { id: 'hydroxide~', name: 'Sodium hydroxide', formula: 'NaOH', M: 39.997, density: undefined },
  chloride: { id: 'chloride~', name: 'Sodium chloride', formula: 'NaCl', M: 58.44, density: undefined },
  // Nobody has named it: neither formula nor molar mass.
  solvent: { id: 'solvent~', name: 'Solvent of a solution', formula: undefined, M: undefined, density: 0.8 },
  hydrogensulfate: {
    id: 'hydrogensulfate~',
    name: 'Sodium hydrogensulfate',
    formula: 'NaHSO4',
    M: 120.055,
    density: undefined,
  },
} as const;

const impliedById = new Map<string, (typeof implied)[keyof typeof implied]>(
  Object.values(implied).map((one) => [one.id, one]),
);

/** The preparation's substances as the models see them. */
export function kindsOf({ substances }: Facts): (id: string) => Kind {
  const known = new Map<string, Kind>();
  for (const [id, { substance, molarMass }] of substances)
    known.set(id, kindOf(substance, molarMass?.ok ? molarMass.value.q.value : undefined));
  return (id) => known.get(id) ?? remainder(id, known) ?? impliedKind(id);
}

const left = 'left~';

/** What a carbonate leaves when its carbon dioxide has gone: its cations, with the mass of their oxide. */
export const withoutGas = (id: string) => `${left}${id}`;

function remainder(id: string, known: Map<string, Kind>): Kind | undefined {
  const base = id.startsWith(left) ? known.get(id.slice(left.length)) : undefined;
  if (!base?.substance) return undefined;
  const name = `what is left of ${base.name}`;
  const kind: Kind = {
    id,
    name,
    ...(base.M === undefined ? {} : { M: base.M - implied.carbonDioxide.M }),
    water: false,
    solid: true,
    groups: { hydroxide: 1 },
    inorganic: true,
    salt: false,
    invented: true,
    substance: { id, name },
  };
  known.set(id, kind);
  remainders.set(kind, base.substance.formula ?? '');
  return kind;
}

const remainders = new WeakMap<Kind, string>();

/** Ions of what models make: the cations that a carbonate leaves, and what has a formula of its own. */
export function impliedIons(kind: Kind): Ions | undefined {
  const carbonate = remainders.get(kind);
  if (carbonate !== undefined) {
    const ions = ionsOf(carbonate);
    return ions && { systems: ions.systems.filter(({ gas }) => !gas), spectators: ions.spectators };
  }
  const formula = impliedById.get(kind.id)?.formula;
  return formula === undefined || kind.water ? undefined : ionsOf(formula);
}

// What melts in a warm hand (tert-butanol, cyclohexanol) is poured and distilled like a liquid, in whatever form it is sold.
const hand_C = 30;

const isSolid = (form: Substance['form'], melting_C: number): boolean =>
  form === undefined ? melting_C > room_C : form === 'solid' && !(melting_C <= hand_C);

/** Whether a substance is known to be liquid at a temperature: by its melting point, else by what it is said to be. */
export function isLiquidAt({ substance, solid }: Kind, at_C: number): boolean {
  const { melting, form } = substance ?? {};
  return melting === undefined ? !solid && form === 'liquid' : Number(melting.low) <= at_C;
}

/** A substance as the models see it. */
export function kindOf(substance: Substance, M?: number): Kind {
  const { id, name, formula, density, form, melting } = substance;
  const groups = groupsOf(substance);
  return {
    id,
    name,
    ...(M === undefined ? {} : { M }),
    ...(density ? { density: Number(density.digits) } : {}),
    water: formula === 'H2O',
    solid: isSolid(form, Number(melting?.high ?? NaN)),
    groups,
    inorganic: isInorganic(groups, formula),
    salt: isSalt(substance),
    substance,
  };
}

const impliedKinds = new Map<string, Kind>(
  [...impliedById].map(([id, { name, formula, M, density }]) => {
    const water = id === implied.water.id;
    const groups: GroupCounts = id === implied.hydroxide.id ? { hydroxide: 1 } : water ? { water: 1 } : {};
    return [
      id,
      {
        id,
        name,
        ...(M === undefined ? {} : { M }),
        ...(density === undefined ? {} : { density }),
        water,
        solid: density === undefined && id !== implied.carbonDioxide.id,
        groups,
        inorganic: isInorganic(groups, formula),
        salt: false,
        invented: true,
        substance: { id, name, ...(formula === undefined ? {} : { formula }) },
      },
    ];
  }),
);

const unknown = {
  name: 'the rest of it',
  water: false,
  solid: true,
  groups: {},
  inorganic: false,
  salt: false,
  invented: true,
} as const;

function impliedKind(id: string): Kind {
  return impliedKinds.get(id) ?? { ...unknown, id };
}

/** Without carbon, or with no more of it than carbonate, cyanide and the like hold. Free halogens go their own way. */
function isInorganic(groups: GroupCounts, formula = ''): boolean {
  if (hasGroup(groups, 'mineralAcid', 'hydroxide', 'carbonate', 'bicarbonate', 'sulfite', 'thiosulfate')) return true;
  if (hasGroup(groups, 'hypochlorite', 'nitrite', 'ammonia')) return true;
  if (hasGroup(groups, 'halogen') || formula === '') return false;
  const atoms = anhydrousAtoms(formula);
  if (Object.keys(atoms).length === 0 || formula === 'H2O') return false;
  return (atoms['C'] ?? 0) === 0 || (ionsOf(formula) !== undefined && formula !== 'CO2');
}

const metal = /^(Li|Na|K|Cs|Mg|Ca|Ba|Zn|Al|Cu|Ag|Fe)$/;

function isSalt({ formula, smiles }: Substance): boolean {
  const atoms = anhydrousAtoms(formula);
  if ((atoms['C'] ?? 0) === 0) return false;
  return (
    Object.keys(atoms).some((one) => metal.test(one)) ||
    /\[(NH4|N[aH]?H?\d?)\+\]|(^|\.)(Cl|Br|I)(\.|$)|\[(Cl|Br|I)-\]/.test(smiles ?? '')
  );
}
