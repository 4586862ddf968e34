'use client';
import { FindingCard } from '@/components/FindingCard';
import { usePlanView } from '@/components/plan/planView';

/** What deserves attention, the gravest first. */
export function FindingsPanel() {
  const { plan, editLine } = usePlanView();
  const count = (severity: string) => plan.findings.filter((finding) => finding.severity === severity).length;
  const summary = [
    [count('stop'), 'stop'],
    [count('caution'), 'caution'],
    [count('note'), 'note'],
  ] as const;
  return (
    <section className="findings" aria-label="Findings" aria-live="polite">
      <h2>
        {plan.findings.length === 0
          ? 'Nothing to remark'
          : summary
              .filter(([n]) => n > 0)
              .map(([n, word]) => `${n} ${word}${n > 1 ? 's' : ''}`)
              .join(' · ')}
      </h2>
      {plan.findings.map((finding) => (
        <FindingCard key={finding.key} finding={finding} onShow={({ about }) => about.line && editLine(about.line)} />
      ))}
    </section>
  );
}
