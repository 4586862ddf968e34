import { findOperation } from '../operations/registry';
import { after, meaningOf } from './meaning';
import { amountsIn } from './amountsIn';
import { clausesIn } from './clausesIn';
import { folded } from './folded';
import { headingOf, kindOfStatement, leadOf } from './sections';
import { numeralPattern } from './numerals';
import { quantitiesIn } from './quantitiesIn';
import { repeated, repetition, severalTimes } from './repeats';
import { sentencesIn } from './sentencesIn';
import { substancesIn } from './substancesIn';
import { tidy } from './tidy';
import { tokensOf } from './tokens';
import { vagueIn } from './vague';
import type { AmountAt } from './amountsIn';
import type {
  Amount,
  Clause,
  HandoutReading,
  NamedSubstance,
  Numeral,
  ReadQuantity,
  SectionKind,
  Span,
  ToConfirm,
} from './handout';
import type { Lexicon } from './lexicon';
import type { QuantityAt } from './quantitiesIn';
import type { Soundings } from '../operations/told';

/** Longest text that is read, in UTF-16 units; a longer one is cut by whoever hands it over. */
export const longestHandout = 2_000_000;

interface Sentence extends Span {
  readonly amounts: readonly AmountAt[];
  readonly quantities: readonly QuantityAt[];
  readonly substances: readonly NamedSubstance[];
}

/**
 * Reads a handout by rules: sentences and clauses, what is done in each, amounts with what they are of, temperatures, times and strengths.
 * Nothing is dropped: the clauses hold all of the text but blanks, and each numeral is read, to be confirmed, or not read.
 *
 * @param text as it was typed or taken out of a file; at most {@link longestHandout}
 * @throws RangeError when the text is longer
 */
export function readHandout(text: string, lexicon: Lexicon): HandoutReading {
  if (text.length > longestHandout) throw new RangeError(`a handout of ${String(text.length)} signs is too long`);
  const flat = folded(text);
  const clauses: Clause[] = [];
  let section: SectionKind = 'procedure';
  let soundings: Soundings = { holds: 'mixture' };
  let lead: SectionKind | undefined;
  let ended = 0;
  for (const span of sentencesIn(flat)) {
    const line = flat.slice(span.start, span.end);
    const heading = headingOf(line);
    if (heading !== undefined || isTitle(line, clauses)) {
      section = heading ?? section;
      clauses.push({ ...span, ...blank, section: 'heading', ...placed(scan(flat, span, lexicon), span) });
      continue;
    }
    const sentence = scan(flat, span, lexicon);
    // "Hazards: …" is about hazards to the end of its line.
    lead = leadOf(line) ?? (flat.slice(ended, span.start).includes('\n') ? undefined : lead);
    ended = span.end;
    const here = lead ?? section;
    for (const cut of clausesIn(flat, span)) {
      const clause = clauseOf({ flat, cut, sentence, line, section: here, soundings });
      const count = cut.key === 'repeat' ? repetition(flat.slice(cut.start, cut.end)) : undefined;
      if (count !== undefined && repeated(clauses, clause, count)) continue;
      clauses.push(clause);
      if (!clause.continues) soundings = after(soundings, clause.operation);
    }
  }
  return { text, clauses, numerals: numeralsOf(flat, clauses) };
}

const blank = { amounts: [], quantities: [], substances: [], confirm: [] } as const;

const mostWords = 12;

/** The first line, or a short sentence in its place, that tells no one to do anything: the title. */
const isTitle = (line: string, before: readonly Clause[]) =>
  before.length === 0 &&
  line.length <= 90 &&
  !line.includes('\n') &&
  !/;$/.test(line) &&
  line.split(/\s+/).length <= mostWords &&
  !/\d ?(g|mg|ml|mmol)\b/i.test(line) &&
  !/^\d+[.)]|^[(]/.test(line) &&
  clausesIn(line, { start: 0, end: line.length }).every(({ key }) => key === undefined);

// A line of a list: what, and how much of it.
const row = /^[^.;]{2,60}$/;

function scan(flat: string, span: Span, lexicon: Lexicon): Sentence {
  const tokens = tokensOf(flat.slice(span.start, span.end)).map((token) => ({
    ...token,
    start: token.start + span.start,
    end: token.end + span.start,
  }));
  const found = substancesIn(tokens, lexicon);
  const taken = new Set<number>();
  for (const { from, to } of found) for (let i = from; i < to; i += 1) taken.add(i);
  const quantities = quantitiesIn(tokens, (at) => taken.has(at));
  const amounts = amountsIn({ tokens, found, quantities });
  const strengths = found.flatMap(({ strength }): readonly QuantityAt[] => {
    if (!strength || strength.words !== undefined) return [];
    const [a, b] = [tokens[strength.from], tokens[strength.to - 1]];
    if (!a || !b) return [];
    const { digits, unit, confirm, from, to } = strength;
    return [
      {
        kind: 'strength',
        of: 'other',
        low: digits,
        unit,
        start: a.start,
        end: b.end,
        from,
        to,
        ...(confirm ? { confirm } : {}),
      },
    ];
  });
  return {
    ...span,
    amounts,
    quantities: [...quantities.filter(({ kind }) => kind !== 'amount' && kind !== 'ratio'), ...strengths].sort(
      (a, b) => a.start - b.start,
    ),
    substances: found.map(({ substance }) => substance),
  };
}

const within = (part: Span, { start, end }: Span) => part.start >= start && part.start < end;

/** What of a sentence lies in a part of it. */
const placed = (sentence: Sentence, part: Span) => ({
  amounts: sentence.amounts.filter((one) => within(one, part)).map(amountOf),
  quantities: sentence.quantities.filter((one) => within(one, part)).map(quantityOf),
  substances: sentence.substances.filter((one) => within(one, part)),
});

const amountOf = ({ from: _from, to: _to, ...rest }: AmountAt): Amount => rest;

function quantityOf({ from: _from, to: _to, of: _of, each: _each, minutes, ...rest }: QuantityAt): ReadQuantity {
  return rest.kind === 'time' && minutes !== undefined ? { ...rest, ...inMinutes(rest, minutes) } : rest;
}

const inMinutes = ({ low, high }: ReadQuantity, minutes: number) => ({
  low: tidy(Number(low) * minutes),
  ...(high === undefined ? {} : { high: tidy(Number(high) * minutes) }),
  unit: 'min',
});

interface Given {
  readonly flat: string;
  readonly cut: Span & { readonly key?: string };
  readonly sentence: Sentence;
  readonly line: string;
  readonly section: SectionKind;
  readonly soundings: Soundings;
}

function clauseOf({ flat, cut, sentence, line, section, soundings }: Given): Clause {
  const { start, end, key } = cut;
  const text = flat.slice(start, end);
  const whole = placed(sentence, cut);
  const does = section === 'procedure';
  const times = whole.quantities.filter(({ kind }) => kind === 'time').map(({ low, high }) => Number(high ?? low));
  const meaning =
    does && key !== undefined
      ? meaningOf(key, {
          text: text.toLowerCase(),
          sentence: line.toLowerCase(),
          brings: whole.amounts.length > 0,
          ...(times.length > 0 ? { minutes: Math.max(...times) } : {}),
          warm: whole.quantities.some(({ kind }) => kind === 'temperature'),
          soundings,
        })
      : {};
  const silent = meaning.operation === undefined && meaning.continues === undefined && meaning.without === undefined;
  const listed =
    does &&
    key === undefined &&
    whole.amounts.length > 0 &&
    whole.amounts[0]?.substance !== undefined &&
    row.test(text.replace(/\d\.\d/g, ''));
  const kind = does && silent ? (kindOfStatement(text) ?? (listed ? 'materials' : section)) : section;
  const parts = kind === 'expected' ? { ...whole, quantities: whole.quantities.map(ofYield) } : whole;
  const amounts = judged(
    severalTimes(parts.amounts, { text, start, operation: meaning.operation }),
    text,
    kind,
    meaning.operation,
  );
  const confirm: readonly ToConfirm[] = [
    ...(meaning.confirm ? [{ start, end, why: meaning.confirm }] : []),
    ...vagueIn(text, start),
    ...[...amounts.amounts, ...amounts.others, ...parts.quantities].flatMap((one) =>
      one.confirm ? [{ start: one.start, end: one.end, why: one.confirm }] : [],
    ),
  ];
  return {
    start,
    end,
    section: kind,
    ...(meaning.operation ? { operation: meaning.operation } : {}),
    ...(meaning.continues ? { continues: true } : {}),
    ...(meaning.without ? { without: meaning.without } : {}),
    amounts: amounts.amounts,
    quantities: [...parts.quantities, ...amounts.others].sort((a, b) => a.start - b.start),
    substances: parts.substances,
    confirm: unique(confirm),
  };
}

const unique = (list: readonly ToConfirm[]) =>
  list.filter(
    (one, i) =>
      list.findIndex((other) => other.start === one.start && other.end === one.end && other.why === one.why) === i,
  );

const conditional = /\bif\b|\bshould (?:the|it|there|no)\b|\bunless\b|\bin case\b|\bwhen necessary\b|\bif necessary\b/;
const endVolume =
  /\b(?:make|made|making) up to\b|\b(?:boil|evaporat|concentrat|reduc|distil)\w*\b[^.;]{0,60}?\b(?:to|until)\b|\bto (?:a )?(?:total )?volume\b|\bremains?\b|\b(?:total|final) volume\b|\bdilut\w+[^.;]{0,50}? to (?=\S* ?(?:about|ca|approximately|\d))/;
const wins =
  /\byields?\b|\byield(?:ed|ing)\b|\b(?:gave|giving|to give|afforded?|affords|obtain(?:ed)?|crude (?:mass|weight))\b/;

// Per cents of what is expected are yields.
function ofYield(one: ReadQuantity): ReadQuantity {
  if (one.kind !== 'strength' || one.unit !== '%') return one;
  const { confirm: _confirm, ...rest } = one;
  return { ...rest, kind: 'yield' };
}

function asYield({ substance: _substance, confirm: _confirm, ...one }: Amount): ReadQuantity {
  return { ...one, kind: 'yield' };
}

const charges = (operation: string | undefined) =>
  operation !== undefined && findOperation(operation)?.told.charges === true;

/** Amounts of a clause that are charged, apart from end volumes and yields; doubtful ones marked. */
function judged(
  amounts: readonly Amount[],
  text: string,
  section: SectionKind,
  operation: string | undefined,
): { readonly amounts: readonly Amount[]; readonly others: readonly ReadQuantity[] } {
  const kept: Amount[] = [];
  const others: ReadQuantity[] = [];
  const lower = text.toLowerCase();
  for (const one of amounts) {
    if (section === 'expected' || (wins.test(lower) && one.times === undefined && !charges(operation))) {
      others.push(asYield(one));
      continue;
    }
    if ((one.unit === 'mL' || one.unit === 'L') && endVolume.test(lower) && one.times === undefined) {
      others.push({ ...one, kind: 'endVolume', confirm: 'The volume at the end, not what is added.' });
      continue;
    }
    if (one.substance && /^distillate$|^filtrate$/i.test(one.substance.name)) {
      others.push({ ...one, kind: 'endVolume', confirm: 'What has come over, not what is added.' });
      continue;
    }
    const why =
      one.confirm ??
      (conditional.test(lower) ? 'Only if it is needed.' : undefined) ??
      (section === 'safety' || section === 'background' || section === 'equipment' || section === 'waste'
        ? 'Said beside the procedure.'
        : undefined);
    kept.push(why ? { ...one, confirm: why } : one);
  }
  return { amounts: kept, others };
}

/** Each numeral of the text, in exactly one state: lit by what it belongs to, or not read. */
function numeralsOf(flat: string, clauses: readonly Clause[]): readonly Numeral[] {
  const spans = clauses.flatMap(({ amounts, quantities, substances, confirm }) => [
    ...confirm.map((one) => ({
      start: one.start,
      end: one.end,
      state: 'confirm' as const,
      weight: one.end - one.start,
    })),
    ...amounts.map((one) => stated(one, one.confirm)),
    ...quantities.map((one) => stated(one, one.confirm)),
    ...substances.map((one) => stated(one, undefined)),
  ]);
  const small = spans.filter(({ end, start }) => end - start <= 120).sort((a, b) => a.start - b.start);
  const numerals: Numeral[] = [];
  let first = 0;
  for (const { index: start, 0: raw } of flat.matchAll(numeralPattern)) {
    const end = start + raw.length;
    while (first < small.length && (small[first]?.start ?? 0) < start - 120) first += 1;
    let state: Numeral['state'] = 'notRead';
    for (let i = first; i < small.length && (small[i]?.start ?? Infinity) <= start; i += 1) {
      const one = small[i];
      if (!one || one.end < end) continue;
      if (one.state === 'confirm') state = 'confirm';
      else if (state === 'notRead') state = 'read';
    }
    numerals.push({ start, end, state });
  }
  return numerals;
}

const stated = ({ start, end }: Span, confirm: string | undefined) => ({
  start,
  end,
  state: confirm === undefined ? ('read' as const) : ('confirm' as const),
});
