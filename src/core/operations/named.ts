import { unsaid } from './declare/defaults';
import { findOperation } from './registry';
import type { Ref } from './declare/refs';
import type { Means } from '../worktop/means';
import type { Step } from '../document/steps';
import type { Trait } from './operation';

type KnownStep = Pick<Step, 'op' | 'params'>;

type Names = Readonly<Record<Ref['kind'], readonly string[]>>;
const nothing: Names = { line: [], stage: [], substance: [] };

// A document is read many times between two edits, and what it holds is never changed: parameters that were read once are known.
const known = new WeakMap<KnownStep['params'], { readonly op: string; readonly names: Names }>();

function namesIn({ op, params }: KnownStep): Names {
  const before = known.get(params);
  if (before?.op === op) return before.names;
  const refs = findOperation(op)?.refs(params) ?? [];
  const of = (kind: Ref['kind']) => refs.filter((ref) => ref.kind === kind).map(({ id }) => id);
  const names = refs.length === 0 ? nothing : { line: of('line'), stage: of('stage'), substance: of('substance') };
  known.set(params, { op, names });
  return names;
}

/** Ids of one kind that a step names, in the order of its fields. An operation that there is not names nothing. */
export const namedBy = (step: KnownStep, kind: Ref['kind']): readonly string[] => namesIn(step)[kind];

type AnyOperation = NonNullable<ReturnType<typeof findOperation>>;
const goalKeys = new Map<AnyOperation, string | undefined>();

/** Field in which an operation names the stage that it works towards: every step of a plan is asked many times. */
function goalKey(operation: AnyOperation): string | undefined {
  if (!goalKeys.has(operation)) {
    const [key] = Object.entries(operation.fields).find(([, field]) => 'goal' in field) ?? [];
    goalKeys.set(operation, key);
  }
  return goalKeys.get(operation);
}

/** Stage that a step says it works towards. */
export function goalOf({ op, params }: KnownStep): string | undefined {
  const operation = findOperation(op);
  const key = operation && goalKey(operation);
  const goal = key === undefined ? undefined : params[key];
  return typeof goal === 'string' ? goal : undefined;
}

/** Number that a step has in a field which its operation declares. */
export function numberIn({ params }: KnownStep, key: string): number | undefined {
  const found = params[key];
  return typeof found === 'number' ? found : undefined;
}

const minutesIn: Readonly<Record<string, number>> = { min: 1, h: 60, days: 24 * 60 };

/** For how long a step acts, min; nothing where its operation has no such field, or nobody said. */
function actsFor(step: KnownStep): number | undefined {
  const [found] = Object.entries(findOperation(step.op)?.fields ?? {}).flatMap(([key, field]) => {
    const time = field.kind === 'number' && field.acts ? numberIn(step, key) : undefined;
    return time === undefined || field.kind !== 'number' ? [] : [time * (minutesIn[field.unit] ?? 1)];
  });
  return found;
}

/** What a step is about, as other steps' models have to know it. */
export function meansOf(step: KnownStep): Means {
  const goal = goalOf(step);
  const hot = findOperation(step.op)?.dissolvesHot?.(step.params);
  const acts_min = actsFor(step);
  return {
    ...(goal === undefined ? {} : { goal }),
    ...(hot ? { hot } : {}),
    ...(acts_min === undefined ? {} : { acts_min }),
  };
}

/** Whether a step's operation has a trait. */
export function has({ op, params }: KnownStep, trait: Trait): boolean {
  const { traits = [] } = findOperation(op) ?? {};
  return (typeof traits === 'function' ? traits(params) : traits).includes(trait);
}

/** Labels of what a step has to say in words and nobody has written yet. */
export function unsaidIn({ op, params }: KnownStep): readonly string[] {
  const open = (value: unknown): boolean =>
    value === unsaid || (typeof value === 'object' && value !== null && Object.values(value).some(open));
  return Object.entries(findOperation(op)?.fields ?? {}).flatMap(([key, { label }]) =>
    open(params[key]) ? [label] : [],
  );
}
