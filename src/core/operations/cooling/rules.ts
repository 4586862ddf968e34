import type { RuleText } from '../../finding/ruleText';

export const coolingRules = {
  'cooling.warm': {
    title: 'Still warm',
    says: '{temperature}; cool below {limit} before going on, or product stays dissolved.',
    remedies: ['Leave it in the bath longer.'],
  },
  'cooling.short': {
    title: 'Short cooling',
    says: '{time} instead of {planned}: fast or short cooling leaves product in the liquor and dirt in the crystals.',
  },
} as const satisfies Record<string, RuleText>;
