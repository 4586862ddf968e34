/** One tabulated property: its name, unit and the range in which a value is plausible. */
export interface PropertyKind {
  readonly label: string;
  readonly unit: string;
  readonly low: number;
  readonly high: number;
  /** A value may be a range, such as a melting range. */
  readonly range?: true;
  /** The value belongs to a temperature. */
  readonly at?: true;
  /** "miscible" may stand in place of a number. */
  readonly miscible?: true;
}

/** Properties of a pure substance. Boiling points are at 760 torr. */
export const properties = {
  density: { label: 'Density', unit: 'g/mL', low: 0.05, high: 25, at: true },
  melting: { label: 'Melting point', unit: '°C', low: -260, high: 4000, range: true },
  boiling: { label: 'Boiling point at 760 torr', unit: '°C', low: -270, high: 6000, range: true },
  flash: { label: 'Flash point', unit: '°C', low: -100, high: 400 },
  refraction: { label: 'Refractive index nD', unit: '', low: 1, high: 3, at: true },
  logP: { label: 'log P, octanol–water', unit: '', low: -10, high: 15 },
  waterSolubility: { label: 'Dissolves in water', unit: 'g/100 mL', low: 0, high: 2000, at: true, miscible: true },
  waterContent: { label: 'Takes up water', unit: '% w/w', low: 0, high: 99, at: true, miscible: true },
  fusion: { label: 'Enthalpy of fusion', unit: 'kJ/mol', low: 0.01, high: 200 },
  heatCapacity: { label: 'Heat capacity of the liquid', unit: 'J/(g·K)', low: 0.1, high: 20 },
} as const satisfies Record<string, PropertyKind>;

export type PropertyId = keyof typeof properties;

/** Ids of the properties in the order of the page. */
export const propertyIds = Object.keys(properties) as readonly PropertyId[];

/** Looks a property's kind up without the narrowness of the literal table. */
export const propertyKindOf = (id: PropertyId): PropertyKind => properties[id];
