import type { RuleText } from '../../finding/ruleText';

export const additionRules = {
  'addition.ceiling': {
    title: 'Above the ceiling',
    says: '{temperature} after portion {portion}; the ceiling is {ceiling}.',
    remedies: ['Stop adding, cool, and resume when it has fallen.'],
  },
} as const satisfies Record<string, RuleText>;
