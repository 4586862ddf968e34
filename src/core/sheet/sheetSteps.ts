import { stepCautions } from '../operations/stepCautions';
import { benchState } from '../bench/benchState';
import { format } from '../quantity/format';
import { minutesText } from '../document/minutesText';
import { stepTitle } from '../operations/stepTitle';
import type { PlainAsk, MeasureAsk, SlotAsk } from '../operations/ask';
import type { OperationSign } from '../operations/operation';
import type { Preparation } from '../document/document';
import type { StepState } from '../bench/benchState';

/** A place on paper for one thing that is written down at the bench. */
export interface Blank {
  readonly label: string;
  /** Empty for a time. */
  readonly unit: string;
  /** What it should be. */
  readonly aim?: string;
}

/** A step as a sheet of paper has it. */
export interface SheetStep {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly sign: OperationSign;
  readonly sentence: string;
  readonly text?: string;
  readonly cautions: readonly string[];
  readonly checks: readonly string[];
  readonly blanks: readonly Blank[];
  readonly expect: readonly string[];
  readonly safeStop?: string;
  readonly optional: boolean;
  readonly time: string;
  readonly attended: boolean;
}

/** Steps of an issued document with a place for each reading, event and check that the bench would ask for. */
export function sheetSteps(issued: Preparation): readonly SheetStep[] {
  return benchState(issued, []).steps.map((state, i) => sheetStep(issued, state, i + 1));
}

function sheetStep(doc: Preparation, { step, operation, context, asks }: StepState, number: number): SheetStep {
  return {
    id: step.id,
    number,
    title: stepTitle(doc, step),
    sign: operation.sign,
    sentence: operation.sentence(context),
    ...(step.text === undefined ? {} : { text: step.text }),
    cautions: stepCautions(operation, context),
    checks: asks.flatMap((ask) => (ask.kind === 'check' ? [ask.says] : [])),
    blanks: asks.flatMap(blanksOf),
    expect: (step.expect ?? []).map((one) => one.replace(/[.\s]+$/, '')),
    ...(step.safeStop === undefined ? {} : { safeStop: step.safeStop }),
    optional: step.optional ?? false,
    time: minutesText(step.time),
    attended: step.time.attended,
  };
}

function blanksOf(ask: PlainAsk): readonly Blank[] {
  if (ask.kind === 'check') return [];
  if (ask.kind === 'event') return ask.optional === undefined ? [{ label: ask.says, unit: '' }] : [];
  if (ask.optional !== undefined) return [];
  const slots = ask.ways[0]?.slots ?? [];
  return slots.map((slot) => {
    const aim = slots.length === 1 ? aimOf(ask, slot) : undefined;
    return {
      label: slots.length > 1 ? slot.says : `${ask.title}: ${slot.says}`,
      unit: slot.unit,
      ...(aim === undefined ? {} : { aim }),
    };
  });
}

/** What is wanted of a reading: the amount in its own dimension, or its window. */
function aimOf({ goal, window }: MeasureAsk, { dim: of }: SlotAsk): string | undefined {
  const one = of === 'mass' ? goal?.mass : of === 'volume' ? goal?.volume : undefined;
  if (one) return format(one.q, one.unit, { figures: one.figures });
  if (!window) return undefined;
  const { low, high, aim, dim, unit, figures } = window;
  const text = (value: number) => format({ dim, value } as Parameters<typeof format>[0], unit, { figures });
  if (low !== undefined && high !== undefined) return `${text(low)} to ${text(high)}`;
  if (aim !== undefined) return text(aim);
  return high === undefined ? (low === undefined ? undefined : `from ${text(low)}`) : `below ${text(high)}`;
}
