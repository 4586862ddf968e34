'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { AddTerm } from './AddTerm';
import { LeftOverDialog } from './LeftOverDialog';
import { addTerm, balance, balanceOf, moveReaction, offersFor, removeReaction } from '@/core/editing/reactions';
import { usePlanView } from '@/components/plan/planView';
import type { Reaction, Term } from '@/core/document/reaction';

/** Writing an equation: terms on both sides, balancing, and what may be missing when it cannot be balanced. */
export function ReactionTools({ reaction }: { readonly reaction: Reaction }) {
  const { plan, edit, canEdit, takeAway } = usePlanView();
  const [adding, setAdding] = useState<Term['side'] | undefined>(undefined);
  const [choosing, setChoosing] = useState(false);
  if (!canEdit) return null;
  const { id, terms } = reaction;
  const place = plan.doc.reactions.indexOf(reaction);
  const found = balanceOf(plan.doc, reaction);
  const isBalanced = found?.kind === 'one' && found.coefficients.every((one, i) => one === terms[i]?.coefficient);
  const reactants = terms.filter(({ side }) => side === 'left').length;
  const both = terms.some(({ side }) => side === 'left') && terms.some(({ side }) => side === 'right');
  const offers = both ? offersFor(plan.doc, reaction) : [];
  return (
    <div className="scheme-tools">
      <Button variant="quiet" size="sm" onClick={() => setAdding('left')} disabled={terms.length >= 20}>
        + what reacts
      </Button>
      <Button variant="quiet" size="sm" onClick={() => setAdding('right')} disabled={terms.length >= 20}>
        + what forms
      </Button>
      {found?.kind === 'one' && !isBalanced && (
        <Button variant="line" size="sm" onClick={() => edit(`balance/${id}`, (doc) => balance(doc, id))}>
          Balance it
        </Button>
      )}
      {found?.kind === 'several' && both && (
        <span className="muted">Two equations in one: no single set of coefficients balances it.</span>
      )}
      {offers.length > 0 && <span className="muted">Is something missing?</span>}
      {offers.map(({ molecule: { name, formula }, side }) => (
        <Button
          key={`${formula}/${side}`}
          variant="line"
          size="sm"
          onClick={() =>
            edit(`offer/${id}/${formula}`, (doc) => {
              const standing = doc.substances.find((one) => one.formula === formula)?.id;
              const of = standing === undefined ? { added: { name, formula } } : { known: standing };
              return balance(addTerm(doc, id, side, of), id);
            })
          }
        >
          {name} on the {side}
        </Button>
      ))}
      {plan.doc.reactions.length > 1 &&
        ([-1, 1] as const).map((by) => (
          <Button
            key={by}
            variant="quiet"
            size="sm"
            disabled={place + by < 0 || place + by >= plan.doc.reactions.length}
            aria-label={`Move ${reaction.name} ${by < 0 ? 'up' : 'down'}`}
            onClick={() => edit(`move-reaction/${id}`, (doc) => moveReaction(doc, id, by))}
          >
            {by < 0 ? '↑' : '↓'}
          </Button>
        ))}
      <Button
        variant="quiet"
        size="sm"
        aria-label={`Take ${reaction.name} away`}
        onClick={() =>
          takeAway({ name: reaction.name, field: `remove-reaction/${id}`, change: (doc) => removeReaction(doc, id) })
        }
      >
        Take this reaction away
      </Button>
      {reactants > 1 && (
        <Button variant="quiet" size="sm" onClick={() => setChoosing(true)}>
          Which left-over can you get rid of?
        </Button>
      )}
      {choosing && <LeftOverDialog reaction={reaction} onClose={() => setChoosing(false)} />}
      {adding && <AddTerm reaction={id} side={adding} onClose={() => setAdding(undefined)} />}
    </div>
  );
}
