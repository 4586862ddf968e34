import { findOperation } from '../operations/registry';
import { fromCharge } from '../document/steps';
import type { ChargeLine, Preparation } from '../document/document';
import type { Step } from '../document/steps';

/**
 * Brings an older document to the current format. Format 1 had no steps: its lines were measured one after the other, which
 * is what the added steps say, and its product had no name of its own.
 *
 * @param value a parsed document of any format; what is no document is handed back for the schema to refuse
 */
export function upgradePreparation(value: unknown): unknown {
  if (!isFirstFormat(value)) return value;
  return { ...value, formatVersion: 2, stages: stagesOf(value), steps: stepsOf(value) };
}

/** A document that was accepted and stored earlier, in today's format. */
export const openStored = (text: string): Preparation =>
  withTodaysSteps(upgradePreparation(JSON.parse(text)) as Preparation);

/** A document with the parameters of its steps as today's operations have them. Judged as it was written, before this. */
export function withTodaysSteps(doc: Preparation, find = findOperation): Preparation {
  const steps = doc.steps.map((step) => {
    const operation = find(step.op);
    if (!operation || step.opVersion >= operation.version) return step;
    return { ...step, opVersion: operation.version, params: operation.upgrade(step.params, step.opVersion) };
  });
  return { ...doc, steps };
}

interface FirstFormat extends Record<string, unknown> {
  readonly formatVersion: 1;
}

function isFirstFormat(value: unknown): value is FirstFormat {
  if (value === null || typeof value !== 'object' || !('formatVersion' in value) || value.formatVersion !== 1)
    return false;
  // Keys of a later format do not belong in an old one: the schema will say so.
  return !('steps' in value) && !('stages' in value);
}

const product = 'product';

function stagesOf({ equation }: FirstFormat): unknown {
  const substance = (equation as Partial<Preparation['equation']> | null | undefined)?.product;
  return [{ id: product, name: 'Product', substance, from: fromCharge }];
}

function stepsOf({ lines }: FirstFormat): unknown {
  const measured = (Array.isArray(lines) ? (lines as readonly (Partial<ChargeLine> | null)[]) : []).filter(
    (line): line is ChargeLine => typeof line?.id === 'string' && line.entered?.by !== 'words',
  );
  const time = { typical_min: 5, attended: true };
  const charges = measured.map(({ id }): Step => ({
    id: `charge-${id}`.slice(0, 40),
    op: 'charge',
    opVersion: 1,
    params: { line: id },
    time,
  }));
  const weigh: Step = { id: 'weigh-product', op: 'weighing', opVersion: 1, params: { of: product }, time };
  return [...charges, weigh];
}
