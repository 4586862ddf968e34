import { findOperation } from '../operations/registry';
import { isObject, sameValue } from './sameValue';
import { stepTitle } from '../operations/stepTitle';
import { valueText } from './valueText';
import type { Field } from '../operations/declare/fields';
import type { NameOf } from './valueText';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

/** One thing that is other in a later version. */
export interface Difference {
  /** What it concerns: "Aniline", "Step 5, Heating under reflux". */
  readonly about: string;
  /** What is other: "amount 2.00 mL → 2.40 mL". */
  readonly says: string;
}

const labels: Readonly<Record<string, string>> = {
  title: 'title',
  summary: 'description',
  protection: 'protection',
  benches: 'benches',
  spare_percent: 'spare, %',
  reference: 'line that limits',
  pin: 'pin',
  entered: 'amount',
  role: 'role',
  reaction: 'reaction',
  supply: 'supply',
  strength: 'strength',
  solvent: 'dissolved in',
  contains: 'further solutes',
  density: 'density',
  delivers: 'counts as',
  portions: 'portions',
  device: 'device',
  scaling: 'scaling',
  excessReason: 'reason of the excess',
  addition: 'addition',
  vessel: 'vessel',
  waste: 'waste stream',
  note: 'note',
  name: 'name',
  formula: 'formula',
  smiles: 'structure',
  melting: 'melting range',
  boiling: 'boiling point',
  flash: 'flash point',
  hazards: 'hazard label',
  capacity_mL: 'capacity, mL',
  necks: 'necks',
  covers_mL: 'least volume, mL',
  kind: 'kind',
  substance: 'substance',
  origin: 'origin',
  measure: 'measured by',
  terms: 'equation',
  product: 'product',
  runs: 'where it runs',
  uses: 'vessels',
  text: 'words',
  expect: 'what is seen',
  time: 'time',
  typical_min: 'takes, min',
  attended: 'attended',
  safeStop: 'safe stop',
  assume: 'assumptions',
  optional: 'if needed',
  after: 'waits for',
  repeat: 'done again',
  op: 'operation',
  opVersion: 'version of the operation',
  conventions: 'conventions',
};
const labelOf = (key: string) => labels[key] ?? key;

type Item = Readonly<Record<string, unknown>> & { readonly id: string };

/**
 * What is other between two versions of a preparation, in words, in the order of the document. None when they are the same; nothing that
 * differs is left out.
 */
export function differencesBetween(before: Preparation, after: Preparation): readonly Difference[] {
  const names = namesOf(before, after);
  const found: Difference[] = [];
  const { steps: _steps, ...plain } = { ...before, ...after };
  for (const key of Object.keys(plain) as (keyof Preparation)[]) {
    const [a, b] = [before[key], after[key]];
    if (sameValue(a, b)) continue;
    if (isList(a) && isList(b)) found.push(...ofItems(a, b, names));
    else found.push({ about: 'Preparation', says: changeText(labelOf(key), a, b, names) });
  }
  return [...found, ...ofSteps(before, after, names)];
}

const isList = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every((one) => isObject(one) && typeof one['id'] === 'string');

/** Names for the ids of both versions, the later one's first. */
function namesOf(before: Preparation, after: Preparation): NameOf {
  const names = new Map<string, string>();
  // Steps come first: a line that shares a step's id has the name.
  for (const doc of [before, after]) for (const step of doc.steps) names.set(step.id, stepTitle(doc, step));
  for (const doc of [before, after]) {
    for (const { id, name } of [...doc.substances, ...doc.vessels, ...doc.stages, ...doc.reactions, ...doc.devices])
      names.set(id, name);
    for (const { id, substance } of doc.lines)
      names.set(id, doc.substances.find((one) => one.id === substance)?.name ?? id);
  }
  return (id) => names.get(id) ?? id;
}

function changeText(label: string, a: unknown, b: unknown, nameOf: NameOf): string {
  if (a === undefined) return `${label}: ${valueText(b, nameOf)} added`;
  if (b === undefined) return `${label}: ${valueText(a, nameOf)} taken away`;
  const [from, to] = [valueText(a, nameOf), valueText(b, nameOf)];
  // Long values may differ beyond what is shown.
  if (from === to) return `${label} changed`;
  // One unit is said once: 2.00 → 2.40 mL.
  const [, number, unit] = /^([\d.–]+) (\S+)$/.exec(from) ?? [];
  return `${label}: ${number !== undefined && unit !== undefined && to.endsWith(` ${unit}`) ? number : from} → ${to}`;
}

/** Things with ids: added, taken away, moved, changed. */
function ofItems(before: readonly Item[], after: readonly Item[], nameOf: NameOf): readonly Difference[] {
  const found: Difference[] = [];
  for (const one of before)
    if (!after.some(({ id }) => id === one.id)) found.push({ about: nameOf(one.id), says: 'taken away' });
  for (const one of after) {
    const old = before.find(({ id }) => id === one.id);
    if (!old) found.push({ about: nameOf(one.id), says: addedText(one, nameOf) });
    else found.push(...ofObject(nameOf(one.id), old, one, nameOf));
  }
  return [...found, ...ofOrder(before, after, nameOf)];
}

const addedText = (one: Item, nameOf: NameOf) => {
  const { entered, role, capacity_mL } = one;
  const facts = [entered, role, capacity_mL === undefined ? undefined : `${String(capacity_mL)} mL`].filter(
    (fact) => fact !== undefined,
  );
  return facts.length > 0 ? `added: ${facts.map((fact) => valueText(fact, nameOf)).join(', ')}` : 'added';
};

function ofObject(
  about: string,
  a: Readonly<Record<string, unknown>>,
  b: Readonly<Record<string, unknown>>,
  nameOf: NameOf,
): readonly Difference[] {
  return [...new Set([...Object.keys(a), ...Object.keys(b)])]
    .filter((key) => key !== 'id' && !sameValue(a[key], b[key]))
    .map((key) => ({ about, says: changeText(labelOf(key), a[key], b[key], nameOf) }));
}

/** Items that both have and that stand in another order. */
function ofOrder(before: readonly Item[], after: readonly Item[], nameOf: NameOf): readonly Difference[] {
  const both = (list: readonly Item[], other: readonly Item[]) =>
    list.map(({ id }) => id).filter((id) => other.some((one) => one.id === id));
  const [a, b] = [both(before, after), both(after, before)];
  const moved = b.find((id, i) => a[i] !== id);
  return moved === undefined
    ? []
    : [{ about: nameOf(moved), says: `moved: ${b.map(nameOf).join(' · ')}`.slice(0, 200) }];
}

// ---- steps, by their numbers

const numbered = (doc: Preparation, step: Step) =>
  `Step ${String(doc.steps.indexOf(step) + 1)}, ${stepTitle(doc, step)}`;

function ofSteps(before: Preparation, after: Preparation, nameOf: NameOf): readonly Difference[] {
  const found: Difference[] = [];
  for (const step of before.steps)
    if (!after.steps.some(({ id }) => id === step.id))
      found.push({ about: numbered(before, step), says: 'taken away' });
  for (const step of after.steps) {
    const about = numbered(after, step);
    const old = before.steps.find(({ id }) => id === step.id);
    if (!old) {
      found.push({ about, says: 'added' });
      continue;
    }
    const { params: oldParams, time: oldTime, ...was } = old;
    const { params, time, ...is } = step;
    found.push(
      ...ofParams(about, step.op, oldParams, params, nameOf),
      ...ofObject(about, { ...oldTime }, { ...time }, nameOf),
      ...ofObject(about, was, is, nameOf),
    );
  }
  const moved = ofOrder(asItems(before.steps), asItems(after.steps), (id) => nameOf(id));
  return [...found, ...moved.map(({ says }) => ({ about: 'Order of the steps', says }))];
}

const asItems = (steps: readonly Step[]): readonly Item[] => steps.map(({ id }) => ({ id }));

function ofParams(
  about: string,
  op: string,
  before: Step['params'],
  after: Step['params'],
  nameOf: NameOf,
): readonly Difference[] {
  const fields = findOperation(op)?.fields ?? {};
  return [...new Set([...Object.keys(before), ...Object.keys(after)])]
    .filter((key) => !sameValue(before[key], after[key]))
    .map((key) => ({ about, says: paramText(key, fields[key], before[key], after[key], nameOf) }));
}

function paramText(key: string, field: Field | undefined, a: unknown, b: unknown, nameOf: NameOf): string {
  const label = field?.label ?? key;
  const unit = field?.kind === 'number' && field.unit !== '' ? ` ${field.unit}` : '';
  const words: NameOf = (value) => (field?.kind === 'choice' ? (field.of[value] ?? value) : nameOf(value));
  return `${changeText(label, a, b, words)}${a !== undefined && b !== undefined ? unit : ''}`;
}
