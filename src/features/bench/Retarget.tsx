import { format } from '@/core/quantity/format';
import { lineName } from '@/core/document/lineName';
import { inSentence } from '@/core/document/inSentence';
import type { BenchState, StepState } from '@/core/bench/benchState';

/** Says that a target moved because the reference was measured, and what the sheet had said. */
export function Retarget({ step, state }: { readonly step: StepState; readonly state: BenchState }) {
  const lines = new Set(step.asks.flatMap((ask) => (ask.kind === 'measure' ? (ask.about.line ?? []) : [])));
  const moved = state.charge.lines.filter(
    ({ plan, issuedTarget, taken }) => issuedTarget && !taken && lines.has(plan.facts.line.id),
  );
  const { doc } = state.bench;
  const after = (id: string | undefined) => {
    const stage = doc.lines.find((line) => line.id === id)?.supply?.stage;
    const found = doc.stages.find((one) => one.id === stage)?.name;
    if (found !== undefined) return `what there is of the ${inSentence(found)}`;
    return `what you took of ${id === undefined ? 'the reference' : inSentence(lineName(doc, id))}`;
  };
  return moved.map(({ plan, issuedTarget, follows }) => (
    <p key={plan.facts.line.id} className="retarget">
      New target for {inSentence(plan.facts.name)}: the sheet said{' '}
      {issuedTarget && format(issuedTarget.q, issuedTarget.unit, { figures: issuedTarget.figures })}; it follows{' '}
      {after(follows)}.
    </p>
  ));
}
