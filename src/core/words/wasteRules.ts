import type { RuleText } from '../finding/ruleText';

/** Rules of the waste: what must not meet in a bottle, and what is quenched before it goes into one. */
export const wasteRules = {
  'waste.incompatible': {
    title: 'Not into one bottle',
    says: '{stream}: {a} and {b}; {why}.',
    remedies: ['Keep them in separate bottles, or neutralize or quench one first in an open vessel.'],
  },
  'waste.acidToNeutralize': {
    title: 'Acid to neutralize',
    says: '{stream}: together it holds {acid} of acid. About {with} of sodium hydrogencarbonate neutralizes it, and gives off about {gas} of carbon dioxide.',
    remedies: ['Large open beaker, in portions, until it no longer fizzes; then close nothing for a while.'],
  },
  'waste.baseToNeutralize': {
    title: 'Base to neutralize',
    says: '{stream}: together it holds {base} of base. About {with} of 3 M hydrochloric acid neutralizes it.',
    remedies: ['Large open beaker, slowly, stirred; indicator paper decides. Carbonate in it fizzes.'],
  },
  'waste.keepAlkaline': {
    title: 'Never acid into it',
    says: '{stream}: {names}. Acid would set a toxic gas free: as it is, alkaline, into a bottle that gets no acid.',
    remedies: ['How it is destroyed is for local rules and the demonstrator.'],
  },
  'waste.amineHeld': {
    title: 'An amine held by acid',
    says: '{names} in acid: never bicarbonate or another base into it, which would free it.',
    remedies: ['Into the bottle for water with organics, as it is.'],
  },
  'waste.quenchFirst': {
    title: 'Quench first',
    says: '{stream}: {names}. Only after a negative starch–iodide test.',
  },
  'waste.quenchAlkaliMetal': {
    title: 'Quench first',
    says: '{stream}: {names}. Never as such, never into water.',
    remedies: ['Little by little into cold propan-2-ol under inert gas, until nothing reacts; then as solvent.'],
  },
  'waste.quenchAluminiumHydride': {
    title: 'Quench first',
    says: '{stream}: {names}. Never as such, never into water.',
    remedies: ['Ethyl acetate dropwise, ice-cold, under inert gas; then a little water, then dilute acid.'],
  },
  'waste.quenchBorohydride': {
    title: 'Quench first',
    says: '{stream}: {names}. It gives off hydrogen in the bottle.',
    remedies: ['Dilute acid slowly into it, cold and open, until no gas comes.'],
  },
  'waste.quenchOrganometallic': {
    title: 'Quench first',
    says: '{stream}: {names}. Never as such: it catches fire in air.',
    remedies: ['Dropwise into cold propan-2-ol under inert gas, then a little water.'],
  },
  'waste.quenchMetal': {
    title: 'Quench first',
    says: '{stream}: {names}. Metal in a bottle goes on giving off hydrogen.',
    remedies: ['Cold dilute acid in portions, open, until all has dissolved.'],
  },
  'waste.quenchAcyl': {
    title: 'Quench first',
    says: '{stream}: {names}. In a closed bottle it reacts with any water.',
    remedies: ['Into cold, stirred water in portions, open; what is left then is acid.'],
  },
  'waste.quenchUnknown': {
    title: 'Quench first',
    says: '{stream}: {names}. It reacts with water; how it is quenched is not judged here.',
    remedies: ['As its sheet says, with the demonstrator; before it goes into any bottle.'],
  },
  'waste.unassigned': {
    title: 'No waste stream named',
    says: '{names}: nobody can tell from what is known where it goes; what it stands in is in no bottle until somebody says.',
    remedies: ['Take it from the reference, or name the stream on the line.'],
  },
} as const satisfies Record<string, RuleText>;
