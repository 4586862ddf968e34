'use client';
import { Fragment } from 'react';
import { Formula } from '@/components/Formula';
import { Structure } from '@/components/Structure';
import { TypedInput } from '@/components/fields/TypedInput';
import { renderFinding } from '@/core/words/renderFinding';
import { molarMass } from '@/core/compound/molarMass';
import { format } from '@/core/quantity/format';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { ReactionTools } from './ReactionTools';
import { addReaction, moveTerm, removeTerm, setProduct } from '@/core/editing/reactions';
import { changeReaction, setCoefficient } from '@/core/editing/edit';
import { readCoefficient, readText } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import type { Reaction, Term } from '@/core/document/reaction';
import type { Substance } from '@/core/document/document';

const equationRules = new Set(['equation.unbalanced', 'equation.noProduct', 'formula.bad']);

/** The balanced equations, drawn; coefficients are edited in place and the balance is said at once. */
export function ReactionScheme() {
  const { plan, edit, canEdit } = usePlanView();
  const { reactions } = plan.doc;
  return (
    <>
      {reactions.length === 0 && <Apart />}
      {reactions.map((reaction, i) => (
        <Equation
          key={reaction.id}
          reaction={reaction}
          {...(reactions.length > 1 ? { title: `${i + 1} · ${reaction.name}` } : {})}
        />
      ))}
      {canEdit && reactions.length < 12 && (
        <div>
          <Button
            variant="quiet"
            size="sm"
            onClick={() =>
              edit(`add-reaction/${reactions.length}`, (doc) =>
                addReaction(doc, reactions.length === 0 ? 'Reaction' : `Reaction ${reactions.length + 1}`),
              )
            }
          >
            <Icon name="plus" /> {reactions.length === 0 ? 'Add a reaction' : 'Add another reaction'}
          </Button>
        </div>
      )}
    </>
  );
}

function Equation({ reaction, title }: { readonly reaction: Reaction; readonly title?: string }) {
  const { plan, edit, canEdit } = usePlanView();
  const { terms } = reaction;
  const wrong = plan.findings.filter(
    ({ rule, about }) => equationRules.has(rule) && (about.item === undefined || about.item === reaction.id),
  );
  const side = (which: 'left' | 'right') =>
    terms
      .filter((term) => term.side === which)
      .map((term, i) => (
        <Fragment key={term.substance}>
          {i > 0 && <span className="scheme-plus">+</span>}
          <SchemeTerm term={term} reaction={reaction} />
        </Fragment>
      ));
  return (
    <section
      className="scheme card-plain"
      aria-label={title === undefined ? 'Equation' : `Equation of ${reaction.name}`}
    >
      {title !== undefined &&
        (canEdit ? (
          <TypedInput
            className="scheme-title"
            label={`Name of ${reaction.name}`}
            hideLabel
            shown={reaction.name}
            read={readText(80, true)}
            commit={(name) =>
              name && edit(`reaction/${reaction.id}/name`, (doc) => changeReaction(doc, reaction.id, () => ({ name })))
            }
          />
        ) : (
          <h3 className="scheme-title">{title}</h3>
        ))}
      <div className="scheme-row">
        {side('left')}
        <svg className="scheme-arrow" viewBox="0 0 60 12" width="60" height="12" role="img" aria-label="gives">
          <path d="M0 6h56M50 1.500l6.500 4.500-6.500 4.500" fill="none" stroke="currentColor" strokeWidth="1.5" />
        </svg>
        {side('right')}
      </div>
      {terms.length === 0 ? (
        <p className="scheme-state">no substance yet</p>
      ) : wrong.length === 0 ? (
        <p className="scheme-state">balanced by element and charge</p>
      ) : (
        wrong.map((finding) => (
          <p key={finding.key} className="scheme-state scheme-wrong" role="alert">
            {renderFinding(finding).says}
          </p>
        ))
      )}
      <ReactionTools reaction={reaction} />
    </section>
  );
}

/** No reaction: what is to be won, side by side. */
function Apart() {
  const { plan } = usePlanView();
  const won = [...new Set(plan.doc.stages.map(({ substance }) => substance))].flatMap(
    (id) => plan.doc.substances.find((one) => one.id === id) ?? [],
  );
  return (
    <section className="scheme card-plain" aria-label="What is won">
      <div className="scheme-row">
        {won.map((substance) => (
          <figure key={substance.id} className="scheme-term">
            <div className="scheme-drawn">
              {substance.smiles ? (
                <Structure smiles={substance.smiles} name={substance.name} />
              ) : (
                <Undrawn formula={substance.formula} />
              )}
            </div>
            <SchemeName substance={substance} />
          </figure>
        ))}
      </div>
      <p className="scheme-state">
        {won.length === 0
          ? 'nothing is made yet: the first reactant begins a reaction'
          : 'nothing is made: percent recovery, of what is taken'}
      </p>
    </section>
  );
}

/** What stands for a substance of which no structure is known. */
function Undrawn({ formula }: { readonly formula: string | undefined }) {
  return <span className="structure-missing">{formula === undefined ? '?' : <Formula text={formula} />}</span>;
}

function SchemeName({ substance: { name, formula } }: { readonly substance: Substance }) {
  const mass = formula === undefined ? undefined : molarMass(formula);
  return (
    <figcaption>
      <strong>{name}</strong>
      {formula && (
        <span>
          <Formula text={formula} />{' '}
          {mass?.ok && <span className="num">{format(mass.value.q, 'g/mol', { decimals: 2 })}</span>}
        </span>
      )}
    </figcaption>
  );
}

function SchemeTerm({ term, reaction }: { readonly term: Term; readonly reaction: Reaction }) {
  const { plan, edit, canEdit, lit } = usePlanView();
  const substance = plan.doc.substances.find(({ id }) => id === term.substance);
  if (!substance) return null;
  const along = reaction.terms.filter(({ side }) => side === term.side);
  const isProduct = term.side === 'right' && term.substance === reaction.product;
  return (
    <figure
      className={`scheme-term ${isProduct ? 'scheme-product' : ''} ${lit.places.has(`reference/${substance.formula ?? ''}`) ? 'term-lit' : ''}`}
    >
      <div className="scheme-drawn">
        <TypedInput
          className="coefficient"
          label={`Coefficient of ${substance.name}`}
          hideLabel
          disabled={!canEdit}
          inputMode="decimal"
          shown={String(term.coefficient)}
          read={readCoefficient}
          commit={(coefficient) =>
            edit(`coefficient/${reaction.id}/${term.side}/${term.substance}`, (doc) =>
              setCoefficient(doc, reaction.id, { ...term, coefficient }),
            )
          }
        />
        {substance.smiles ? (
          <Structure smiles={substance.smiles} name={substance.name} />
        ) : (
          <Undrawn formula={substance.formula} />
        )}
      </div>
      <SchemeName substance={substance} />
      {canEdit && (
        <span className="term-tools">
          {term.side === 'right' && !isProduct && (
            <Button
              variant="quiet"
              size="sm"
              onClick={() => edit(`product/${reaction.id}`, (doc) => setProduct(doc, reaction.id, substance.id))}
            >
              make it the product
            </Button>
          )}
          {([-1, 1] as const).map((by) => (
            <Button
              key={by}
              variant="quiet"
              size="sm"
              disabled={along.indexOf(term) + by < 0 || along.indexOf(term) + by >= along.length}
              aria-label={`Move ${substance.name} to the ${by < 0 ? 'left' : 'right'}`}
              onClick={() =>
                edit(`move-term/${reaction.id}/${substance.id}`, (doc) => moveTerm(doc, reaction.id, term, by))
              }
            >
              {by < 0 ? '‹' : '›'}
            </Button>
          ))}
          <Button
            variant="quiet"
            size="sm"
            aria-label={`Take ${substance.name} out of the equation`}
            onClick={() =>
              edit(`remove-term/${reaction.id}/${term.side}/${term.substance}`, (doc) =>
                removeTerm(doc, reaction.id, term),
              )
            }
          >
            ×
          </Button>
        </span>
      )}
    </figure>
  );
}
