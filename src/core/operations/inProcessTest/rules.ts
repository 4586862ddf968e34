import type { RuleText } from '../../finding/ruleText';

export const inProcessTestRules = {
  'test.otherwise': {
    title: 'The test came out otherwise',
    says: 'It is {seen}; {expected} was expected. {otherwise}',
  },
} as const satisfies Record<string, RuleText>;
