import { changed } from '../changed';
import { freeId } from './freeId';
import { rightOf } from '../document/reactions';
import { stepsWithout, withSteps } from './steps';
import type { Change } from '../changed';
import type { Origin, Stage } from '../document/steps';
import type { Preparation } from '../document/document';

/** Adds a stage of a substance, which comes from what makes or brings it, as far as that can be told. */
export function addStage(doc: Preparation, substance: string): Preparation {
  const name = doc.substances.find(({ id }) => id === substance)?.name ?? substance;
  const origin = originOf(doc, substance);
  const called = origin?.by === 'stage' ? `${name}, purified` : name;
  const stage: Stage = {
    id: freeId(called, doc.stages, 'stage'),
    name: called.slice(0, 80),
    substance,
    ...(origin ? { origin } : {}),
    measure: 'mass',
  };
  return { ...doc, stages: [...doc.stages, stage] };
}

/** Where a stage of a substance most likely comes from: an earlier stage of it, a reaction, a line. */
function originOf(doc: Preparation, substance: string): Origin | undefined {
  const earlier = doc.stages.findLast((one) => one.substance === substance);
  if (earlier) return { by: 'stage', stage: earlier.id };
  const makes = doc.reactions.find(({ product }) => product === substance);
  if (makes) return { by: 'reaction', reaction: makes.id };
  const beside = doc.reactions.find((one) => rightOf(one).some((term) => term.substance === substance));
  if (beside) return { by: 'byProduct', reaction: beside.id };
  const line = doc.lines.find((one) => one.substance === substance);
  return line && { by: 'content', line: line.id };
}

/** Changes a stage. */
export function changeStage(doc: Preparation, id: string, change: Change<Stage>): Preparation {
  return { ...doc, stages: doc.stages.map((stage) => (stage.id === id ? changed(stage, change) : stage)) };
}

/**
 * Removes a stage with the steps that are about it. A later stage that was made from it comes from where it came from; a line that was
 * taken from it comes out of a bottle.
 */
export function removeStage(doc: Preparation, id: string): Preparation {
  const gone = doc.stages.find((stage) => stage.id === id);
  if (!gone) return doc;
  const bare = withSteps(doc, stepsWithout(doc.steps, { kind: 'stage', id }));
  return {
    ...bare,
    stages: doc.stages
      .filter((stage) => stage !== gone)
      .map((stage) =>
        stage.origin?.by === 'stage' && stage.origin.stage === id ? changed(stage, { origin: gone.origin }) : stage,
      ),
    lines: doc.lines.map((line) => {
      if (line.supply?.stage !== id) return line;
      const bottled = changed(line, { supply: undefined });
      return line.entered.by === 'expected'
        ? { ...bottled, entered: { by: 'mass', digits: '1.00', unit: 'g' } }
        : bottled;
    }),
  };
}
