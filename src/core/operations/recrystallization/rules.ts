import type { RuleText } from '../../finding/ruleText';

export const recrystallizationRules = {
  'solvent.over': {
    title: 'More solvent than expected',
    says: '{total} so far; {expected} is expected for {mass}. Ice-cold, this volume keeps {kept} dissolved.',
    remedies: [
      'If an oil or solid is still there after two more portions without change, filter hot instead of adding.',
      'Boil the excess off before cooling.',
    ],
  },
  'charcoal.hot': {
    title: 'Charcoal into a boiling solution',
    says: 'Charcoal went in without the flask standing off the heat first: it can erupt.',
    remedies: ['Next time: off the heat for a minute, then the charcoal.'],
  },
} as const satisfies Record<string, RuleText>;
