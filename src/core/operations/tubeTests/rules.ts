import type { RuleText } from '../../finding/ruleText';

export const tubeTestsRules = {
  'tubes.control': {
    title: 'A control did not behave',
    says: 'Not as a control should: {tubes}. Nothing can be said of the samples.',
    remedies: ['Fresh reagent, clean tubes, and once more.'],
  },
} as const satisfies Record<string, RuleText>;
