/** A place in the text, in UTF-16 units: from `start` up to, not including, `end`. */
export interface Span {
  readonly start: number;
  readonly end: number;
}

/** How sure the reader is: taken as it stands, to be confirmed by a person, or left alone. */
export type ReadState = 'read' | 'confirm' | 'notRead';

/** What a number in a handout stands for. */
export type QuantityKind =
  | 'amount'
  | 'temperature'
  | 'time'
  | 'strength'
  | 'pH'
  | 'ratio'
  | 'vessel'
  | 'endVolume'
  | 'yield'
  | 'share'
  | 'count'
  | 'rate'
  | 'pressure'
  | 'literature'
  | 'numbering';

/** A number, or two as a range, with its unit, as it stands in the text. */
export interface ReadQuantity extends Span {
  readonly kind: QuantityKind;
  /** Digits as written, with a decimal point. */
  readonly low: string;
  readonly high?: string;
  /** As Mozle writes it: mL, g, mmol, drops, min, °C, M, %. */
  readonly unit: string;
  /** Only an upper or a lower bound is said. */
  readonly bound?: 'below' | 'above';
  /** How many portions of this size. */
  readonly times?: number;
  /** Where a temperature is taken. */
  readonly where?: 'bath' | 'head' | 'inside';
  /** Why a person should look at it; absent when it is read as it stands. */
  readonly confirm?: string;
}

/** A substance that the text names. */
export interface NamedSubstance extends Span {
  /** The reference's name, or the words of the text. */
  readonly name: string;
  /** Entry of the reference: a substance or a solution. */
  readonly reference?: string;
  /** Strength that the text gives, where no solution of the reference has it. */
  readonly strength?: { readonly digits: string; readonly unit: 'M' | '%' };
  readonly confirm?: string;
}

/** An amount with what it is of. */
export interface Amount extends ReadQuantity {
  readonly substance?: NamedSubstance;
}

/** What a stretch of a handout is for. */
export type SectionKind =
  'heading' | 'procedure' | 'materials' | 'equipment' | 'safety' | 'expected' | 'waste' | 'background';

/** Something that a person should look at. */
export interface ToConfirm extends Span {
  readonly why: string;
}

/** One stretch of the text that says one thing to do, or that says none. */
export interface Clause extends Span {
  readonly section: SectionKind;
  /** Name of the operation in the registry; nothing where none fits. */
  readonly operation?: string;
  /** It says more about the step before: a rinse, layers that are parted, how it looks. */
  readonly continues?: boolean;
  /** A thing done that no operation stands for. */
  readonly without?: string;
  readonly amounts: readonly Amount[];
  readonly quantities: readonly ReadQuantity[];
  readonly substances: readonly NamedSubstance[];
  readonly confirm: readonly ToConfirm[];
}

/** A numeral of the text and what became of it. */
export interface Numeral extends Span {
  readonly state: ReadState;
}

/** What the rules made of a handout: all of its text, in order, nothing dropped. */
export interface HandoutReading {
  readonly text: string;
  readonly clauses: readonly Clause[];
  readonly numerals: readonly Numeral[];
}
