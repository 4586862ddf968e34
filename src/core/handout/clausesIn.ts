import { sayings } from './sayings';
import { trimmed } from './sentencesIn';
import type { Span } from './handout';

/** A stretch of a sentence with the way of saying that rules in it. */
export interface ClausePart extends Span {
  readonly key?: string;
}

interface Hit extends Span {
  readonly key: string;
  readonly rank: number;
}

/** Parts of a sentence that each say one thing to do, in order; together they are the whole sentence. */
export function clausesIn(text: string, sentence: Span): readonly ClausePart[] {
  const said = text.slice(sentence.start, sentence.end).toLowerCase();
  const hits = hitsIn(said);
  const cuts: ClausePart[] = [];
  let from = 0;
  let ruling: Hit | undefined;
  for (const hit of hits) {
    const at = ruling && boundary(said, Math.max(from, ruling.start), hit.start);
    if (ruling && at !== undefined) {
      cuts.push({ start: from, end: at });
      from = at;
      ruling = hit;
    } else ruling = ruling && ruling.rank <= hit.rank ? ruling : hit;
  }
  cuts.push({ start: from, end: said.length });
  return cuts.map(({ start, end }) => {
    // What began before a joint and ended behind it does not count in a part by itself.
    const own = strongest(hits.filter((hit) => hit.start >= start && hit.start < end));
    const key = (cuts.length === 1 ? own : (strongest(hitsIn(said.slice(start, end))) ?? own))?.key;
    return { ...trimmed(text, { start: sentence.start + start, end: sentence.start + end }), ...(key ? { key } : {}) };
  });
}

const strongest = (hits: readonly Hit[]): Hit | undefined =>
  hits.reduce<Hit | undefined>((best, hit) => (best && best.rank <= hit.rank ? best : hit), undefined);

const forbidden = /\b(?:never|do not|don't|not to|avoid|must not|cannot|should not)\s+$/;

/** Ways of saying in a sentence by their places; of those that begin in one place the strongest. */
function hitsIn(said: string): readonly Hit[] {
  const hits: Hit[] = [];
  for (const [rank, { key, at }] of sayings.entries())
    for (const { index, 0: match } of said.matchAll(at)) {
      // "Record the mass and the melting point" are two things: the second begins at its noun.
      const ahead = key === 'melting' ? Math.max(0, match.search(/(?:melting|m\.? ?pt?s?)\b[^;]*$/)) : 0;
      if (forbidden.test(said.slice(Math.max(0, index - 16), index))) continue;
      hits.push({ key, rank, start: index + ahead, end: index + match.length });
    }
  hits.sort((a, b) => a.start - b.start || a.rank - b.rank);
  return hits;
}

const joins = /;|,?\s+(?:and then|and finally|and|then|before|followed by|after which|whereupon)\b|,(?=\s)|\.\s|:\s/g;

/** Where the last joint between two places is, outside brackets. */
function boundary(said: string, from: number, to: number): number | undefined {
  let found: number | undefined;
  for (const { index, 0: join } of said.slice(from, to).matchAll(joins)) {
    const at = from + index;
    if (inBracket(said, from, at)) continue;
    // What joins two verbs joins no nouns: nothing else than small words stands between the joint and the verb.
    found = /^[,;:.]/.test(join) ? at + 1 : at;
  }
  return found;
}

function inBracket(said: string, from: number, at: number): boolean {
  let depth = 0;
  for (let i = from; i < at; i += 1) {
    if (said[i] === '(') depth += 1;
    if (said[i] === ')') depth -= 1;
  }
  return depth > 0;
}
