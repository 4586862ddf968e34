import { parseFormula } from '../compound/parseFormula';
import { sameAtoms } from '../compound/sameAtoms';
import { groups, hasGroup } from './groups';
import type { GroupCounts, GroupId } from './groups';
import type { Form, SignalWord } from './substance';
import type { MeltingStandard, Visualizer } from './spectra';

/** An entry in a list: what is needed to find it and to tell it from its neighbours. */
export interface EntrySummary {
  readonly id: string;
  readonly kind: 'substance' | 'solution';
  readonly name: string;
  readonly synonyms: readonly string[];
  readonly formula?: string;
  readonly groups: GroupCounts;
  /** g/mol. */
  readonly molarMass?: number;
  readonly form?: Form;
  readonly melting?: string;
  readonly boiling?: string;
  readonly signal?: SignalWord;
  readonly pictograms: readonly string[];
  /** Somebody's own entry or version. */
  readonly own: boolean;
  /** The label has been compared with the supplier's sheet. */
  readonly confirmed: boolean;
}

const plain = (text: string) =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[−–]/g, '-')
    .trim();

/** Names are filed without locants and signs at their front, as a handbook's index does: 2-naphthol under n. */
const sortKey = (name: string) =>
  `${plain(name)
    .replace(/^(\(.*?\)|[^a-zα-ω])+/, '')
    .replace(/^(tert|trans|cis)-/, '')} ${plain(name)}`;

/** 0 best; nothing when the entry does not fit. */
function rank(entry: EntrySummary, query: string, typed: string): number | undefined {
  const names = [entry.name, ...entry.synonyms].map(plain);
  if (names.includes(query) || entry.id === query) return 0;
  if (entry.formula !== undefined && isFormula(typed) && sameAtoms(entry.formula, typed)) return 1;
  if (names.some((name) => name.startsWith(query))) return 2;
  if (names.some((name) => name.split(/[^a-z0-9]+/).some((word) => word.startsWith(query)))) return 3;
  if (names.some((name) => name.includes(query))) return 4;
  const words = query.split(/[\s,]+/);
  if (names.some((name) => words.every((word) => name.includes(word)))) return 5;
  const group = (Object.keys(groups) as GroupId[]).find((id) => plain(groups[id].name) === query.replace(/s$/, ''));
  return group && hasGroup(entry.groups, group) ? 6 : undefined;
}

/** A single element symbol such as "C" is rather the beginning of a name. */
const isFormula = (text: string) => text.length > 1 && /\d|[A-Z].*[A-Z]/.test(text) && parseFormula(text).ok;

/**
 * Entries that fit a search by name, synonym, formula in any order, part of a systematic name, or functional group; the
 * closest first, then by name. An empty search finds all.
 */
export function searchEntries<E extends EntrySummary>(entries: readonly E[], typed: string): readonly E[] {
  const query = plain(typed);
  const byName = (a: E, b: E) => (sortKey(a.name) < sortKey(b.name) ? -1 : 1);
  if (query === '') return [...entries].sort(byName);
  return entries
    .map((entry) => ({ entry, rank: rank(entry, query, typed.trim()) }))
    .filter((found): found is { entry: E; rank: number } => found.rank !== undefined)
    .sort((a, b) => a.rank - b.rank || byName(a.entry, b.entry))
    .map(({ entry }) => entry);
}

/** Parts of the library that a list can show. */
export const entryFilters = {
  all: { label: 'All', fits: () => true },
  solid: { label: 'Solids', fits: ({ kind, form }: EntrySummary) => kind === 'substance' && form === 'solid' },
  liquid: { label: 'Liquids', fits: ({ kind, form }: EntrySummary) => kind === 'substance' && form === 'liquid' },
  solution: { label: 'Solutions', fits: ({ kind }: EntrySummary) => kind === 'solution' },
  own: { label: 'Own', fits: ({ own }: EntrySummary) => own },
} as const;
export type EntryFilter = keyof typeof entryFilters;

/** Entries that a list shows at once, and how many more each time. */
export const entryPage = 50;

/** What is looked for in the library, and how much of it is wanted. */
export interface ReferenceQuery {
  readonly words: string;
  readonly show: EntryFilter;
  readonly many: number;
  /** Entry whose page is open: the list goes as far as it stands. */
  readonly open?: string;
}

/** The beginning of what fits a search. */
export interface FoundEntries {
  readonly found: readonly EntrySummary[];
  /** Entries that fit. */
  readonly fits: number;
  readonly total: number;
}

/** What the reference offers before an entry is opened. */
export interface ReferenceHome {
  readonly substances: number;
  readonly solutions: number;
  readonly standards: readonly (MeltingStandard & { readonly name: string })[];
  readonly visualizers: readonly Visualizer[];
}
