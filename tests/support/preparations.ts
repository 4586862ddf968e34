import { readdirSync, readFileSync } from 'node:fs';
import { readPreparation } from '@/core/formats/readPreparation';
import { mainReaction } from '@/core/document/reactions';
import type { Term } from '@/core/document/reaction';
import type { Extents } from '@/core/stoichiometry/extents';
import type { Plan } from '@/core/plan/planTypes';
import type { ChargeLine, Entered, Preparation, Strength, Substance } from '@/core/document/document';

/** Text of the shipped file of a preparation. */
export const acetanilideText = () => readFileSync('src/data/preparations/acetanilide.json', 'utf8');
export const dienoneText = () => readFileSync('docs/examples/diphenylpentadienone.json', 'utf8');

const known = new Map<string, string>();

/** Reads a file's text, or fails the test with its faults. Each call has a document of its own; a text is read once. */
export function documentOf(text: string): Preparation {
  const before = known.get(text);
  if (before !== undefined) return JSON.parse(before) as Preparation;
  const read = readPreparation(text);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  known.set(text, JSON.stringify(read.doc));
  return read.doc;
}

/** Every shipped preparation, by the name of its file. */
export const shippedPreparations = (): readonly (readonly [string, Preparation])[] =>
  readdirSync('src/data/preparations')
    .sort()
    .map((file) => [file.replace('.json', ''), shipped(file.replace('.json', ''))]);
export const shipped = (name: string) => documentOf(readFileSync(`src/data/preparations/${name}.json`, 'utf8'));
export const acetanilide = () => documentOf(acetanilideText());
export const dienone = () => documentOf(dienoneText());

/** A reactant or the product of a made-up equation. */
export interface Species {
  readonly formula: string;
  readonly coefficient: number;
  readonly entered: Entered;
  readonly density?: string;
  readonly strength?: Strength;
}

/** The smallest document around some reactants `a`, `b`, … and a product `p`. */
export function smallPreparation(
  reactants: readonly Species[],
  product: { formula: string; coefficient: number; density?: string },
): Preparation {
  const name = (i: number) => String.fromCharCode(97 + i);
  const density = (digits: string | undefined) =>
    digits === undefined ? {} : { density: { digits, source: 'made up', check: 'from memory' as const } };
  const substances: Substance[] = reactants.map(({ formula, density: digits }, i) => ({
    id: name(i),
    name: `Substance ${name(i)}`,
    formula,
    ...density(digits),
  }));
  const lines: ChargeLine[] = reactants.map(({ entered, strength, density: digits }, i) => ({
    id: name(i),
    substance: name(i),
    role: 'reactant',
    reaction: 'reaction',
    entered,
    ...(strength ? { strength, ...density(digits) } : {}),
  }));
  return {
    format: 'mozle-preparation',
    formatVersion: 3,
    title: 'Made up',
    summary: '',
    protection: '',
    substances: [...substances, { id: 'p', name: 'Product', formula: product.formula, ...density(product.density) }],
    reactions: [
      {
        id: 'reaction',
        name: 'Reaction',
        terms: [
          ...reactants.map(({ coefficient }, i) => ({ substance: name(i), side: 'left' as const, coefficient })),
          { substance: 'p', side: 'right', coefficient: product.coefficient },
        ],
        product: 'p',
        runs: [],
      },
    ],
    reference: 'a',
    lines,
    vessels: [],
    devices: [],
    stages: [],
    steps: [],
    pin: { at: 'factor', digits: '1' },
    benches: 8,
    spare_percent: 10,
  };
}

/** A copy with the terms of its reaction changed. */
export const withTerms = (doc: Preparation, change: (terms: readonly Term[]) => readonly Term[]): Preparation => ({
  ...doc,
  reactions: doc.reactions.map((one, i) => (i === 0 ? { ...one, terms: change(one.terms) } : one)),
});

/** Extents of the reaction that makes what a preparation is for. */
export function mainExtents({ doc, charge }: Pick<Plan, 'doc' | 'charge'>): Extents | undefined {
  const main = mainReaction(doc);
  return main && charge.reactions.get(main.id)?.extents;
}

/** A copy with one line changed. */
export function withLine(doc: Preparation, id: string, change: Partial<ChargeLine>): Preparation {
  return { ...doc, lines: doc.lines.map((line) => (line.id === id ? { ...line, ...change } : line)) };
}
