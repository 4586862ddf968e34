import type { Decision, Moment } from '../worktop/moments';
import type { Live } from '../record/foldRecord';
import type { Move } from '../record/entry';
import type { Step } from '../document/steps';

/**
 * What a bench decided at each moment of a step. A pouring says at which moment it was (step, round, the how manieth), so that one that was
 * struck, or two that contradict each other, shift none of the others: there nothing was decided, and the procedure goes its usual way.
 *
 * @param placeOf the place that an id on the record means
 */
export function decisionsOf(
  { id }: Pick<Step, 'id'>,
  record: readonly Live[],
  placeOf: (id: string) => string,
): (moment: Moment) => Decision | undefined {
  const moves = record.flatMap(({ status, body }) =>
    status === 'live' && body.k === 'move' && body.step === id ? [body] : [],
  );
  return (moment) => {
    if (moment.kind !== 'layers') return undefined;
    const move = moves.find(({ round = 1, n = 1 }) => round === moment.round && n === moment.n);
    return move && isLayer(move.what) ? { kind: 'keep', layer: move.what, to: placeOf(move.to) } : undefined;
  };
}

const isLayer = (what: Move['what']): what is 'upper' | 'lower' => what === 'upper' || what === 'lower';
