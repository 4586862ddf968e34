import { shares, strengthAfter, strengthBefore } from './strength';
import type { Lexicon, LexiconEntry, Meant } from './lexicon';
import type { NamedSubstance } from './handout';
import type { ReadStrength } from './strength';
import type { Token } from './tokens';

/** A substance in the tokens: of its name, and of all that belongs to it (strength, "solution"). */
export interface Found {
  readonly from: number;
  /** Behind its last token. */
  readonly to: number;
  readonly substance: NamedSubstance;
  readonly strength?: ReadStrength;
}

// A word that makes another compound of the name before it.
const goesOn =
  /^(\w*hydrate|hydro(chloride|bromide|iodide)|\w*(oxide|chloride|bromide|iodide|fluoride|acetate|carbonate|sulfate|sulfite|nitrate|nitrite|phosphate|cyanide|benzoate|anhydride|ester|amide|hydrazine|hydrazone|semicarbazone|oxime)|acid|alcohol|ether)$/;
// A piece of a name that the name found is only the end of.
const begins = /(yl|oxy|chloro|bromo|iodo|nitro|amino|hydroxy)$/;
// What makes another isomer of the name behind it.
const prefix = /^(t|tert|s|sec|i|iso|neo|o|m|p|cis)$/;
// Apparatus that is called after what is in it.
const apparatus =
  /^(bath|baths|burner|pump|aspirator|condenser|cold|cooled|jacket|trap|bottle|line|tap|supply|vapou?r|lamp|still|cube|chest|pack|free)$/;

/** Substances of the reference that the tokens name, in order; longest names first, none inside another. */
export function substancesIn(tokens: readonly Token[], lexicon: Lexicon): readonly Found[] {
  const found: Found[] = [];
  for (let i = 0; i < tokens.length; i += 1) {
    const hit = nameAt(tokens, i, lexicon) ?? nearlyAt(tokens, i, lexicon);
    if (!hit) continue;
    found.push(withStrength(tokens, hit, lexicon, found.at(-1)?.to ?? 0));
    i = (found.at(-1)?.to ?? hit.to) - 1;
  }
  return found;
}

interface Hit {
  readonly from: number;
  readonly to: number;
  readonly meant: Meant;
}

function nameAt(tokens: readonly Token[], from: number, lexicon: Lexicon): Hit | undefined {
  const token = tokens[from];
  if (!token || token.kind === 'sign') return undefined;
  const formula = lexicon.byFormula.get(token.raw);
  if (formula) return { from, to: from + 1, meant: formula };
  if (insideName(tokens, from)) return undefined;
  for (const { words, meant, exact } of lexicon.byWord.get(token.word) ?? []) {
    if (exact !== undefined && exact !== token.raw) continue;
    const to = matched(tokens, from, words);
    if (to !== undefined && !isOther(tokens, to)) return { from, to, meant };
  }
  return undefined;
}

/** The index behind a name's words, signs inside it passed over; nothing when they are not there. */
function matched(tokens: readonly Token[], from: number, words: readonly string[]): number | undefined {
  let at = from;
  for (const [i, word] of words.entries()) {
    if (i > 0) at = pastSigns(tokens, at);
    const token = tokens[at];
    if (token?.word !== word && !(i === words.length - 1 && singular(token?.word) === word)) return undefined;
    at += 1;
  }
  return tokens[at]?.raw === ')' && hasOpen(tokens, from, at) ? at + 1 : at;
}

const singular = (word: string | undefined) => (word && word.length > 5 ? word.replace(/s$/, '') : word);
const hasOpen = (tokens: readonly Token[], from: number, to: number) =>
  tokens.slice(from, to).some(({ raw }) => raw === '(');

function pastSigns(tokens: readonly Token[], at: number): number {
  let i = at;
  while (/^[-,()'[\].]$/.test(tokens[i]?.raw ?? '') && (tokens[i]?.tight || tokens[i]?.raw === '-')) i += 1;
  return i;
}

function isOther(tokens: readonly Token[], to: number): boolean {
  const hyphen = tokens[to]?.raw === '-' ? 1 : 0;
  const after = tokens[to + hyphen];
  return after !== undefined && (goesOn.test(after.word) || apparatus.test(after.word));
}

/** The word is a later piece of a longer name: -aniline of 4-nitro-aniline, ether of dibutyl ether. */
function insideName(tokens: readonly Token[], from: number): boolean {
  const [before, earlier] = [tokens[from - 1], tokens[from - 2]];
  if (before?.raw === '-' && tokens[from]?.tight)
    return (
      earlier !== undefined &&
      before.tight &&
      (earlier.kind === 'digits' || begins.test(earlier.word) || prefix.test(earlier.word))
    );
  return before?.kind === 'word' && begins.test(before.word);
}

function nearlyAt(tokens: readonly Token[], from: number, lexicon: Lexicon): Hit | undefined {
  const token = tokens[from];
  if (token?.kind !== 'word' || token.word.length < 6 || ordinary.has(token.word)) return undefined;
  if (insideName(tokens, from)) return undefined;
  const near = lexicon.near(token.word);
  for (const { words, meant } of (near && lexicon.byWord.get(near)) || []) {
    const to = words.length === 1 ? from + 1 : matched(tokens, pastSigns(tokens, from + 1), words.slice(1));
    if (to !== undefined && !isOther(tokens, to))
      return { from, to, meant: { ...meant, confirm: `“${token.raw}”: is ${near ?? ''} meant?` } };
  }
  return undefined;
}

// Words of the bench that are spelt nearly like a substance.
const ordinary = new Set(['starts', 'started', 'bromide', 'chloride', 'iodide', 'methyl', 'propyl', 'brown']);

function withStrength(tokens: readonly Token[], hit: Hit, lexicon: Lexicon, least: number): Found {
  const before = strengthBefore(tokens, hit.from, least);
  const after = before?.value ? undefined : strengthAfter(tokens, hit.to);
  const strength = before?.value ?? after?.value ?? before?.words ?? after?.words;
  const from = before?.from ?? hit.from;
  const to = Math.max(hit.to, after?.to ?? 0, solutionWord(tokens, hit.to), boilingRange(tokens, hit));
  const [first, last] = [tokens[from], tokens[to - 1]];
  return {
    from,
    to,
    substance: {
      start: first?.start ?? 0,
      end: last?.end ?? 0,
      ...resolved(hit.meant, strength, lexicon, solutionWord(tokens, hit.to) > hit.to),
    },
    ...(strength ? { strength } : {}),
  };
}

/** "petroleum ether (bp 40-60 °C)": the range is a part of the name. */
function boilingRange(tokens: readonly Token[], { to, meant }: Hit): number {
  if (!/petroleum/i.test(meant.entry.name)) return to;
  let i = to;
  while (/^([(.,]|b|p|bp|fraction|boiling|range|at)$/.test(tokens[i]?.word ?? '') && i < to + 8) i += 1;
  const [low, dash, high] = [tokens[i], tokens[i + 1], tokens[i + 2]];
  if (low?.kind !== 'digits' || high?.kind !== 'digits' || !/^(-|to)$/.test(dash?.word ?? '')) return to;
  i += 3;
  if (tokens[i]?.raw === '°') i += tokens[i + 1]?.raw === 'C' ? 2 : 1;
  return tokens[i]?.raw === ')' ? i + 1 : i;
}

const solutionWord = (tokens: readonly Token[], at: number) =>
  /^(solution|soln|granules|pellets|turnings|powder|crystals)$/.test(tokens[at]?.word ?? '') ? at + 1 : at;

type Resolved = Omit<NamedSubstance, 'start' | 'end'>;

/** What a name and a strength come to: a solution of the reference where one fits, otherwise the substance with its strength. */
function resolved(meant: Meant, strength: ReadStrength | undefined, lexicon: Lexicon, dissolved: boolean): Resolved {
  const { entry, base, confirm } = meant;
  const name = base ?? entry.name;
  const plain: Resolved = { name, reference: entry.id, ...(confirm ? { confirm } : {}) };
  const solutions = lexicon.solutionsOf.get(entry.id) ?? [];
  if (entry.solute !== undefined) return plain;
  if (!strength)
    return dissolved || needsStrength(meant)
      ? { ...plain, confirm: confirm ?? `How strong is the ${lower(name)}?` }
      : plain;
  const fitting = solutions.find((one) => fits(one, strength));
  if (fitting) {
    const doubt = confirm ?? strength.confirm;
    return { name: fitting.name, reference: fitting.id, ...(doubt ? { confirm: doubt } : {}) };
  }
  if (strength.words !== undefined)
    return strength.words === 'pure'
      ? plain
      : { ...plain, confirm: confirm ?? `How strong is the ${strength.words} ${lower(name)}?` };
  const doubt = confirm ?? strength.confirm ?? (strength.unit === '%' ? shares : undefined);
  return {
    name: `${name.replace(/, (anhydrous|glacial|activated)$/, '')}, ${strength.digits} ${strength.unit}`,
    reference: entry.id,
    strength: { digits: strength.digits, unit: strength.unit },
    ...(doubt ? { confirm: doubt } : {}),
  };
}

const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);
// What is sold and used as a solution only.
const needsStrength = ({ base }: Meant) => base?.endsWith('acid') ?? false;

function fits({ name, molarity, massPercent }: LexiconEntry, strength: ReadStrength): boolean {
  if (strength.words === 'concentrated')
    return /concentrated/.test(name) || /nitric acid|phosphoric acid|ammonia/i.test(name);
  if (strength.words === 'saturated') return /saturated/.test(name);
  if (strength.words !== undefined) return false;
  return Number(strength.unit === 'M' ? molarity : massPercent) === Number(strength.digits);
}
