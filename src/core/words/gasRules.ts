import type { RuleText } from '../finding/ruleText';

/** Rules of gases that an equation forms: which trap, how much. */
export const gasRules = {
  'hazard.gasIntoBase': {
    title: 'Acid gas is set free',
    says: '{name}: about {gas} in all.',
    remedies: ['Hood, and a trap of dilute sodium hydroxide: the funnel over it, never dipping in, or it sucks back.'],
  },
  'hazard.gasIntoBaseUnknown': {
    title: 'Acid gas is set free',
    says: '{name} is formed as a gas; how much cannot be told without the amounts.',
    remedies: ['Hood, and a trap of dilute sodium hydroxide: the funnel over it, never dipping in, or it sucks back.'],
  },
  'hazard.gasIntoAcid': {
    title: 'Ammonia or an amine is set free',
    says: '{name}: about {gas} in all.',
    remedies: ['Hood, and a trap of dilute acid: the funnel over it, never dipping in, or it sucks back.'],
  },
  'hazard.gasIntoAcidUnknown': {
    title: 'Ammonia or an amine is set free',
    says: '{name} is formed as a gas; how much cannot be told without the amounts.',
    remedies: ['Hood, and a trap of dilute acid: the funnel over it, never dipping in, or it sucks back.'],
  },
  'hazard.gasOutlet': {
    title: 'Flammable or poisonous gas passes every trap',
    says: '{name}: about {gas} in all. No solution holds it back.',
    remedies: ['Outlet into the hood, sash down; no flame and no spark.'],
  },
  'hazard.gasOutletUnknown': {
    title: 'Flammable or poisonous gas passes every trap',
    says: '{name} is formed as a gas, and no solution holds it back; how much cannot be told without the amounts.',
    remedies: ['Outlet into the hood, sash down; no flame and no spark.'],
  },
  'hazard.gasVent': {
    title: 'Gas is formed',
    says: '{name}: about {gas} in all.',
    remedies: ['The top stays open, or vents through a bubbler.'],
  },
  'hazard.gasVentUnknown': {
    title: 'Gas is formed',
    says: '{name} is formed as a gas; how much cannot be told without the amounts.',
    remedies: ['The top stays open, or vents through a bubbler.'],
  },
  'hazard.gasPoison': {
    title: 'A deadly gas',
    says: '{name}: about {gas} in all.',
    remedies: ['Stop. For the coordinator to decide, with controls of its own.'],
  },
  'hazard.gasPoisonUnknown': {
    title: 'A deadly gas',
    says: '{name} is formed as a gas; how much cannot be told without the amounts.',
    remedies: ['Stop. For the coordinator to decide, with controls of its own.'],
  },
} as const satisfies Record<string, RuleText>;
