import { findOperation } from '../operations/registry';
import { formatVersion } from '../document/document';
import { usualRun } from '../operations/usualRun';
import type { EarlierPreparation, EarlierStage } from '../document/earlier';
import type { ChargeLine, Preparation } from '../document/document';
import type { Origin, Stage, Step } from '../document/steps';

/**
 * A document that was accepted and stored earlier, in the format and with the operations of today. It went through the reader when it
 * was stored, and is not judged again, so that it always opens.
 */
export const openStored = (text: string): Preparation => openDocument(JSON.parse(text) as Kept);

type Kept = Preparation | EarlierPreparation;

/**
 * The same for one that is parsed already.
 *
 * @throws RangeError for a format that this version does not know
 */
export function openDocument(kept: Kept): Preparation {
  if (kept.formatVersion === formatVersion) return withTodaysSteps(kept);
  if (kept.formatVersion === 1 || kept.formatVersion === 2) return upgradedPreparation(kept);
  throw new RangeError('a format that is not known');
}

/** A document with the parameters of its steps as today's operations have them. Judged as it was written, before this. */
export function withTodaysSteps<D extends Pick<Preparation, 'steps'>>(doc: D, find = findOperation): D {
  const steps = doc.steps.map((step) => {
    const operation = find(step.op);
    if (!operation || step.opVersion >= operation.version) return step;
    return { ...step, opVersion: operation.version, params: operation.upgrade(step.params, step.opVersion) };
  });
  return { ...doc, steps };
}

/**
 * Brings a document of format 1 or 2 to today's. Format 1 had no steps: its lines were measured one after the other, which is what the
 * added steps say, and its product had no name of its own. Format 2 had one equation, which ran where the procedure let it: now
 * the lines say what they go into, the stages what they come from, and the reaction where it runs.
 */
export function upgradedPreparation(doc: EarlierPreparation): Preparation {
  const { equation, stages = stagesOf(doc), lines, ...rest } = doc;
  const made = equation.terms.length > 0;
  const { steps } = withTodaysSteps({ steps: doc.steps ?? stepsOf(doc) });
  const vessel = lines.find(({ id }) => id === doc.reference)?.vessel;
  const run = made ? usualRun({ steps }, vessel) : undefined;
  return {
    ...rest,
    formatVersion,
    reactions: made
      ? [{ id: reaction, name: 'Reaction', ...equation, runs: run === undefined ? [] : [{ step: run }] }]
      : [],
    lines: lines.map((line) => (made && reacting.includes(line.role) ? { ...line, reaction } : line)),
    stages: stages.map((stage) => upgradedStage(stage, doc)),
    steps,
  };
}

const reaction = 'reaction';
const reacting: readonly ChargeLine['role'][] = ['reactant', 'reagent in excess', 'catalyst'];

function upgradedStage({ id, name, substance, ...from }: EarlierStage, doc: EarlierPreparation): Stage {
  const origin = originOf({ substance, ...from }, doc.equation);
  return { id, name, substance, ...(origin ? { origin } : {}), measure: 'mass' };
}

function originOf(
  { from, basis, substance }: Omit<EarlierStage, 'id' | 'name'>,
  { terms, product }: EarlierPreparation['equation'],
): Origin | undefined {
  if (from !== 'charge') return { by: 'stage', stage: from };
  if (basis) return { by: 'content', ...basis };
  if (terms.length === 0) return undefined;
  const beside = substance !== product && terms.some((term) => term.side === 'right' && term.substance === substance);
  return { by: beside ? 'byProduct' : 'reaction', reaction };
}

const product = 'product';

const stagesOf = ({ equation }: EarlierPreparation): readonly EarlierStage[] => [
  { id: product, name: 'Product', substance: equation.product, from: 'charge' },
];

function stepsOf({ lines }: EarlierPreparation): readonly Step[] {
  const time = { typical_min: 5, attended: true };
  const charges = lines
    .filter(({ entered }) => entered.by !== 'words')
    .map(({ id }): Step => ({
      id: `charge-${id}`.slice(0, 40),
      op: 'charge',
      opVersion: 1,
      params: { line: id },
      time,
    }));
  return [...charges, { id: 'weigh-product', op: 'weighing', opVersion: 1, params: { of: product }, time }];
}
