'use client';
import { useEffect, useMemo, useRef } from 'react';
import { ContentTable } from './ContentTable';
import { factsOf } from '@/core/plan/facts';
import { formatDigits } from '@/core/quantity/format';
import { placeName } from '@/core/process/placeName';
import { kindsOf } from '@/core/worktop/madeKinds';
import { ProcessVessel } from './ProcessVessel';
import { shownContent } from '@/core/process/shownContent';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import type { ShownLayer } from '@/core/process/shownContent';
import type { ShownPlace } from './shownPlace';
import type { Prediction, StepPrediction } from '@/core/process/predictProcess';

// A foreseen mass is no better than its first figure or the hundredth of a gram.
const grams = (value: number) =>
  formatDigits({ dim: 'mass', value }, 'g', value < 0.0095 ? { figures: 1 } : { decimals: 2 });
const mL = (value: number) => formatDigits({ dim: 'volume', value }, 'mL', { figures: value < 10 ? 2 : 3 });

const massOf = (layers: readonly ShownLayer[]) => layers.reduce((sum, layer) => sum + layer.grams, 0);
// What clings to an emptied vessel.
const trace_g = 0.15;

/** The process as a line of vessels: the one that holds the product after each step, what was set aside under it. */
export function VesselLine({
  prediction,
  compact = false,
}: {
  readonly prediction: Prediction;
  /** Only the drawing: what a step leaves stands elsewhere. */
  readonly compact?: boolean;
}) {
  const { plan, step: chosen, selectStep } = usePlanView();
  const steps = prediction.steps.filter(({ touched }) => touched.length > 0);
  const kind = useMemo(() => kindsOf(factsOf(plan.doc)), [plan.doc]);
  const shown = ({ shelf }: StepPrediction, place: string): ShownPlace => {
    const vessel = plan.doc.vessels.find(({ id }) => id === place);
    const content = shelf[place];
    return {
      place,
      label: placeName(plan.doc, place),
      ...(vessel ? { vessel } : {}),
      layers: content ? shownContent(kind, content) : [],
      temperature_C: content?.temperature_C ?? 20,
    };
  };
  const open = steps.find(({ step }) => step.id === chosen);
  return (
    <>
      <ol className="vessel-line" aria-label="Vessels after each step">
        {steps.map((one, i) => (
          <VesselColumn
            key={one.step.id}
            number={plan.doc.steps.indexOf(one.step) + 1}
            title={stepTitle(plan.doc, one.step)}
            main={shown(one, one.product)}
            aside={one.touched
              .filter((place) => place !== one.product)
              .map((place) => shown(one, place))
              .filter(({ layers, place }) => layers.length > 0 && !(i > 0 && isLeftover(steps[i - 1], place, one)))}
            substance={one.stage?.substance}
            lost={one.losses.reduce((sum, { mass }) => sum + mass.q.value, 0)}
            open={chosen === one.step.id}
            onOpen={() => selectStep(chosen === one.step.id ? undefined : one.step.id)}
          />
        ))}
      </ol>
      {compact ? null : open ? (
        <ContentTable
          title={`After step ${plan.doc.steps.indexOf(open.step) + 1}, ${stepTitle(plan.doc, open.step)}`}
          places={Object.keys(open.shelf)
            .map((place) => shown(open, place))
            .filter(({ layers, place }) => place === open.product || massOf(layers) >= trace_g)}
          traces={Object.keys(open.shelf)
            .map((place) => shown(open, place))
            .filter(({ layers, place }) => place !== open.product && layers.length > 0 && massOf(layers) < trace_g)}
          product={open.product}
          losses={open.losses}
          remarks={open.remarks}
        />
      ) : (
        <p className="muted process-hint">Choose a step to see what every vessel holds after it.</p>
      )}
    </>
  );
}

/** What clings to an emptied vessel is no vessel of its own in the drawing. */
function isLeftover(before: StepPrediction | undefined, place: string, after: StepPrediction): boolean {
  const sum = (one: StepPrediction | undefined) =>
    Object.values(one?.shelf[place]?.phases ?? {}).reduce(
      (total, matter) => total + Object.values(matter ?? {}).reduce((g, part) => g + part, 0),
      0,
    );
  return sum(after) < 0.1 * sum(before);
}

function VesselColumn({
  number,
  title,
  main,
  aside,
  substance,
  lost,
  open,
  onOpen,
}: {
  readonly number: number;
  readonly title: string;
  readonly main: ShownPlace;
  readonly aside: readonly ShownPlace[];
  readonly substance: string | undefined;
  readonly lost: number;
  readonly open: boolean;
  readonly onOpen: () => void;
}) {
  const product = main.layers.flatMap(({ parts }) => parts).filter(({ id }) => id === substance);
  const mass = product.reduce((sum, part) => sum + part.grams, 0);
  const liquid = main.layers.filter(({ kind }) => kind !== 'solid').reduce((sum, layer) => sum + layer.mL, 0);
  const column = useRef<HTMLLIElement>(null);
  // What is chosen in the list comes into sight here, sideways only.
  useEffect(() => {
    const line = column.current?.parentElement;
    if (open && column.current && line)
      line.scrollLeft = column.current.offsetLeft - line.offsetLeft - line.clientWidth / 3;
  }, [open]);
  return (
    <li ref={column} className={open ? 'vessel-column vessel-column-open' : 'vessel-column'}>
      <button type="button" aria-expanded={open} onClick={onOpen}>
        <span className="vessel-step">
          <b className="num">{number}</b> {title}
        </span>
        <ProcessVessel place={main} />
        <span className="vessel-name">{main.label}</span>
        <span className="vessel-amounts">
          {liquid > 0.05 && <span className="num">{mL(liquid)} mL</span>}
          {mass > 0.001 && <strong className="num">{grams(mass)} g</strong>}
        </span>
        <span className={lost > 0.0005 ? 'vessel-lost' : 'vessel-lost vessel-lost-none'}>
          {lost > 0.0005 ? <span className="num">−{grams(lost)} g</span> : '\u00a0'}
        </span>
        {aside.map((place) => (
          <span key={place.place} className="vessel-aside">
            <ProcessVessel place={place} small />
            <small>{place.label}</small>
          </span>
        ))}
      </button>
    </li>
  );
}
