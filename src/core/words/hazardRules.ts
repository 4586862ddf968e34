import { gasRules } from './gasRules';
import { actRules, warmRules } from './actRules';
import { wasteRules } from './wasteRules';
import type { RuleText } from '../finding/ruleText';

/** Rules of the hazard panel. They remind; nobody is authorized by them. */
export const hazardRules = {
  ...gasRules,
  ...warmRules,
  ...actRules,
  ...wasteRules,
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
    says: '{a} reacts with the water of {b}, with heat and often an acid gas.',
    remedies: [
      'Into cold, stirred water in portions, with a gas outlet; never water onto it.',
      'Some react late in ice-cold water: watch the temperature, and that no oil is left, before the next portion.',
    ],
  },
  'hazard.waterReactiveKind': {
    title: 'Reacts with water',
    says: '{name} reacts with water; how it is safely taken apart is not judged here.',
    remedies: ['Dry glass, dry solvents; quench and waste as its sheet says, with the demonstrator.'],
  },
  'hazard.neverWater': {
    title: 'Never into water',
    says: '{a} meets {b}: hydrogen and fire.',
    remedies: ['Keep water out while any is left. Under inert gas; leftovers as their own caution says.'],
  },
  'hazard.alkaliMetal': {
    title: 'Never into water',
    says: '{name}: under inert gas, dry, no open flame.',
    remedies: [
      'Leftovers, in pieces and little by little, into cold propan-2-ol under inert gas; water only when nothing reacts any more.',
    ],
  },
  'hazard.aluminiumHydride': {
    title: 'Never into water',
    says: '{name}: dry glass under inert gas; dust and air moisture can set it on fire.',
    remedies: [
      'Excess is taken up by ethyl acetate, dropwise, ice-cold, under inert gas; only then a little water, then alkali.',
    ],
  },
  'hazard.borohydride': {
    title: 'Gives off hydrogen',
    says: '{name}: acid slowly into it, cold and open, 96 mL of hydrogen for each millimole.',
    remedies: ['Hood, no flame; room in the flask for foam.'],
  },
  'hazard.magnesium': {
    title: 'Metal left over',
    says: '{name}: what is left is dissolved in cold dilute acid in portions, 24 mL of hydrogen for each millimole.',
    remedies: ['Open vessel, hood, no flame; nothing of it into a waste bin.'],
  },
  'hazard.organometallic': {
    title: 'Catches fire in air',
    says: '{name}: inert gas from the bottle to the quench; a syringe that holds twice as much.',
    remedies: ['Only with the demonstrator beside it. Residues into cold propan-2-ol under inert gas.'],
  },
  'hazard.organometallicQuench': {
    title: 'Quench of an organometallic',
    says: '{a} meets {b}: heat and flammable gas at once.',
    remedies: ['Cold, dropwise, under inert gas, with an outlet; no flame.'],
  },
  'hazard.hydrogen': {
    title: 'Hydrogen is set free',
    says: '{a} with {b} gives off hydrogen, up to {gas}.',
    remedies: ['Open vessel or outlet into the hood; it passes any trap. No flame, in portions.'],
  },
  'hazard.hydrogenUnknown': {
    title: 'Hydrogen is set free',
    says: '{a} with {b} gives off hydrogen; how much cannot be told without the amounts.',
    remedies: ['Open vessel or outlet into the hood; it passes any trap. No flame, in portions.'],
  },
  'hazard.metalHalide': {
    title: 'Metal and halogenated solvent',
    says: '{a} and {b} can explode on a knock or when warmed.',
    remedies: ['Never together, not for rinsing, not in waste. Choose another solvent.'],
  },
  'hazard.acylation': {
    title: 'Acylation gives off heat',
    says: '{a} with {b} reacts with heat; an acid chloride also gives off hydrogen chloride.',
    remedies: ['Slowly, cooled and stirred; wait for each portion.'],
  },
  'hazard.sulfoxideHalide': {
    title: 'Sulfoxide and acid chloride',
    says: '{a} and {b} react violently, also when they only meet in waste.',
    remedies: ['Only where the sheet means it, far below room temperature, dropwise.'],
  },
  'hazard.neutralizationHeat': {
    title: 'Acid and alkali warm up',
    says: '{a} with {b}: up to {rise} warmer if it comes together at once.',
    remedies: ['In portions, stirred, ice at hand; nothing volatile may stand in it warm.'],
  },
  'hazard.waterIntoAcid': {
    title: 'Water into strong acid',
    says: '{b} goes into {a}: it boils and spits acid.',
    remedies: ['The other way round: the acid slowly into the cold, stirred water.'],
  },
  'hazard.poisonGas': {
    title: 'A deadly gas',
    says: '{a} with {b} sets hydrogen cyanide or hydrogen sulfide free.',
    remedies: ['Never together. For the coordinator to decide whether this belongs into a teaching lab at all.'],
  },
  'hazard.nitricSolvent': {
    title: 'Nitric acid and this solvent',
    says: '{a} with {b}: after a pause it can explode.',
    remedies: ['Never mixed on purpose, never in waste, never for rinsing.'],
  },
  'hazard.ketonePeroxide': {
    title: 'Explosive peroxides',
    says: '{a} with {b} forms peroxides that explode when they dry.',
    remedies: ['Never acid with it, never evaporate it; destroy the peroxide with sulfite first.'],
  },
  'hazard.permanganateChloride': {
    title: 'Chlorine can be set free',
    says: '{a} oxidizes the halide of {b}: chlorine or bromine.',
    remedies: ['Acidify with sulfuric acid instead, dilute and cold. Hood, sash down.'],
  },
  'hazard.permanganateSulfuric': {
    title: 'Explosive oxide of manganese',
    says: '{a} with {b}: concentrated, they form an oxide that explodes.',
    remedies: ['Dilute the acid first; never the solid into the concentrated acid.'],
  },
  'hazard.silverAmmonia': {
    title: 'Silver and ammonia',
    says: '{a} with {b}: made fresh, used at once, never stored: the dried solid explodes.',
    remedies: ['Acidify with dilute nitric acid when the test is done, then into the heavy-metal waste.'],
  },
  'hazard.silverAlcohol': {
    title: 'Silver, nitric acid and alcohol',
    says: '{a} with {b} and nitric acid: explosive fulminate can form.',
    remedies: ['Made fresh, not stored, never warmed with the acid.'],
  },
  'hazard.iodineAmmonia': {
    title: 'Iodine and ammonia',
    says: '{a} with {b}: the solid that forms explodes at a touch when it is dry.',
    remedies: ['Never together; iodine is taken away with thiosulfate.'],
  },
  'hazard.bromineKetone': {
    title: 'Bromine and a ketone',
    says: '{a} with {b}: heat, and a strong tear gas.',
    remedies: ['Hood; never rinse bromine with acetone: thiosulfate takes it away.'],
  },
  'hazard.azide': {
    title: 'Beyond a teaching lab: azides',
    says: '{name}: azides poison like cyanide and explode as heavy-metal salts, as hydrazoic acid, or from halogenated solvents.',
    remedies: ['Stop. For the coordinator to decide, with controls of its own.'],
  },
  'hazard.perchlorate': {
    title: 'Beyond a teaching lab: perchlorates',
    says: '{name}: perchlorates with organic matter explode.',
    remedies: ['Stop. For the coordinator to decide, with controls of its own.'],
  },
  'hazard.diazonium': {
    title: 'Beyond a teaching lab: diazonium and nitroso compounds',
    says: '{name}: diazonium salts explode when dry, nitrosamines cause cancer.',
    remedies: ['Stop. For the coordinator to decide: below 5 °C, never dry, used up in solution, or not at all.'],
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
  'hazard.flameChosen': {
    title: 'A flame under what burns',
    says: '{names}: vapour catches fire in any room, and the sheet heats with a burner.',
    remedies: ['A water or steam bath, a mantle or a metal block; no flame in the room.'],
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
  'hazard.flameFree': {
    title: 'Highly flammable near heat',
    says: '{names}: vapour catches fire in any room. Flame-free, spark-free heat only.',
    remedies: ['Water bath or closed heater, in the hood; nothing that sparks within reach.'],
  },
  'hazard.flameFreeFlash': {
    title: 'Highly flammable near heat',
    says: '{names}: vapour catches fire from {flash} on. Flame-free, spark-free heat only.',
    remedies: ['Water bath or closed heater, in the hood; nothing that sparks within reach.'],
  },
  'hazard.autoignition': {
    title: 'Ignites on a hot surface',
    says: '{names}: the vapour ignites by itself below 200\u202f°C.',
    remedies: ['Water bath or steam; no hot plate, no mantle.'],
  },
  'hazard.unattended': {
    title: 'Boiling and flammable: somebody stays',
    says: '{names} boils here, and the step is down as one that runs by itself.',
    remedies: ['Somebody stays with it. Change the step, or give the reason.'],
  },
  'hazard.closedGas': {
    title: 'Gas in a closed vial',
    says: 'About {gas} of gas forms while it is closed: vent before the first shake, then every {every}.',
    remedies: ['Headspace; the tip away from people; stop shaking while it hisses.'],
  },
  'hazard.closedWarm': {
    title: 'Closed while it reacts',
    says: 'It may get warm and build up pressure: vent every {every}.',
  },
  'hazard.dissolvedSolvent': {
    title: 'Water that still holds solvent',
    says: '{name} is dissolved in it, and boils out when acid or base warms it.',
    remedies: ['Let it go in the hood first, in an open wide vessel, no flame; then in portions.'],
  },
  'hazard.grindOxidizer': {
    title: 'No oxidizer in the mortar',
    says: '{names}: rubbed with organic matter it can explode.',
    remedies: ['Never ground with anything. Dissolve it, or choose another reagent.'],
  },
  'hazard.inductionBulk': {
    title: 'Too much before the start',
    says: '{share} of the {name} goes in before the start is seen. What has gathered can run away.',
    remedies: ['At most about a tenth before the start; ice ready; no start: call the demonstrator.'],
  },
  'hazard.inductionAll': {
    title: 'Everything is in before the start',
    says: 'Nothing is left to be added after the start is seen. What has gathered can run away.',
    remedies: ['Split the reagent: at most about a tenth before the start, the rest slowly after it; ice ready.'],
  },
  'hazard.notJudged': {
    title: 'Not judged',
    says: '{name} has no structure here: what it does with the others is not judged.',
    remedies: ['Give its structure, or take it from the reference. Until then ask the supplier’s sheet.'],
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
  'hazard.toxicVapour': {
    title: 'Toxic or biting vapour',
    says: '{name}: in the hood only, sash down; a trap where it is given off.',
    remedies: ['Never smell it.'],
  },
  'hazard.skin': {
    title: 'Toxic through the skin',
    says: '{name}: gloves, changed at once when wetted; wash hands before leaving.',
  },
  'hazard.corrosive': {
    title: 'Burns skin and eyes',
    says: '{name}: goggles and gloves; on skin or in eyes rinse at once and for long, and call.',
  },
  'hazard.toxic': {
    title: 'Toxic if swallowed',
    says: '{name}: nothing to the mouth; hands and bench clean before leaving.',
  },
  'hazard.suspected': {
    title: 'Suspected of lasting harm',
    says: '{name} is suspected of causing cancer, genetic defects, or harm to fertility or the unborn child: hood and gloves.',
    remedies: ['Whom it concerns tells the supervising person beforehand.'],
  },
  'hazard.organs': {
    title: 'Harms organs',
    says: '{name} damages organs, some of it only after repeated exposure: hood, gloves, no more of it than needed.',
  },
  'hazard.asthma': {
    title: 'Can cause asthma',
    says: '{name}: hood, no dust or vapour; whoever has had a reaction stays away.',
  },
  'hazard.sensitizer': { title: 'Sensitizer', says: '{name} may cause an allergic skin reaction: gloves, no dust.' },
  'hazard.flagged': {
    title: 'For the coordinator to decide',
    says: '{name} may need controls beyond a teaching lab’s.',
    remedies: ['Flag it in the risk assessment; replace it where something else serves.'],
  },
  'hazard.noData': {
    title: 'No hazard data: not judged',
    says: '{name} has no hazard data here. That does not mean it is harmless.',
    remedies: ['Take it from the reference, or enter it from the supplier’s sheet.'],
  },
  'hazard.sealed': {
    title: 'Never a closed system',
    says: 'The top stays open, or carries a drying tube or gas trap. Heat in a closed vessel bursts it.',
  },
  'hazard.noAid': {
    title: 'Nothing against bumping',
    says: 'No fresh boiling aid and no stir bar goes into this flask. A few before heating; never into hot liquid; spent once boiling has stopped.',
  },
  'hazard.hot': { title: 'Hot surface', says: 'A hot plate looks the same hot or cold.' },
  'hazard.suction': {
    title: 'Suction',
    says: 'Thick-walled filter flask without a scratch, clamped, a trap before the pump; goggles on. Break the vacuum before the pump goes off.',
  },
  'hazard.rotary': {
    title: 'Vacuum on a round flask',
    says: 'Unscratched round flask, goggles on. Turn it, pull the vacuum slowly, then immerse; at the end lift, vent, then pump off.',
  },
  'hazard.oven': { title: 'Oven', says: 'Nothing wet with a flammable solvent goes into a closed oven.' },
  'hazard.coldStore': {
    title: 'Flammable in a refrigerator',
    says: '{names}: vapour gathers in a closed refrigerator, and its lamp or thermostat can set it off. Only one that is free of sparks inside; stoppered, in a tray, and never beside food.',
  },
  'hazard.intoHot': {
    title: 'Into a hot solution',
    says: '{name}: only when the flask has stood off the heat for a minute. Into a boiling solution it erupts.',
  },
  'hazard.accumulates': {
    title: 'Gives off heat as it is added',
    says: '{name}: wait until each portion has reacted. What piles up unreacted runs away later.',
  },
  'hazard.additionHeat': {
    title: 'How warm, how slowly',
    says: '{name}: all at once about {rise} warmer ({low} to {high}, by its kind of reaction); the ceiling is {ceiling}. Dropwise at least {time}; the sheet gives {planned}.',
  },
  'hazard.dosedTooFast': {
    title: 'Dosed too fast for its ceiling',
    says: '{name}: all at once about {rise} warmer ({low} to {high}, by its kind of reaction). Below {ceiling} it takes at least {time} in its bath; the sheet gives {planned}.',
    remedies: ['More time, smaller portions, or a colder bath.'],
  },
  'hazard.ceiling': { title: 'Ceiling temperature', says: 'Never above {ceiling}: stop adding, cool, then go on.' },
  'hazard.dryness': {
    title: 'Never to dryness',
    says: 'Stop the distillation while some liquid is left in the flask.',
  },
  'hazard.airCondenser': {
    title: 'Air condenser',
    says: '{name}: the vapour is about {boiling} hot. Above about 140\u202f°C a water-cooled jacket can crack.',
  },
} as const satisfies Record<string, RuleText>;
