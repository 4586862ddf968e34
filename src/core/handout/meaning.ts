import type { SectionKind } from './handout';

/** What the reader knows of the work when it comes to a clause. */
export interface Soundings {
  /** The operation before, and the last one that parted or purified something. */
  readonly last?: string;
  readonly within?: string;
  /** What was last distilled, and how. */
  readonly still?: string;
  /** What the product is in by now. */
  readonly holds: 'mixture' | 'solution' | 'solid' | 'oil';
}

/** What a clause comes to. */
export interface Meaning {
  readonly operation?: string;
  readonly continues?: true;
  readonly without?: string;
  readonly confirm?: string;
}

/** A clause as the rules see it. */
export interface SaidClause {
  /** In lower case. */
  readonly text: string;
  readonly sentence: string;
  readonly section: SectionKind;
  /** An amount of something is in it. */
  readonly brings: boolean;
  /** Longest time in it, minutes. */
  readonly minutes?: number;
  /** It names a temperature. */
  readonly warm?: boolean;
  readonly soundings: Soundings;
}

const is = (operation: string, confirm?: string): Meaning => ({ operation, ...(confirm ? { confirm } : {}) });
const more: Meaning = { continues: true };

const solidWords = /\b(crystals?|solids?|precipitates?|product|cake|residue|powder|needles|plates|material)\b/;
const layerWords =
  /\b(layers?|phases?|extracts?|organic|ethereal|ether|solution|filtrate|dichloromethane|distillate)\b/;
const agents =
  /\b(magnesium sulfate|magnesium sulphate|mgso4|sodium sulfate|sodium sulphate|na2so4|calcium chloride|cacl2|potassium carbonate|k2co3|calcium sulfate|caso4|drying agent|sieves|koh|potassium hydroxide pellets|anhydrous)\b/;
const isSolid = ({ text, soundings }: SaidClause) =>
  solidWords.test(text)
    ? !/\b(organic|ether(eal)?|aqueous) (layer|phase|solution)/.test(text)
    : !layerWords.test(text) && soundings.holds === 'solid';
const overnight = /\bovernight\b|next (day|week|period|session|lab)|\b(days?|weeks?)\b/;
const purifying = ({ soundings }: SaidClause) =>
  soundings.within === 'recrystallization' || soundings.within === 'mixedSolvents';

const layers = /\b(separating|separatory) funnel|\bfunnel\b|\blayers?\b/;

function filtered(said: SaidClause): Meaning {
  const { text, soundings } = said;
  if (agents.test(text) || /cotton|glass wool|fluted|gravity|plug|celite|filter aid/.test(text))
    return is('gravityFiltration');
  if (/\bhot\b|while still hot|charcoal/.test(text) && !/\boff\b/.test(text)) return is('gravityFiltration');
  if (soundings.last === 'dryingLiquid') return is('gravityFiltration');
  if (/suction|vacuum|pump|b[uü]chner|hirsch/.test(text) || solidWords.test(text) || purifying(said))
    return is('vacuumFiltration');
  return is('vacuumFiltration', 'Filtered with suction, or through a fluted paper?');
}

function heated(said: SaidClause): Meaning {
  const { text, soundings } = said;
  if (purifying(said) && !/\breflux/.test(text) && /\b(boil|dissolv|charcoal|clear)/.test(text)) return more;
  if (/\b(dry|dryness)\b/.test(text) && /evaporat/.test(text)) return is('stripping');
  if (soundings.last === 'distillation' && !said.brings) return more;
  return is('hold');
}

const table: Readonly<Record<string, (said: SaidClause) => Meaning>> = {
  without: ({ text }) => ({
    without:
      /\b(sublim|centrifug|chromatograph|irradiat|hydrogenat|electroly|freeze|lyophili|sonicat|microwave|polarimet|refractive)\w*/.exec(
        text,
      )?.[0] ?? 'this',
  }),
  repeat: () => more,
  secondCrop: () => is('secondCrop'),
  steam: () => is('steamDistillation'),
  fractionate: () => is('fractionation'),
  calculate: () => is('calculation'),
  melting: () => is('meltingRange'),
  spectrum: () => is('spectrum'),
  chromatogram: () => is('chromatogram'),
  tlc: ({ text }) =>
    /\b(monitor|complete|until|progress|check|every|remain)/.test(text) ? is('inProcessTest') : is('chromatogram'),
  testing: ({ text }) =>
    /\b(starch|ph|litmus|tlc|peroxides?)\b/.test(text)
      ? is('inProcessTest')
      : /\b(tube|bromine|chloride|dnp|tollens|fehling|permanganate|hydrazine|sample|few drops|solution)/.test(text)
        ? is('tubeTests')
        : is('inProcessTest'),
  recrystallize: (said) => {
    const { text, sentence } = said;
    const pair =
      /\b(aqueous|mixture of|mixed|(?!ice)\w+[-/]water|\w+ and water)\b/.test(text) ||
      /\b(cloudy|turbid|cloudiness|turbidity)\b/.test(sentence);
    return purifying(said) && /dissolv/.test(text) && said.soundings.last === 'recrystallization'
      ? more
      : is(pair ? 'mixedSolvents' : 'recrystallization');
  },
  extract: () => is('extraction'),
  reflux: () => is('reflux'),
  neutralize: () => is('neutralization'),
  quench: (said) =>
    /\b(flask|funnel|beaker|tube|vial|cylinder) ?(\.|,|$)/.test(said.text) && !/\bice|cold|water\b/.test(said.text)
      ? poured(said)
      : layers.test(said.text) && !/\bice\b(?!-cold)/.test(said.text)
        ? poured(said)
        : is('quench'),
  vacuum: () => is('vacuumFiltration'),
  wash: (said) => {
    if (/\b(glassware|apparatus|hands|skin)\b/.test(said.text)) return more;
    if (
      /\b(layers?|extracts?|organic|ethereal|ether (solution|layer)|phases?|solution|distillate|filtrate)\b/.test(
        said.text.replace(/\bwith\b.*$/, ''),
      )
    )
      return is('wash');
    const what = said.text.replace(/\bwith\b.*$/, '');
    if (/\b(crystals?|solids?|precipitates?|cake|residue|powder|needles|plates)\b/.test(what)) return is('cakeWash');
    return said.soundings.holds === 'solid' ? is('cakeWash') : is('wash');
  },
  collectFraction: ({ soundings, text }) => {
    if (soundings.still === 'steamDistillation' || soundings.still === 'fractionation') return more;
    return soundings.last === 'distillation' && !/\d/.test(text) ? more : is('distillation');
  },
  evaporateOff: ({ text, sentence, soundings }) =>
    /\b(days?|dish|slowly|air|hood|cupboard|overnight|open)\b/.test(text) &&
    !/rotary|reduced|vacuo|distil/.test(sentence)
      ? is('evaporation')
      : /\bdr(y|ied)\b/.test(text) && soundings.holds === 'solid'
        ? is('drying')
        : is('stripping'),
  boilDown: () => ({ without: 'boiling down' }),
  distil: ({ text, soundings }) => {
    if (/\boff\b/.test(text)) return is('stripping');
    if (/\bas it (forms|is formed)|out of the (reaction )?mixture/.test(text)) return is('reactiveDistillation');
    return soundings.still === 'steamDistillation' ? more : is('distillation');
  },
  filter: filtered,
  decant: () => is('gravityFiltration'),
  collectSolid: () => is('vacuumFiltration'),
  dry: (said) => {
    if (agents.test(said.text) && !/oven|desiccator/.test(said.text)) return is('dryingLiquid');
    if (/\b(glassware|flask|apparatus|suck\w*)\b/.test(said.text)) return more;
    return isSolid(said) || /\b(oven|desiccator|air|pump|filter paper|constant (mass|weight)|suction)\b/.test(said.text)
      ? is('drying')
      : is('dryingLiquid');
  },
  weigh: (said) => (said.brings && !solidWords.test(said.text) ? is('charge') : is('weighing')),
  weighOut: (said) => (said.brings || /\bout\b/.test(said.text) ? is('charge') : is('weighing')),
  induction: () => is('induction'),
  grind: ({ text }) => (/triturat/.test(text) ? is('cakeWash') : is('grinding')),
  addDropwise: (said) => added(said, 'addition'),
  pourInto: (said) => poured(said),
  add: (said) => added(said, 'charge'),
  stand: (said) => {
    if (purifying(said) && !overnight.test(said.text))
      return /\bcool|ice|room temperature\b/.test(said.text) ? is('cooling') : more;
    if (/\b(layers?|separates?|settles?)\b/.test(said.text)) return more;
    return overnight.test(said.text) || (said.minutes ?? 60) >= 60
      ? is('stand')
      : /\b(ice|cool)\b/.test(said.text)
        ? is('cooling')
        : is('hold');
  },
  store: () => is('storing'),
  evaporateDays: () => is('evaporation'),
  hotSolvent: () => more,
  cool: () => is('cooling'),
  shakeVial: (said) =>
    layers.test(said.sentence) || said.soundings.last === 'extraction' || said.soundings.last === 'wash'
      ? said.soundings.last === 'extraction' || said.soundings.last === 'wash'
        ? more
        : is('extraction')
      : is('closedVial'),
  heat: heated,
  stir: (said) =>
    said.minutes !== undefined || said.warm || /\bstir(red)?\b[^.;]*\b(for|until|at)\b/.test(said.text)
      ? is('hold')
      : more,
  anhydrous: ({ text }) => (/tube/.test(text) && !/dried/.test(text) ? is('anhydrousSetUp') : is('anhydrousSetUp')),
  more: () => more,
};

function poured(said: SaidClause): Meaning {
  if (/\bice\b|\bwater\b|\bacid\b/.test(said.text) && !layers.test(said.text)) return is('quench');
  return said.brings && !layers.test(said.text) ? is('charge') : more;
}

function added(said: SaidClause, kind: 'charge' | 'addition'): Meaning {
  const { text, sentence, soundings } = said;
  if (agents.test(text) && /\bdry|drying\b/.test(sentence)) return is('dryingLiquid');
  if (agents.test(text) && /\banhydrous\b/.test(text) && (soundings.last === 'wash' || soundings.last === 'extraction'))
    return is('dryingLiquid');
  if (purifying(said)) return more;
  if (/\bshak/.test(sentence) && layers.test(sentence)) return is('extraction');
  return is(kind);
}

/** What a way of saying comes to, in what stands around it. */
export function meaningOf(key: string, said: SaidClause): Meaning {
  return table[key]?.(said) ?? {};
}

/** What is known after an operation. */
export function after(before: Soundings, operation: string | undefined): Soundings {
  if (operation === undefined) return before;
  const holds: Soundings['holds'] =
    /^(vacuumFiltration|drying|recrystallization|mixedSolvents|cakeWash|secondCrop)$/.test(operation)
      ? 'solid'
      : /^(extraction|wash|dryingLiquid|gravityFiltration)$/.test(operation)
        ? 'solution'
        : /^(stripping|distillation)$/.test(operation)
          ? 'oil'
          : /^(charge|addition|quench)$/.test(operation)
            ? 'mixture'
            : before.holds;
  const within = /^(recrystallization|mixedSolvents)$/.test(operation)
    ? operation
    : /^(cooling|gravityFiltration|hold)$/.test(operation)
      ? before.within
      : undefined;
  const still = /^(steamDistillation|fractionation)$/.test(operation)
    ? operation
    : /^(extraction|wash|charge|quench|dryingLiquid|stripping|distillation)$/.test(operation)
      ? undefined
      : before.still;
  return { last: operation, holds, ...(within ? { within } : {}), ...(still ? { still } : {}) };
}
