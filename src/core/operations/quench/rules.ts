import type { RuleText } from '../../finding/ruleText';

export const quenchRules = {
  'quench.hot': {
    title: 'Too hot to pour',
    says: 'The mixture is at {temperature}; pour below {limit}.',
    remedies: ['Let it cool first, without the condenser coming off.'],
  },
} as const satisfies Record<string, RuleText>;
