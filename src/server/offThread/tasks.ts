import { AppError } from '@/server/appError';
import { benchState } from '@/core/bench/benchState';
import { cardColumns } from './jobs/cardColumns';
import { chargeTable } from './jobs/chargeFile';
import { classState } from '@/core/record/classState';
import { databaseFault } from '@/server/databaseFault';
import { drawStructure } from '@/structure/drawStructure';
import { exportRecord } from './jobs/exportRecord';
import { exportReference } from '@/server/referenceFiles';
import { findReference, readReferenceHome } from './jobs/referenceShelf';
import { issueClass } from './jobs/issueClass';
import { listEntries } from '@/server/referenceLibrary';
import { modelSubstances } from './jobs/modelSubstances';
import { openStored } from '@/core/formats/upgradePreparation';
import { projectionOf } from '@/core/results/projection';
import { readBoard } from './jobs/board';
import { readEntryPage } from './jobs/referencePage';
import { readHandoutFile } from './jobs/handouts';
import { readPreparation } from '@/core/formats/readPreparation';
import { readStructure } from '@/structure/readStructure';
import { readStructureFile } from '@/structure/readStructureFile';
import { resultsFile } from './jobs/results';
import { tellVersions } from './jobs/versions';
import type { ErrorCode } from '@/server/appError';
import type { Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { IssueOptions } from './jobs/issueClass';
import type { Mark } from '@/core/record/mark';
import type { ReferenceQuery } from './jobs/referenceShelf';

/**
 * What takes too long for the thread that answers everybody. Arguments and answers are plain JSON or bytes. Long answers are texts
 * already: the other thread passes them on as they are.
 */
export const tasks = {
  draw: (smiles: string) => drawStructure(smiles),
  structures: (all: readonly string[]) => all.map((smiles) => readStructure(smiles)),
  structureFile: (text: string) => readStructureFile(text),
  preparation: (text: string) => {
    const read = readPreparation(text);
    return read.ok ? { ...read, columns: cardColumns(read.doc) } : read;
  },
  cards: (documents: readonly string[]) => documents.map((document) => cardColumns(openStored(document))),
  handout: async (bytes: Uint8Array) => JSON.stringify(await readHandoutFile(bytes)),
  chargeTable: (preparation: string, as: 'csv' | 'xlsx') => chargeTable(preparation, as),
  issueClass: (options: IssueOptions) => issueClass(options),
  versions: (identity: Identity, preparation: string) => tellVersions(identity, preparation),
  board: async (classId: string, after: readonly Mark[]) => JSON.stringify(await readBoard(classId, after)),
  record: (classId: string) => exportRecord(classId),
  resultsFile: (classId: string) => resultsFile(classId),
  project: (document: string, own: readonly Entry[], lanes: readonly (readonly Entry[])[]) => {
    const doc = openStored(document);
    const { settings } = classState(own);
    return lanes.map((entries) => projectionOf(benchState(doc, entries, settings)));
  },
  reference: async () => JSON.stringify(await listEntries()),
  referenceFound: async (query: ReferenceQuery) => JSON.stringify(await findReference(query)),
  referenceHome: () => readReferenceHome(),
  entryPage: (id: string) => readEntryPage(id),
  referenceFile: (as: 'csv' | 'json') => exportReference(as),
  modelSubstances: async () => JSON.stringify(await modelSubstances()),
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
  | {
      readonly id: number;
      readonly ok: false;
      readonly message: string;
      /** Of an expected failure. */
      readonly code?: ErrorCode;
      readonly details?: unknown;
    };

/** Does a piece of work; what it throws becomes an answer. */
export async function work({ id, name, args }: Asked): Promise<Answered> {
  try {
    const value = await (tasks[name] as (...all: readonly unknown[]) => unknown)(...args);
    return { id, ok: true, value };
  } catch (error) {
    const expected = error instanceof AppError ? error : databaseFault(error);
    if (expected) {
      const { code, message, details } = expected;
      return { id, ok: false, code, message, ...(details === undefined ? {} : { details }) };
    }
    return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}
