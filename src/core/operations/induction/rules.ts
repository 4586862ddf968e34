import type { RuleText } from '../../finding/ruleText';

export const inductionRules = {
  'induction.early': {
    title: 'Going on before the start was seen',
    says: 'No start stands on the record. What has gathered can react all at once.',
    remedies: ['Add nothing more. Wait, and go up the ladder of remedies.', 'Call the demonstrator.'],
  },
} as const satisfies Record<string, RuleText>;
