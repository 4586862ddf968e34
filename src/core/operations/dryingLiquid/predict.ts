import { foreseenShare } from '../../worktop/foreseen';
import { agentNeed } from '../../models/drying/agentNeed';
import { capacityOf, floorOf } from './capacities';
import { format } from '../../quantity/format';
import { gramsOf, times } from '../../worktop/matter/matter';
import { rinsedBack } from '../../worktop/heldBack';
import { liquidsOf } from '../../worktop/react';
import { millilitres } from '../../worktop/volumes';
import { productIn, worksIn } from '../../worktop/transfer';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

/** The agent takes the water as far as it can, and holds liquid that a rinse brings back in part. */
export function dryWith(work: Worktop, { agent, rinse }: { readonly agent: string; readonly rinse?: string }): void {
  const place = worksIn(work);
  const held = work.receiver('agent');
  const dry = work.receiver('to');
  const salt = work.introduce(agent);
  const grams = gramsOf(salt);
  work.put(held, 'solid', salt);
  // Everything is one layer by now.
  const all = liquidsOf(work, place);
  work.rearrange(place, { organic: all, solid: work.phase(place, 'solid') });
  takeWater(work, { place, held, agent, grams });
  holdBack(work, { place, held, grams, rinse });
  work.put(dry, 'organic', work.takeAll(place, 'organic'));
  work.follow(dry);
}

function takeWater(
  work: Worktop,
  { place, held, agent, grams }: { place: string; held: string; agent: string; grams: number },
): void {
  const { kind, facts } = work.world;
  const organic = work.phase(place, 'organic');
  const water: Matter = Object.fromEntries(Object.entries(organic).filter(([id]) => kind(id).water));
  const substance = facts.lines.get(agent)?.substance.substance;
  const capacity = capacityOf(substance?.formula, substance && kind(substance.id).M) ?? guessedCapacity(work);
  const practical = work.assume({
    key: 'practical',
    label: 'share of its capacity that the agent reaches',
    dim: 'fraction',
    unit: '%',
    low: 0.1,
    typical: 0.2,
    high: 0.3,
    aside: true,
    why: 'in minutes; the hydrate forms slowly and coats the grains',
  });
  const there = gramsOf(water);
  const bound = Math.min(there, grams * capacity * practical.q.value);
  if (there > 0) work.put(held, 'solid', work.take(place, 'organic', times(water, bound / there)));
  // What the drops of water held stays on the grains.
  const salts = Object.fromEntries(Object.entries(organic).filter(([id]) => kind(id).inorganic));
  work.put(held, 'solid', work.take(place, 'organic', salts));
  const volume = millilitres(kind, organic);
  if (there <= 0 || volume <= 0) return;
  const need = agentNeed({
    volume_mL: volume,
    density: gramsOf(organic) / volume,
    waterContent: there / gramsOf(organic),
    capacity,
    practical: practical.q.value,
    floor_per25mL: floorOf(substance?.formula),
  });
  const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
  work.remark(
    `Water in it ${text(need.water_g)}: about ${text(need.agent_g)} of this agent to begin with, then by eye.`,
  );
}

function guessedCapacity(work: Worktop): number {
  return work.assume({
    key: 'capacity',
    label: 'water that a gram of this agent binds in theory',
    dim: 'fraction',
    unit: '%',
    low: 0.1,
    typical: 0.3,
    high: 1,
    aside: true,
    why: 'its hydrate is not known',
  }).q.value;
}

function holdBack(
  work: Worktop,
  { place, held, grams, rinse }: { place: string; held: string; grams: number; rinse: string | undefined },
): void {
  const wet = work.assume({
    key: 'held',
    label: 'liquid held by a gram of agent',
    dim: 'volumePerMass',
    unit: 'mL/g',
    low: 0.3,
    typical: 0.5,
    high: 1,
    why: 'about half a millilitre per gram of drained agent',
  });
  const organic = work.phase(place, 'organic');
  const volume = millilitres(work.world.kind, organic);
  const share = volume > 0 ? Math.min(0.9, (wet.q.value * grams) / volume) : 0;
  let kept = share;
  if (rinse !== undefined) {
    const about = { label: 'share of it that the rinse brings back', typical: 0.8, why: 'two or three small rinses' };
    kept = share * (1 - rinsedBack(work, about));
  }
  const before = productIn(work, place);
  work.put(held, 'organic', work.take(place, 'organic', times(organic, kept)));
  if (rinse !== undefined) work.put(place, 'organic', work.introduce(rinse));
  if (before > 0)
    work.lose('agent', 'left on the drying agent', foreseenShare(before, work.stage?.substance ?? '', kept));
}
