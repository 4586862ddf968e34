import { canonicalJson } from '../canonicalJson';
import type { Confirmation } from '../reference/confirmation';
import type { Substance } from '../document/document';

/**
 * Who confirmed the very label that a preparation holds. A label that was changed since is not confirmed.
 *
 * @param confirmations of hazard labels, the oldest first
 */
export function confirmedLabel(substance: Substance, confirmations: readonly Confirmation[]): Confirmation | undefined {
  if (!substance.hazards || substance.reference === undefined) return undefined;
  const { check: _, ...label } = substance.hazards;
  const content = canonicalJson(label);
  const last = confirmations.findLast((one) => one.entry === substance.reference && one.content === content);
  return last?.holds ? last : undefined;
}
