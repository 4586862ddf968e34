import type { RuleText } from '../../finding/ruleText';

export const distillationRules = {
  'distil.window': {
    title: 'Outside the printed window',
    says: '{temperature} lies outside {low} to {high}.',
    remedies: [
      'Judge by the plateau: a thermometer lags, a stem and the pressure shift it. Record both and the reason.',
      'Well below the boiling point with product coming over: water or solvent with it.',
    ],
  },
} as const satisfies Record<string, RuleText>;
