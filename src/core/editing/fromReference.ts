import type { CrossCheck } from '../checks/crossChecks';
import type { ReferenceSolution } from '../reference/solution';
import type { ReferenceSubstance, SolubilityCurve, TabulatedValue } from '../reference/substance';
import type { FieldStanding, Standings } from '../reference/confirmation';
import type { ChargeLine, Datum, Hazards, MeltingDatum, Solubility, Substance } from '../document/document';

/** An entry of the library with how far its fields can be trusted. */
export interface PickedSubstance {
  readonly kind: 'substance';
  readonly substance: ReferenceSubstance;
  readonly standings: Standings;
  readonly checks: readonly CrossCheck[];
}

/** A solution of the library with its solute. */
export interface PickedSolution {
  readonly kind: 'solution';
  readonly solution: ReferenceSolution;
  readonly solute: ReferenceSubstance;
  readonly standings: Standings;
  readonly checks: readonly CrossCheck[];
}

export type Picked = PickedSubstance | PickedSolution;

/** What a line holds when it is filled from the library. */
export interface FromReference {
  readonly substance: Omit<Substance, 'id'>;
  /** For a solution: what the bottle holds. */
  readonly bottle: Pick<ChargeLine, 'strength' | 'density'>;
  /** Solubility curves; solvents by the ids of their entries, since a preparation may not hold them yet. */
  readonly curves?: readonly Solubility[];
}

const checkOf = (standing: FieldStanding | undefined): Datum['check'] =>
  standing?.is === 'cross-checked' || standing?.is === 'computed' ? standing.is : 'from memory';

/** Somebody's confirmation is part of where a value is from. */
const sourceOf = (source: string, standing: FieldStanding | undefined, u?: string) =>
  `${source}${u === undefined ? '' : `, ±\u00a0${u}`}${standing?.is === 'confirmed' ? `; confirmed by ${standing.by}` : ''}`.slice(
    0,
    200,
  );

function datum(value: TabulatedValue | undefined, standing: FieldStanding | undefined): Datum | undefined {
  if (!value || value.digits === 'miscible') return undefined;
  const { digits, at_C, source, u } = value;
  return {
    digits,
    ...(at_C === undefined ? {} : { at_C }),
    source: sourceOf(source, standing, u),
    check: checkOf(standing),
  };
}

/** How much dissolves: a number, or "miscible". */
function dissolves(value: TabulatedValue | undefined, standing: FieldStanding | undefined): Datum | undefined {
  return value?.digits === 'miscible'
    ? { digits: 'miscible', source: sourceOf(value.source, standing), check: checkOf(standing) }
    : datum(value, standing);
}

/** Properties that only the models ask for. */
function modelled({ values, pKa, antoine }: ReferenceSubstance, standings: Standings): Partial<Substance> {
  return present<Partial<Substance>>({
    waterSolubility: dissolves(values.waterSolubility, standings.waterSolubility),
    waterContent: dissolves(values.waterContent, standings.waterContent),
    logP: datum(values.logP, standings.logP),
    pKa: pKa?.flatMap((one) => datum(one, standings.pKa) ?? []),
    fusion: datum(values.fusion, standings.fusion),
    antoine: antoine && {
      ...antoine,
      source: sourceOf(antoine.source, standings.antoine),
      check: checkOf(standings.antoine),
    },
  });
}

/** A temperature of the literature; of a range the lower end, which is the more cautious one for boiling. */
function temperature(value: TabulatedValue | undefined, standing: FieldStanding | undefined): Datum | undefined {
  return value && { digits: value.digits, source: sourceOf(value.source, standing), check: checkOf(standing) };
}

function melting(value: TabulatedValue | undefined, standing: FieldStanding | undefined): MeltingDatum | undefined {
  if (!value) return undefined;
  const { digits, high = digits, source } = value;
  return { low: digits, high, source: sourceOf(source, standing), check: checkOf(standing) };
}

function hazards(entry: ReferenceSubstance | ReferenceSolution, standings: Standings): Hazards | undefined {
  return entry.hazards && { ...entry.hazards, check: checkOf(standings.hazards) };
}

function present<T extends object>(parts: { readonly [K in keyof T]: T[K] | undefined }): T {
  return Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== undefined)) as T;
}

/**
 * A substance of a preparation, taken over from the library: a snapshot, so that a later correction changes nothing in it.
 * A solution becomes what the bottle holds, with strength and density on the line.
 */
export function fromReference(picked: Picked): FromReference {
  const { standings } = picked;
  if (picked.kind === 'solution') {
    const { solution, solute } = picked;
    const density = datum(solution.density, standings.solutionDensity);
    return {
      substance: {
        ...present<Pick<Substance, 'formula' | 'smiles' | 'hazards' | 'waste' | 'caution'>>({
          formula: solute.formula,
          smiles: solute.smiles,
          hazards: hazards(solution, standings),
          waste: solution.waste,
          caution: solute.caution,
        }),
        ...present<Pick<Substance, 'pKa'>>({ pKa: modelled(solute, {}).pKa }),
        name: solution.name,
        reference: solution.id,
        groups: { ...solute.groups, ...(solution.solvent === undefined ? { water: 1 } : {}) },
        form: 'liquid',
      },
      bottle: {
        strength: { by: 'molarity', digits: solution.molarity.digits },
        ...(density ? { density } : {}),
      },
    };
  }
  const { substance } = picked;
  const { values } = substance;
  return {
    substance: {
      ...present<Omit<Substance, 'id' | 'name'>>({
        formula: substance.formula,
        smiles: substance.smiles,
        density: datum(values.density, standings.density),
        melting: melting(values.melting, standings.melting),
        boiling: temperature(values.boiling, standings.boiling),
        flash: temperature(values.flash, standings.flash),
        form: substance.form,
        hazards: hazards(substance, standings),
        peroxideFormer: substance.peroxideFormer,
        waterReactive: substance.waterReactive,
        waste: substance.waste,
        caution: substance.caution,
      }),
      ...modelled(substance, standings),
      name: substance.name,
      reference: substance.id,
      groups: substance.groups,
      notDriedWith: substance.notDriedWith,
    },
    bottle: {},
    ...(substance.curves ? { curves: substance.curves.map((one) => curveOf(one, standings.curves)) } : {}),
  };
}

function curveOf({ solvent, points }: SolubilityCurve, standing: FieldStanding | undefined): Solubility {
  return {
    solvent,
    points: points.map(({ digits, at_C, source, u }) => ({
      digits,
      at_C,
      source: sourceOf(source, standing, u),
      check: checkOf(standing),
    })),
  };
}
