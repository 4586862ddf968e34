'use client';
import { formatDigits } from '@/core/quantity/format';
import { usePlanView } from './planView';
import type { ReactNode } from 'react';
import type { Worked } from '@/core/quantity/worked';

/** A number with its unit; tapping it opens the working. Lit while it is a source of the open working. */
export function WorkedCell({
  id,
  worked,
  label,
  lead,
  tail,
}: {
  readonly id: string;
  readonly worked: Worked;
  /** What the number is, for people who hear the screen. */
  readonly label: string;
  readonly lead?: string;
  readonly tail?: ReactNode;
}) {
  const { open, toggle, lit } = usePlanView();
  const isLit = lit.worked.has(worked);
  return (
    <button
      type="button"
      className={`worked ${isLit ? 'worked-lit' : ''} ${open === id ? 'worked-open' : ''}`}
      aria-expanded={open === id}
      aria-label={`${label}: ${lead ?? ''}${formatDigits(worked.q, worked.unit, { figures: worked.figures })} ${worked.unit}. Show the working`}
      onClick={() => toggle(id)}
    >
      <span className="num">
        {lead}
        {formatDigits(worked.q, worked.unit, { figures: worked.figures })}
      </span>
      {worked.unit && <span className="unit">{worked.unit}</span>}
      {tail}
    </button>
  );
}
