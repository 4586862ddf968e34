import { format } from '@/core/quantity/format';
import { inSentence } from '@/core/document/inSentence';
import type { BenchState, StepState } from '@/core/bench/benchState';

/** Says that a target moved because the reference was measured, and what the sheet had said. */
export function Retarget({ step, state }: { readonly step: StepState; readonly state: BenchState }) {
  const lines = new Set(step.asks.flatMap((ask) => (ask.kind === 'measure' ? (ask.about.line ?? []) : [])));
  const moved = state.charge.lines.filter(
    ({ plan, issuedTarget, taken }) => issuedTarget && !taken && lines.has(plan.facts.line.id),
  );
  const { doc } = state.bench;
  const reference = doc.lines.find(({ id }) => id === doc.reference)?.substance;
  const name = doc.substances.find(({ id }) => id === reference)?.name ?? 'the reference';
  return moved.map(({ plan, issuedTarget }) => (
    <p key={plan.facts.line.id} className="retarget">
      New target for {inSentence(plan.facts.name)}: the sheet said{' '}
      {issuedTarget && format(issuedTarget.q, issuedTarget.unit, { figures: issuedTarget.figures })}; it follows what
      you took of {inSentence(name)}.
    </p>
  ));
}
