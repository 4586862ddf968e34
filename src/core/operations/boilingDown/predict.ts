import { boilingPointOf } from '../../worktop/volatile';
import { boilsAway } from '../../worktop/volatile';
import { format } from '../../quantity/format';
import { gramsOf, times } from '../../worktop/matter/matter';
import { millilitres } from '../../worktop/volumes';
import { worksIn } from '../../worktop/transfer';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

// What boils lower than this leaves first; nearer to each other they go by what there is.
const apart_K = 25;

/** What boils leaves, the lowest boiling first, until the volume is reached; what is dissolved stays. */
export function boilDown(
  work: Worktop<'in' | 'to'>,
  { to_mL, way }: { readonly to_mL: number; readonly way: 'open' | 'still' },
): void {
  const place = worksIn(work);
  const { kind } = work.world;
  const wanted = work.scaled(to_mL);
  const text = (value: number) => format({ dim: 'volume', value }, 'mL', { figures: 2 });
  const before = millilitres(kind, work.phase(place, 'liquid'));
  if (before <= wanted)
    work.remark(`Only ${text(before)} are foreseen here: nothing to boil off down to ${text(wanted)}.`);
  const vapour: Matter[] = [];
  for (;;) {
    const liquid = work.phase(place, 'liquid');
    const over = millilitres(kind, liquid) - wanted;
    const next = lightest(work, liquid);
    const volume = millilitres(kind, next);
    if (!(over > 1e-9) || !(volume > 1e-9)) break;
    vapour.push(work.take(place, 'liquid', times(next, Math.min(1, over / volume))));
  }
  const left = millilitres(kind, work.phase(place, 'liquid'));
  if (left > wanted * 1.01 && before > wanted)
    work.remark(`${text(left)} do not boil off: what is dissolved takes more room than ${text(wanted)}.`);
  for (const one of vapour) {
    if (way === 'open') work.leave('air', one);
    else work.put(work.receiver('to'), 'liquid', work.condensed(one));
  }
  work.temperature(place, hottest(work, vapour));
  work.follow(place);
}

/** What boils first of a liquid, with what boils close to it. */
function lightest(work: Worktop, liquid: Matter): Matter {
  const volatile = Object.keys(liquid).filter(
    (id) => (liquid[id] ?? 0) > 0 && id !== work.stage?.substance && boilsAway(work.world.kind(id), most_C),
  );
  const lowest = Math.min(...volatile.map((id) => boilsAt(work, id)));
  return Object.fromEntries(
    volatile.filter((id) => boilsAt(work, id) <= lowest + apart_K).map((id) => [id, liquid[id] ?? 0]),
  );
}

// What an open vessel on a plate reaches.
const most_C = 130;

function boilsAt(work: Worktop, id: string): number {
  const found = boilingPointOf(work, id);
  return Number.isNaN(found) ? most_C : found;
}

const hottest = (work: Worktop, vapour: readonly Matter[]) => {
  const last = vapour.at(-1);
  if (!last || gramsOf(last) === 0) return 100;
  return Math.max(...Object.keys(last).map((id) => boilsAt(work, id)));
};
