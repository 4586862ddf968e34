import type { LineRole } from '../../document/document';

/** What every field of an operation's parameters has. */
interface Base {
  /** What it is called beside its value. */
  readonly label: string;
  readonly help?: string;
  readonly optional?: true;
  /** A list, of this many. */
  readonly many?: readonly [least: number, most: number];
}

/** Names something of the preparation. */
export interface RefField extends Base {
  readonly kind: 'line' | 'stage' | 'substance';
  /** The stage that the step works towards, when several are made side by side. */
  readonly goal?: true;
  /** Role that a line has in the charge table when it is taken here; of a substance, that of the lines which bring it. */
  readonly role?: LineRole;
  /** The line is in the vessel by then: the step does not bring it. */
  readonly inside?: true;
  /** A new step begins with one, though it may be left out. */
  readonly usually?: true;
}
export interface FlagField extends Base {
  readonly kind: 'flag';
}
export interface TextField extends Base {
  readonly kind: 'text';
  readonly longest: number;
}
export interface NumberField extends Base {
  readonly kind: 'number';
  /** In which it is written; empty for a bare number. */
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  readonly whole?: true;
  /** What a bare number is. */
  readonly is?: 'pH';
  /** Where nobody has said one yet. @default a plain number of its unit */
  readonly usual?: number;
  /** A list in which each is above the one before. */
  readonly rising?: true;
  /** Field of the same step that is above this one, where both are given. */
  readonly below?: string;
  /** The time for which the step acts: a reaction goes on for as long. At most one field of an operation has it. */
  readonly acts?: true;
}
export interface ChoiceField extends Base {
  readonly kind: 'choice';
  /** What may be chosen, with its words. */
  readonly of: Readonly<Record<string, string>>;
}
export interface RowsField extends Base {
  readonly kind: 'rows';
  readonly of: Fields;
}

/** One parameter of an operation, described once: everything that has to know it is derived from this. */
export type Field = RefField | FlagField | TextField | NumberField | ChoiceField | RowsField;
export interface Fields {
  readonly [key: string]: Field;
}

type One<S> = S extends { readonly kind: 'rows'; readonly of: infer F extends Fields }
  ? ParamsOf<F>
  : S extends { readonly kind: 'choice'; readonly of: infer C }
    ? keyof C & string
    : S extends { readonly kind: 'number' }
      ? number
      : S extends { readonly kind: 'flag' }
        ? boolean
        : string;
type Value<S> = S extends { readonly many: readonly unknown[] } ? readonly One<S>[] : One<S>;
type May<F> = { [K in keyof F]: F[K] extends { readonly optional: true } ? K : never }[keyof F];

/** Parameters as a step holds them, by their fields. */
export type ParamsOf<F extends Fields> = { readonly [K in Exclude<keyof F, May<F>>]: Value<F[K]> } & {
  readonly [K in May<F>]?: Value<F[K]>;
};

type More<K extends Field> = Partial<Pick<K, 'help'>>;

export const line = (label: string, more: More<RefField> & Pick<RefField, 'role' | 'inside' | 'usually'> = {}) =>
  ({ kind: 'line', label, ...more }) as const;
export const stage = (label: string, more: More<RefField> = {}) => ({ kind: 'stage', label, ...more }) as const;
/** The stage that the step is about: what it works towards is found from it. */
export const goal = (label: string, more: More<RefField> = {}) => ({ ...stage(label, more), goal: true }) as const;
export const substance = (label: string, more: More<RefField> & Pick<RefField, 'role'> = {}) =>
  ({ kind: 'substance', label, ...more }) as const;
export const flag = (label: string, more: More<FlagField> = {}) => ({ kind: 'flag', label, ...more }) as const;
export const text = (label: string, longest: number, more: More<TextField> = {}) =>
  ({ kind: 'text', label, longest, ...more }) as const;
export const choice = <const C extends Readonly<Record<string, string>>>(
  label: string,
  of: C,
  more: More<ChoiceField> = {},
) => ({ kind: 'choice', label, of, ...more }) as const;
export const rows = <const F extends Fields>(label: string, of: F, more: More<RowsField> = {}) =>
  ({ kind: 'rows', label, of, ...more }) as const;

type NumberMore = Partial<Pick<NumberField, 'help' | 'whole' | 'below' | 'rising' | 'usual' | 'acts'>>;

export const number = (label: string, unit: string, [least, most]: readonly [number, number], more: NumberMore = {}) =>
  ({ kind: 'number', label, unit, least, most, ...more }) as const;
/** A time that somebody waits for, at most a day. */
export const minutes = (label: string, more: NumberMore = {}) => number(label, 'min', [0.1, 1440], more);
/** A temperature that a bath, a flask or a head can have. */
export const celsius = (label: string, more: NumberMore = {}) => number(label, '°C', [-80, 400], more);
export const pH = (label: string, more: NumberMore = {}) =>
  ({ ...number(label, '', [-1, 15], more), is: 'pH' }) as const;
/** How many of something. */
export const count = (label: string, most: number) => number(label, '', [1, most], { whole: true });

export const optional = <const S extends Field>(field: S) => ({ ...field, optional: true }) as const;
export const many = <const S extends Field, const L extends readonly [number, number]>(field: S, howMany: L) =>
  ({ ...field, many: howMany }) as const;
