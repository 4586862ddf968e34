import { writeMark } from '@/core/record/mark';
import type { Confirmation } from '@/core/reference/confirmation';
import type { Course } from '@/core/conventions/course';
import type { EntrySummary, FoundEntries, ReferenceQuery } from '@/core/reference/search';
import type { Substance } from '@/core/document/document';
import type { Admission } from '@/core/people/class';
import type { ProposalDecision } from '@/core/versions/proposals';
import type { FieldId, ReferenceSubstance } from '@/core/reference/substance';
import type { GroupCounts } from '@/core/reference/groups';
import type { Picked } from '@/core/editing/fromReference';
import type { ReadFile } from '@/core/handout/readFile';
import type { PrintState, PrintSubject, SheetId } from '@/core/sheet/sheets';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { NewerVersion, ShelfNote, ShelfPage, ShelfQuery, StoredBlock } from '@/core/library/stored';
import type { StructureCandidate } from '@/core/reference/candidate';
import type {
  BenchPin,
  ClassBoard,
  ClassDoor,
  IssuedClass,
  Roster,
  RosterBench,
  StaffMember,
} from '@/core/people/class';
import type { ClassState } from '@/core/record/classState';
import type { Draft, Entry } from '@/core/record/entry';
import type { Received } from '@/core/record/fileKinds';
import type { Mark, News } from '@/core/record/mark';

/** A refusal by the server, in words for the person. */
export class ApiError extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly details?: unknown,
  ) {
    super(message);
  }
}

const longestMs = 30_000;

/** @param as whose request it is: the server refuses it when somebody else is signed in here meanwhile */
async function call<T>(method: string, path: string, body?: string | ArrayBuffer, as?: string): Promise<T> {
  const response = await fetch(`/api/v1${path}`, {
    method,
    // A way that is dead without saying so must not hold up what waits behind.
    signal: AbortSignal.timeout(longestMs),
    ...(body === undefined ? {} : { body }),
    // No picture or form of another page can set a header.
    headers: { 'Mozle-Ask': 'page', ...(as === undefined ? {} : { 'Mozle-As': as }) },
  }).catch(() => {
    throw new ApiError(
      'offline',
      'The server cannot be reached. Nothing is lost here; try again when the network is back.',
    );
  });
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => undefined)) as
    { error?: { code: string; message: string; details?: unknown } } | undefined;
  if (response.ok) return answer as T;
  throw new ApiError(
    answer?.error?.code ?? 'unexpected',
    answer?.error?.message ?? `The server answered ${response.status}.`,
    answer?.error?.details,
  );
}

/** The one door of the browser to /api/v1. */
export const api = {
  signIn: (credentials: Readonly<Record<string, string>>) =>
    call<{ role: string; name: string }>('POST', '/session', JSON.stringify(credentials)),
  signOut: () => call<void>('DELETE', '/session'),
  welcome: (token: string, password: string) =>
    call<{ role: string; name: string }>('POST', '/welcome', JSON.stringify({ token, password })),
  changePassword: (now: string, next: string) => call<void>('PUT', '/account/password', JSON.stringify({ now, next })),
  admitTablet: (classId: string, bench: string) =>
    call<Admission>('POST', `/classes/${classId}/benches/${bench}/admission`),
  demonstrators: () => call<readonly StaffMember[]>('GET', '/staff'),
  classStaff: (classId: string) => call<readonly StaffMember[]>('GET', `/classes/${classId}/staff`),
  setClassStaff: (classId: string, staff: readonly string[]) =>
    call<readonly StaffMember[]>('PUT', `/classes/${classId}/staff`, JSON.stringify({ staff })),
  classDoor: (code: string) => call<ClassDoor>('GET', `/doors/${encodeURIComponent(code)}`),
  /** Reads a handout: its text, or the bytes of its file. */
  readHandout: (body: string | ArrayBuffer) => call<ReadFile>('POST', '/handouts', body),
  findPreparations: (query: ShelfQuery) =>
    call<ShelfPage>(
      'GET',
      `/preparations?${new URLSearchParams(Object.entries(query).map(([key, value]) => [key, String(value)])).toString()}`,
    ),
  setShelf: (id: string, shelf: ShelfNote) =>
    call<undefined>('PUT', `/preparations/${id}/shelf`, JSON.stringify(shelf)),
  decideProposal: (id: string, proposal: string, decision: ProposalDecision) =>
    call<undefined>('PUT', `/preparations/${id}/proposals`, JSON.stringify({ proposal, decision })),
  copyPreparation: (id: string) => call<{ id: string; version: number }>('POST', `/preparations/${id}/copies`),
  askForPrint: (sheet: SheetId, of: PrintSubject) => call<PrintState>('POST', '/prints', JSON.stringify({ sheet, of })),
  print: (id: string) => call<PrintState>('GET', `/prints/${id}`),
  cancelPrint: (id: string) => call<undefined>('DELETE', `/prints/${id}`),
  blocks: () => call<readonly StoredBlock[]>('GET', '/blocks'),
  keepBlock: (text: string) => call<StoredBlock>('POST', '/blocks', text),
  removeBlock: (id: string) => call<undefined>('DELETE', `/blocks/${id}`),
  createPreparation: (text: string) => call<{ id: string; version: number }>('POST', '/preparations', text),
  saveVersion: (id: string, base: number, document: string, reason = '') =>
    call<{ version: number }>('POST', `/preparations/${id}/versions`, JSON.stringify({ base, document, reason })),
  /** The newest version beside the one from which changes began. */
  newerVersion: (id: string, base: number) =>
    call<NewerVersion>('GET', `/preparations/${id}/versions?base=${String(base)}`),
  issueClass: (issue: {
    readonly name: string;
    readonly section: string;
    readonly preparationId: string;
    readonly benches: readonly RosterBench[];
    readonly staff: readonly string[];
  }) => call<IssuedClass>('POST', '/classes', JSON.stringify(issue)),
  board: (classId: string, after: readonly Mark[]) =>
    call<ClassBoard>('GET', `/classes/${classId}/board?after=${after.map(writeMark).join()}`),
  entries: (log: string, after: Mark, as: string) =>
    call<{ now: string } & News & ClassState>('GET', `/logs/${log}/entries?after=${writeMark(after)}`, undefined, as),
  sendDraft: (draft: Draft, as: string) => call<Entry>('POST', `/logs/${draft.log}/entries`, JSON.stringify(draft), as),
  beginFile: (
    log: string,
    file: { readonly id: string; readonly name: string; readonly bytes: number; readonly sha256: string },
    as: string,
  ) => call<Received>('POST', `/logs/${log}/files`, JSON.stringify(file), as),
  sendPart: (file: string, first: number, part: ArrayBuffer, as: string) =>
    call<Received>('PUT', `/files/${file}?first=${first}`, part, as),
  saveRoster: (classId: string, roster: { readonly section: string; readonly benches: readonly RosterBench[] }) =>
    call<{ roster: Roster; added: readonly BenchPin[] }>('PUT', `/classes/${classId}/roster`, JSON.stringify(roster)),
  changePin: (classId: string, bench: string) => call<BenchPin>('POST', `/classes/${classId}/benches/${bench}/pin`),
  structure: (smiles: string) =>
    call<{ svg: string; formula: string; groups: GroupCounts }>(
      'GET',
      `/structures?smiles=${encodeURIComponent(smiles)}`,
    ),
  referenceEntries: () => call<readonly EntrySummary[]>('GET', '/reference'),
  /** The beginning of what fits a search in the reference. */
  findReference: ({ words, show, many, open }: ReferenceQuery) => {
    const asked = { words, show, many: String(many), ...(open === undefined ? {} : { open }) };
    return call<FoundEntries>('GET', `/reference?${new URLSearchParams(asked)}`);
  },
  modelSubstances: () => call<readonly Substance[]>('GET', '/models'),
  referenceEntry: (id: string) => call<Picked>('GET', `/reference/${id}`),
  saveReference: (entry: {
    readonly kind: Picked['kind'];
    readonly base: number;
    readonly fresh: boolean;
    readonly entry: ReferenceSubstance | ReferenceSolution;
  }) => call<Picked>('POST', '/reference', JSON.stringify(entry)),
  withdrawReference: (id: string, base: number) =>
    call<{ shipped: boolean }>('DELETE', `/reference/${id}?base=${base}`),
  confirmReference: (id: string, field: FieldId, content: string, holds: boolean) =>
    call<void>('POST', `/reference/${id}/confirmations`, JSON.stringify({ field, content, holds })),
  hazardConfirmations: () => call<readonly Confirmation[]>('GET', '/reference/confirmations'),
  readStructures: (text: string) => call<readonly StructureCandidate[]>('POST', '/reference/structures', text),
  createCourse: (name: string) => call<Course>('POST', '/courses', JSON.stringify({ name })),
  saveCourse: ({ id, version: base, name, settings }: Course) =>
    call<Course>('PUT', `/courses/${id}`, JSON.stringify({ base, name, settings })),
  setCourse: (preparation: string, course: string | null) =>
    call<void>('PUT', `/preparations/${preparation}/course`, JSON.stringify({ course })),
};
