import type { RuleText } from '../../finding/ruleText';

export const spectrumRules = {
  'spectrum.other': {
    title: 'Bands other than expected',
    says: 'Not as expected: {bands}.',
    remedies: ['Starting material, water or solvent? Compare with their spectra.'],
  },
} as const satisfies Record<string, RuleText>;
