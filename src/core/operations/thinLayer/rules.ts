import type { RuleText } from '../../finding/ruleText';

export const thinLayerRules = {
  'thinLayer.beyond': {
    title: 'Farther than the front',
    says: '{lane}: the spot at {spot} lies beyond the front at {front}.',
    remedies: ['Measure both again, each from the pencil line.'],
  },
} as const satisfies Record<string, RuleText>;
