import { phraseAfter, phraseBefore } from './phrase';
import { shares } from './strength';
import type { Amount, NamedSubstance } from './handout';
import type { Found } from './substancesIn';
import type { QuantityAt } from './quantitiesIn';
import type { Token } from './tokens';

/** What a sentence holds, found before its amounts are given to substances. */
export interface Scanned {
  readonly tokens: readonly Token[];
  readonly found: readonly Found[];
  readonly quantities: readonly QuantityAt[];
}

export interface AmountAt extends Amount {
  readonly from: number;
  readonly to: number;
}

/** What an amount is of, and how many of it there are. */
interface Link {
  readonly substances: readonly NamedSubstance[];
  readonly doubt?: string;
  readonly each?: boolean;
}

// A bare per cent is asked about where it stands; the amount is right either way.
const doubtOf = (substance: NamedSubstance | undefined) =>
  substance?.confirm === shares ? undefined : substance?.confirm;

const unsure = 'Of what is this amount?';

/** Amounts of a sentence, each with the substance that the words give it. */
export function amountsIn(scanned: Scanned): readonly AmountAt[] {
  const result: AmountAt[] = [];
  for (const q of scanned.quantities) {
    if (q.kind !== 'amount' && q.kind !== 'ratio') continue;
    const { substances, doubt, each } = linkOf(scanned, q, result.at(-1));
    const sized = each ? { ...q, ...timesOf(scanned, q) } : { ...q, ...behind(scanned, q) };
    const named: readonly (NamedSubstance | undefined)[] = substances.length > 0 ? substances : [undefined];
    for (const substance of named) {
      const why = sized.confirm ?? doubt ?? doubtOf(substance) ?? (substance ? undefined : unsure);
      const { of: _of, each: _each, minutes: _minutes, ...amount } = sized;
      result.push({ ...amount, ...(substance ? { substance } : {}), ...(why ? { confirm: why } : {}) });
    }
  }
  return result;
}

/** "10 mL × 3", "(10 mL, 3 ×)", "20 mL, three times". */
function behind({ tokens, quantities }: Scanned, q: QuantityAt): { readonly times?: number } {
  if (q.times !== undefined) return {};
  const sign = tokens[q.to]?.raw ?? '';
  const digits = tokens[q.to + 1];
  if (/^[x×*]$/.test(sign) && digits?.kind === 'digits' && !/^\./.test(tokens[q.to + 2]?.raw ?? ''))
    return { times: Number(digits.raw) };
  const count = quantities.find(
    ({ from, kind, unit }) => kind === 'count' && unit === 'times' && from - q.to <= 2 && from >= q.to,
  );
  return count && Number.isInteger(Number(count.low)) && !/^(more)$/.test(tokens[count.to]?.word ?? '')
    ? { times: Number(count.low) }
    : {};
}

/** "three portions of ether (20 mL each)": how many stands with the portions. */
function timesOf({ quantities }: Scanned, q: QuantityAt): { readonly times?: number } {
  if (q.times !== undefined) return {};
  const count = quantities.findLast(({ kind, to }) => kind === 'count' && to <= q.from && q.from - to < 14);
  return count ? { times: Number(count.low) } : {};
}

function linkOf(scanned: Scanned, q: QuantityAt, before: AmountAt | undefined): Link {
  const { tokens, found } = scanned;
  const each = isEach(tokens, q);
  const open = openBefore(tokens, q.from);
  const behindEach = each && tokens[q.to + 1]?.word === 'of' ? q.to + 2 : undefined;
  if (behindEach !== undefined) return { substances: runFrom(tokens, found, behindEach), each };
  const ahead = forward(scanned, each ? q.to + 1 : q.to);
  if (open !== undefined) {
    if (ahead) return { substances: [ahead], each };
    // "3.0 mL (3.2 g, 0.031 mol) anhydride": all three are of what stands behind the bracket.
    const close = scanned.quantities.some(({ to }) => to === open) ? closing(tokens, open) : undefined;
    const behindIt = close === undefined ? undefined : forward(scanned, close + 1);
    if (behindIt) return { substances: [behindIt], each };
    const pair = pairBefore(tokens, found, open);
    if (pair)
      return {
        substances: pair.slice(...(before && before.from > open ? [1, 2] : [0, 1])),
        each,
        doubt: 'A mixture: how much of which?',
      };
    const inside = found.findLast(({ from, to }) => from > open && to <= q.from);
    if (inside && q.from - inside.to <= 1) return { substances: [inside.substance], each };
    const owners = each ? runBefore(tokens, found, open) : [];
    if (owners.length > 0) return { substances: owners, each };
    const owner = backward(scanned, open);
    if (owner && !endPoint.test(owner.name.toLowerCase())) return { substances: [owner], each };
    const last = found.findLast(({ to }) => to <= open);
    return last ? { substances: [last.substance], each, doubt: unsure } : { substances: [] };
  }
  const back = found.findLast(({ to }) => to <= q.from && q.from - to <= 1);
  const adjacent = back !== undefined && (back.to === q.from || isLink(tokens[back.to]));
  if (ahead) {
    const both = adjacent && back.to === q.from && tokens[q.to]?.word !== 'of';
    return {
      substances: [ahead],
      each,
      ...(both ? { doubt: `${q.low} ${q.unit}: of what stands before it, or behind it?` } : {}),
    };
  }
  if (adjacent) return { substances: each ? runBefore(tokens, found, back.to) : [back.substance], each };
  // "95 mg, 0.5 equiv": the second is of the same.
  if (before?.substance && q.from - before.to <= 2 && isSame(tokens, before.to, q.from))
    return { substances: [before.substance], each };
  const about = /^(about|ca|approximately|approx)$/.test(tokens[q.from - 1]?.word ?? '') ? 1 : 0;
  const words =
    isLink(tokens[q.from - 1 - about]) || isRow(tokens, q)
      ? backward(scanned, q.from - about - (isLink(tokens[q.from - 1 - about]) ? 1 : 0))
      : undefined;
  return words ? { substances: [words], each } : { substances: [] };
}

// What an estimate in brackets stands behind when it is of the reagent: "to litmus (roughly 14 mL)".
const endPoint = /\b(litmus|ph|neutral|acidic|alkaline|basic|clear|colou?rless|cloudy|indicator)\b/;

/** Two liquids that are one mixture: "ethanol-water (10 mL : 25 mL)". */
function pairBefore(
  tokens: readonly Token[],
  found: readonly Found[],
  at: number,
): readonly NamedSubstance[] | undefined {
  const i = found.findLastIndex(({ to }) => to === at);
  const [a, b] = [found[i - 1], found[i]];
  return a && b && b.from - a.to === 1 && /^[-/]$/.test(tokens[a.to]?.raw ?? '')
    ? [a.substance, b.substance]
    : undefined;
}

const isLink = (token: Token | undefined) => token !== undefined && /^[,:|=-]$/.test(token.raw);
// "Benzil 2.1 g": a line of a list, with nothing done in it.
const isRow = (tokens: readonly Token[], q: QuantityAt) => q.from > 0 && q.from <= 6 && tokens.length < 30;
const isSame = (tokens: readonly Token[], from: number, to: number) =>
  tokens.slice(from, to).every(({ raw }) => /^[,;/|=≈~(]$/.test(raw) || raw === 'or');

const isEach = (tokens: readonly Token[], q: QuantityAt) =>
  tokens[q.to]?.word === 'each' || tokens[q.from - 1]?.word === 'each';

/** The bracket that is open at a place. */
function openBefore(tokens: readonly Token[], at: number): number | undefined {
  let depth = 0;
  for (let i = at - 1; i >= Math.max(0, at - 40); i -= 1) {
    const raw = tokens[i]?.raw;
    if (raw === ')' || raw === ']') depth += 1;
    if (raw === '(' || raw === '[') {
      if (depth === 0) return i;
      depth -= 1;
    }
  }
  return undefined;
}

const between =
  /^(portions?|sample|titrated|made|prepared|lots?|aliquots?|batches|of|a|an|the|more|further|additional|fresh|ice|cold|icy|hot|warm|boiling|chilled|distilled|deionised|deionized|dry|solid|liquid|pure|crude|freshly|powdered|crushed|granulated|solution|finely|ground|neat|recrystallised|recrystallized|commercial|absolute|hereof|each|lukewarm)$/;

/** The substance that an amount is followed by. */
function forward({ tokens, found, quantities }: Scanned, at: number): NamedSubstance | undefined {
  let of = false;
  let end = at + 9;
  for (let i = at; i < end; i += 1) {
    const hit = found.find(({ from, to }) => from <= i && to > i);
    if (hit) return mixed(tokens, found, hit);
    const token = tokens[i];
    if (!token) return undefined;
    if (token.word === 'of') of = true;
    // "1.80 g (12.5 mmol) naphthol": the bracket says the same in another way.
    const close = token.raw === '(' && i === at ? closing(tokens, i) : undefined;
    if (close !== undefined && quantities.some(({ from, to }) => from === i + 1 && to <= close)) {
      i = close;
      end = close + 9;
      continue;
    }
    // "95 mg, 0.5 equiv, of …"
    const chained =
      i === at && token.raw === ','
        ? quantities.find(({ from, kind }) => from === i + 1 && kind === 'amount')
        : undefined;
    if (chained && tokens[chained.to + (tokens[chained.to]?.raw === ',' ? 1 : 0)]?.word === 'of') {
      i = chained.to + (tokens[chained.to]?.raw === ',' ? 0 : -1);
      continue;
    }
    if (i === at && token.raw === ',' && tokens[i + 1]?.word === 'of') continue;
    const bracketed = token.raw === ')' && i === at && quantities.some(({ to }) => to === openBefore(tokens, i));
    const ratio =
      token.raw === ':' || (token.kind === 'digits' && (tokens[i + 1]?.raw === ':' || tokens[i - 1]?.raw === ':'));
    if (token.raw === '-' || bracketed || ratio || between.test(token.word)) continue;
    // "20 mL portions (2 ×) of ether" is rare; a bracket belongs to what stands before it.
    return token.kind === 'sign' && !/^[αβγ]$/.test(token.raw) ? undefined : phraseAfter(tokens, i, of);
  }
  return undefined;
}

/** A liquid, or the mixture that it is the first part of: "methanol-water". */
function mixed(tokens: readonly Token[], found: readonly Found[], hit: Found): NamedSubstance {
  const other = found.find(({ from }) => from === hit.to + 1);
  if (!other || !/^[-/]$/.test(tokens[hit.to]?.raw ?? '')) return hit.substance;
  const name = `${hit.substance.name}–${other.substance.name.charAt(0).toLowerCase()}${other.substance.name.slice(1)}`;
  return { start: hit.substance.start, end: other.substance.end, name, confirm: 'A mixture: how much of which?' };
}

function closing(tokens: readonly Token[], open: number): number | undefined {
  const at = tokens.slice(open, open + 24).findIndex(({ raw }) => raw === ')');
  return at < 0 ? undefined : open + at;
}

/** The substance that ends at a place, or the words that name one. */
function backward({ tokens, found }: Scanned, end: number): NamedSubstance | undefined {
  // "light petroleum (bp 60-80 °C), about 3 mL": what stands in the bracket says more about it.
  const open = tokens[end - 1]?.raw === ')' ? openBefore(tokens, end - 1) : undefined;
  const at = open ?? end;
  const hit = found.findLast(({ to }) => to <= at && at - to <= 2 && plainBetween(tokens, to, at));
  if (hit) return hit.substance;
  const phrase = phraseBefore(tokens, at);
  return phrase;
}

const plainBetween = (tokens: readonly Token[], from: number, to: number) =>
  tokens
    .slice(from, to)
    .every(
      ({ word, raw }) =>
        /^(solution|soln|again|powder|layer|pellets|mixture|chips|turnings|flakes|portions?)$/.test(word) ||
        raw === ',',
    );

/** Substances of a list that begins at a place: "water and brine". */
function runFrom(tokens: readonly Token[], found: readonly Found[], at: number): readonly NamedSubstance[] {
  const run: NamedSubstance[] = [];
  let next = at;
  for (const one of found) {
    if (one.from < at) continue;
    if (!tokens.slice(next, one.from).every(isJoin)) break;
    run.push(one.substance);
    next = one.to;
  }
  return run;
}

/** Substances of a list that ends at a place. */
function runBefore(tokens: readonly Token[], found: readonly Found[], at: number): readonly NamedSubstance[] {
  const run: NamedSubstance[] = [];
  let next = at;
  for (const one of [...found].reverse()) {
    if (one.to > at) continue;
    if (!tokens.slice(one.to, next).every(isJoin)) break;
    run.unshift(one.substance);
    next = one.from;
  }
  return run;
}

const isJoin = ({ raw, word }: Token) =>
  raw === ',' || /^(and|then|with|finally|a|an|the|cold|ice|solution|&)$/.test(word) || raw === '-';
