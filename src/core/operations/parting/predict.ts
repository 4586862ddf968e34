import { loseLeft, remarkOnLayers, round } from '../../worktop/funnel';
import { millilitres } from '../../worktop/volumes';
import { nothing, times } from '../../worktop/matter/matter';
import { partSettled } from '../../worktop/settled';
import { productIn, worksIn } from '../../worktop/transfer';
import type { UnderWay } from '../../worktop/moments';
import type { Worktop } from '../../worktop/worktop';

export interface PartLayers {
  readonly keep: 'organic' | 'aqueous';
  readonly by: 'stopcock' | 'pipette' | 'decanting';
}

/** What settles is parted: the kept layer goes on, the other one aside. A little of the other one always stays with it. */
export function* partLayers(work: Worktop<'in' | 'to' | 'aside'>, { keep, by }: PartLayers): UnderWay {
  const place = worksIn(work);
  const before = productIn(work, place);
  remarkOnLayers(work, round(work, place, nothing));
  const [kept, other] = keep === 'organic' ? (['organic', 'liquid'] as const) : (['liquid', 'organic'] as const);
  const aside = work.receiver('aside');
  const film = filmOf(work, by).q.value;
  const { went } = yield* partSettled(work, {
    in: place,
    round: 1,
    off: (layer) => {
      const all = work.phase(place, layer);
      if (layer !== other) return all;
      const volume = millilitres(work.world.kind, all);
      return times(all, volume > 0 ? 1 - Math.min(0.5, film / volume) : 1);
    },
    usual: { layer: other, to: aside },
  });
  loseLeft(work, {
    key: 'aside',
    label: keep === 'organic' ? 'left in the water' : 'left in the organic layer',
    before,
    left: work.phase(aside, other),
  });
  const to = went[kept] ?? work.named('to') ?? place;
  if (to !== place) for (const kind of [kept, other]) work.put(to, kind, work.takeAll(place, kind));
  work.follow(to);
}

/** What stays of the other layer, mL. */
function filmOf(work: Worktop, by: PartLayers['by']) {
  const [low, typical, high] = by === 'stopcock' ? [0.2, 0.5, 1] : [0.05, 0.15, 0.4];
  return work.assume({
    key: 'film',
    label: 'of the other layer, left with the kept one',
    dim: 'volume',
    unit: 'mL',
    low,
    typical,
    high,
    aside: true,
    why: 'on the glass, in the stem and as drops; about the same at every scale',
  });
}
