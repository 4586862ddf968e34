import { weighingOf } from './stageAhead';
import { wholeOf } from '../worktop/matter/shelf';
import type { Matter } from '../worktop/matter/matter';
import type { Prediction } from './predictProcess';
import type { Preparation } from '../document/document';

/** What is foreseen where a stage is measured, g of each substance; nothing where no step measures it. */
export function stageMatter(doc: Preparation, { steps }: Prediction, stage: string): Matter | undefined {
  const measuring = weighingOf(doc, stage);
  const after = steps.find(({ step }) => step.id === measuring?.id);
  const content = after?.shelf[after.product];
  return content && wholeOf(content);
}
