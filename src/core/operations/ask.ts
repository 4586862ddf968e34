import type { Dim } from '../quantity/dims';
import type { About, Body, Move, Part, Reading } from '../record/entry';
import type { Amounts } from '../stoichiometry/lineAmounts';
import type { Live } from '../record/foldRecord';

interface AskBase {
  /** Unique within the step. */
  readonly id: string;
  readonly done: boolean;
  /** The entry that answered it: of a measurement the last one. Found by `withAnswer`, for every ask alike. */
  readonly by?: Live;
  /** Place in the step's drawing that it is about. @default none */
  readonly spot?: string;
  /** Words of the button that opens it, when the step is complete without it. */
  readonly optional?: string;
}

/** A set-up check. */
export interface CheckAsk extends AskBase {
  readonly kind: 'check';
  readonly check: string;
  readonly says: string;
}

/** One of several answers to a question: the event that it writes. */
export interface Answer {
  readonly name: string;
  readonly button: string;
}

/** Something that happens, told by one large button. */
export interface EventAsk extends AskBase {
  readonly kind: 'event';
  readonly name: string;
  /** Which of several it is about. */
  readonly part: Part;
  readonly says: string;
  readonly button: string;
  /** What it is about, in a word or two, where the same is asked of several. */
  readonly of?: string;
  /** The other answers, when there is a choice. */
  readonly or?: readonly Answer[];
}

/** One reading of a way of measuring. */
export interface SlotAsk {
  readonly slot: string;
  readonly says: string;
  readonly dim: Extract<Dim, 'mass' | 'volume' | 'temperature' | 'fraction' | 'length'>;
  readonly unit: string;
  /** Weighed with or without cap: both readings must agree. */
  readonly configuration?: boolean;
}

/** A way of measuring: the readings it needs, in order. */
export interface Way {
  readonly id: string;
  readonly label: string;
  readonly slots: readonly SlotAsk[];
}

/** What a reading should be, in the canonical unit; drawn as a gauge. */
export interface Window {
  readonly dim: Dim;
  readonly unit: string;
  readonly low?: number;
  readonly high?: number;
  readonly aim?: number;
  readonly figures: number;
}

/** A measurement. */
export interface MeasureAsk extends AskBase {
  readonly kind: 'measure';
  readonly about: About;
  readonly title: string;
  readonly ways: readonly Way[];
  /** Live readings by slot. */
  readonly readings: Readonly<Record<string, Live<Reading>>>;
  /** What is wanted, when the amount follows from the charge table. */
  readonly goal?: Amounts;
  readonly window?: Window;
  readonly device?: string;
  /** The event that ends a series of such measurements. */
  readonly close?: Answer;
}

/** What a list can show: a tick, a button, a number. */
export type PlainAsk = CheckAsk | EventAsk | MeasureAsk;

/** Something is poured. It is done by the move that it writes, or by the event that means it where nobody moves anything. */
export interface PourAsk extends AskBase {
  readonly kind: 'pour';
  readonly at: Moved;
  /** Places, as the worktop names them. */
  readonly from: string;
  readonly to: readonly string[];
  readonly what: readonly Move['what'][];
}

/** At which moment something is moved. */
export type Moved = Required<Pick<Move, 'round' | 'n'>>;

/** What a panel lets a hand do: the entry that it writes, or what it makes of what is typed. */
export interface Offer {
  readonly id: string;
  readonly says: string;
  readonly body: Body | ((typed: { readonly digits: string; readonly unit: string }) => Body);
}

/** A thing of the bench that lies in front of the group: what can be done with it, and the same as plain asks. */
export interface PanelAsk extends AskBase {
  readonly kind: 'panel';
  readonly panel: Panel;
  readonly offers: readonly Offer[];
  readonly parts: readonly PlainAsk[];
}

export interface Panel {
  readonly kind: 'funnel';
  /** Place, as the worktop names it. */
  readonly in: string;
  readonly round: number;
  readonly capacity_mL?: number;
}

/** One thing that a step asks of the bench. */
export type Ask = PlainAsk | PourAsk | PanelAsk;

/** The same as a list shows it: a panel by its parts. What is poured there is told by the event that means it. */
export function plainAsks(asks: readonly Ask[]): readonly PlainAsk[] {
  return asks.flatMap((ask) => (ask.kind === 'pour' ? [] : ask.kind === 'panel' ? ask.parts : [ask]));
}
