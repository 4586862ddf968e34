import { listedBoiling_C } from '../../reference/listedBoiling';
import { addVesselOf } from './vesselFor';
import { alike, lineFor, lineOf, roleOf } from './lines';
import { filledParams } from './params';
import { operations } from '../../operations/registry';
import { freeId } from '../../editing/freeId';
import { mentionsIn } from './mentions';
import { stagesFor } from './stages';
import { takenAmounts } from './decisions';
import { clauseWords } from './making';
import type { Clause } from '../handout';
import type { Making } from './making';
import type { Mention } from './mentions';
import type { Operation } from '../../operations/operation';
import type { LineRole } from '../../document/document';
import type { Step } from '../../document/steps';

export function stepsOf(making: Making, operation: Operation, clauses: readonly Clause[]): string[] {
  const { text } = making.reading;
  const said = clauses.map((clause) => mentionsIn(text, clause, takenAmounts(clause, making.decisions)));
  // A clause that only goes on fills what is open; it makes no step of its own.
  const mentions = said.filter((_, i) => i === 0 || clauses[i]?.operation).flat();
  const fields = Object.entries(operation.fields).flatMap(([key, field]) =>
    field.kind === 'line' && !field.many && !field.inside ? [{ key, field }] : [],
  );
  const charged = mentions.filter((one) => one.amount || waits(making, one));
  if (fields.length === 0 && charged.length > 0 && begins(making, operation))
    return chargedFirst(making, operation, clauses, charged);
  const [only, ...others] = fields;
  // One line a step: as many steps as things; what else is poured into the vessel of a quench is charged before.
  const into = operation.vessels['to'];
  if (
    only &&
    others.every(({ field }) => field.optional) &&
    !others.some(({ field }) => field.role === 'aid') &&
    !others.some(({ field }) => field.role === 'solvent')
  ) {
    const rinses = others.filter(({ field }) => field.role === 'rinse');
    const usable = rinses.length > 0 ? charged.slice(0, 1) : charged;
    if (usable.length > 1) {
      if (only.field.role === 'quench' && into) return quenched(making, operation, clauses, usable);
      return usable.flatMap((mention) => stepOf(making, operation, clauses, new Map([[only.key, [mention]]])));
    }
  }
  const chosen = new Map<string, Mention[]>();
  const further = said.flat().filter((one) => one.amount !== undefined && !charged.includes(one));
  const left = charged.length + further.length > 0 ? [...charged, ...further] : [...mentions.slice(0, 1)];
  const order = [...fields].sort((a, b) => Number(a.field.optional ?? false) - Number(b.field.optional ?? false));
  for (const { key, field } of order) {
    const at = left.findIndex(
      (one) => suits(one, field.role) && (!field.optional || charged.includes(one) || further.includes(one)),
    );
    const [mention] = at < 0 ? [] : left.splice(at, 1);
    if (mention) chosen.set(key, [mention]);
  }
  return stepOf(making, operation, clauses, chosen);
}

/** Where a text names what is charged in the words of what is then done: "A mixture of … was heated under reflux". */
const begins = ({ doc, worked }: Making, { phase }: Operation) =>
  !worked && (phase === 'react' || phase === 'setUp' || doc.lines.length === 0);

function chargedFirst(
  making: Making,
  operation: Operation,
  clauses: readonly Clause[],
  mentions: readonly Mention[],
): string[] {
  const charging = chargingOf();
  // The times and temperatures are those of what is done then.
  const bare = clauses.slice(0, 1).map((clause) => ({ ...clause, quantities: [] }));
  const steps = charging
    ? mentions.flatMap((mention) => stepOf(making, charging, bare, new Map([['line', [mention]]])))
    : [];
  return [...steps, ...stepOf(making, operation, clauses, new Map())];
}

/** The operation by which a thing that a text names simply goes in. */
const chargingOf = () => operations.find(({ told }) => told.charges);

const waits = (making: Making, { substance }: Mention) =>
  making.waiting.some(({ substance: id }) =>
    making.doc.substances.some(
      (one) =>
        one.id === id &&
        (alike(one.name, substance.name) || (one.reference !== undefined && one.reference === substance.reference)),
    ),
  );

/** Whether a mention is for a field: solids are no rinses and no solvents. */
function suits({ amount, substance }: Mention, role: LineRole | undefined): boolean {
  const solid = amount !== undefined && /g$/.test(amount.unit) && amount.unit !== 'mL/g';
  if (role === 'rinse' || role === 'solvent') return !solid && substance.reference !== 'charcoal';
  return role === 'aid' ? solid || substance.reference === 'charcoal' : true;
}

function quenched(
  making: Making,
  operation: Operation,
  clauses: readonly Clause[],
  mentions: readonly Mention[],
): string[] {
  const charging = chargingOf();
  const [first, ...before] = [...mentions].reverse();
  const line = Object.keys(operation.fields).find((key) => operation.fields[key]?.kind === 'line');
  if (!charging || !first || line === undefined) return [];
  const held = making.vessel;
  const target = addVesselOf(making, operation.vessels['to'], mentions);
  making.vessel = target;
  const charged = before
    .reverse()
    .flatMap((mention) => stepOf(making, charging, clauses, new Map([['line', [mention]]])));
  making.vessel = held;
  return [...charged, ...stepOf(making, operation, clauses, new Map([[line, [first]]]), target)];
}

function stepOf(
  making: Making,
  operation: Operation,
  clauses: readonly Clause[],
  chosen: ReadonlyMap<string, readonly Mention[]>,
  target?: string,
): string[] {
  const [clause] = clauses;
  if (!clause) return [];
  const inside = operation.vessels['in'];
  const mentions = [...chosen.values()].flat();
  const moves =
    inside?.takes !== undefined && making.doc.vessels.find(({ id }) => id === making.vessel)?.kind !== inside.takes;
  const begins = making.vessel === undefined && (operation.phase === 'setUp' || operation.phase === 'react');
  const vessel = inside && (moves || begins) ? addVesselOf(making, inside, mentions) : making.vessel;
  if (inside) making.vessel = vessel;
  const into = operation.vessels['to'];
  const to = target ?? (into?.takes ? addVesselOf(making, into, mentions) : undefined);
  const lines = new Map<string, string>();
  const unsaid: string[] = [];
  for (const [key, field] of Object.entries(operation.fields)) {
    if (field.kind !== 'line' || field.many) continue;
    const [mention] = chosen.get(key) ?? [];
    const role = mention && roleOf(making, mention, field.role);
    if (mention)
      lines.set(key, lineFor(making, mention, role ?? 'reactant', field.role === 'quench' && to ? to : vessel));
    else if (!field.optional) {
      lines.set(key, unnamed(making, field.role));
      unsaid.push(`${field.label}: water, how much is not said`);
    }
  }
  const stages = stagesFor(making, operation);
  const words = clauses.map((one) => clauseWords(making, one)).join(' ');
  const brought = [...lines.values()].flatMap((id) => making.doc.lines.find((one) => one.id === id)?.substance ?? []);
  const fill = filledParams(operation, {
    text: words,
    clauses,
    lines,
    stages,
    substances: [...brought, ...solvents(making), ...making.doc.substances.map(({ id }) => id)],
    ...boilingOf(making),
  });
  if (!fill) return [];
  const minutes = clauses
    .flatMap((one) => one.quantities)
    .filter(({ kind }) => kind === 'time')
    .reduce((sum, { low, high }) => sum + Number(high ?? low), 0);
  const step: Step = {
    id: freeId(operation.title, making.doc.steps, 'step'),
    op: operation.name,
    opVersion: operation.version,
    params: fill.params,
    ...usesOf(operation, vessel, to),
    time: { typical_min: Math.min(10_000, minutes || 10), attended: true },
  };
  making.doc = { ...making.doc, steps: [...making.doc.steps, step] };
  making.assumed.set(step.id, [...unsaid, ...fill.assumed, ...(minutes > 0 ? [] : ['Takes about 10 min'])]);
  if (to !== undefined) making.vessel = to;
  else if (inside?.leaves === 'empty') making.vessel = undefined;
  making.worked ||= operation.phase === 'workUp' || operation.phase === 'isolate' || operation.phase === 'purify';
  return [step.id];
}

function usesOf(operation: Operation, vessel: string | undefined, to: string | undefined): Pick<Step, 'uses'> {
  const uses = { ...(operation.vessels['in'] && vessel ? { in: vessel } : {}), ...(to ? { to } : {}) };
  return Object.keys(uses).length > 0 ? { uses } : {};
}

/** A line for what the handout does not name. */
function unnamed(making: Making, role: LineRole | undefined): string {
  const substance = { start: 0, end: 0, name: 'Water', reference: 'water' };
  return lineOf(making, { substance, dissolves: false }, role ?? 'wash').id;
}

const solvents = ({ doc }: Making) =>
  doc.lines.filter(({ role }) => role === 'solvent').map(({ substance }) => substance);

/** Boiling point of the solvent that is charged, or of the first liquid. */
function boilingOf({ doc }: Making): { readonly boiling_C?: number } {
  const liquids = [...doc.lines.filter(({ role }) => role === 'solvent'), ...doc.lines];
  for (const { substance } of liquids) {
    const found = listedBoiling_C(doc.substances.find(({ id }) => id === substance));
    // A gas that is charged as its solution does not set where the mixture boils.
    if (found > 30) return { boiling_C: found };
  }
  return {};
}
