import { conventionIds, conventionOf, schoolOf } from '@/core/conventions/catalogue';
import type { Preparation } from '@/core/document/document';

/** Which conventions a class was issued with: those of its own in sight, all of them on a tap. */
export function ConventionWords({ doc }: { readonly doc: Pick<Preparation, 'conventions'> }) {
  const own = conventionIds.filter((id) => schoolOf(doc.conventions, id) !== conventionOf(id).usual);
  const words = (id: (typeof conventionIds)[number]) => {
    const { question, schools } = conventionOf(id);
    return `${question}: ${schools[schoolOf(doc.conventions, id)]?.label ?? ''}`;
  };
  return (
    <details className="convention-words">
      <summary>Conventions of this class: {own.length === 0 ? 'the usual ones' : own.map(words).join('; ')}</summary>
      <ul>
        {conventionIds.map((id) => (
          <li key={id}>{words(id)}</li>
        ))}
      </ul>
    </details>
  );
}
