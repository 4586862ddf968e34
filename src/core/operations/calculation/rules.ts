import type { RuleText } from '../../finding/ruleText';

export const calculationRules = {
  'result.differs': {
    title: 'Not what the readings give',
    says: '{typed} was handed in; the readings give {right}. {cause}',
    remedies: ['Open the working beside the result and compare line by line.'],
  },
  'result.unclear': {
    title: 'Not what the readings give',
    says: '{typed} was handed in; the readings give {right}. None of the usual slips leads to this number.',
    remedies: ['Open the working beside the result and compare line by line.'],
  },
} as const satisfies Record<string, RuleText>;
