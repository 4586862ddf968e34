import { isUnknownBase } from './acidBase';
import { foreseenShare } from './foreseen';
import { format } from '../quantity/format';
import { gramsOf, nothing, plus, without } from './matter/matter';
import { implied } from './kinds';
import { layerDensities, shakeTogether } from './layers';
import { layerOrder } from '../models/density/layerOrder';
import { molarVolume_L } from '../models/molarVolume';
import { millilitres } from './volumes';
import { undissolved } from './dissolving';
import { worksIn } from './transfer';
import type { Layers } from './layers';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/** A round of shaking, with what the funnel held during it. */
export interface Round extends Layers {
  readonly volume_mL: number;
}

/** Solids that no liquid takes up, as the phase that they are; none is no phase. */
export const solidOf = (lies: Matter) => (gramsOf(lies) > 0 ? { solid: lies } : {});

/** One round: a portion is added, everything is shaken, the layers settle in the funnel. */
export function round(work: Worktop, funnel: string, portion: Matter): Round {
  const fluid = plus(work.phase(funnel, 'liquid'), work.phase(funnel, 'organic'));
  const lies = undissolved(work, work.phase(funnel, 'solid'));
  const solid = without(work.phase(funnel, 'solid'), lies);
  work.put(funnel, 'liquid', portion);
  const volume_mL = millilitres(work.world.kind, work.whole(funnel));
  const layers = shakeTogether(work, plus(plus(fluid, solid), portion));
  work.rearrange(funnel, { organic: layers.organic, liquid: plus(layers.aqueous, layers.gas), ...solidOf(lies) });
  work.leave('air', work.take(funnel, 'liquid', layers.gas));
  return { ...layers, volume_mL };
}

/**
 * The funnel of a step for an organic layer. Where the work is an organic layer that stands elsewhere, and the funnel holds only the water
 * that an extraction left in it, that water is drained first: nobody washes, or extracts with water, what has no layer to it.
 *
 * @param aside slot for what is drained
 */
export function funnelFor(work: Worktop, aside: string): string {
  const place = work.place('in');
  const organic = (one: string) => gramsOf(work.phase(one, 'organic')) >= film_g;
  if (place !== work.product && work.content(place).raffinate && !organic(place) && organic(work.product)) {
    work.remark('What the funnel holds from before is drained first.');
    work.pour(place, work.receiver(aside));
  }
  return worksIn(work);
}

/** What the rounds showed: how full the funnel was, gas in litres, which layer is on top, and the pH of the water. */
export function remarkOn(work: Worktop, funnel: string, rounds: readonly Round[]): void {
  remarkOnFill(work, funnel, rounds);
  remarkOnGas(work, rounds.map(({ gas }) => gas).reduce(plus, nothing), ': open first, in portions, vent at once');
  remarkOnLayers(work, rounds.at(-1));
}

/** Less than this is a film, no layer, g. */
export const film_g = 0.05;

/** Which layer is on top by their densities, and the pH of the water. */
export function remarkOnLayers(work: Worktop, last: Layers | undefined): void {
  if (!last || gramsOf(last.organic) < film_g || gramsOf(last.aqueous) < film_g) {
    work.remark('The models foresee one layer only.');
    return;
  }
  const densities = layerDensities(work, last);
  const { upper, doubtful } = layerOrder(densities.organic, densities.aqueous);
  const text = (value: number) => format({ dim: 'density', value }, 'g/mL', { decimals: 2 });
  const known = !Object.keys(last.aqueous).some((id) => isUnknownBase(work.world.kind(id)));
  work.remark(
    `The ${upper} layer is on top (organic ${text(densities.organic)}, aqueous ${text(densities.aqueous)})${doubtful ? ': too close to trust, test with a drop of water' : ''}.${known ? ` pH of the water about ${format({ dim: 'number', value: last.pH }, '', { decimals: 1 })}.` : ''}`,
  );
}

/** Litres of carbon dioxide, where it is worth a word. */
export function remarkOnGas(work: Worktop, gas: Matter, care = ''): void {
  const litres = (gramsOf(gas) / implied.carbonDioxide.M) * molarVolume_L;
  if (litres > 0.01)
    work.remark(
      `About ${format({ dim: 'volume', value: litres * 1000 }, 'L', { figures: 2 })} of carbon dioxide${care}.`,
    );
}

function remarkOnFill(work: Worktop, funnel: string, rounds: readonly Round[]): void {
  const capacity = work.world.plan.doc.vessels.find(({ id }) => id === funnel)?.capacity_mL;
  const text = (value: number) => format({ dim: 'volume', value }, 'mL', { figures: 2 });
  const shares = rounds.map(({ volume_mL }) => {
    const share =
      capacity === undefined
        ? ''
        : `, ${format({ dim: 'fraction', value: volume_mL / capacity }, '%', { figures: 2 })} full`;
    return `${text(volume_mL)}${share}`;
  });
  work.remark(`In the funnel${rounds.length > 1 ? ', round by round' : ''}: ${shares.join('; ')}.`);
}

/** What is left of the product in a layer, as a share of what there was. */
export function loseLeft(
  work: Worktop,
  { key, label, before, left }: { key: string; label: string; before: number; left: Matter },
): void {
  const id = work.stage?.substance;
  const grams = id === undefined ? 0 : (left[id] ?? 0);
  if (id === undefined || before <= 0 || grams <= 0) return;
  work.lose(key, label, foreseenShare(before, id, grams / before));
}
