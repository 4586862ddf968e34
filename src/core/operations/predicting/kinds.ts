import { groupsOf, hasGroup } from '../../reference/groups';
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
  /** A salt, an inorganic acid or base: it stays in the water. */
  readonly inorganic: boolean;
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
  for (const [id, { substance, molarMass }] of substances)
    known.set(id, kindOf(substance, molarMass?.ok ? molarMass.value.q.value : undefined));
  return (id) => known.get(id) ?? impliedKind(id);
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
    solid: form === 'solid' || (form === undefined && melting !== undefined),
    groups,
    inorganic: isInorganic(groups, formula),
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
        M,
        ...(density === undefined ? {} : { density }),
        water,
        solid: !water && id !== implied.carbonDioxide.id,
        groups,
        inorganic: isInorganic(groups, formula),
        substance: { id, name, formula },
      },
    ];
  }),
);

const unknown = { name: 'the rest of it', water: false, solid: true, groups: {}, inorganic: false };

function impliedKind(id: string): Kind {
  return impliedKinds.get(id) ?? { ...unknown, id };
}

function isInorganic(groups: GroupCounts, formula = ''): boolean {
  if (hasGroup(groups, 'mineralAcid', 'hydroxide', 'carbonate', 'bicarbonate', 'sulfite', 'thiosulfate')) return true;
  if (hasGroup(groups, 'hypochlorite', 'nitrite', 'ammonia')) return true;
  return /Na|K(?![a-z])|Li|Mg|Ca|Ba|Cu|Fe/.test(formula);
}
