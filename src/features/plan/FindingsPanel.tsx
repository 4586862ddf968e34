'use client';
import { FindingCard } from '@/components/FindingCard';
import { roomOf } from './rooms';
import { usePlanView } from '@/components/plan/planView';
import type { Finding } from '@/core/finding/finding';
import type { Room } from './rooms';

/** What deserves attention, the gravest first, each with the way to its place. */
export function FindingsPanel({ goTo }: { readonly goTo: (room: Room) => void }) {
  const { plan, editLine, selectStep } = usePlanView();
  const count = (severity: string) => plan.findings.filter((finding) => finding.severity === severity).length;
  const summary = [
    [count('stop'), 'stop'],
    [count('caution'), 'caution'],
    [count('note'), 'note'],
  ] as const;
  const show = (finding: Finding) => {
    const { line, step } = finding.about;
    if (line !== undefined) return { label: 'Open the line', to: () => editLine(line) };
    const room = roomOf(finding.about);
    if (step === undefined)
      return {
        label: room === 'procedure' ? 'To the procedure' : 'To the reaction and the charge',
        to: () => goTo(room),
      };
    return {
      label: 'To the step',
      to: () => {
        goTo('procedure');
        selectStep(step);
      },
    };
  };
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
        <FindingCard key={finding.key} finding={finding} onShow={show(finding)} />
      ))}
    </section>
  );
}
