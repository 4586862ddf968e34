import { anhydrousAtoms } from '../compound/atomsOf';
import { groupsOf, hasGroup } from '../reference/groups';
import { gasOf } from '../compound/gases';
import { ionsOf } from '../models/acidBase/ionsOf';
import { room_C } from './matter/shelf';
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
  hydrogen: { id: 'hydrogen~', name: 'Hydrogen', formula: 'H2', M: 2.016, density: undefined },
  hydrogenChloride: {
    id: 'hydrogen-chloride~',
    name: 'Hydrogen chloride',
    formula: 'HCl',
    M: 36.458,
    density: undefined,
  },
  sulfurDioxide: { id: 'sulfur-dioxide~', name: 'Sulfur dioxide', formula: 'SO2', M: 64.058, density: undefined },
  carbonMonoxide: { id: 'carbon-monoxide~', name: 'Carbon monoxide', formula: 'CO', M: 28.01, density: undefined },
  hydrogensulfate: {
    id: 'hydrogensulfate~',
    name: 'Sodium hydrogensulfate',
    formula: 'NaHSO4',
    M: 120.055,
    density: undefined,
  },
} as const;

/** The same by id. */
export const impliedById: ReadonlyMap<string, (typeof implied)[keyof typeof implied]> = new Map<
  string,
  (typeof implied)[keyof typeof implied]
>(Object.values(implied).map((one) => [one.id, one]));

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
    const gas = formula !== undefined && gasOf(formula) !== undefined;
    return [
      id,
      {
        id,
        name,
        ...(M === undefined ? {} : { M }),
        ...(density === undefined ? {} : { density }),
        water,
        solid: density === undefined && !gas,
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

/** A kind that models make where the preparation names none; the rest of a bottle for an id that nobody knows. */
export function impliedKind(id: string): Kind {
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
