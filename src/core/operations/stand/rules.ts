import type { RuleText } from '../../finding/ruleText';

export const standRules = {
  'stand.short': { title: 'Shorter than planned', says: 'It stood {time} instead of {planned}.' },
  'stand.unseen': {
    title: 'Not seen what was looked for',
    says: 'Looked for, and not seen: {look}.',
    remedies: ['Scratch the wall with a glass rod, or seed, and let it stand on.', 'Ask before going on.'],
  },
} as const satisfies Record<string, RuleText>;
