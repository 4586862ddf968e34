import type { RuleText } from '../../finding/ruleText';

export const dryingRules = {
  'drying.falling': {
    title: 'Not dry yet',
    says: 'The mass is still falling: {before}, then {after}. Water is not product.',
    remedies: ['Dry on and weigh again.'],
  },
  'drying.rising': {
    title: 'The mass went up',
    says: '{before}, then {after}: a dry solid does not gain mass. Another vessel, another balance, or a wet sample.',
    remedies: ['Weigh again in the same way.'],
  },
  'drying.soon': {
    title: 'Weighed too soon',
    says: 'Only {time} of further drying between the two: constant mass needs at least {least}.',
    remedies: ['Dry on for {least}, then weigh again.'],
  },
} as const satisfies Record<string, RuleText>;
