import { changed } from '../../changed';
import { namedBy } from '../../operations/named';
import { pruned } from '../pruned';
import type { Lacks } from '../addStep';
import type { Preparation } from '../../document/document';
import type { RefField } from '../../operations/declare/fields';

/** A document that got steps, and which; or what has to be there before. */
export type AddedSteps =
  | { readonly ok: true; readonly doc: Preparation; readonly steps: readonly string[] }
  | { readonly ok: false; readonly lacks: Lacks };

/**
 * Some steps of a preparation by themselves, with the lines, stages, vessels and substances that they name: a preparation in which
 * nothing reacts, to be kept and put into others.
 *
 * @param ids steps that it holds; their order is that of the procedure
 */
export function blockOf(doc: Preparation, ids: readonly string[], title: string): Preparation {
  const steps = doc.steps.filter(({ id }) => ids.includes(id));
  const kept = new Set(steps.map(({ id }) => id));
  const named = (kind: RefField['kind']) => new Set(steps.flatMap((step) => namedBy(step, kind)));
  const [lines, stages] = [named('line'), named('stage')];
  const vessels = new Set(steps.flatMap(({ uses = {} }) => Object.values(uses)));
  const devices = new Set([
    ...steps.map(({ device }) => device),
    ...doc.lines.filter(({ id }) => lines.has(id)).map(({ device }) => device),
  ]);
  return pruned({
    ...changed(doc, { reference: undefined, conventions: undefined }),
    title,
    summary: '',
    reactions: [],
    lines: doc.lines
      .filter(({ id }) => lines.has(id))
      .map((line) => ({
        ...changed(line, { reaction: undefined, supply: undefined, vessel: undefined }),
        entered:
          line.entered.by === 'perMass' && !lines.has(line.entered.of)
            ? { ...line.entered, of: 'product' }
            : line.entered.by === 'expected'
              ? { by: 'mass', digits: '1.00', unit: 'g' }
              : line.entered,
      })),
    vessels: doc.vessels.filter(({ id }) => vessels.has(id)),
    devices: doc.devices.filter(({ id }) => devices.has(id)),
    stages: doc.stages
      .filter(({ id }) => stages.has(id))
      .map((stage) =>
        stage.origin?.by === 'stage' && stages.has(stage.origin.stage) ? stage : changed(stage, { origin: undefined }),
      ),
    steps: steps.map((step) => {
      const after = step.after?.filter((id) => kept.has(id));
      return changed(step, { after: after && after.length > 0 ? after : undefined });
    }),
    pin: { at: 'factor', digits: '1' },
    benches: 1,
    spare_percent: 0,
  });
}
