import { acidProtons, hasGroup } from '../reference/groups';
import { splitStatement } from './statements';
import type { GroupId } from '../reference/groups';
import type { Substance } from '../preparation/document';
import type { PlanLine } from '../preparation/planTypes';
import type { Worked } from '../quantity/worked';

/** Something that is charged, as the triggers of cautions look at it. */
export interface Material {
  readonly line: PlanLine;
  readonly substance: Substance;
  readonly name: string;
  readonly amount?: Worked<'amount'>;
}

/** What a line puts in. */
export function materialOf(line: PlanLine): Material {
  const { amount } = line.total;
  const { substance } = line.facts.substance;
  return { line, substance, name: substance.name, ...(amount ? { amount } : {}) };
}

/** Whether any of some hazard statements stands on the label. */
export function hasStatement({ hazards }: Pick<Substance, 'hazards'>, ...codes: readonly string[]): boolean {
  return hazards?.statements.some((one) => splitStatement(one)?.some((base) => codes.includes(base))) ?? false;
}

type Kind = (substance: Substance) => boolean;

const group =
  (...ids: readonly GroupId[]): Kind =>
  ({ groups }) =>
    hasGroup(groups, ...ids);

const carbon = /C(?![a-z])/;

/** Kinds of matter by what it does to others. */
export const kinds = {
  acid: ({ formula, groups }) => acidProtons(formula, groups) > 0,
  mineralAcid: group('mineralAcid'),
  nitricAcid: group('nitricAcid'),
  hydroxide: group('hydroxide'),
  carbonate: group('carbonate', 'bicarbonate'),
  hypochlorite: group('hypochlorite'),
  sulfite: group('sulfite', 'thiosulfate'),
  nitrite: group('nitrite'),
  amine: group('amine', 'ammonia'),
  alcoholOrKetone: group('alcohol', 'ketone', 'aldehyde'),
  organohalide: group('organohalide'),
  metalOrHydride: group('metal', 'hydride'),
  base: group('hydroxide', 'metal', 'hydride'),
  oxidizer: (substance) =>
    hasGroup(substance.groups, 'hypochlorite', 'nitricAcid') || hasStatement(substance, 'H270', 'H271', 'H272'),
  organic: (substance) =>
    substance.formula !== undefined &&
    carbon.test(substance.formula) &&
    !hasGroup(substance.groups, 'carbonate', 'bicarbonate') &&
    substance.waste !== 'solid',
  waterReactive: ({ waterReactive }) => waterReactive === true,
  aqueous: group('water'),
  flammable: (substance) => hasStatement(substance, 'H224', 'H225', 'H226', 'H228'),
} as const satisfies Record<string, Kind>;

export type MaterialKind = keyof typeof kinds;
