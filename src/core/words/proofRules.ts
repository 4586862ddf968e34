import type { RuleText } from '../finding/ruleText';

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
  'proof.rounds': {
    title: 'No portion for each time',
    says: '“{step}” is done at least {least} times; of the {name} the charge table has {table}.',
    remedies: ['Give the line a portion for each time: without them each time takes its part of what is there.'],
  },
  'proof.noTime': { title: 'No time', says: '“{step}” has no duration: the plan cannot fit it into a period.' },
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
  'proof.nothing': {
    title: 'Comes to nothing',
    says: 'Nothing of the {stage} is foreseen where it is measured: on the way it stays in another vessel, or is never made.',
    remedies: ['Follow it in the process, step by step: where its mass ends, a step takes from the wrong vessel.'],
  },
  'proof.neverMeet': {
    title: 'They never meet',
    says: '{reaction} is to run at “{step}”, and nothing of it does: in no vessel is all of it together. Missing there: {lacking}.',
    remedies: ['Charge it before, into the same vessel; or let the reaction run where everything is together.'],
  },
  'proof.otherVessel': {
    title: 'Two vessels for one line',
    says: '{name} goes into the {table} by the charge table, and into the {vessel} at “{step}”.',
    remedies: ['Name the same vessel at both places.'],
  },
  'proof.notEmpty': {
    title: 'The vessel is not empty',
    says: 'At “{step}” the {vessel} is to take what is made, and still holds {holds} of something else.',
    remedies: ['Name another vessel, or empty it before.'],
  },
  'proof.stranded': {
    title: 'Left standing',
    says: 'The {vessel} holds {holds} ({names}) since “{step}”, and no step goes on with it.',
    remedies: ['Pour it over, or charge it where it is meant to be.'],
  },
  'proof.resolution': {
    title: 'More than half of a racemate',
    says: 'One enantiomer is half of {racemate}; by the equation all of it becomes {product}.',
    remedies: [
      'Write two of the racemate for one of it, with the other enantiomer on the right; or say a conversion of 50\u202f% at the most.',
    ],
  },
  'proof.ceiling': {
    title: 'Does the conversion still hold?',
    says: 'A conversion is what all runs come to. Between “{from}” and “{to}” something was added or taken out (“{between}”): from there a reaction can go on.',
    remedies: ['Say at the later run how far it goes with that; or leave it, if nothing changes.'],
  },
  'proof.vesselUnused': {
    title: 'Vessel that nothing uses',
    says: 'The {vessel} is in the list, and no step and no line names it.',
    remedies: ['Name it in the step that works in it, or take it off the list.'],
  },
  'proof.weighedWet': {
    title: 'Weighed wet',
    says: 'At “{step}” the {stage} still holds {mass} of {names}, {share} of its own mass: the yield would be too high by that.',
    remedies: ['Dry it before it is weighed.', 'Weigh it again when it is dry, and take that mass.'],
  },
  'proof.notAlone': {
    title: 'Not weighed alone',
    says: 'At “{step}” the {stage} has {mass} of {names} with it, {share} of its own mass: the mass alone is no yield.',
    remedies: ['Use less of what is left over, or purify before the yield is taken.'],
  },
  'proof.missesPH': {
    title: 'Too little to reach the pH',
    says: 'At “{step}” it takes about {share} the planned amount of {name} to reach the pH.',
    remedies: ['Plan more of it, or a stronger one: what is left over stays in the bottle.'],
  },
  'proof.agentLate': {
    title: 'Dried after the last weighing',
    says: 'At “{step}” a drying agent is used and nothing is weighed after it: what it keeps is in no number.',
    remedies: ['Weigh after it, or dry before the last weighing.'],
  },
  'proof.freezes': {
    title: 'It would freeze',
    says: 'At “{step}” the {name} is colder than {melts}, at which it melts: it goes solid, and nothing can be stirred or parted.',
    remedies: ['Cool it less, or add what keeps it liquid.'],
  },
  'proof.productAside': {
    title: 'Product in what is set aside',
    says: 'At “{step}” about {share} of the {product} goes with what is set aside.',
    remedies: ['Keep it: a layer is extracted once more or salted out, a cake is washed, a liquor concentrated.'],
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
  'contradiction.layers': {
    title: 'The other layer',
    says: 'The sheet has the organic layer as the {said} one; by {organic} against {aqueous} of the water it is the {found} one.',
    remedies: [
      'Put it right at the step. At the bench a drop of water tells; nothing is poured away before the product is weighed.',
    ],
  },
  'contradiction.boils': {
    title: 'It does not boil there',
    says: 'The sheet has {low} to {high} under reflux; what is there ({names}) boils near {at}.',
    remedies: ['The window is where it boils, not where the bath stands.'],
  },
  'contradiction.cut': {
    title: 'It does not come over there',
    says: 'The sheet takes the main cut at {low} to {high}; {name} boils at {at}.',
    remedies: ['The window is that of the head. Under vacuum, or with water, say so.'],
  },
  'proof.stop': {
    title: 'Not a place to stop',
    says: '“{step}” is marked as a safe stop, but {why}.',
  },
} as const satisfies Record<string, RuleText>;
