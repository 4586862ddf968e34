import type { RuleText } from '../../finding/ruleText';

export const secondCropRules = {
  'crop.mixed': {
    title: 'Second crop mixed into the first',
    says: 'The second crop carries the impurities of the liquor: mixed, the first can no longer be judged by itself.',
    remedies: ['Say so in the report; next time weigh and melt it apart.'],
  },
} as const satisfies Record<string, RuleText>;
