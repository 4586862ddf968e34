import { changed } from '../changed';
import { before } from '../document/order';
import { findOperation } from '../operations/registry';
import { freeId } from './freeId';
import { namedBy } from '../operations/named';
import type { Preparation } from '../document/document';
import type { RefField } from '../operations/declare/fields';
import type { Step } from '../document/steps';

/** The same step once more, after it. */
export function duplicateStep(doc: Preparation, id: string): Preparation {
  const at = doc.steps.findIndex((step) => step.id === id);
  const step = doc.steps[at];
  if (!step) return doc;
  const again = changed(step, { id: freeId(step.id, doc.steps, 'step'), after: undefined });
  return { ...doc, steps: [...doc.steps.slice(0, at + 1), again, ...doc.steps.slice(at + 1)] };
}

/** Moves a step up (below zero) or down in the list. What waits for a step that comes later now, no longer waits for it. */
export function moveStep(doc: Preparation, id: string, by: number): Preparation {
  const from = doc.steps.findIndex((step) => step.id === id);
  const step = doc.steps[from];
  if (!step) return doc;
  const rest = doc.steps.filter((one) => one !== step);
  const to = Math.min(rest.length, Math.max(0, from + by));
  return { ...doc, steps: inSequence([...rest.slice(0, to), step, ...rest.slice(to)]) };
}

/** Removes a step. What waited for it waits for what it waited for; a reaction that ran in it runs there no more. */
export function removeStep(doc: Preparation, id: string): Preparation {
  const at = doc.steps.findIndex((step) => step.id === id);
  if (at < 0) return doc;
  const above = before(doc.steps, at);
  const steps = doc.steps
    .filter((step) => step.id !== id)
    .map((step) =>
      step.after?.includes(id)
        ? { ...step, after: [...new Set(step.after.flatMap((one) => (one === id ? above : [one])))] }
        : step,
    );
  return {
    ...doc,
    steps: inSequence(steps),
    reactions: doc.reactions.map((one) => ({ ...one, runs: one.runs.filter(({ step }) => step !== id) })),
  };
}

/** Lets a step wait for another, or no more. Waiting for none, it comes after the step before it. */
export function setWaits(doc: Preparation, id: string, on: string, waits: boolean): Preparation {
  const steps = doc.steps.map((step) => {
    if (step.id !== id) return step;
    const now = step.after ?? [];
    const after = waits ? [...new Set([...now, on])] : now.filter((one) => one !== on);
    return changed(step, { after: after.length > 0 ? after : undefined });
  });
  return { ...doc, steps: inSequence(steps) };
}

/** Steps that wait only for what stands above them. */
function inSequence(steps: readonly Step[]): readonly Step[] {
  return steps.map((step, i) => {
    if (!step.after) return step;
    const above = new Set(steps.slice(0, i).map(({ id }) => id));
    const after = step.after.filter((id) => above.has(id));
    return after.length === step.after.length ? step : changed(step, { after: after.length > 0 ? after : undefined });
  });
}

/** Sets a parameter of a step, or takes one away that may be left out. Refused values are for the field to tell. */
export function setParam(doc: Preparation, id: string, key: string, value: unknown): Preparation {
  return {
    ...doc,
    steps: doc.steps.map((step) => {
      if (step.id !== id) return step;
      const { [key]: _old, ...rest } = step.params;
      return { ...step, params: value === undefined ? rest : { ...rest, [key]: value } };
    }),
  };
}

/** Names the vessel that a step uses for something, or leaves it to the product's way. */
export function setUse(doc: Preparation, id: string, use: string, vessel: string | undefined): Preparation {
  return {
    ...doc,
    steps: doc.steps.map((step) => {
      if (step.id !== id) return step;
      const { [use]: _old, ...rest } = step.uses ?? {};
      const uses = vessel === undefined ? rest : { ...rest, [use]: vessel };
      return changed(step, { uses: Object.keys(uses).length > 0 ? uses : undefined });
    }),
  };
}

/** Steps without something that left the preparation: one that can do without it stays, with what is left of its parameters. */
export function stepsWithout(
  steps: readonly Step[],
  gone: { readonly kind: RefField['kind']; readonly id: string },
): readonly Step[] {
  return steps.flatMap((step) => {
    if (!namedBy(step, gone.kind).includes(gone.id)) return [step];
    const params = findOperation(step.op)?.without(step.params, gone);
    return params ? [{ ...step, params }] : [];
  });
}

/** A document with other steps: what named those that are gone names them no more. */
export function withSteps(doc: Preparation, steps: readonly Step[]): Preparation {
  const kept = new Set(steps.map(({ id }) => id));
  return doc.steps
    .filter(({ id }) => !kept.has(id))
    .reduce<Preparation>((left, { id }) => removeStep(left, id), {
      ...doc,
      steps: doc.steps.map((step) => steps.find(({ id }) => id === step.id) ?? step),
    });
}
