// How a text tells an operation. The reader of handouts knows verbs and joints; which operation a verb is, each operation says.

/** What the reader knows of the work when it comes to a clause. */
export interface Soundings {
  /** The operation before. */
  readonly last?: string;
  /** It parted two layers. */
  readonly parted?: true;
  /** It left grains of a drying agent in the liquid. */
  readonly grains?: true;
  /** The purification from a hot solvent that goes on. */
  readonly purifying?: string;
  /** The still that runs. */
  readonly still?: string;
  /** What the product is in by now. */
  readonly holds: Holds;
}
type Holds = 'mixture' | 'solution' | 'solid' | 'oil';

/** A clause as an operation sees it. */
export interface SaidClause {
  /** In lower case. */
  readonly text: string;
  readonly sentence: string;
  /** An amount of something is in it. */
  readonly brings: boolean;
  /** Longest time in it, minutes. */
  readonly minutes?: number;
  /** It names a temperature. */
  readonly warm?: boolean;
  readonly soundings: Soundings;
}

/** One way in which a text tells an operation. */
export interface Telling {
  /** A way of saying that the reader knows, or one of the operation's own. */
  readonly by: string;
  /** Words of its own, as regular expressions over lower case: stronger than those that the reader knows. */
  readonly words?: readonly string[];
  /** Whether it is meant, by what stands around. @default always */
  readonly when?: (said: SaidClause) => boolean;
  /** Of several that could be meant the highest is. @default 0 */
  readonly rank?: number;
  /** The operation only goes on: no step of its own. */
  readonly goesOn?: true;
  /** A guess: what a person is asked. */
  readonly ask?: string;
}

/** How a text tells an operation, and what the reader knows after it. */
export interface Told {
  readonly by: readonly Telling[];
  /** What the product is in then. @default as before */
  readonly leaves?: Holds;
  readonly grains?: true;
  /** A purification from a hot solvent begins here, or goes on. @default it is over */
  readonly purifying?: 'begins' | 'goesOn';
  /** A still that runs on begins here, or is over. @default as before */
  readonly still?: 'begins' | 'ends';
  /** "Three times" means so many portions of what it takes. */
  readonly severally?: true;
  /** What it names goes in, also where the words could speak of what comes out. */
  readonly charges?: true;
}

const solids = /\b(crystals?|solids?|precipitates?|product|cake|residue|powder|needles|plates|material)\b/;
const liquids = /\b(layers?|phases?|extracts?|organic|ethereal|ether|solution|filtrate|dichloromethane|distillate)\b/;
const agents =
  /\b(magnesium sulfate|magnesium sulphate|mgso4|sodium sulfate|sodium sulphate|na2so4|calcium chloride|cacl2|potassium carbonate|k2co3|calcium sulfate|caso4|drying agent|sieves|koh|potassium hydroxide pellets|anhydrous)\b/;
const layered = /\b(separating|separatory) funnel|\bfunnel\b|\blayers?\b/;
const longWords = /\bovernight\b|next (day|week|period|session|lab)|\b(days?|weeks?)\b/;
const quenching = /\bice\b|\bwater\b|\bacid\b/;

export const namesSolid = ({ text }: SaidClause): boolean => solids.test(text);
export const namesAgent = ({ text }: SaidClause): boolean => agents.test(text);
export const namesLayers = ({ text }: SaidClause): boolean => layered.test(text);
export const isOvernight = ({ text }: SaidClause): boolean => longWords.test(text);
export const isPurifying = ({ soundings }: SaidClause): boolean => soundings.purifying !== undefined;

/** It is done with a solid: one is named, or nothing is and the product is one. */
export function isOfSolid({ text, soundings }: SaidClause): boolean {
  if (solids.test(text)) return !/\b(organic|ether(eal)?|aqueous) (layer|phase|solution)/.test(text);
  return !liquids.test(text) && soundings.holds === 'solid';
}

/** Shaken in a funnel. */
export const isShakenOut = ({ sentence }: SaidClause): boolean => /\bshak/.test(sentence) && layered.test(sentence);

/** A drying agent is put to a liquid. */
export const isDriedOver = (said: SaidClause): boolean =>
  namesAgent(said) &&
  (/\bdry|drying\b/.test(said.sentence) || (/\banhydrous\b/.test(said.text) && said.soundings.parted === true));

/** Poured onto water, ice or acid: not into a vessel, and not in a funnel. */
export const isPouredOnto = (said: SaidClause): boolean => quenching.test(said.text) && !namesLayers(said);

/** The words of pouring speak of a vessel, or of a funnel. */
export const isPouredOver = ({ text }: SaidClause): boolean =>
  (/\b(flask|funnel|beaker|tube|vial|cylinder) ?(\.|,|$)/.test(text) && !/\bice|cold|water\b/.test(text)) ||
  (layered.test(text) && !/\bice\b(?!-cold)/.test(text));

/** What is washed, or dried, before what it is done with. */
export const objectOf = ({ text }: SaidClause): string => text.replace(/\bwith\b.*$/, '');

/** Glass that is set up, cleaned or dried is no step of the procedure. */
export const isOfGlass = ({ text }: SaidClause): boolean => /\b(glassware|flask|apparatus|suck\w*)\b/.test(text);
