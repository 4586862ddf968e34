/** Where something goes when it is done with. Local rules come first. */
export const wasteStreams = {
  'non-halogenated': { name: 'Non-halogenated organic', note: 'Solvents and organics without halogen.' },
  halogenated: {
    name: 'Halogenated organic',
    note: 'Anything with a carbon–halogen bond. Never with strong base or active metal.',
  },
  aqueous: { name: 'Aqueous acid or base, neutralized', note: 'Neutralized in an open vessel before it is poured in.' },
  'aqueous-organic': {
    name: 'Water with organics',
    note: 'As it is; never down the drain.',
  },
  'heavy-metal': { name: 'Heavy metal', note: 'Each metal apart where local rules say so.' },
  cyanide: { name: 'Cyanide, kept alkaline', note: 'pH above 10; never acid, never with anything else.' },
  sulfide: { name: 'Sulfide, kept alkaline', note: 'pH above 10; never acid.' },
  azide: { name: 'Azide, kept alkaline', note: 'pH above 10; never acid, metal salts or halogenated solvents.' },
  oxidizer: { name: 'Oxidizer, quenched', note: 'Only after a negative starch–iodide test.' },
  solid: {
    name: 'Solid: paper, charcoal, drying agent',
    note: 'Solvent-wet as such, or dried in the hood if local rules say so.',
  },
  glass: { name: 'Glass and sharps', note: 'Capillaries, broken glass, needles.' },
  air: { name: 'Escapes as gas', note: 'In the hood, through a trap where it is toxic.' },
} as const;

/** Streams that a substance goes into at any amount, the one that suffers company least first. */
export const apartStreams: readonly WasteStream[] = ['cyanide', 'azide', 'sulfide', 'heavy-metal'];

export type WasteStream = keyof typeof wasteStreams;
export const wasteStreamIds = Object.keys(wasteStreams) as readonly WasteStream[];
