import type { RuleText } from '../../finding/ruleText';

export const holdRules = {
  'hold.short': { title: 'Shorter than planned', says: '{time} instead of {planned}.' },
} as const satisfies Record<string, RuleText>;
