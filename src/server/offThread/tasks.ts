import { benchState } from '@/core/bench/benchState';
import { classResults } from '@/core/results/classResults';
import { classState } from '@/core/record/classState';
import { csvText } from '@/server/csv';
import { drawStructure } from '@/structure/drawStructure';
import { openStored } from '@/core/formats/upgradePreparation';
import { projectionOf } from '@/core/results/projection';
import { readPreparation } from '@/core/formats/readPreparation';
import { readStructure } from '@/structure/readStructure';
import { readStructureFile } from '@/structure/readStructureFile';
import { resultTable } from '@/core/formats/resultColumns';
import type { Entry } from '@/core/record/entry';

/** Entries of a bench, by its name. */
interface BenchEntries {
  readonly bench: string;
  readonly entries: readonly Entry[];
}

/** What takes too long for the thread that answers everybody. Arguments and answers are plain JSON. */
export const tasks = {
  draw: (smiles: string) => drawStructure(smiles),
  structures: (all: readonly string[]) => all.map((smiles) => readStructure(smiles)),
  structureFile: (text: string) => readStructureFile(text),
  preparation: (text: string) => readPreparation(text),
  project: (document: string, own: readonly Entry[], lanes: readonly (readonly Entry[])[]) => {
    const doc = openStored(document);
    const { settings } = classState(own);
    return lanes.map((entries) => projectionOf(benchState(doc, entries, settings)));
  },
  resultsCsv: (document: string, own: readonly Entry[], lanes: readonly BenchEntries[]) => {
    const doc = openStored(document);
    const { settings } = classState(own);
    const states = lanes.map(({ bench, entries }) => ({ bench, state: benchState(doc, entries, settings) }));
    return csvText(resultTable(doc, classResults(states).rows));
  },
} as const;

export type TaskName = keyof typeof tasks;

/** One piece of work on its way to the other thread, and its answer on the way back. */
export interface Asked {
  readonly id: number;
  readonly name: TaskName;
  readonly args: readonly unknown[];
}
export type Answered =
  | { readonly id: number; readonly ok: true; readonly value: unknown }
  | { readonly id: number; readonly ok: false; readonly message: string };

/** Does a piece of work; what it throws becomes an answer. */
export function work({ id, name, args }: Asked): Answered {
  try {
    const value = (tasks[name] as (...all: readonly unknown[]) => unknown)(...args);
    return { id, ok: true, value };
  } catch (error) {
    return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}
