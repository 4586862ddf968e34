import type { RuleText } from '../finding/ruleText';

/** Rules of gases that an equation forms: which trap, how much. */
export const gasRules = {
  'hazard.carbonDioxide': {
    title: 'Gas: carbonate meets acid',
    says: '{a} with {b} gives off about {gas} of carbon dioxide.',
    remedies: [
      'In portions into an open vessel, swirled until the fizzing slackens; only then stopper, and vent at once.',
    ],
  },
  'hazard.carbonDioxideUnknown': {
    title: 'Gas: carbonate meets acid',
    says: '{a} with {b} gives off carbon dioxide; how much cannot be told without their amounts.',
    remedies: [
      'In portions into an open vessel, swirled until the fizzing slackens; only then stopper, and vent at once.',
    ],
  },
  'hazard.carbonDioxideTurned': {
    title: 'Gas: carbonate meets acid',
    says: '{a} with {b}: with the base in excess hardly any gas leaves; up to {most} of carbon dioxide does if the acid is in excess where they meet.',
    remedies: ['Keep to the order of the sheet. In portions, open and swirled; stopper it late, and vent at once.'],
  },
  'hazard.carbonDioxideMost': {
    title: 'Gas: carbonate meets acid',
    says: '{a} with {b} gives off about {gas} of carbon dioxide as the sheet has it; up to {most} if the acid is in excess where they meet.',
    remedies: [
      'Keep to the order of the sheet. In portions into an open vessel, swirled until the fizzing slackens; only then stopper, and vent at once.',
    ],
  },
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
