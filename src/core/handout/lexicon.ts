import { closeSpelling } from './closeSpelling';
import { parseFormula } from '../compound/parseFormula';
import { tokensOf } from './tokens';
import type { ReferenceSolution } from '../reference/solution';
import type { ReferenceSubstance } from '../reference/substance';
import { folded } from './folded';

/** What the reader has to know of an entry of the reference. */
export interface LexiconEntry {
  readonly id: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  readonly formula?: string;
  /** Of a solution: the entry that is dissolved, and how strong it is. */
  readonly solute?: string;
  readonly molarity?: string;
  readonly massPercent?: string;
  readonly solvent?: string;
}

/** What the reader has to know of the entries of a reference. */
export const lexiconEntries = (
  substances: readonly ReferenceSubstance[],
  solutions: readonly ReferenceSolution[],
): readonly LexiconEntry[] => [
  ...substances.map(({ id, name, synonyms, formula }) => ({ id, name, synonyms, ...(formula ? { formula } : {}) })),
  ...solutions.map(({ id, name, synonyms, solute, solvent, molarity, massPercent }) => ({
    id,
    name,
    synonyms,
    solute,
    molarity: molarity.digits,
    massPercent: massPercent.digits,
    ...(solvent ? { solvent } : {}),
  })),
];

/** What the bench calls things, beside a reference's names and synonyms. */
export interface BenchNames {
  /** As written, in today's spelling; the entry's id; what to ask when the name is loose. */
  readonly names: readonly (readonly [name: string, id: string, confirm?: string])[];
  readonly formulas: readonly (readonly [formula: string, id: string])[];
}

/** Something that a name stands for. */
export interface Meant {
  readonly entry: LexiconEntry;
  /** Name without strength: "Hydrochloric acid" of "Hydrochloric acid, 6 M". */
  readonly base?: string;
  /** The name is loose: a person should look at it. */
  readonly confirm?: string;
}

/** Names of the reference, ready to be looked for in a text. */
export interface Lexicon {
  readonly byWord: ReadonlyMap<string, readonly KnownWord[]>;
  readonly byId: ReadonlyMap<string, LexiconEntry>;
  readonly byFormula: ReadonlyMap<string, Meant>;
  readonly solutionsOf: ReadonlyMap<string, readonly LexiconEntry[]>;
  /** First word of a name that a word is nearly spelt like. */
  readonly near: (word: string) => string | undefined;
}

interface KnownWord {
  readonly words: readonly string[];
  readonly meant: Meant;
  /** Only in these letters: TEA is not tea. */
  readonly exact?: string;
}

const wordsOf = (name: string) =>
  tokensOf(folded(name))
    .filter(({ kind }) => kind !== 'sign')
    .map(({ word }) => word);

/** What a solution's or an anhydrous solid's name is without the part behind its comma. */
const baseOf = (name: string) =>
  name
    .replace(/,.*$/, '')
    .replace(/ (test )?solution$/, '')
    .trim();

// A compound of carbon shares its formula with others; a salt or a small molecule is told by it.
function tells(formula: string): boolean {
  const parsed = parseFormula(formula);
  if (!parsed.ok) return false;
  const { C = 0, ...rest } = parsed.value.atoms;
  return formula.length > 1 && (C <= 1 || Object.keys(rest).some((one) => /^(Na|K|Li|Mg|Ca)$/.test(one)));
}

/** Names of the reference with what the bench calls them, ready to be looked for. The first entry of a name has it. */
export function lexiconOf(entries: readonly LexiconEntry[], { names, formulas }: BenchNames): Lexicon {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const byWord = new Map<string, KnownWord[]>();
  const taken = new Set<string>();
  const words = new Map<number, string[]>();
  const add = (name: string, meant: Meant) => {
    const parts = wordsOf(name);
    const key = parts.join(' ');
    const [first] = parts;
    const exact = acronym.test(name) ? { exact: name } : {};
    if (first === undefined || taken.has(key) || (key.length < 2 && parts.length === 1)) return;
    taken.add(key);
    byWord.set(first, [...(byWord.get(first) ?? []), { words: parts, meant, ...exact }]);
    if (first.length >= 6 && !(words.get(first.length) ?? []).includes(first))
      words.set(first.length, [...(words.get(first.length) ?? []), first]);
  };
  for (const [name, id, confirm] of names) {
    const entry = byId.get(id);
    if (entry)
      add(name, { entry, ...(confirm ? { confirm } : {}), ...(/^ic/.test(name) ? { base: iceOf(name) } : {}) });
  }
  const solutions = entries.filter(({ solute }) => solute !== undefined);
  for (const entry of entries) add(entry.name, { entry });
  for (const entry of entries) for (const name of entry.synonyms) add(name, { entry });
  for (const entry of entries.filter(({ solute }) => solute === undefined)) add(baseOf(entry.name), { entry });
  for (const entry of entries)
    for (const name of [entry.name, ...entry.synonyms].flatMap(otherwise)) add(name, { entry });
  for (const { name, solute, solvent } of solutions) {
    const dissolved = solvent === undefined && solute !== undefined ? byId.get(solute) : undefined;
    if (dissolved) add(baseOf(name), { entry: dissolved, base: baseOf(name) });
  }
  for (const known of byWord.values()) known.sort((a, b) => b.words.length - a.words.length);
  const byFormula = new Map<string, Meant>();
  for (const [formula, id] of formulas) {
    const entry = byId.get(id);
    if (entry) byFormula.set(formula, { entry });
  }
  const acids = new Map(solutions.map(({ name, solute }) => [solute, baseOf(name)]));
  for (const entry of entries) {
    if (!entry.formula || entry.solute !== undefined || !tells(entry.formula)) continue;
    const base = acids.get(entry.id);
    const meant: Meant = { entry, ...(base?.endsWith('acid') ? { base } : {}) };
    if (!byFormula.has(plain(entry.formula))) byFormula.set(plain(entry.formula), meant);
  }
  return {
    byWord,
    byId,
    byFormula,
    near: remembered((word) => closeSpelling(words, word)),
    solutionsOf: bySolute(solutions),
  };
}

function bySolute(solutions: readonly LexiconEntry[]): ReadonlyMap<string, readonly LexiconEntry[]> {
  const found = new Map<string, LexiconEntry[]>();
  for (const one of solutions) found.set(one.solute ?? '', [...(found.get(one.solute ?? '') ?? []), one]);
  return found;
}

const places: Readonly<Record<string, string>> = { 2: 'o', 3: 'm', 4: 'p' };

/** The same name without its stereochemistry, and with ortho, meta, para for a single locant. */
function otherwise(name: string): readonly string[] {
  const bare = name.replace(/^(trans|cis|D|L|DL|\(R\)|\(S\)|\(E\))-/, '');
  const [, locant, rest] = /^([234])-(\p{L}+)$/u.exec(baseOf(name)) ?? [];
  const place = locant === undefined ? undefined : places[locant];
  const butyl = name.replace(/^tert-/, 't-');
  return [
    ...(bare === name ? [] : [bare]),
    ...(butyl === name ? [] : [butyl]),
    ...(place && rest ? [`${place}-${rest}`] : []),
  ];
}

// A text uses few words often.
const mostRemembered = 20_000;

function remembered(find: (word: string) => string | undefined): (word: string) => string | undefined {
  const known = new Map<string, string | undefined>();
  return (word) => {
    if (known.has(word)) return known.get(word);
    if (known.size >= mostRemembered) known.clear();
    const found = find(word);
    known.set(word, found);
    return found;
  };
}

const acronym = /^[A-Z]{2,5}$/;
const iceOf = (name: string) => (name === 'ice' ? 'Ice' : 'Ice-water');
const plain = (formula: string) => formula.replace(/[·.].*$/, '');
