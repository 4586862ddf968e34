import { canonicalJson } from '../canonicalJson';
import { propertyIds } from './properties';
import type { CrossCheck } from '../checks/crossChecks';
import type { ReferenceSolution } from './solution';
import type { FieldId, ReferenceSubstance } from './substance';

/** Somebody compared a field with a source and stands for it. It holds for the value they saw, and for no later one. */
export interface Confirmation {
  readonly entry: string;
  readonly field: FieldId;
  /** The value as it was, as canonical JSON. */
  readonly content: string;
  readonly by: string;
  /** ISO 8601. */
  readonly at: string;
  /** False takes an earlier one back. */
  readonly holds: boolean;
}

/** How far a field can be trusted. */
export type FieldStanding =
  | { readonly is: 'computed' }
  | { readonly is: 'cross-checked'; readonly by: string }
  | { readonly is: 'confirmed'; readonly by: string; readonly at: string }
  | { readonly is: 'from memory' };

export type Standings = Readonly<Partial<Record<FieldId, FieldStanding>>>;

/** The value of a field of a substance; nothing when it is empty. */
function fieldOf(substance: ReferenceSubstance, field: FieldId): unknown {
  switch (field) {
    case 'formula':
      return substance.formula;
    case 'form':
      return substance.form;
    case 'pKa':
      return substance.pKa;
    case 'antoine':
      return substance.antoine;
    case 'hazards':
      return substance.hazards;
    case 'waste':
      return substance.waste;
    case 'drying':
      return substance.notDriedWith;
    case 'curves':
      return substance.curves;
    case 'massPercent':
    case 'solutionDensity':
    case 'molarity':
      return undefined;
    default:
      return substance.values[field];
  }
}

function solutionFieldOf(solution: ReferenceSolution, field: FieldId): unknown {
  const values: Partial<Record<FieldId, unknown>> = {
    massPercent: solution.massPercent,
    solutionDensity: solution.density,
    molarity: solution.molarity,
    hazards: solution.hazards,
    waste: solution.waste,
  };
  return values[field];
}

/** What a confirmation of a field stands for: its value as canonical JSON; nothing for an empty field. */
export function confirmedContent(entry: ReferenceSubstance | ReferenceSolution, field: FieldId): string | undefined {
  const value = 'solute' in entry ? solutionFieldOf(entry, field) : fieldOf(entry, field);
  return value === undefined ? undefined : canonicalJson(withoutUncertainty(value));
}

/** How sure a value is belongs to its source, not to the value that somebody stood for. */
function withoutUncertainty(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutUncertainty);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key]) => key !== 'u')
      .map(([key, part]) => [key, withoutUncertainty(part)]),
  );
}

const substanceFields: readonly FieldId[] = [
  'formula',
  'form',
  ...propertyIds,
  'pKa',
  'antoine',
  'hazards',
  'waste',
  'drying',
  'curves',
];
const solutionFields: readonly FieldId[] = ['massPercent', 'solutionDensity', 'molarity', 'hazards', 'waste'];

/** The confirmation of what a field holds now, unless it was taken back. */
export function confirmationOf(
  confirmations: readonly Confirmation[],
  entry: ReferenceSubstance | ReferenceSolution,
  field: FieldId,
): Confirmation | undefined {
  const content = confirmedContent(entry, field);
  const last = confirmations.findLast(
    (one) => one.entry === entry.id && one.field === field && one.content === content,
  );
  return last?.holds ? last : undefined;
}

/**
 * How far each filled field of an entry can be trusted: a person's confirmation first, then a relation that holds between
 * independent fields, else from memory.
 */
export function standingsOf(
  entry: ReferenceSubstance | ReferenceSolution,
  checks: readonly CrossCheck[],
  confirmations: readonly Confirmation[],
): Standings {
  const fields = 'solute' in entry ? solutionFields : substanceFields;
  const wrong = new Set(checks.filter(({ holds }) => !holds).flatMap((check) => check.fields));
  const filled = fields.filter((field) => confirmedContent(entry, field) !== undefined);
  return Object.fromEntries(
    filled.map((field): [FieldId, FieldStanding] => {
      const confirmed = confirmationOf(confirmations, entry, field);
      if (confirmed) return [field, { is: 'confirmed', by: confirmed.by, at: confirmed.at }];
      const check = checks.find(({ fields: tied, holds }) => holds && tied.includes(field));
      // Unfit drying agents are derived from the groups: that they agree with them says nothing new.
      if (field === 'drying' && check) return [field, { is: 'computed' }];
      return [field, check && !wrong.has(field) ? { is: 'cross-checked', by: check.relation } : { is: 'from memory' }];
    }),
  );
}

/** Every field that can be confirmed. */
export const fieldIds: readonly FieldId[] = [...new Set([...substanceFields, ...solutionFields])];
