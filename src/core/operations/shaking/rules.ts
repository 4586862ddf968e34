import type { RuleText } from '../../finding/ruleText';

export const shakingRules = {
  'layers.other': {
    title: 'Not the layer that was expected',
    says: 'The organic layer is the {found} one; the sheet expects it to be the {expected} one.',
    remedies: [
      'Trust the drop test, repeat it from the other layer, and label both flasks.',
      'Solutes can turn the order round. Discard nothing.',
    ],
  },
} as const satisfies Record<string, RuleText>;
