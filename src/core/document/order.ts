import type { Preparation } from './document';

type Steps = Preparation['steps'];

/** The steps that have to be done before a step: those that it names, else the one before it in the list. */
export function before(steps: Steps, at: number): readonly string[] {
  const named = steps[at]?.after;
  if (named) return named;
  const one = steps[at - 1];
  return one ? [one.id] : [];
}

/** All steps that come after a step, over whatever stands between. */
export function stepsAfter(steps: Steps, id: string): ReadonlySet<string> {
  const after = new Set<string>();
  steps.forEach((step, i) => {
    if (before(steps, i).some((one) => one === id || after.has(one))) after.add(step.id);
  });
  return after;
}

/**
 * Steps that may be worked on: open ones before which everything is done. Without `after` in the document that is the first one that
 * is open.
 *
 * @param open whether a step is still to be done; what is optional holds nothing up
 */
export function readySteps(steps: Steps, open: (id: string) => boolean): readonly string[] {
  const waiting = new Set<string>();
  const ready: string[] = [];
  steps.forEach((step, i) => {
    const held = before(steps, i).some((one) => waiting.has(one));
    if (held) waiting.add(step.id);
    else if (!step.optional && open(step.id)) {
      waiting.add(step.id);
      ready.push(step.id);
    }
  });
  return ready;
}
