import { funnelFor, loseLeft, remarkOn, round } from '../../worktop/funnel';
import { millilitres } from '../../worktop/volumes';
import { gramsOf, nothing, plus, times } from '../../worktop/matter/matter';
import { partSettled } from '../../worktop/settled';
import { productIn, wallOf } from '../../worktop/transfer';
import type { UnderWay } from '../../worktop/moments';
import type { Round } from '../../worktop/funnel';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

/** Washes of an organic layer: the water goes aside with what it took. */
export function* washLayer(work: Worktop, { line }: { readonly line: string }): UnderWay {
  const funnel = funnelFor(work, 'waste');
  const aside = work.receiver('waste');
  const before = productIn(work, funnel);
  const taken: Matter[] = [];
  const done: Round[] = [];
  const portions = work.portions(line);
  let kept = funnel;
  for (let n = 1, enough = false; n <= portions.count && !enough; n++) {
    done.push(round(work, funnel, portions.next()));
    const parted = yield* partSettled(work, {
      in: funnel,
      round: n,
      off: (layer) => {
        const off = layer === 'liquid' ? drained(work, funnel) : work.phase(funnel, layer);
        if (layer === 'liquid') taken.push(off);
        return off;
      },
      usual: { layer: 'liquid', to: aside },
    });
    enough = parted.enough;
    kept = parted.went.organic ?? kept;
  }
  remarkOn(work, funnel, done);
  remarkOnEnd(work, done);
  loseLeft(work, { key: 'wash', label: 'taken by the wash', before, left: taken.reduce(plus, nothing) });
  work.follow(kept);
}

/** Where it is washed until no gas comes: after which portion that is, by what each gave off. */
function remarkOnEnd(work: Worktop, rounds: readonly Round[]): void {
  if (work.step.repeat?.until !== 'noGas') return;
  const gas = rounds.map((one) => gramsOf(one.gas));
  const most = Math.max(...gas);
  const last = gas.findLastIndex((grams) => grams > 0.05 * most);
  if (!(most > 1e-3)) work.remark('No gas is foreseen in any of the portions: nothing is left to neutralize.');
  else if (last === gas.length - 1)
    work.remark('The last portion still gives off gas by the models: have more of it ready.');
  else work.remark(`By the models no more gas comes after portion ${last + 1} of ${gas.length}.`);
}

/** What runs off: some water stays on glass and in the stem, and meets the next wash or the drying agent. */
function drained(work: Worktop, funnel: string): Matter {
  const water = work.phase(funnel, 'liquid');
  const wall = wallOf(work, funnel);
  const film = work.assume({
    key: 'film',
    label: 'water left in the funnel when it is drained',
    dim: 'volume',
    unit: 'mL',
    low: 0.2 * wall,
    typical: 0.5 * wall,
    high: wall,
    aside: true,
    why: `on the glass, in the stem and as drops in the organic layer; ${wall < 1 ? 'goes with the wall of so small a vessel' : 'about the same at every scale'}`,
  });
  const volume = millilitres(work.world.kind, water);
  return times(water, volume > 0 ? 1 - Math.min(0.5, film.q.value / volume) : 1);
}
