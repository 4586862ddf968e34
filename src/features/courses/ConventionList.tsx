'use client';
import { conventionIds, conventionOf, schoolOf } from '@/core/conventions/catalogue';
import type { ConventionId, Conventions } from '@/core/conventions/catalogue';

const isOffered = (id: ConventionId) => conventionOf(id).acts !== undefined;

/** Questions on which practitioners differ; the usual answer with its reason, and what the choice changes here. */
export function ConventionList({
  conventions,
  canEdit,
  onChange,
}: {
  readonly conventions: Conventions;
  readonly canEdit: boolean;
  readonly onChange: (conventions: Conventions) => void;
}) {
  const choose = (id: ConventionId, school: string) => {
    const { [id]: _, ...others } = conventions;
    onChange(school === conventionOf(id).usual ? others : { ...others, [id]: school });
  };
  return (
    <section className="card-plain entry-card" aria-label="Conventions">
      <h2>Conventions</h2>
      <p className="muted">Where practitioners differ. The class’s record says which was used.</p>
      <ul className="conventions">
        {conventionIds.filter(isOffered).map((id) => {
          const { question, schools, usual, why, acts } = conventionOf(id);
          const now = schoolOf(conventions, id);
          return (
            <li key={id}>
              <fieldset disabled={!canEdit}>
                <legend>{question}</legend>
                <div className="schools">
                  {Object.entries(schools).map(([school, { label }]) => (
                    <label key={school} className={school === now ? 'school-on' : ''}>
                      <input type="radio" name={id} checked={school === now} onChange={() => choose(id, school)} />
                      {label}
                      {school === usual && <small> usual</small>}
                    </label>
                  ))}
                </div>
                <p className="muted">
                  {why}
                  {acts && <em> Decides {acts}.</em>}
                </p>
              </fieldset>
            </li>
          );
        })}
      </ul>
      <h3>Not to choose yet</h3>
      <ul className="conventions-waiting">
        {conventionIds
          .filter((id) => !isOffered(id))
          .map((id) => {
            const { question, schools, usual, waits } = conventionOf(id);
            return (
              <li key={id}>
                <strong>{question}</strong>: {schools[usual]?.label}. Comes with {waits}.
              </li>
            );
          })}
      </ul>
    </section>
  );
}
