import { bestRun } from '../bestRun';
import { finding } from '../../finding/finding';
import { celsiusFact, worked } from '../numbers';
import { allowance_K, fastestRamp } from './types';
import { formatRange } from '../../quantity/formatRange';
import { stageOf } from '../stages';
import type { Capillary } from './meltingRun';
import { earlierOf } from '../../document/steps';
import type { Finding } from '../../finding/finding';
import type { MeltingRange, MeltingRangeParams } from './types';
import type { StepContext } from '../operation';

/** What melting ranges show as they are typed. */
export function meltingFindings(
  { capillaries, literature }: MeltingRange,
  context: StepContext<MeltingRangeParams>,
): readonly Finding[] {
  return capillaries.flatMap((one) => [
    ...rampFindings(one, context),
    ...rangeFindings(one, context),
    ...(literature && one.onset && one.onset.q.value > Number(literature.high) + allowance_K
      ? [
          finding('melt.high', 'caution', at(context, one, 'onset'), {
            item: one.item,
            onset: worked(one.onset),
            literature: celsiusFact(Number(literature.high)),
          }),
        ]
      : []),
    ...fellFindings(one, context),
  ]);
}

const at = ({ step }: StepContext, { item }: Capillary, slot: string) => ({ step: step.id, item, slot });

function rampFindings(one: Capillary, context: StepContext): readonly Finding[] {
  const { ramp, falling, readings, item } = one;
  if (falling)
    return [
      finding('melt.fallingRamp', 'stop', at(context, one, 'later'), {
        step: `Capillary ${item}`,
        first: `${readings['start']?.body.digits ?? ''}\u202f°C`,
        second: `${(readings['onset'] ?? readings['later'])?.body.digits ?? ''}\u202f°C`,
      }),
    ];
  return ramp && ramp.q.value > fastestRamp
    ? [finding('melt.ramp', 'caution', at(context, one, 'later'), { item, rate: worked(ramp) })]
    : [];
}

function rangeFindings(one: Capillary, context: StepContext): readonly Finding[] {
  const { onset, clear, item } = one;
  if (!onset || !clear) return [];
  const args = { item, onset: worked(onset), clear: worked(clear) };
  if (clear.q.value < onset.q.value) return [finding('melt.order', 'stop', at(context, one, 'clear'), args)];
  return clear.q.value === onset.q.value ? [finding('melt.single', 'caution', at(context, one, 'clear'), args)] : [];
}

/** A stage made from another should not melt lower than it did. */
function fellFindings(one: Capillary, context: StepContext<MeltingRangeParams>): readonly Finding[] {
  const stage = stageOf(context.bench, context.params.of);
  const earlier = stage && earlierOf(stage);
  const before = earlier === undefined ? undefined : bestRun(context.bench.meltingOf(earlier));
  if (!stage || !before || !one.clear || !one.onset || one.clear.q.value >= before.clear.q.value) return [];
  return [
    finding('melt.fell', 'caution', at(context, one, 'clear'), {
      stage: stage.name,
      range: formatRange(one.onset, one.clear),
      before: formatRange(before.onset, before.clear),
    }),
  ];
}
