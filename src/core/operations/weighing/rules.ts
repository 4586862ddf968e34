import type { RuleText } from '../../finding/ruleText';

export const weighingRules = {
  'stage.notDry': {
    title: 'Weighed before it was dry',
    says: '{stage}: no constant mass was recorded before this weighing; the number may hold water.',
    remedies: ['Dry to constant mass, or say so in the report.'],
  },
} as const satisfies Record<string, RuleText>;
