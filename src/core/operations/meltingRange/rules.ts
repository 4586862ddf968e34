import type { RuleText } from '../../finding/ruleText';

export const meltingRangeRules = {
  'melt.order': {
    title: 'Clear before the onset',
    says: 'Capillary {item}: last crystal at {clear}, first liquid at {onset}. One of the two is wrong.',
    remedies: ['Strike the wrong one.'],
  },
  'melt.single': {
    title: 'One number, no range',
    says: 'Capillary {item}: onset and clear are both {onset}. A melting range has two numbers.',
    remedies: ['Watch a fresh capillary: first liquid, then last crystal.'],
  },
  'melt.ramp': {
    title: 'Heated too fast',
    says: 'Capillary {item}: {rate} near the melt. Above 3\u00a0K/min the thermometer lags and reads wrong.',
    remedies: ['Cool down and melt a fresh capillary at 1 to 2\u00a0K/min.'],
  },
  'melt.high': {
    title: 'Above the literature value',
    says: 'Capillary {item}: begins at {onset}; the literature range ends at {literature}. Nothing pure melts higher than it can.',
    remedies: [
      'Look at the ramp first, then at the thermometer: its correction, its calibration.',
      'If both hold, it may be another compound.',
    ],
  },
  'melt.fell': {
    title: 'Purer should not melt lower',
    says: '{stage} melts at {range}, before that it was {before}. Wet, or samples swapped.',
    remedies: ['Dry it and melt a fresh capillary.'],
  },
  'melt.fallingRamp': {
    title: 'The temperature fell',
    says: '{step}: the temperature fell between the two readings of the ramp ({first}, then {second}).',
    remedies: ['Strike the wrong one.'],
  },
} as const satisfies Record<string, RuleText>;
