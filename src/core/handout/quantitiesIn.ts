import { numberAt } from './numerals';
import { strengthAt } from './strength';
import { unitAt } from './units';
import type { ReadQuantity, QuantityKind } from './handout';
import type { ReadNumber } from './numerals';
import type { ReadUnit, UnitOf } from './units';
import type { Token } from './tokens';

/** A quantity in the tokens. */
export interface QuantityAt extends ReadQuantity {
  readonly from: number;
  /** Behind its last token. */
  readonly to: number;
  readonly of: UnitOf;
  /** Minutes of one unit of a time. */
  readonly minutes?: number;
  /** What stands in a bracket is of each of the things before it. */
  readonly each?: true;
}

const estimate = /^(about|approximately|approx|ca|circa|roughly|around|some|nearly|c|almost)$/;
const vesselNouns =
  /^(flasks?|beakers?|funnels?|cylinders?|tubes?|vials?|pipettes?|pipets?|syringes?|bottles?|dish(es)?|basins?|crucibles?|erlenmeyers?|rbfs?|jars?|burettes?|receivers?|separators?|conicals?)$/;
const vesselWords =
  /^(round|bottom|bottomed|bottom|two|three|one|necked|neck|conical|separating|separatory|dropping|addition|measuring|graduated|flat|pear|shaped|distilling|distillation|filter|filtering|boiling|erlenmeyer|test|tared|dry|clean|wide|mouthed|evaporating|evaporation|centrifuge|glass|stoppered|weighed|pre|reaction|buchner|büchner|screw|cap|capped|sample|reagent|volumetric|single|schlenk|borosilicate|small|large|disposable)$/;

/** Every number of the tokens with its unit, in order. Places that names have taken are passed over. */
export function quantitiesIn(tokens: readonly Token[], taken: (at: number) => boolean): readonly QuantityAt[] {
  const found: QuantityAt[] = [];
  for (let i = 0; i < tokens.length; i += 1) {
    if (taken(i)) continue;
    const hit = quantityAt(tokens, i, found.at(-1));
    if (!hit) continue;
    found.push(hit);
    i = hit.to - 1;
  }
  return joined(found);
}

function quantityAt(tokens: readonly Token[], at: number, before: QuantityAt | undefined): QuantityAt | undefined {
  const vague = vagueAt(tokens, at);
  if (vague) return vague;
  const first = numberAt(tokens, at);
  if (!first || isLocant(tokens, at)) return undefined;
  return timesAt(tokens, at, first) ?? withUnit(tokens, at, first) ?? bare(tokens, at, first, before);
}

// ---- portions: "2 × 10 mL", "three 5 mL portions", "2 portions of 10 mL", "twice with 10 mL"

function timesAt(tokens: readonly Token[], at: number, count: ReadNumber): QuantityAt | undefined {
  if (!Number.isInteger(count.value) || count.value < 1 || count.value > 20) return undefined;
  const sign = /^[x×*]$/.test(tokens[count.next]?.raw ?? '');
  const between = sign ? count.next + 1 : pastPortions(tokens, count.next);
  if (between === undefined) return undefined;
  const size = numberAt(tokens, between);
  const unit = size && unitAt(tokens, size.next);
  if (
    !size ||
    !unit ||
    !(unit.of === 'volume' || unit.of === 'mass' || (sign && unit.of !== 'temperature' && unit.of !== 'time'))
  )
    return undefined;
  const plain = withUnit(tokens, between, size);
  if (!plain || (plain.kind !== 'amount' && plain.kind !== 'vessel')) return undefined;
  if (plain.kind === 'vessel') return { ...plain, from: at, start: tokens[at]?.start ?? plain.start };
  return { ...plain, from: at, start: tokens[at]?.start ?? plain.start, times: count.value };
}

const portion = /^(portions?|lots?|aliquots?|batches|parts|quantities|times|washes|washings|extractions|volumes)$/;
const more = /^(further|more|equal|separate|additional|fresh|small|successive|other)$/;
const portions = /^(portions?|lots?|aliquots?|batches|parts|quantities|of|with|about|approximately|ca|[.(])$/;

/** "three [further] 5 mL portions", "3 portions of 10 mL": where the size begins. */
function pastPortions(tokens: readonly Token[], at: number): number | undefined {
  let said = false;
  for (let i = at; i < at + 6; i += 1) {
    const token = tokens[i];
    if (!token) return undefined;
    if (i > at && numberAt(tokens, i) && token.kind !== 'word') return i;
    if (i === at && token.kind === 'digits' && !token.tight && tokens[at - 1]?.kind === 'word') return i;
    said ||= portion.test(token.word);
    if (said ? !portions.test(token.word) : !more.test(token.word)) return undefined;
  }
  return undefined;
}

// ---- one number with a unit, or a range of two

function withUnit(tokens: readonly Token[], at: number, first: ReadNumber): QuantityAt | undefined {
  const high = upperEnd(tokens, first, unitAt(tokens, first.next));
  const unit = unitAt(tokens, (high ?? first).next);
  if (!unit) return undefined;
  if (unit.of === 'temperature' && unit.unit === '°C' && /^C$/.test(tokens[first.next]?.raw ?? '') && first.inWords)
    return undefined;
  const kind = kindOf(unit);
  if (kind === undefined) return undefined;
  const strength = kind === 'strength' ? strengthAt(tokens, at) : undefined;
  const negative = unit.of === 'temperature' && isMinus(tokens, at);
  const doubt =
    first.confirm ?? strength?.confirm ?? (unit.unit === '°F' ? 'Degrees Fahrenheit: Mozle counts in °C.' : undefined);
  const from = negative ? at - 1 : at;
  const base: QuantityAt = {
    start: tokens[from]?.start ?? 0,
    end: tokens[unit.next - 1]?.end ?? 0,
    from,
    to: unit.next,
    kind,
    of: unit.of,
    low: `${negative ? '-' : ''}${first.digits}`,
    ...(high && high.value !== first.value ? { high: high.digits } : {}),
    unit: unit.unit,
    ...(unit.minutes === undefined ? {} : { minutes: unit.minutes }),
    ...(doubt ? { confirm: doubt } : {}),
  };
  return inContext(tokens, base);
}

/** The upper end of "60-65 °C", "60 °C to 65 °C", "between 2 and 3 mL". */
function upperEnd(tokens: readonly Token[], first: ReadNumber, own: ReadUnit | undefined): ReadNumber | undefined {
  const at = own?.next ?? first.next;
  const sign = tokens[at];
  const minus = tokens[at + 1]?.raw === '-' && own?.of === 'temperature' ? 1 : 0;
  const between =
    /^(between|from)$/.test(tokens[first.next - 2]?.word ?? '') || /^between$/.test(tokens[first.next - 4]?.word ?? '');
  if (!(sign?.raw === '-' || sign?.word === 'to' || sign?.word === 'or' || (sign?.word === 'and' && between)))
    return undefined;
  const second = numberAt(tokens, at + 1 + minus);
  if (!second || (first.inWords && !second.inWords)) return undefined;
  const unit = unitAt(tokens, second.next);
  if (!unit || (own && own.unit !== unit.unit)) return undefined;
  // "1-2 mL" is a range, "to 50 mL" behind another amount is not: it would have to rise.
  if (!minus && second.value <= first.value) return abbreviated(first, second);
  return minus ? { ...second, digits: `-${second.digits}`, value: -second.value } : second;
}

/** "124-7": the end is written without the digits that it shares. */
function abbreviated(first: ReadNumber, second: ReadNumber): ReadNumber | undefined {
  if (!/^\d+$/.test(first.digits) || !/^\d$/.test(second.digits) || first.digits.length < 2) return undefined;
  const digits = `${first.digits.slice(0, -1)}${second.digits}`;
  return Number(digits) > first.value ? { ...second, digits, value: Number(digits) } : undefined;
}

const isMinus = (tokens: readonly Token[], at: number) => {
  const [sign, before] = [tokens[at - 1], tokens[at - 2]];
  return sign?.raw === '-' && tokens[at]?.tight === true && !(sign.tight && before?.kind !== 'sign');
};

function kindOf({ of, unit }: ReadUnit): QuantityKind | undefined {
  if (of === 'mass' || of === 'volume' || of === 'amount' || of === 'equivalents' || of === 'drops') return 'amount';
  if (of === 'temperature') return 'temperature';
  if (of === 'time') return 'time';
  if (unit === 'vol') return 'ratio';
  if (/\/(g|mg|kg)$/.test(unit)) return 'ratio';
  if (/\/(s|min|h)$/.test(unit) || unit === 'rpm') return 'rate';
  if (unit === 'M' || unit === 'N' || unit.startsWith('%')) return 'strength';
  if (/^(torr|mbar|kPa|bar)$/.test(unit)) return 'pressure';
  return /^(mm|cm)$/.test(unit) ? 'vessel' : undefined;
}

/** What the words around a quantity make of it. */
function inContext(tokens: readonly Token[], q: QuantityAt): QuantityAt {
  if (q.of === 'temperature') return temperature(tokens, q);
  const about = aboutBefore(tokens, q.from);
  const guess = about ? { confirm: q.confirm ?? 'An estimate.' } : {};
  if (q.of === 'volume' && isVessel(tokens, q)) return { ...q, kind: 'vessel' };
  if (/^every$/.test(tokens[q.from - 1]?.word ?? '') && q.kind === 'amount') return { ...q, kind: 'rate' };
  if (q.kind === 'amount' && isDividend(tokens, q)) return { ...q, kind: 'yield' };
  if (q.kind === 'strength' && isYield(tokens, q)) return { ...q, kind: 'yield' };
  if (q.kind === 'ratio') return { ...q, confirm: q.confirm ?? 'An amount for each gram: of what?' };
  return q.kind === 'amount'
    ? { ...q, ...guess, ...(q.high === undefined ? {} : { confirm: q.confirm ?? 'A range.' }) }
    : q;
}

/** "(4.9 g, 58 %)": what was got, with its yield. */
const isDividend = (tokens: readonly Token[], { from, to }: QuantityAt) =>
  tokens[from - 1]?.raw === '(' &&
  /^[,;]$/.test(tokens[to]?.raw ?? '') &&
  tokens
    .slice(to + 1, to + 5)
    .some(({ raw }, i, all) => raw === '%' && /^[).,;]$|^yield$/.test(all[i + 1]?.raw ?? ')')) &&
  tokens[to + 1]?.kind === 'digits';

const aboutBefore = (tokens: readonly Token[], at: number) =>
  [tokens[at - 1], tokens[at - 2]].some(
    (one, i) => one !== undefined && estimate.test(one.word) && (i === 0 || tokens[at - 1]?.raw === '.'),
  ) ||
  tokens[at - 1]?.raw === '~' ||
  tokens[at - 1]?.raw === '≈';

function isVessel(tokens: readonly Token[], { from, to }: QuantityAt): boolean {
  for (let i = to; i < to + 7; i += 1) {
    const token = tokens[i];
    if (!token) break;
    if (vesselNouns.test(token.word)) return true;
    if (
      token.raw === '-' ||
      token.raw === ',' ||
      token.raw === ')' ||
      token.kind === 'digits' ||
      vesselWords.test(token.word)
    )
      continue;
    break;
  }
  return tokens[from - 1]?.raw === '(' && vesselNouns.test(tokens[from - 2]?.word ?? '') && tokens[to]?.raw === ')';
}

const isYield = (tokens: readonly Token[], { from, to }: QuantityAt) =>
  tokens
    .slice(Math.max(0, from - 6), from)
    .some(({ word }) => /^(yields?|recovery|recovered|conversion)$/.test(word)) ||
  tokens.slice(to, to + 3).some(({ word }) => /^(yields?|recovery|conversion)$/.test(word));

function temperature(tokens: readonly Token[], q: QuantityAt): QuantityAt {
  const back = tokens.slice(Math.max(0, q.from - 5), q.from).map(({ word }) => word);
  const near = back.slice(-2);
  const below =
    back.some((one) => /^(below|under|exceed|exceeds|beneath|than)$/.test(one)) &&
    !back.some((one) => /^(above|more|higher)$/.test(one));
  const above =
    near.some((one) => /^(above|over)$/.test(one)) ||
    (near.includes('than') && back.some((one) => /^(more|higher)$/.test(one)));
  const literature =
    back.some((one) => /^(mp|bp|lit|melts?|melting|literature)$/.test(one)) || /\b[mb] ?\. ?p\b/.test(back.join(' '));
  const around = tokens.slice(Math.max(0, q.from - 6), q.to + 4).map(({ word }) => word);
  const where = around.some((one) => /^(bath|mantle|hotplate)$/.test(one))
    ? ('bath' as const)
    : around.some((one) => /^(head|vapou?r|thermometer|distillate|fraction|boiling|distils?)$/.test(one))
      ? ('head' as const)
      : around.some((one) => /^(internal|inside|liquid|pot)$/.test(one))
        ? ('inside' as const)
        : undefined;
  return {
    ...q,
    ...(literature ? { kind: 'literature' as const } : {}),
    ...(q.high === undefined && below ? { bound: 'below' as const } : {}),
    ...(q.high === undefined && above ? { bound: 'above' as const } : {}),
    ...(where ? { where } : {}),
  };
}

// ---- numbers without a unit

function bare(
  tokens: readonly Token[],
  at: number,
  number: ReadNumber,
  before: QuantityAt | undefined,
): QuantityAt | undefined {
  const high = bareEnd(tokens, number);
  const last = (high ?? number).next;
  const made = (kind: QuantityKind, unit: string, extra: Partial<QuantityAt> = {}): QuantityAt => ({
    start: tokens[at]?.start ?? 0,
    end: tokens[last - 1]?.end ?? 0,
    from: at,
    to: last,
    kind,
    of: 'other',
    low: number.digits,
    ...(high ? { high: high.digits } : {}),
    unit,
    ...extra,
  });
  const back = tokens.slice(Math.max(0, at - 4), at);
  const words = back.map(({ word }) => word).join(' ');
  if (/\bph( of| to| is| =| about| around| ~)*$/.test(words)) return made('pH', 'pH');
  if (/\b(mp|bp|m ?\. ?p ?\.?|b ?\. ?p ?\.?|lit ?\.?|melts at|boils at|range)( of| :| is| \()*$/.test(words))
    return made('literature', '°C', { of: 'temperature' });
  if (/^(times|x|×)$/.test(tokens[last]?.word ?? ''))
    return { ...made('count', 'times'), to: last + 1, end: tokens[last]?.end ?? 0 };
  if (portion.test(tokens[last]?.word ?? '') || /^(equal|small)$/.test(tokens[last]?.word ?? ''))
    return made('count', 'portions');
  if (number.inWords) return undefined;
  if (
    /^[½¼¾⅓⅔]$|^\d\/\d$/.test(
      tokens
        .slice(at, number.next)
        .map(({ raw }) => raw)
        .join(''),
    )
  )
    return made('share', '', { confirm: 'A share of what?' });
  const heading = at === 0 && /^[.):]$/.test(tokens[last]?.raw ?? '');
  const called =
    /^(step|fig|figure|table|part|section|experiment|expt|page|p|no|chapter|scheme|stage|day|week|period|lab|exercise|procedure|method)$/.test(
      back.at(-1)?.word ?? '',
    );
  if (heading || called || (at === 1 && back[0]?.raw === '(' && tokens[last]?.raw === ')'))
    return made('numbering', '');
  if (before && before.to === at && before.kind === 'numbering') return made('numbering', '');
  return undefined;
}

function bareEnd(tokens: readonly Token[], first: ReadNumber): ReadNumber | undefined {
  const sign = tokens[first.next];
  if (sign?.raw !== '-' && sign?.word !== 'to') return undefined;
  const second = numberAt(tokens, first.next + 1);
  if (!second) return undefined;
  return second.value > first.value ? second : abbreviated(first, second);
}

/** A number between hyphens or commas of a name: 4-methyl, 2,5-dimethyl-1-phenyl. */
function isLocant(tokens: readonly Token[], at: number): boolean {
  let i = at + 1;
  while (
    i < at + 24 &&
    tokens[i]?.tight &&
    (tokens[i]?.kind === 'digits' || (tokens[i]?.raw === ',' && tokens[i + 1]?.tight))
  )
    i += 1;
  if (tokens[i]?.raw === "'") i += 1;
  const [sign, after] = [tokens[i], tokens[i + 1]];
  const next = sign?.raw === '-' && sign.tight && after?.tight && after.kind === 'word' && after.word.length > 2;
  const before =
    tokens[at - 1]?.raw === '-' &&
    tokens[at]?.tight === true &&
    tokens[at - 1]?.tight === true &&
    tokens[at - 2]?.kind === 'word' &&
    (tokens[at - 2]?.word.length ?? 0) > 2;
  return (
    (next === true && !unitAt(tokens, i) && !vesselWords.test(after.word)) ||
    (before && tokens[at + 1]?.raw === '-' && !unitAt(tokens, at + 1))
  );
}

/** "a few drops", "half an hour", "an hour": what is said without a digit. */
function vagueAt(tokens: readonly Token[], at: number): QuantityAt | undefined {
  const [a, b, c] = [tokens[at], tokens[at + 1], tokens[at + 2]];
  const made = (
    to: number,
    parts: Pick<QuantityAt, 'kind' | 'of' | 'low' | 'unit'> & Partial<QuantityAt>,
  ): QuantityAt => ({
    from: at,
    to,
    start: a?.start ?? 0,
    end: tokens[to - 1]?.end ?? 0,
    ...parts,
  });
  if (a?.word === 'half' && (b?.word === 'an' || b?.word === 'a') && /^hours?$/.test(c?.word ?? ''))
    return made(at + 3, { kind: 'time', of: 'time', low: '0.5', unit: 'h', minutes: 60 });
  if ((a?.word === 'an' || a?.word === 'one') && b?.word === 'hour')
    return made(at + 2, { kind: 'time', of: 'time', low: '1', unit: 'h', minutes: 60 });
  if (a?.word === 'a' && (b?.word === 'drop' || b?.word === 'minute' || b?.word === 'day' || b?.word === 'week')) {
    const unit = unitAt(tokens, at + 1);
    if (unit && b.word !== 'drop')
      return made(at + 2, { kind: 'time', of: 'time', low: '1', unit: unit.unit, minutes: unit.minutes ?? 1 });
    if (unit) return made(at + 2, { kind: 'amount', of: 'drops', low: '1', unit: 'drops' });
  }
  return undefined;
}

// ---- what belongs together

/** "1 h 30 min" as one time. */
function joined(found: readonly QuantityAt[]): readonly QuantityAt[] {
  const result: QuantityAt[] = [];
  for (const one of found) {
    const before = result.at(-1);
    if (
      before?.kind === 'time' &&
      one.kind === 'time' &&
      before.unit === 'h' &&
      one.unit === 'min' &&
      one.from - before.to <= 1 &&
      !before.high
    ) {
      const minutes = Number(before.low) * 60 + Number(one.low);
      result[result.length - 1] = {
        ...before,
        to: one.to,
        end: one.end,
        low: String(minutes),
        unit: 'min',
        minutes: 1,
      };
    } else result.push(one);
  }
  return result;
}
