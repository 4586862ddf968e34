import { filterOff } from '../../worktop/filterOff';
import { filterThrough } from '../../worktop/filterThrough';
import { mainSolvent } from '../../worktop/crystallize';
import { room_C } from '../../worktop/matter/shelf';
import { worksIn } from '../../worktop/transfer';
import type { Filter } from '../../worktop/filterOff';
import type { Worktop } from '../../worktop/worktop';

export interface FilterByGravity {
  readonly keeps?: 'filtrate' | 'solid';
  readonly at?: 'hot' | 'room' | 'cold';
  readonly rinse?: string;
}

// What a liquid kept on the heat, and one that comes out of ice, has in the funnel.
const hot_C = 80;
const cold_C = 5;

/** What dissolved goes through, what did not stays: one of them goes on. */
export function filterByGravity(
  work: Worktop<'in' | 'to' | 'paper'>,
  { keeps = 'filtrate', at, rinse }: FilterByGravity,
): void {
  const filter: Filter = {
    from: worksIn(work),
    cake: work.receiver('paper'),
    filtrate: work.receiver('to'),
  };
  const now_C = work.content(filter.from).temperature_C;
  const at_C = at === 'hot' ? Math.max(hot_C, now_C) : at === 'cold' ? cold_C : at === 'room' ? room_C : now_C;
  if (keeps === 'filtrate') {
    filterThrough(work, filter, 'paper', { rinse, at_C });
    return;
  }
  const solvent = mainSolvent(work, filter.from) ?? '';
  filterOff(work, filter, { ...(rinse === undefined ? {} : { wash: rinse }), solvent, at_C });
}
