'use client';
import { enteredText } from '@/core/words/parseEntered';
import type { HandoutDraft } from '@/core/handout/draft/draftOf';

/** The preparation that comes of it: its equation, its charge table and its vessels. */
export function DraftSummary({ draft: { doc } }: { readonly draft: HandoutDraft }) {
  const name = (id: string) => doc.substances.find((one) => one.id === id)?.name ?? id;
  const [reaction] = doc.reactions;
  const side = (of: 'left' | 'right') =>
    (reaction?.terms ?? [])
      .filter((term) => term.side === of)
      .map(({ substance, coefficient }) => `${coefficient === 1 ? '' : `${String(coefficient)} `}${name(substance)}`);
  return (
    <aside className="handout-draft" aria-label="What it becomes">
      <h2>Reaction</h2>
      {reaction ? (
        <p>
          {side('left').join(' + ')} → {side('right').join(' + ')}
          <small>Proposed: balanced from the formulas of what is charged and of the title.</small>
        </p>
      ) : (
        <p className="becomes-place">None proposed: write it on the plan, if there is one.</p>
      )}
      <h2>Charge</h2>
      <ul>
        {doc.lines.map((line) => (
          <li key={line.id}>
            <span>{name(line.substance)}</span>
            <span className="num">
              {line.portions === undefined ? '' : `${String(line.portions)} × `}
              {enteredText(line.entered)}
            </span>
            <small>{line.role}</small>
          </li>
        ))}
      </ul>
      <h2>Vessels</h2>
      <ul>
        {doc.vessels.map(({ id, name: called, capacity_mL }) => (
          <li key={id}>
            <span>{called}</span>
            <span className="num">{capacity_mL} mL</span>
          </li>
        ))}
      </ul>
    </aside>
  );
}
