import { MeasurePicture } from './MeasurePicture';
import { pictures } from './pictures';
import type { ComponentType } from 'react';
import type { PictureProps } from './parts';
import type { PlainAsk, SlotAsk } from '@/core/operations/ask';
import type { StepState } from '@/core/bench/benchState';

/** The apparatus of a step with the place that matters now: a balance or a cylinder when one is read, else the step's own. */
export function StepPicture({
  step,
  ask,
  slot,
  text = '',
}: {
  readonly step: StepState;
  /** What is asked now. */
  readonly ask: Pick<PlainAsk, 'id' | 'spot'> | undefined;
  readonly slot?: SlotAsk;
  readonly text?: string;
}) {
  if (slot && (slot.dim === 'mass' || slot.dim === 'volume')) return <MeasurePicture slot={slot} text={text} />;
  const drawing = step.operation.drawing?.(step.actual, step.context);
  if (!drawing) return null;
  // Each drawing stands beside the card of its own kind.
  const Picture = pictures[drawing.kind] as ComponentType<PictureProps>;
  return <Picture drawing={drawing} step={step} focus={ask?.id ?? ''} spot={ask?.spot} text={text} />;
}
