import type { RuleText } from './ruleText';

/** Rules of the hazard panel. They remind; nobody is authorized by them. */
export const hazardRules = {
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
  'hazard.chlorine': {
    title: 'Chlorine can be set free',
    says: '{a} meets {b}: acid in excess sets chlorine free.',
    remedies: ['Hood, sash down, slowly and cooled; the quencher stands ready before it begins.'],
  },
  'hazard.chloramine': {
    title: 'Chloramines can form',
    says: '{a} meets {b}: toxic chloramines form.',
    remedies: ['Keep them apart; different funnels, different waste.'],
  },
  'hazard.chlorinated': {
    title: 'Heat and chlorinated products',
    says: '{a} meets {b}: it reacts with heat, and can chlorinate.',
    remedies: ['Dose it below the ceiling, with ice at hand. Never rinse bleach residues with acetone.'],
  },
  'hazard.sulfurDioxide': {
    title: 'Sulfur dioxide can be set free',
    says: '{a} meets {b}: acid sets sulfur dioxide free.',
    remedies: ['Hood, in small portions, open vessel.'],
  },
  'hazard.nitrousFumes': {
    title: 'Nitrous fumes can be set free',
    says: '{a} meets {b}: brown toxic fumes.',
    remedies: ['Hood, cold, in portions; sash down.'],
  },
  'hazard.nitricOrganic': {
    title: 'Nitric acid and organics',
    says: '{a} meets {b}: oxidation can run away.',
    remedies: ['Never concentrated nitric acid onto organics; waste strictly apart.'],
  },
  'hazard.oxidizerOrganic': {
    title: 'Oxidizer and organics',
    says: '{a} oxidizes {b}: heat, and more if it piles up.',
    remedies: ['Dose it below the ceiling; do not let it pile up cold; quench before the work-up.'],
  },
  'hazard.waterReactive': {
    title: 'Reacts with water',
    says: '{a} reacts with the water of {b}.',
    remedies: ['Add it to cold, stirred water in portions; water to it only where the sheet says so.'],
  },
  'hazard.hydrogen': {
    title: 'Hydrogen is set free',
    says: '{a} with {b} gives off hydrogen.',
    remedies: ['Open vessel, hood, no flame, in portions.'],
  },
  'hazard.halideBase': {
    title: 'Halogenated compound and strong base',
    says: '{a} meets {b}: it can react with heat, on standing too.',
    remedies: ['Do not leave them standing together; waste apart.'],
  },
  'hazard.haloform': {
    title: 'Three that must not come together',
    says: '{a}, {b} and {c} react violently with one another.',
    remedies: ['Never one waste bottle for them, never acetone for rinsing here.'],
  },
  'hazard.flame': {
    title: 'Flammable near heat',
    says: '{names}: no flame and no glowing surface here.',
    remedies: ['Heat with a water bath, mantle or hot plate of suitable kind, in the hood.'],
  },
  'hazard.flameFlash': {
    title: 'Flammable near heat',
    says: '{names}: vapour can catch fire from {flash} on. No flame and no glowing surface here.',
    remedies: ['Heat with a water bath, mantle or hot plate of suitable kind, in the hood.'],
  },
  'hazard.acidOrder': {
    title: 'Concentrated acid',
    says: '{name}: slowly, cold and stirred into the rest. Never water into it.',
  },
  'hazard.alkali': { title: 'Alkali on skin', says: '{name} feels soapy before it hurts: rinse at once and long.' },
  'hazard.ether': {
    title: 'Ether vapour',
    says: '{name}: its heavy vapour creeps along the bench and charges with static.',
    remedies: ['No flame or hot plate within reach; vent the funnel at once; lids on.'],
  },
  'hazard.peroxide': {
    title: 'Forms peroxides',
    says: '{name} forms peroxides on standing in air.',
    remedies: ['Date the bottle when it is opened; test before it is distilled or evaporated; never to dryness.'],
  },
  'hazard.toxicVapour': {
    title: 'Toxic or biting vapour',
    says: '{name}: in the hood only, sash down; a trap where it is given off.',
    remedies: ['Never smell it.'],
  },
  'hazard.skin': {
    title: 'Toxic through the skin',
    says: '{name}: gloves, changed at once when wetted; wash hands before leaving.',
  },
  'hazard.sensitizer': { title: 'Sensitizer', says: '{name} may cause an allergic skin reaction: gloves, no dust.' },
  'hazard.flagged': {
    title: 'For the coordinator to decide',
    says: '{name} may need controls beyond a teaching lab’s.',
    remedies: ['Flag it in the risk assessment; replace it where something else serves.'],
  },
  'hazard.noData': {
    title: 'No hazard data',
    says: '{name} has no hazard data here. That does not mean it is harmless.',
    remedies: ['Take it from the reference, or enter it from the supplier’s sheet.'],
  },
  'hazard.sealed': {
    title: 'Never a closed system',
    says: 'The top stays open, or carries a drying tube or gas trap. Heat in a closed vessel bursts it.',
  },
  'hazard.noAid': {
    title: 'Nothing against bumping',
    says: 'No boiling aid is charged. A few before heating, or a stir bar; never into hot liquid.',
  },
  'hazard.hot': { title: 'Hot surface', says: 'A hot plate looks the same hot or cold.' },
  'hazard.vacuum': {
    title: 'Vacuum',
    says: 'Thick-walled, unscratched glass only; goggles on. Break the vacuum before the pump goes off.',
  },
  'hazard.oven': { title: 'Oven', says: 'Nothing wet with a flammable solvent goes into a closed oven.' },
  'hazard.intoHot': {
    title: 'Into a hot solution',
    says: '{name}: only when the flask has stood off the heat for a minute. Into a boiling solution it erupts.',
  },
  'hazard.accumulates': {
    title: 'Gives off heat as it is added',
    says: '{name}: wait until each portion has reacted. What piles up unreacted runs away later.',
  },
  'hazard.ceiling': { title: 'Ceiling temperature', says: 'Never above {ceiling}: stop adding, cool, then go on.' },
  'hazard.dryness': {
    title: 'Never to dryness',
    says: 'Stop the distillation while some liquid is left in the flask.',
  },
  'hazard.airCondenser': {
    title: 'Air condenser',
    says: '{name} boils at {boiling}: above about 140 °C a water-cooled jacket can crack.',
  },
  'waste.incompatible': {
    title: 'Not into one bottle',
    says: '{stream}: {a} and {b}; {why}.',
    remedies: ['Keep them in separate bottles, or neutralize or quench one first in an open vessel.'],
  },
  'waste.acidToNeutralize': {
    title: 'Acid to neutralize',
    says: '{stream}: it holds {acid} of acid. Neutralized with bicarbonate it gives off about {gas} of carbon dioxide.',
    remedies: ['Large open beaker, in portions, until it no longer fizzes; then close nothing for a while.'],
  },
  'waste.quenchFirst': {
    title: 'Quench first',
    says: '{stream}: {names}. Only after a negative starch–iodide test.',
  },
  'waste.unassigned': {
    title: 'No waste stream named',
    says: '{names}: say where it goes.',
    remedies: ['Take it from the reference, or name the stream on the line.'],
  },
} as const satisfies Record<string, RuleText>;
