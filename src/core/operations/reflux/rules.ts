import type { RuleText } from '../../finding/ruleText';

export const refluxRules = {
  'reflux.noStart': {
    title: 'First reflux was not recorded',
    says: 'The heat is off, but no first reflux stands on the record. Time from switching on is not time at reflux.',
    remedies: ['If condensate fell back at a known time, note it in words.', 'Ask whether to heat on.'],
  },
  'reflux.short': {
    title: 'Too short at reflux',
    says: '{time} at reflux instead of {planned}. The clock starts when condensate first falls back, not at heat-on.',
    remedies: ['Heat on for the rest, or note the deviation.'],
  },
  'reflux.long': { title: 'Long at reflux', says: '{time} at reflux; at most {most} is advised.' },
} as const satisfies Record<string, RuleText>;
