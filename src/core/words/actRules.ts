import type { RuleText } from '../finding/ruleText';

/** Rules about what is done with what is dangerous only then. */
export const actRules = {
  'hazard.peroxide': {
    title: 'Forms peroxides',
    says: '{name} forms peroxides on standing in air; boiled down or kept, they are what is left.',
    remedies: ['Date the bottle when it is opened; test before it is distilled or evaporated; never to dryness.'],
  },
  'hazard.explosive': {
    title: 'Can explode',
    says: '{names} can explode when it is dry, rubbed or hot, and here it is {act}.',
    remedies: ['Keep it wet and little; dry in air behind a shield only where the supervising person says so.'],
  },
  'hazard.silverKept': {
    title: 'Ammoniacal silver is not kept',
    says: 'Silver in ammonia that stands or dries can explode when it is touched.',
    remedies: [
      'Made fresh; after the test acidified with dilute nitric acid at once, then into the heavy-metal waste.',
    ],
  },
  'hazard.acetonePeroxide': {
    title: 'Explodes without warning',
    says: '{a}, {b} and {c} in one vessel form peroxides that explode, wet or dry.',
    remedies: [
      'Never together, nor in one waste bottle, nor as a rinse. If it has happened: do not move it, call for help.',
    ],
  },
  'hazard.ovenVapour': {
    title: 'Solvent in the oven',
    says: '{mass} of {names} on the cake: {share} of the lower explosive limit in an oven of 50 L, {all} with {benches} benches; 25 % is the most.',
    remedies: ['Dry it in air in the hood first, to constant mass; then the oven.'],
  },
  'hazard.burnerBefore': {
    title: 'A burner was lit before',
    says: '{names}: vapour catches fire in any room, and a burner burned at an earlier step.',
    remedies: ['Every burner in the room is out, those of the benches beside too, before the bottle is opened.'],
  },
  'hazard.burnerBeside': {
    title: 'A flame, and solvents at the benches beside',
    says: 'Others may have {names} open while this burner burns: their vapour catches fire in any room.',
    remedies: ['Look and ask round before it is lit. A plate or a mantle does it without a flame.'],
  },
  'hazard.geneticDefects': {
    title: 'Can cause genetic defects',
    says: '{name} can cause genetic defects: hood and gloves, nothing of it outside.',
    remedies: ['Whom it concerns tells the supervising person beforehand.'],
  },
  'hazard.cancer': {
    title: 'Can cause cancer',
    says: '{name} can cause cancer: hood and gloves, no dust, nothing of it outside.',
    remedies: ['Spills are told at once; gloves are changed after each contact.'],
  },
  'hazard.fertility': {
    title: 'Can harm fertility or the unborn child',
    says: '{name} can harm fertility or the unborn child: hood and gloves.',
    remedies: ['Whoever is or may be pregnant, or is nursing, does not work with it and tells the supervising person.'],
  },
} as const satisfies Record<string, RuleText>;

/** Rules about what is warm where it should not be. Temperatures are foreseen, not measured: they say so. */
export const warmRules = {
  'hazard.flashesOff': {
    title: 'Too warm for what comes in',
    says: '{names} boils at {boiling}; what it meets is foreseen at about {at}: it flashes off, and can spray.',
    remedies: ['Cool it to room temperature first; then in portions, in the hood, no flame.'],
  },
  'hazard.ventNow': {
    title: 'Pressure by itself',
    says: '{names} alone gives about {pressure} above the air in a closed vessel at {at}: vent at once, and after each shake.',
  },
  'hazard.shakenWarm': {
    title: 'Too warm to be shaken',
    says: '{name} boils at {boiling}; what goes into the funnel is foreseen at about {at}: closed, it throws its stopper.',
    remedies: ['Cool it to room temperature before the solvent goes in; swirl open first, then vent at once.'],
  },
  'hazard.closedBoils': {
    title: 'Closed near its boiling point',
    says: '{name} boils at {boiling}, and it is closed at about {at}: pressure builds up.',
    remedies: ['Cooler, or a larger vessel that is vented; never warmed while it is closed.'],
  },
  'hazard.boilsOff': {
    title: 'Boils away',
    says: '{name} boils at {boiling}; at {at} for {time} without a condenser it is gone, into the room.',
    remedies: ['Under reflux, or below its boiling point.'],
  },
  'hazard.bathTooWarm': {
    title: 'The bath is too warm',
    says: 'Below {below} is asked for; such a bath comes to about {reaches} at the best.',
    remedies: ['Ice with a little water comes to 0 °C, ice with salt below.'],
  },
} as const satisfies Record<string, RuleText>;
