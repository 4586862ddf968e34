import { format } from '../quantity/format';
import { rules } from './rules';
import type { Finding } from '../finding/finding';
import type { RuleText } from '../finding/ruleText';

/** A finding in words. */
export interface FindingText {
  readonly title: string;
  readonly says: string;
  readonly remedies: readonly string[];
}

/** Renders a finding from the rule catalogue. A remedy whose argument is missing is left out. */
export function renderFinding(item: Finding): FindingText {
  const rule: RuleText = rules[item.rule];
  const remedies = (rule.remedies ?? []).filter((remedy) => placeholders(remedy).every((name) => name in item.args));
  return {
    title: rule.title,
    says: fill(rule.says, item.args),
    remedies: remedies.map((remedy) => fill(remedy, item.args)),
  };
}

/** Names in curly brackets of a sentence. */
export function placeholders(sentence: string): readonly string[] {
  return [...sentence.matchAll(/\{(\w+)\}/g)].map((match) => match[1] ?? '');
}

function fill(sentence: string, args: Finding['args']): string {
  return sentence.replace(/\{(\w+)\}/g, (whole, name: string) => {
    const value = args[name];
    if (value === undefined) return whole;
    return typeof value === 'string' ? value : format(value.q, value.unit, { figures: value.figures });
  });
}
