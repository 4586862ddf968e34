import { worksIn } from '../../worktop/transfer';
import { inSentence } from '../../document/inSentence';
import { isUnknownBase } from '../../worktop/acidBase';
import { format } from '../../quantity/format';
import { plus, times, without } from '../../worktop/matter/matter';
import { warmByMixing } from '../../worktop/mixingHeat';
import { findRoot } from '../../models/findRoot';
import { liquidsOf } from '../../worktop/react';
import { remarkOnGas, solidOf } from '../../worktop/funnel';
import { room_C } from '../../worktop/matter/shelf';
import { excessCharge, shakeAs } from '../../worktop/layers';
import { keptDissolved } from '../../worktop/crystallize';
import { settleSolids, undissolved } from '../../worktop/dissolving';
import { solubilityOf } from '../../worktop/solubility';
import type { Matter } from '../../worktop/matter/matter';
import type { UnderWay } from '../../worktop/moments';
import type { Worktop } from '../../worktop/worktop';

/**
 * An acid or base goes in: gas leaves, the pH follows from what is there, and what the stage will weigh comes out as far as its
 * neutral form does not dissolve, `s·(1 + 10^(pH − pKa))` for an acid.
 */
export function* setPH(
  work: Worktop,
  {
    line,
    low_pH,
    high_pH,
    below_C,
  }: { readonly line: string; readonly low_pH: number; readonly high_pH: number; readonly below_C?: number },
): UnderWay {
  const place = worksIn(work);
  // First: what it takes from a stage may stand in this very vessel.
  const added = work.introduce(line);
  const lies = undissolved(work, work.phase(place, 'solid'));
  const before = plus(liquidsOf(work, place), without(work.phase(place, 'solid'), lies));
  work.put(place, 'liquid', added);
  const { organic, aqueous, gas, pH } = shakeAs(work, before, added);
  work.rearrange(place, { organic, liquid: plus(aqueous, gas), ...solidOf(lies) });
  work.leave('air', work.take(place, 'liquid', gas));
  if (below_C !== undefined) work.temperature(place, below_C);
  else warmByMixing(work, place, { there: before, comes: added, gas });
  yield { kind: 'pH', in: place, round: 1, n: 1, pH };
  remarkOnGas(work, gas);
  remarkOnPH(work, { line, before, added, pH, low_pH, high_pH });
  precipitate(work, place);
  settleSolids(work, place, work.content(place).temperature_C);
  work.follow(place);
}

interface Added {
  readonly line: string;
  readonly before: Matter;
  readonly added: Matter;
  readonly pH: number;
  readonly low_pH: number;
  readonly high_pH: number;
}

/** The amount that reaches the middle of the window, beside the planned one. */
function remarkOnPH(work: Worktop, { line, before, added, pH, low_pH, high_pH }: Added): void {
  const unknown = Object.keys(plus(before, added)).filter((id) => isUnknownBase(work.world.kind(id)));
  if (unknown.length > 0) {
    const names = unknown.map((id) => inSentence(work.world.kind(id).name)).join(', ');
    work.remark(`No pH can be foreseen: what water and acid make of ${names} is not known here. The paper decides.`);
    return;
  }
  const shown = format({ dim: 'number', value: pH }, '', { decimals: 1 });
  const planned = work.world.plan.charge.rows.get(line)?.total.volume?.q.value ?? 0;
  const middle = (low_pH + high_pH) / 2;
  const off = (share: number) => excessCharge(work, plus(before, times(added, share)), middle);
  // A scenario is asked for masses, not for words.
  const ends = planned === 0 || Object.keys(work.world.scenario).length > 0 ? undefined : ([off(0), off(2)] as const);
  if (!ends || ends[0] * ends[1] >= 0) {
    work.remark(`The planned amount brings it to pH ${shown}.`);
    // Twice as much comes nearer and is not there yet.
    if (ends && Math.abs(ends[1]) < Math.abs(ends[0]) && ends[0] * ends[1] > 0) work.endPointTakes(Infinity);
    return;
  }
  const needed = planned * findRoot(off, 0, 2, 1e-3, ends);
  work.endPointTakes(needed / planned);
  const text = (value: number) => format({ dim: 'volume', value }, 'mL', { figures: 3 });
  work.remark(
    `About ${text(needed)} brings it to pH ${low_pH}–${high_pH}; the planned ${text(planned)} to pH ${shown}. Near the end the paper decides, not the volume.`,
  );
}

function precipitate(work: Worktop, place: string): void {
  const id = work.stage?.substance;
  if (id === undefined) return;
  const liquid = work.phase(place, 'liquid');
  const grams = liquid[id] ?? 0;
  if (!work.world.kind(id).solid || grams === 0) return;
  const s = solubilityOf(work, id, waterIn(work, place), room_C);
  const kept = keptDissolved(work, { id, grams, rest: without(liquid, { [id]: grams }), s }).q.value;
  work.put(place, 'solid', work.take(place, 'liquid', { [id]: grams - kept }));
}

function waterIn(work: Worktop, place: string): string {
  return Object.keys(work.phase(place, 'liquid')).find((id) => work.world.kind(id).water) ?? 'water~';
}
