import { hashFacts } from './hashFacts';
import type { RuleId } from '../words/rules';
import type { Quantity } from '../quantity/dims';

/** What a finding is about: a place on the plan. Ids are those of the preparation. */
export interface Place {
  readonly line?: string;
  readonly substance?: string;
  readonly vessel?: string;
  readonly term?: string;
  readonly field?: string;
  /** Part of a record: which reading of the line or step. */
  readonly step?: string;
  readonly item?: string;
  readonly round?: number;
  readonly slot?: string;
}

/** A number inside a finding, with what is needed to print it. */
export interface FactNumber {
  readonly q: Quantity;
  readonly unit: string;
  readonly figures: number;
}

export type Severity = 'note' | 'caution' | 'stop';

/** Something worth a person's attention. Plain JSON; the words come from the rule catalogue. */
export interface Finding {
  /** Rule and place: the same finding keeps its key while its facts change. */
  readonly key: string;
  /** Hash of what it rests on: an override holds only while this stays. */
  readonly facts: string;
  readonly severity: Severity;
  readonly about: Place;
  readonly rule: RuleId;
  readonly args: Readonly<Record<string, FactNumber | string>>;
}

/**
 * Makes a finding with its key and the hash of its facts.
 *
 * @param args what the rule's sentence names, by placeholder
 */
export function finding(rule: RuleId, severity: Severity, about: Place, args: Finding['args'] = {}): Finding {
  const place = [
    about.line,
    about.substance,
    about.vessel,
    about.term,
    about.field,
    about.step,
    about.item,
    about.round,
    about.slot,
  ]
    .filter(Boolean)
    .join('/');
  return { key: `${rule}|${place}`, facts: hashFacts([rule, severity, about, args]), severity, about, rule, args };
}

/** Shorthand for a number inside a finding. */
export function fact(q: Quantity, unit: string, figures = 3): FactNumber {
  return { q, unit, figures };
}
