import { hasGroup } from '../../reference/groups';
import type { Facts } from '../../preparation/facts';
import type { GroupCounts } from '../../reference/groups';
import type { Substance } from '../../preparation/document';

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
  readonly substance?: Substance;
}

/** Substances that a model makes where the preparation names none: the water of a solution, gas from a carbonate. */
export const implied = {
  water: { id: 'water~', name: 'Water', formula: 'H2O', M: 18.015, density: 0.998 },
  carbonDioxide: { id: 'carbon-dioxide~', name: 'Carbon dioxide', formula: 'CO2', M: 44.009, density: undefined },
  hydroxide: { id: 'hydroxide~', name: 'Sodium hydroxide', formula: 'NaOH', M: 39.997, density: undefined },
  chloride: { id: 'chloride~', name: 'Sodium chloride', formula: 'NaCl', M: 58.44, density: undefined },
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
  for (const [id, { substance, molarMass }] of substances) {
    const groups = substance.groups ?? {};
    known.set(id, {
      id,
      name: substance.name,
      ...(molarMass?.ok ? { M: molarMass.value.q.value } : {}),
      ...(substance.density ? { density: Number(substance.density.digits) } : {}),
      water: substance.formula === 'H2O',
      solid: substance.form === 'solid' || (substance.form === undefined && substance.melting !== undefined),
      groups,
      substance,
    });
  }
  return (id) => known.get(id) ?? impliedKind(id);
}

function impliedKind(id: string): Kind {
  const found = impliedById.get(id);
  if (!found) return { id, name: 'the rest of it', water: false, solid: true, groups: {} };
  const { name, formula, M, density } = found;
  const water = id === implied.water.id;
  return {
    id,
    name,
    M,
    ...(density === undefined ? {} : { density }),
    water,
    solid: !water && id !== implied.carbonDioxide.id,
    groups: id === implied.hydroxide.id ? { hydroxide: 1 } : water ? { water: 1 } : {},
    substance: { id, name, formula },
  };
}

/** A salt, an inorganic acid or base: it stays in the water. */
export function isInorganic({ groups, substance }: Kind): boolean {
  if (hasGroup(groups, 'mineralAcid', 'hydroxide', 'carbonate', 'bicarbonate', 'sulfite', 'thiosulfate')) return true;
  if (hasGroup(groups, 'hypochlorite', 'nitrite', 'ammonia')) return true;
  return /Na|K(?![a-z])|Li|Mg|Ca|Ba|Cu|Fe/.test(substance?.formula ?? '');
}
