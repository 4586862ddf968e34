import { boilingTemperature } from '../models/vapour/antoine';
import { labelFaults } from './labelFaults';
import { splitStatement } from '../reference/statements';
import { sameAtoms } from '../compound/sameAtoms';
import { hasGroup } from '../reference/groups';
import { unfitAgents } from '../reference/dryingAgents';
import type { FieldId, ReferenceSubstance } from '../reference/substance';

/** One relation between fields, and whether it holds. */
export interface CrossCheck {
  /** Fields that the relation ties together. */
  readonly fields: readonly FieldId[];
  readonly relation: string;
  readonly holds: boolean;
  /** The relation in numbers, or what does not fit. */
  readonly says: string;
}

type Relation = (substance: ReferenceSubstance, drawn: string | undefined) => CrossCheck | undefined;

/** A number inside a sentence, with a true minus sign. */
const said = (value: number) => String(value).replace('-', '−');

const numberOf = (value: { readonly digits: string; readonly high?: string } | undefined) =>
  value === undefined ? undefined : (Number(value.digits) + Number(value.high ?? value.digits)) / 2;

const structure: Relation = ({ formula, smiles }, drawn) => {
  if (formula === undefined || smiles === undefined || drawn === undefined) return undefined;
  const holds = sameAtoms(formula, drawn);
  return {
    fields: ['formula'],
    relation: 'element counts of formula and structure',
    holds,
    says: holds
      ? 'formula and structure hold the same atoms'
      : `the structure holds ${drawn}, the formula says ${formula}`,
  };
};

const vapour: Relation = ({ values, antoine }) => {
  const listed = numberOf(values.boiling);
  if (!antoine || listed === undefined) return undefined;
  const computed = boilingTemperature(antoine);
  const says = `Antoine’s equation gives 760 torr at ${said(Math.round(computed * 10) / 10)} °C, listed is ${said(listed)} °C`;
  return {
    fields: ['boiling', 'antoine'],
    relation: 'Antoine’s equation at 760 torr',
    holds: Math.abs(computed - listed) <= 1,
    says,
  };
};

const room = 20;
const state: Relation = ({ form, values }) => {
  if (form === undefined) return undefined;
  const melting = numberOf(values.melting);
  const boiling = numberOf(values.boiling);
  const wrong =
    form === 'solid'
      ? melting !== undefined && melting < room
      : form === 'liquid'
        ? (melting !== undefined && melting > room) || (boiling !== undefined && boiling < room)
        : boiling !== undefined && boiling > room;
  const decides = form === 'solid' ? melting : form === 'gas' ? boiling : (melting ?? boiling);
  if (decides === undefined) return undefined;
  return {
    fields: ['form'],
    relation: 'melting and boiling point against 20 °C',
    holds: !wrong,
    says: wrong
      ? `it cannot be ${form} at 20 °C with its melting and boiling point`
      : `${form} at 20 °C, as melting and boiling point say`,
  };
};

const order: Relation = ({ values: { melting, boiling } }) => {
  const low = numberOf(melting);
  const high = numberOf(boiling);
  if (low === undefined || high === undefined || low < high) return undefined;
  return {
    fields: ['melting', 'boiling'],
    relation: 'melting below boiling',
    holds: false,
    says: 'it melts above its boiling point',
  };
};

/** Flash point and boiling point decide the category of a flammable liquid (UN GHS 2.6). */
const flammability: Relation = ({ form, values, hazards }) => {
  const flash = numberOf(values.flash);
  if (form !== 'liquid' || flash === undefined || !hazards) return undefined;
  const boiling = numberOf(values.boiling) ?? Infinity;
  const expected = flash < 23 ? (boiling <= 35 ? 'H224' : 'H225') : flash <= 60 ? 'H226' : undefined;
  const listed = hazards.statements
    .flatMap((code) => splitStatement(code) ?? [])
    .find((code) => /^H22[456]$/.test(code));
  const holds = expected === listed;
  return {
    fields: ['flash'],
    relation: 'flash point against the flammability statement',
    holds,
    says: holds
      ? `a flash point of ${said(flash)} °C ${expected ? `is ${expected}` : 'asks for no flammability statement'}`
      : `a flash point of ${said(flash)} °C asks for ${expected ?? 'no flammability statement'}, listed is ${listed ?? 'none'}`,
  };
};

const label: Relation = ({ hazards }) => {
  if (!hazards) return undefined;
  const faults = labelFaults(hazards);
  // Consistent is not yet right: a label stays "from memory" until somebody has compared it with the supplier's sheet.
  return {
    fields: [],
    relation: 'statements, symbols and signal word',
    holds: faults.length === 0,
    says: faults.join('; ') || 'symbols and signal word follow from the statements',
  };
};

const stream: Relation = ({ groups, waste }) => {
  if (waste === undefined || waste === 'air') return undefined;
  const halide = hasGroup(groups, 'organohalide');
  if (!halide && waste !== 'halogenated') return undefined;
  return {
    fields: ['waste'],
    relation: 'carbon–halogen bonds against the waste stream',
    holds: halide === (waste === 'halogenated'),
    says: halide
      ? 'the structure has a carbon–halogen bond'
      : 'the structure has no carbon–halogen bond, yet its waste is halogenated',
  };
};

const drying: Relation = ({ groups, notDriedWith }) => {
  const unfit = unfitAgents(groups);
  if (unfit.length === 0) return undefined;
  const missing = unfit.filter((id) => !notDriedWith.includes(id));
  return {
    fields: ['drying'],
    relation: 'drying agents against the functional groups',
    holds: missing.length === 0,
    says:
      missing.length > 0
        ? `its groups do not go with ${missing.join(', ')}`
        : 'unfit drying agents follow from the functional groups',
  };
};

const curves: Relation = ({ curves: list }) => {
  if (!list || list.length === 0) return undefined;
  const holds = list.every(({ points }) =>
    points.every((point, i) => {
      const before = points[i - 1];
      return !before || (point.at_C > before.at_C && Number(point.digits) > Number(before.digits));
    }),
  );
  // That it rises makes a curve plausible, not right.
  return {
    fields: [],
    relation: 'solubility rises with temperature',
    holds,
    says: holds ? 'solubility rises with temperature' : 'solubility does not rise with temperature',
  };
};

const relations: readonly Relation[] = [structure, vapour, state, order, flammability, label, stream, drying, curves];

/**
 * Every relation between the fields of a substance that can be asked, with its answer. Fields tied by one that holds are
 * cross-checked; one that does not hold means that one of its fields is wrong.
 *
 * @param drawn molecular formula as the structure package counts it; absent without a structure
 */
export function crossChecks(substance: ReferenceSubstance, drawn?: string): readonly CrossCheck[] {
  return relations.flatMap((relation) => relation(substance, drawn) ?? []);
}
