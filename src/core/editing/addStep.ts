import { listedBoiling_C } from '../reference/listedBoiling';
import { addOpenLine } from './openLine';
import { addStage } from './stages';
import { aroundBoiling } from '../operations/declare/aroundBoiling';
import { defaultsOf } from '../operations/declare/defaults';
import { findOperation } from '../operations/registry';
import { freeId } from './freeId';
import { goalOf, namedBy } from '../operations/named';
import { hasRoom } from '../document/limits';
import type { Named } from '../operations/declare/defaults';
import type { Operation } from '../operations/operation';
import type { Preparation, LineRole } from '../document/document';
import type { RefField } from '../operations/declare/fields';
import type { Step } from '../document/steps';

/** What has to be there before steps can be added: something that they name, or room for them. */
export type Lacks = RefField['kind'] | 'room';

/** A document that got a step, and which; or what it lacks for such a step. */
export type AddedStep =
  | { readonly ok: true; readonly doc: Preparation; readonly step: string }
  | { readonly ok: false; readonly lacks: Lacks };

/**
 * Adds a step of an operation, with parameters to begin with. A line in the role that it needs is one that no step takes yet; where there
 * is none, an open one is made. A stage that it purifies comes out as a new one.
 *
 * @param at index in the list of steps that it gets
 */
export function addStep(doc: Preparation, op: string, at = doc.steps.length): AddedStep {
  const operation = findOperation(op);
  if (!operation) throw new RangeError(`there is no operation "${op}"`);
  const staged = withStages(doc, operation, at);
  const { doc: ready, byField } = withLines(staged, operation);
  const first = defaultsOf(operation.fields, likeliest(ready));
  if (!first.ok) return first;
  const named = { ...first.params, ...byField, ...stagesBy(ready, operation, at) };
  const step: Step = {
    id: freeId(operation.title, doc.steps, 'step'),
    op,
    opVersion: operation.version,
    params: { ...named, ...aroundBoiling(operation, named, boilingOf(ready, operation, named)) },
    time: { typical_min: 10, attended: true },
  };
  const added = { ...ready, steps: [...ready.steps.slice(0, at), step, ...ready.steps.slice(at)] };
  return hasRoom(added) ? { ok: true, step: step.id, doc: added } : { ok: false, lacks: 'room' };
}

type Keyed = readonly [key: string, field: RefField];

/** Single fields that must name something of a kind, in their order. */
const needed = ({ fields }: Operation, kind: RefField['kind']): readonly Keyed[] =>
  Object.entries(fields).flatMap(([key, field]): readonly Keyed[] =>
    field.kind === kind && (!field.optional || 'usually' in field) && field.many === undefined ? [[key, field]] : [],
  );

/** The stages by then: up to the one that the next steps are about, all where none is. */
function stagesAt({ stages, steps }: Preparation, at: number): Preparation['stages'] {
  const ahead = steps.slice(at).flatMap((step) => goalOf(step) ?? [])[0];
  const place = stages.findIndex(({ id }) => id === ahead);
  return place < 0 ? stages : stages.slice(0, place + 1);
}

/** A document with the stages that an operation is about: what a reaction is for, and what comes out where something is purified. */
function withStages(doc: Preparation, operation: Operation, at: number): Preparation {
  const fields = needed(operation, 'stage');
  if (fields.length === 0) return doc;
  const made = doc.reactions.at(-1)?.product;
  const begun = doc.stages.length === 0 && made !== undefined ? addStage(doc, made) : doc;
  const stages = stagesAt(begun, at);
  const last = stages.at(-1);
  if (!last || operation.phase !== 'purify') return begun;
  const measured = begun.steps.slice(0, at).some((step) => goalOf(step) === last.id);
  return measured || stages.length < fields.length ? addStage(begun, last.substance) : begun;
}

/** Which stages an operation names: the last ones by then, what goes in before what comes out. */
function stagesBy(doc: Preparation, operation: Operation, at: number): Readonly<Record<string, string>> {
  const fields = needed(operation, 'stage');
  // The goal is the later one, wherever it stands among the fields.
  const order = [...fields].sort(([, a], [, b]) => Number(a.goal ?? false) - Number(b.goal ?? false));
  const by = stagesAt(doc, at);
  const last = (by.length < order.length ? doc.stages : by).slice(-order.length);
  return Object.fromEntries(order.flatMap(([key], i) => (last[i] ? [[key, last[i].id] as const] : [])));
}

interface Lined {
  readonly doc: Preparation;
  readonly byField: Readonly<Record<string, string>>;
}

/** A line for each field that asks for a role. */
function withLines(doc: Preparation, operation: Operation): Lined {
  const taken = new Set(doc.steps.flatMap((step) => namedBy(step, 'line')));
  return needed(operation, 'line').reduce<Lined>(
    (so, [key, { role }]) => {
      if (role === undefined) return so;
      const free = so.doc.lines.find((line) => line.role === role && !taken.has(line.id));
      const { doc: next, line } = free ? { doc: so.doc, line: free.id } : addOpenLine(so.doc, role);
      taken.add(line);
      return { doc: next, byField: { ...so.byField, [key]: line } };
    },
    { doc, byField: {} },
  );
}

// Roles whose lines are liquids that a step may be about.
const liquids: readonly LineRole[] = ['solvent', 'quench', 'extractant', 'wash'];

/** What a new step names first: lines that no step takes yet, the stage and the substance that come last. */
function likeliest({ lines, stages, substances, steps }: Preparation): Named {
  const taken = new Set(steps.flatMap((step) => namedBy(step, 'line')));
  const order = [...lines].sort((a, b) => Number(taken.has(a.id)) - Number(taken.has(b.id)));
  const last = stages.at(-1)?.substance;
  return {
    line: order.map(({ id }) => id),
    stage: [...stages].reverse().map(({ id }) => id),
    substance: [...(last === undefined ? [] : [last]), ...substances.map(({ id }) => id).filter((id) => id !== last)],
    inRole: (kind, role) =>
      kind === 'substance'
        ? (lines.findLast((line) => line.role === role) ?? lines.findLast((line) => liquids.includes(line.role)))
            ?.substance
        : undefined,
  };
}

/** °C at which what an operation heats boils: the stage that it is about, otherwise the lowest boiling liquid of the charge. */
function boilingOf(
  { lines, stages, substances }: Preparation,
  operation: Operation,
  params: Step['params'],
): number | undefined {
  const boiling = (id: string | undefined) => {
    const found = listedBoiling_C(substances.find((one) => one.id === id));
    return Number.isNaN(found) ? undefined : found;
  };
  const goal = goalOf({ op: operation.name, params });
  if (goal !== undefined) return boiling(stages.find(({ id }) => id === goal)?.substance);
  const charged = lines.filter(({ role, reaction }) => role === 'solvent' || reaction !== undefined);
  const solvents = charged.filter(({ role }) => role === 'solvent');
  const all = (solvents.length > 0 ? solvents : charged).flatMap(({ substance }) => boiling(substance) ?? []);
  return all.length > 0 ? Math.min(...all) : undefined;
}
