import { slug } from '../slug';
import type { Preparation } from '../document/document';
import type { SaidOtherwise } from '../results/projection';

/** Where a proposal for the next version comes from. */
export const proposalKinds = {
  deviation: 'done otherwise',
  amendment: 'amended for a class',
  duration: 'took another time',
  assumption: 'another value than assumed',
} as const;
export type ProposalKind = keyof typeof proposalKinds;

/** What was decided about a proposal. */
export const decisions = ['open', 'taken', 'aside'] as const;
export type ProposalDecision = (typeof decisions)[number];

/** Something that classes say about a preparation, for its next version. */
export interface Proposal {
  /** The same as long as it says the same about the same place. */
  readonly id: string;
  readonly kind: ProposalKind;
  readonly step?: string;
  readonly line?: string;
  /** In the words of who said it first. */
  readonly says: string;
  readonly from: readonly { readonly classId: string; readonly name: string; readonly bench: string }[];
}

/** What the benches of one class said of the steps that they ran. */
export interface ClassSaid {
  readonly classId: string;
  readonly name: string;
  readonly benches: readonly { readonly bench: string; readonly said: readonly SaidOtherwise[] }[];
}

/**
 * Deviations of past classes as proposals: what was said of one step in the same words is one, with all benches that said it; the most
 * frequent first. Of steps that the document has no more, nothing is proposed.
 */
export function deviationProposals({ steps }: Preparation, classes: readonly ClassSaid[]): readonly Proposal[] {
  const known = new Set(steps.map(({ id }) => id));
  const found = new Map<string, Proposal>();
  for (const { classId, name, benches } of classes)
    for (const { bench, said } of benches)
      for (const { step, reason, leftOut } of said) {
        if (!known.has(step)) continue;
        const says = leftOut ? `left out: ${reason}` : reason;
        const id = `deviation.${step}.${slug(says, 60) || 'said'}`;
        const before = found.get(id) ?? { id, kind: 'deviation', step, says, from: [] };
        found.set(id, { ...before, from: [...before.from, { classId, name, bench }] });
      }
  return [...found.values()].sort((a, b) => b.from.length - a.from.length);
}
