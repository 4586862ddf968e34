import { acceptedShare } from '@/core/bench/chargeFindings';
import type { Device } from '@/core/quantity/device';
import type { StepState } from '@/core/bench/benchState';
import type { MeasureAsk, SlotAsk, Way, Window } from '@/core/operations/ask';

/** The way to begin with: the one that has a reading already, or else the first. */
export function startWay({ ways, readings }: MeasureAsk): Way {
  const begun = ways.find(({ slots }) => slots.some(({ slot }) => readings[slot] !== undefined));
  return begun ?? (ways[0] as Way);
}

/** The reading that a way still lacks. */
export function nextSlot({ readings }: MeasureAsk, { slots }: Way): SlotAsk | undefined {
  return slots.find(({ slot }) => readings[slot] === undefined);
}

/** The accepted window around what the charge table wants, when it wants this kind of quantity. */
export function goalWindow({ goal }: MeasureAsk, dim: SlotAsk['dim']): Window | undefined {
  const wanted = dim === 'mass' || dim === 'volume' ? goal?.[dim] : undefined;
  if (!wanted) return undefined;
  const { value } = wanted.q;
  return {
    dim,
    unit: wanted.unit,
    low: value * (1 - acceptedShare),
    high: value * (1 + acceptedShare),
    aim: value,
    figures: Math.max(3, wanted.figures),
  };
}

/**
 * The instrument to begin with: the line's, the step's, the one that this bench read last, or the first of its kind.
 *
 * @param fitting those that show the unit
 */
export function usualDevice(
  fitting: readonly Device[],
  { device }: MeasureAsk,
  { step, context }: StepState,
): Device | undefined {
  const last = context.bench.record.findLast(
    ({ body }) => body.k === 'reading' && fitting.some(({ id }) => id === body.device),
  );
  const used = last?.body.k === 'reading' ? last.body.device : undefined;
  const wanted = [device, step.device, used];
  return wanted.map((id) => fitting.find((one) => one.id === id)).find((one) => one !== undefined) ?? fitting[0];
}
