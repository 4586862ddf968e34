import type { RuleText } from './ruleText';

/** Rules of the proof-reader: where a preparation does not fit itself. */
export const proofRules = {
  'proof.unused': {
    title: 'Never used',
    says: '{name} stands in the charge table, and no step takes it.',
    remedies: ['Give it to a step, or take the line away.'],
  },
  'proof.twice': {
    title: 'Used up before',
    says: '{name} is taken whole at “{first}”, and again at “{second}”.',
    remedies: ['Give each step a line of its own, with its own amount.'],
  },
  'proof.noAmount': {
    title: 'No amount',
    says: '“{step}” takes {name}, whose amount the charge table does not tell.',
  },
  'proof.noGrade': {
    title: 'Strength missing',
    says: '{name} is a solution, and its line does not say how strong it is.',
    remedies: ['Enter its molarity or its mass per cent.'],
  },
  'proof.oneName': {
    title: 'One name, two substances',
    says: '“{name}” stands for {a} and for {b}: hydrates and salts need names of their own.',
  },
  'proof.portions': {
    title: 'Portions do not add up',
    says: '“{step}” adds {name} in {steps} portions; the charge table has {table}.',
  },
  'proof.noTime': { title: 'No time', says: '“{step}” has no duration: the plan cannot fit it into a period.' },
  'proof.noTemperature': {
    title: 'No temperature',
    says: '“{step}” is warm or cold, and neither it nor its text says how.',
  },
  'proof.noPlace': {
    title: 'No place for this vessel',
    says: '“{step}” names the {vessel} as “{place}”, and has no such place ({known}): the vessel is left aside.',
    remedies: ['Give it one of the places that the step has, or take it away.'],
  },
  'proof.reversed': {
    title: 'Window the wrong way round',
    says: '“{step}”: from {low} to {high} holds nothing.',
    remedies: ['Exchange the two.'],
  },
  'proof.emptyVessel': {
    title: 'Nothing in it',
    says: '“{step}” works in the {vessel}, which holds nothing by then.',
    remedies: ['Check which vessel the step before leaves the material in.'],
  },
  'proof.notWeighed': {
    title: 'Never weighed',
    says: 'No step weighs the {stage}: its yield cannot be told, nor where it was lost.',
  },
  'proof.precipitate': {
    title: 'Two washes that precipitate',
    says: '{a}, then {b} in the same vessel: {solid} falls out in the funnel.',
    remedies: ['A wash with water between them.'],
  },
  'proof.schoolAgent': {
    title: 'Another agent than the course’s',
    says: 'The sheet dries over {agent}; the course dries over {school}.',
    remedies: ['Either is fine where the compound allows it; say why, or change the line.'],
  },
  'proof.schoolOrder': {
    title: 'Another order than the course’s',
    says: 'The {wash} comes first; the course washes {school}.',
    remedies: ['Where what must go decides, leave it and say why.'],
  },
  'proof.agent': {
    title: 'Drying agent unfit for the product',
    says: '{agent} does not go with {product}.',
    remedies: ['Magnesium or sodium sulfate go with nearly everything.'],
  },
  'proof.twoLayers': {
    title: 'Two layers on a drying agent',
    says: '{volume} of water stands in it when {name} goes in: an agent is for what is dissolved.',
    remedies: ['Separate the layers first, or pipette the water off.'],
  },
  'proof.preDry': {
    title: 'Dried by the weakest first',
    says: '{name} takes up little: a wet solution uses it up at once.',
    remedies: ['Magnesium or sodium sulfate first, this one after.'],
  },
  'proof.stop': {
    title: 'Not a place to stop',
    says: '“{step}” is marked as a safe stop, but {why}.',
  },
} as const satisfies Record<string, RuleText>;
