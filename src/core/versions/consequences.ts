import { differencesBetween } from './differences';
import { planOf } from '../process/planOf';
import type { Difference } from './differences';
import type { Finding } from '../finding/finding';
import type { Plan } from '../plan/planTypes';
import type { Preparation } from '../document/document';

/** What a change of a document brings with it. */
export interface Consequences {
  /** What else in the document becomes other. */
  readonly changes: readonly Difference[];
  /** Cautions and stops that there were not before. */
  readonly findings: readonly Finding[];
}

/**
 * What follows from taking something away, before it is done.
 *
 * @param name of what goes: that it is gone need not be told
 */
export function consequencesOf(plan: Plan, change: (doc: Preparation) => Preparation, name: string): Consequences {
  const { doc } = plan;
  const after = change(doc);
  const gone = ({ about, says }: Difference) => says === 'taken away' && (about === name || about.endsWith(name));
  const known = new Set(plan.findings.map(({ key }) => key));
  return {
    changes: differencesBetween(doc, after).filter((one) => !gone(one)),
    findings: planOf(after).plan.findings.filter(({ key, severity }) => severity !== 'note' && !known.has(key)),
  };
}
