'use client';
import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { answersOf, answersTo } from '@/core/operations/answers';
import { askBlocks, openBlock, optionalOf } from './askOrder';
import { DoneBlock } from './DoneBlock';
import { MeasurePad } from './MeasurePad';
import { StepPicture } from './operations/StepPicture';
import type { AskBlock } from './askOrder';
import type { CheckAsk, EventAsk } from '@/core/operations/ask';
import type { Body } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';

/** Everything a step asks for: what is done in brief, what is next in full, the rest in words. */
export function AskList({ step, onAdd }: { readonly step: StepState; readonly onAdd: (body: Body) => void }) {
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const blocks = askBlocks(step.asks);
  const usual = openBlock(blocks, undefined);
  const open = openBlock(blocks, chosen);
  // What comes next is brought into view, but not on opening the page: the sentence is to be read first.
  const openItem = useRef<HTMLLIElement>(null);
  const seen = useRef(open?.id);
  useEffect(() => {
    if (open?.id !== seen.current) openItem.current?.scrollIntoView({ block: 'nearest' });
    seen.current = open?.id;
  }, [open?.id]);
  const add = (body: Body) => {
    onAdd(body);
    // What follows in an optional series comes up by itself; everything else goes by the order of the step.
    setChosen(open && optionalOf(open));
  };
  const offers = [
    ...new Set(blocks.flatMap((block) => (block !== open && offered(block, step) ? (optionalOf(block) ?? []) : []))),
  ];
  return (
    <>
      <ol className="asks">
        {blocks.map((block) => {
          if (block === open)
            return (
              <li key={block.id} ref={openItem} className="ask-open">
                <OpenBlock key={block.id} block={block} step={step} onAdd={add} />
                {block !== usual && (
                  <Button variant="quiet" className="not-now" onClick={() => setChosen(undefined)}>
                    Not now
                  </Button>
                )}
              </li>
            );
          if (block.done)
            return (
              <li key={block.id} className="ask-done">
                <DoneBlock block={block} step={step} />
              </li>
            );
          if (optionalOf(block) !== undefined && step.status === 'done') return null;
          return (
            <li key={block.id} className="ask-later">
              <button type="button" onClick={() => setChosen(block.id)}>
                {headline(block)}
              </button>
            </li>
          );
        })}
      </ol>
      {offers.length > 0 && (
        <div className="ask-offers">
          {offers.map((words) => (
            <Button key={words} variant="line" onClick={() => setChosen(offerTarget(blocks, words))}>
              {words}
            </Button>
          ))}
        </div>
      )}
    </>
  );
}

/** An optional block is offered when the step is complete without it; one of a series also once it has been done before. */
function offered(block: AskBlock, step: StepState): boolean {
  if (optionalOf(block) === undefined) return false;
  return block.done ? isSeries(block) : step.status === 'done';
}

const isSeries = (block: AskBlock) =>
  block.kind === 'one' && block.ask.kind === 'measure' && block.ask.about.round !== undefined;

function offerTarget(blocks: readonly AskBlock[], words: string): string | undefined {
  const series = blocks.filter((block) => optionalOf(block) === words);
  return (series.find(({ done }) => !done) ?? series[0])?.id;
}

function headline(block: AskBlock): string {
  if (block.kind === 'checks')
    return block.checks.length === 1 ? (block.checks[0]?.says ?? '') : `${block.checks.length} checks`;
  return block.ask.kind === 'event' ? block.ask.says : block.ask.title;
}

function OpenBlock(props: {
  readonly block: AskBlock;
  readonly step: StepState;
  readonly onAdd: (body: Body) => void;
}) {
  const { block, step, onAdd } = props;
  if (block.kind === 'checks') return <Checks checks={block.checks} step={step} onAdd={onAdd} />;
  if (block.ask.kind === 'event') return <Happening ask={block.ask} step={step} onAdd={onAdd} />;
  return <MeasurePad ask={block.ask} step={step} devices={step.context.bench.doc.devices} onAdd={onAdd} />;
}

function Checks({
  checks,
  step,
  onAdd,
}: {
  readonly checks: readonly CheckAsk[];
  readonly step: StepState;
  readonly onAdd: (body: Body) => void;
}) {
  const next = checks.find(({ done }) => !done);
  return (
    <div className="ask-with-picture">
      <StepPicture step={step} ask={next} />
      <ul className="checks">
        {checks.map((ask) => (
          <li key={ask.check}>
            <button
              type="button"
              className={ask.done ? 'check-done' : ''}
              aria-pressed={ask.done}
              disabled={ask.done}
              onClick={() => answersOf(step.context, ask).forEach((body) => onAdd(body))}
            >
              <span className="check-box" aria-hidden="true">
                {ask.done ? '✓' : ''}
              </span>
              {ask.says}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Happening({
  ask,
  step,
  onAdd,
}: {
  readonly ask: EventAsk;
  readonly step: StepState;
  readonly onAdd: (body: Body) => void;
}) {
  const answers = answersTo(ask);
  return (
    <div className="ask-with-picture">
      <StepPicture step={step} ask={ask} />
      <div>
        <p className="reading-ask">{ask.says}</p>
        {answersOf(step.context, ask).map((body, i) => (
          <Button
            key={answers[i]?.name}
            className="record-button"
            variant={i === 0 ? 'primary' : 'line'}
            onClick={() => onAdd(body)}
          >
            {answers[i]?.button}
          </Button>
        ))}
      </div>
    </div>
  );
}
