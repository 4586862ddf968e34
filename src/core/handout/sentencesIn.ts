import type { Span } from './handout';

// What ends in a point without ending a sentence, whatever follows.
const abbreviation =
  /(?:^|[\s(])(?:ca|approx|conc|dil|aq|sat|satd|soln|fig|figs|no|nos|lit|pet|cf|vs|e\.g|i\.e|viz|anhyd|resp|dr|prof|mr|mrs|ms|ref|vol|temp|max|b|m|b\.p|m\.p|bp|mp|abs|distd|purif|recryst)\.$/i;
const marker = /^(?:\d{1,2}[.)](?=\s)|\(?[a-z]\)(?=\s)|\(\d{1,2}\)(?=\s)|[-•*◦▪–](?=\s)|step \d)/i;
// A line that is so much shorter than its neighbours was ended on purpose.
const shortShare = 0.6;
const tabular = /\t|\s\|\s| {3,}\S/;

/** Places of the sentences of a folded text: the text's own lines decide where no point does (lists, tables, headings). */
export function sentencesIn(text: string): readonly Span[] {
  return blocksOf(text).flatMap((block) => splitBlock(text, block));
}

/** Lines that belong together: wrapped ones are one block, entries of a list, rows and headings stand alone. */
function blocksOf(text: string): readonly Span[] {
  const blocks: Span[] = [];
  const lines = linesOf(text);
  const widest = widths(text, lines);
  let open: Span | undefined;
  for (const [i, line] of lines.entries()) {
    const blank = text.slice(line.start, line.end).trim() === '';
    const before = lines[i - 1];
    if (open && (blank || (before && breaks(text, before, line, widest[i] ?? 0)))) {
      blocks.push(open);
      open = undefined;
    }
    if (!blank) open = { start: open?.start ?? line.start, end: line.end };
  }
  return open ? [...blocks, open] : blocks;
}

function linesOf(text: string): readonly Span[] {
  const lines: Span[] = [];
  let start = 0;
  for (let i = 0; i <= text.length; i += 1)
    if (i === text.length || text[i] === '\n') {
      lines.push({ start, end: i });
      start = i + 1;
    }
  return lines;
}

/** For each line the width of the paragraph that it stands in. */
function widths(text: string, lines: readonly Span[]): readonly number[] {
  const result: number[] = [];
  let from = 0;
  for (let i = 0; i <= lines.length; i += 1) {
    const line = lines[i];
    if (line && text.slice(line.start, line.end).trim() !== '') continue;
    let widest = 0;
    for (let j = from; j < i; j += 1) widest = Math.max(widest, (lines[j]?.end ?? 0) - (lines[j]?.start ?? 0));
    for (let j = from; j <= i; j += 1) result[j] = widest;
    from = i + 1;
  }
  return result;
}

function breaks(text: string, before: Span, line: Span, widest: number): boolean {
  const [above, own] = [text.slice(before.start, before.end).trim(), text.slice(line.start, line.end)];
  if (marker.test(own.trim()) || tabular.test(own.trim()) || tabular.test(above)) return true;
  if (/[:;!?.]$/.test(above)) return true;
  if (!/^[\p{Lu}\d(]/u.test(own.trim())) return false;
  return before.end - before.start < widest * shortShare || above === above.toUpperCase() || widest < 30;
}

function splitBlock(text: string, { start, end }: Span): readonly Span[] {
  const found: Span[] = [];
  let from = start;
  for (const { index, 0: stop } of text.slice(start, end).matchAll(/[.!?]["')\]]*(?=\s)/g)) {
    const at = start + index + stop.length;
    if (!ends(text.slice(from, start + index + 1), text.slice(at, Math.min(end, at + 40)))) continue;
    found.push({ start: from, end: at });
    from = at;
  }
  found.push({ start: from, end });
  return found
    .flatMap((span) => shortened(text, span))
    .map((span) => trimmed(text, span))
    .filter((span) => span.end > span.start);
}

// No sentence is so long: what is, is no prose, and is read in pieces.
const longest = 3000;

function shortened(text: string, { start, end }: Span): readonly Span[] {
  const pieces: Span[] = [];
  let from = start;
  while (end - from > longest) {
    const blank = text.lastIndexOf(' ', from + longest);
    const to = blank > from ? blank : from + longest;
    pieces.push({ start: from, end: to });
    from = to;
  }
  return [...pieces, { start: from, end }];
}

function ends(before: string, after: string): boolean {
  const next = after.trimStart();
  if (next === '') return true;
  if (!/^["'(]?[\p{Lu}\d•]/u.test(next)) return false;
  // The number of an entry, not the end of a sentence.
  if (/^\s*(?:step )?\(?(?:\d{1,2}|[a-z])\.$/i.test(before)) return false;
  return !abbreviation.test(before.slice(-12)) || (/^\p{Lu}\p{Ll}+ \p{Ll}/u.test(next) && /\b[bm]\.p\.$/i.test(before));
}

export function trimmed(text: string, { start, end }: Span): Span {
  let [a, b] = [start, end];
  while (a < b && /\s/.test(text[a] ?? '')) a += 1;
  while (b > a && /\s/.test(text[b - 1] ?? '')) b -= 1;
  return { start: a, end: b };
}
