'use client';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { capital } from '@/core/capital';
import { differencesBetween } from '@/core/versions/differences';
import { DifferenceList } from '@/components/DifferenceList';
import { format } from '@/core/quantity/format';
import { limitingChoices } from '@/core/explore/limitingChoices';
import { readPercent } from '@/components/fields/readers';
import { withLimiting } from '@/core/editing/limiting';
import { TypedInput } from '@/components/fields/TypedInput';
import { usePlanView } from '@/components/plan/planView';
import type { LeftOver, LimitingChoice } from '@/core/explore/limitingChoices';
import type { Reaction } from '@/core/document/reaction';

/** Which left-over can one get rid of? The choice of what limits, with what follows from it before it is made. */
export function LeftOverDialog({ reaction, onClose }: { readonly reaction: Reaction; readonly onClose: () => void }) {
  const { plan, edit } = usePlanView();
  const { doc } = plan;
  const [excess, setExcess] = useState('10');
  const choices = useMemo(() => limitingChoices(doc, reaction.id, Number(excess)), [doc, reaction.id, excess]);
  return (
    <Modal show onHide={onClose} centered size="lg" scrollable aria-labelledby="left-over">
      <Modal.Header closeButton>
        <Modal.Title id="left-over" as="h2">
          Which left-over can you get rid of?
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          What limits is used up; all others are left over and have to leave the product. Here is what each choice would
          come to, at one bench.
        </p>
        <TypedInput
          label="Least excess of the others, % (before rounding to the devices)"
          inputMode="decimal"
          shown={excess}
          read={readPercent(1, 500)}
          commit={setExcess}
        />
        {choices.length === 0 && <p className="muted">It takes two reactants of which the amounts are known.</p>}
        <div className="left-over-choices">
          {choices.map((choice) => (
            <Choice
              key={choice.substance}
              choice={choice}
              now={choices.find((one) => one.now)}
              changes={choice.doc && !choice.now ? differencesBetween(doc, choice.doc) : []}
              onTake={() => {
                edit(
                  `limiting/${reaction.id}`,
                  (now) => withLimiting(now, reaction.id, choice.substance, Number(excess)) ?? now,
                );
                onClose();
              }}
            />
          ))}
        </div>
      </Modal.Body>
    </Modal>
  );
}

function Choice({
  choice: { name, now: isNow, doc, theory, leftOvers },
  now,
  changes,
  onTake,
}: {
  readonly choice: LimitingChoice;
  readonly now: LimitingChoice | undefined;
  readonly changes: ReturnType<typeof differencesBetween>;
  readonly onTake: () => void;
}) {
  const before = now?.theory?.q.value;
  const change = theory && before ? theory.q.value / before - 1 : undefined;
  return (
    <section className="card-plain left-over" aria-label={`${name} limits`}>
      <h3>
        {name} limits{isNow && <span className="muted">, as it is</span>}
      </h3>
      {theory && (
        <p>
          Theoretical yield <span className="num">{format(theory.q, 'g', { figures: theory.figures })}</span>
          {!isNow && change !== undefined && (
            <> ({format({ dim: 'fraction', value: change }, '%', { figures: 2 })} against now)</>
          )}
        </p>
      )}
      {leftOvers.map((one) => (
        <Left key={one.substance} one={one} />
      ))}
      {changes.length > 0 && <DifferenceList differences={changes} />}
      {!isNow &&
        (doc ? (
          <Button variant="line" size="sm" onClick={onTake}>
            Let {name} limit
          </Button>
        ) : (
          <p className="muted">Its amount is in words, or all that there is of a stage: it cannot be cut here.</p>
        ))}
    </section>
  );
}

// Less than this no balance of a teaching lab shows.
const nothing_g = 0.0005;

function Left({ one }: { readonly one: LeftOver }) {
  const ways = [
    ...(one.washes.length > 0 ? [`Taken out by ${one.washes.join(' or ')}.`] : []),
    ...(one.boilsOff ? ['It boils off with the solvent.'] : []),
    ...(one.washes.length === 0 && one.stays ? [`${capital(one.stays)}.`] : []),
  ];
  const grams = one.inProduct_g;
  return (
    <p>
      Left over: {one.name},{' '}
      <span className="num">
        {format({ dim: 'amount', value: one.mol }, 'mmol')}
        {one.grams !== undefined && <> ({format({ dim: 'mass', value: one.grams }, 'g')})</>}
      </span>
      , {format(one.excess.q, '%', { figures: 2 })} in excess.{' '}
      {ways.length > 0 ? ways.join(' ') : 'What takes it is not judged.'}
      {grams !== undefined &&
        (grams < nothing_g
          ? ' By this procedure none of it is foreseen in the last stage.'
          : ` By this procedure ${format({ dim: 'mass', value: grams }, 'g', { figures: 2 })} of it are foreseen in the last stage.`)}
    </p>
  );
}
