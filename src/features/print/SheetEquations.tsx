import { Fragment } from 'react';
import { Formula } from '@/components/Formula';
import { format } from '@/core/quantity/format';
import { molarMass } from '@/core/compound/molarMass';
import type { Plan } from '@/core/plan/planTypes';
import type { Term } from '@/core/document/reaction';

/** The equations of a preparation, drawn. */
export function SheetEquations({
  plan: { doc },
  drawings,
}: {
  readonly plan: Plan;
  readonly drawings: Readonly<Record<string, string>>;
}) {
  const side = (terms: readonly Term[], which: Term['side']) =>
    terms
      .filter((term) => term.side === which)
      .map((term, i) => {
        const substance = doc.substances.find(({ id }) => id === term.substance);
        const svg = substance?.smiles === undefined ? undefined : drawings[substance.smiles];
        const mass = substance?.formula === undefined ? undefined : molarMass(substance.formula);
        return (
          <Fragment key={term.substance}>
            {i > 0 && <span>+</span>}
            <figure>
              {/* Drawn by the server's structure package from parsed atoms, never from the text itself. */}
              {svg !== undefined ? (
                <span className="structure" dangerouslySetInnerHTML={{ __html: svg }} />
              ) : substance?.formula === undefined ? null : (
                // Never a hole: what is not drawn stands as its formula.
                <span className="structure structure-formula">
                  <Formula text={substance.formula} />
                </span>
              )}
              <figcaption>
                {term.coefficient > 1 && `${String(term.coefficient)} `}
                {substance?.name}
                {substance?.formula && (
                  <small>
                    <Formula text={substance.formula} />
                    {mass?.ok && <>, {format(mass.value.q, 'g/mol', { decimals: 2 })}</>}
                  </small>
                )}
              </figcaption>
            </figure>
          </Fragment>
        );
      });
  return doc.reactions.map(({ id, name, terms }) => (
    <section key={id} className="paper-equation" aria-label={`Equation of ${name}`}>
      {side(terms, 'left')}
      <span aria-label="gives">→</span>
      {side(terms, 'right')}
    </section>
  ));
}
