import type { RuleText } from '../../finding/ruleText';

export const closedVialRules = {
  'vial.leaked': {
    title: 'The vial leaked',
    says: 'What leaked is lost: estimate it and write it down.',
    remedies: ['Wipe it up, change gloves, a new cap.'],
  },
} as const satisfies Record<string, RuleText>;
