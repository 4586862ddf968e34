import { aroundBoiling, windowOf } from '../../operations/declare/aroundBoiling';
import { defaultsOf } from '../../operations/declare/defaults';
import { storable } from './storable';
import type { Clause, ReadQuantity } from '../handout';
import type { Field, Fields, NumberField } from '../../operations/declare/fields';
import type { Operation } from '../../operations/operation';

/** What a step can be filled with. */
export interface Given {
  readonly text: string;
  /** Clauses that the step stands for, the first one its own. */
  readonly clauses: readonly Clause[];
  /** Ids of lines for its fields, in the order of the fields; nothing where the step takes none. */
  readonly lines: ReadonlyMap<string, string | readonly string[]>;
  /** Ids of stages by field. */
  readonly stages: ReadonlyMap<string, string>;
  /** Substances for fields that ask for one, the likeliest first. */
  readonly substances: readonly string[];
  /** °C at which what is in the vessel boils. */
  readonly boiling_C?: number;
}

/** Parameters, and in words what of them the handout does not say. */
export interface Filled {
  readonly params: Readonly<Record<string, unknown>>;
  readonly assumed: readonly string[];
}

/** Fills an operation's fields with what the clauses say. Whatever they do not say gets a first value, and is listed as assumed. */
export function filledParams(operation: Operation, given: Given): Filled | undefined {
  const { fields } = operation;
  const named = {
    line: [...given.lines.values()].flat(),
    stage: [...given.stages.values()],
    substance: given.substances,
  };
  const first = defaultsOf(fields, named);
  if (!first.ok) return undefined;
  const said = {
    ...numbersOf(fields, given),
    ...choicesOf(fields, given),
    ...namesOf(fields, given),
    ...textsOf(fields, given),
  };
  const params: Record<string, unknown> = { ...first.params, ...said };
  // A window of what boils, where the handout names none, lies about its boiling point.
  const window = windowOf(fields);
  if (window && !(window.low in said)) Object.assign(params, aroundBoiling(operation, params, given.boiling_C));
  // A ceiling that nobody names is where the window ends.
  const top = window && params[window.high];
  for (const [key, field] of Object.entries(fields))
    if (
      typeof top === 'number' &&
      window &&
      window.high in said &&
      isCeiling(fields, key) &&
      !field.optional &&
      !(key in said)
    )
      params[key] = top;
  const ordered = rising(fields, params);
  const assumed = Object.entries(fields).flatMap(([key, field]) =>
    field.optional || key in said || field.kind === 'stage' || field.kind === 'flag'
      ? []
      : [`${field.label}: ${shown(field, ordered[key])}`],
  );
  return { params: ordered, assumed };
}

function shown(field: Field, value: unknown): string {
  if (field.kind === 'choice') return field.of[String(value)] ?? String(value);
  if (Array.isArray(value)) return value.map((one) => (typeof one === 'object' ? '—' : String(one))).join(', ');
  return field.kind === 'number' && field.unit !== '' ? `${String(value)} ${field.unit}` : String(value);
}

const isCeiling = (fields: Fields, key: string) => {
  const field = fields[key];
  const high = Object.values(fields).some((one) => one.kind === 'number' && one.below === key);
  return field?.kind === 'number' && field.unit === '°C' && field.below === undefined && !high;
};

type Params = Record<string, unknown>;
const fits = ({ least, most, whole }: NumberField, value: number) =>
  value >= least && value <= most && (!whole || Number.isInteger(value));

/** Numbers by what they measure: windows first, then single ones in the order of the fields. */
function numbersOf(fields: Fields, { clauses, text }: Given): Params {
  const quantities = clauses.flatMap((one) => one.quantities);
  const temperatures = quantities
    .filter(({ kind }) => kind === 'temperature' || kind === 'literature')
    .filter(({ unit }) => unit === '°C');
  const times = quantities.filter(({ kind }) => kind === 'time');
  const acidity = quantities.filter(({ kind }) => kind === 'pH');
  const counts = quantities.filter(({ kind, unit }) => kind === 'count' && unit === 'portions');
  const params: Params = {};
  const set = (key: string, value: number | undefined) => {
    const field = fields[key];
    if (value !== undefined && field?.kind === 'number' && fits(field, value)) params[key] = value;
  };
  for (const [key, field] of Object.entries(fields)) {
    if (field.kind !== 'number' || key in params) continue;
    if (field.many) {
      const all = [
        ...new Set(temperatures.flatMap(({ low, high }) => [Number(low), ...(high ? [Number(high)] : [])])),
      ].sort((a, b) => a - b);
      if (field.unit === '°C' && all.length > 0)
        params[key] = all.slice(0, field.many[1]).filter((one) => fits(field, one));
      continue;
    }
    if (field.is === 'pH' || field.unit === '°C') {
      const pool = field.is === 'pH' ? acidity : temperatures;
      if (field.below !== undefined) setWindow(key, field.below, pool, set);
      else if (!Object.values(fields).some((one) => one.kind === 'number' && one.below === key))
        setSingle(key, field, pool, { set, text });
    } else if (field.unit === 'min' && !field.optional) set(key, timeOf(times));
    else if (field.unit === 'h') set(key, timeOf(times, 60));
    else if (field.unit === 'days') set(key, timeOf(times, 1440));
    else if (field.whole && field.unit === '' && !field.optional) set(key, numberOf(counts));
    else if (field.unit === 'mL' && !field.optional)
      set(key, numberOf(quantities.filter(({ kind, unit }) => kind === 'endVolume' && unit === 'mL')));
  }
  return params;
}

type Set = (key: string, value: number | undefined) => void;
const numberOf = (pool: readonly ReadQuantity[]) => (pool[0] ? Number(pool[0].low) : undefined);
function timeOf(times: ReadQuantity[], per = 1): number | undefined {
  const next = times.shift();
  return next && Number(next.high ?? next.low) / per;
}

// A single value read as a window is so wide.
const width = { pH: 1, '°C': 5 };

function setWindow(low: string, high: string, pool: ReadQuantity[], set: Set) {
  const ranges = pool.findIndex((one) => one.high !== undefined);
  const at = ranges >= 0 ? ranges : pool.findIndex(({ bound }) => bound === undefined);
  const [found] = at < 0 ? [] : pool.splice(at, 1);
  if (!found) return;
  const apart = found.kind === 'pH' ? width.pH : width['°C'];
  set(low, found.high === undefined ? Number(found.low) - apart / 2 : Number(found.low));
  set(high, found.high === undefined ? Number(found.low) + apart / 2 : Number(found.high));
}

function setSingle(
  key: string,
  { optional }: NumberField,
  pool: ReadQuantity[],
  { set, text }: { readonly set: Set; readonly text: string },
) {
  const bounded = pool.findIndex(({ bound }) => bound === 'below');
  const at = bounded >= 0 ? bounded : optional ? -1 : 0;
  const [found] = at < 0 ? [] : pool.splice(at, 1);
  if (found) set(key, Number(found.high ?? found.low));
  else if (!optional && !/\d ?°/.test(text)) set(key, spoken(text));
}

/** Temperatures that are said in words. */
function spoken(text: string): number | undefined {
  if (/\b(?:in|on) (?:an? )?ice\b|\bice[- ](?:water )?bath\b|\bchill/i.test(text)) return 5;
  return /\broom temperature\b|\br\.?t\.?\b/i.test(text) ? 25 : undefined;
}

/** A choice whose words stand in the text. */
function choicesOf(fields: Fields, { text }: Given): Params {
  const params: Params = {};
  const lower = text.toLowerCase();
  for (const [key, field] of Object.entries(fields)) {
    if (field.kind !== 'choice') continue;
    const chosen = Object.entries(field.of).find(([option, words]) =>
      [option.replace(/([A-Z])/g, ' $1').toLowerCase(), words.toLowerCase().replace(/^(in|on) (an? |the )?/, '')].some(
        (one) => new RegExp(`\\b${one.replace(/[^a-z ]/g, '')}\\b`).test(lower),
      ),
    );
    if (chosen) params[key] = chosen[0];
  }
  return params;
}

function namesOf(fields: Fields, { lines, stages, substances }: Given): Params {
  const params: Params = {};
  const left = [...substances];
  for (const [key, field] of Object.entries(fields)) {
    const line = lines.get(key);
    const stage = stages.get(key);
    if (field.kind === 'line' && line !== undefined) params[key] = line;
    if (field.kind === 'stage' && stage !== undefined) params[key] = stage;
    const substance = field.kind === 'substance' && !field.optional ? (left.shift() ?? substances[0]) : undefined;
    if (substance !== undefined) params[key] = substance;
  }
  return params;
}

/** The first text that an operation needs is what the handout says there. */
function textsOf(fields: Fields, { text }: Given): Params {
  const first = Object.entries(fields).find(([, field]) => field.kind === 'text' && !field.optional && !field.many);
  if (first?.[1].kind !== 'text' || !first[1].longest) return {};
  return {
    [first[0]]: storable(text.trim().replace(/[.;,]$/, ''), first[1].longest) || '—',
  };
}

/** Numbers that must lie one below the other do. */
function rising(fields: Fields, params: Params): Params {
  const ordered = { ...params };
  for (const [key, field] of Object.entries(fields)) {
    if (field.kind !== 'number' || field.below === undefined) continue;
    const [low, high] = [ordered[key], ordered[field.below]];
    if (typeof low === 'number' && typeof high === 'number' && low >= high)
      ordered[key] = Math.max(field.least, high - 1);
  }
  return ordered;
}
