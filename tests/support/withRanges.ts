import type { MassRange, Prediction, StagePrediction } from '@/core/process/predictProcess';

/** What each stage is foreseen to weigh, with its bounds. */
export const withRanges = ({ stages, ranges }: Prediction): readonly (StagePrediction & MassRange)[] => {
  const found = ranges();
  return stages.map((one) => ({ ...one, low: NaN, high: NaN, ...found.get(one.stage.id) }));
};
