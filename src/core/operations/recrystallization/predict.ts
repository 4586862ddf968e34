import { massShare } from '../../worktop/foreseen';
import { format } from '../../quantity/format';
import { gramsOf, times, without } from '../../worktop/matter/matter';
import { productIn, broughtTo } from '../../worktop/transfer';
import { boilsAway } from '../../worktop/volatile';
import { millilitres } from '../../worktop/volumes';
import { solubilityBetween } from '../../models/crystallization/solubilityBetween';
import type { Worktop } from '../../worktop/worktop';

/** What the model needs of the parameters. */
export interface DissolveHot {
  readonly solvent: string;
  readonly charcoal?: string;
  readonly rinse?: string;
  readonly excess_percent?: number;
}

/**
 * Dissolving hot, charcoal, hot filtration, boiling off what was added for the filter. What the liquor keeps is decided when the
 * crystals are filtered off cold.
 */
export function dissolveHot(work: Worktop, { solvent, charcoal, rinse, excess_percent = 0 }: DissolveHot): void {
  const flask = broughtTo(work, work.place('in', work.world.facts.lines.get(solvent)?.line.vessel));
  const bath = work.introduce(solvent);
  work.put(flask, 'liquid', bath);
  // At the boil everything that can dissolve is in solution.
  const solids = work.phase(flask, 'solid');
  work.put(flask, 'liquid', work.take(flask, 'solid', solids));
  work.temperature(flask, boiling(work, solvent));
  keepUndissolved(work, flask, solvent);
  if (charcoal !== undefined || rinse !== undefined) filterHot(work, { flask, charcoal, rinse });
  // The excess was added for the filter; with the rinse it is boiled off.
  const volume = millilitres(work.world.kind, bath);
  const wanted = volume / (1 + excess_percent / 100);
  evaporate(work, flask, wanted);
  work.follow(flask);
}

const atTheBoil_K = 3;

/** What the hot solvent cannot hold by its curve stays solid, and goes on unpurified: that is said. */
function keepUndissolved(work: Worktop, flask: string, line: string): void {
  const { facts, kind } = work.world;
  const id = work.stage?.substance;
  const solvent = facts.lines.get(line)?.line.substance;
  const curve = id === undefined ? undefined : kind(id).substance?.solubility?.find((one) => one.solvent === solvent);
  if (id === undefined || !curve) return;
  const points = curve.points.map(({ digits, at_C }) => ({ T: at_C, s: Number(digits) / 100 }));
  const hottest = Math.min(boiling(work, line), Math.max(...points.map(({ T }) => T)));
  const s = solubilityBetween(points, hottest);
  const liquid = work.phase(flask, 'liquid');
  const grams = liquid[id] ?? 0;
  const volume = millilitres(kind, without(liquid, { [id]: grams }));
  const over = grams - volume * s;
  if (!(over > 1e-6)) return;
  // A curve that ends well below the boil tells nothing of it.
  if (boiling(work, line) - hottest > atTheBoil_K) {
    work.remark(
      `Solubilities are known up to ${format({ dim: 'temperature', value: hottest }, '°C', { figures: 2 })}: whether it all dissolves at the boil is not judged.`,
    );
    return;
  }
  work.put(flask, 'solid', work.take(flask, 'liquid', { [id]: over }));
  const text = (dim: 'mass' | 'volume', value: number) =>
    format({ dim, value }, dim === 'mass' ? 'g' : 'mL', { figures: 2 });
  work.remark(
    `${text('mass', over)} stays undissolved at the boil: the ${text('volume', volume)} hold ${text('mass', volume * s)}. About ${text('volume', grams / s - volume)} more would dissolve it; the hot filter would keep it.`,
  );
}

function filterHot(
  work: Worktop,
  { flask, charcoal, rinse }: { flask: string; charcoal?: string | undefined; rinse?: string | undefined },
): void {
  const filter = work.receiver('filter');
  const there = productIn(work, flask);
  const kept = work.assume({
    key: 'hotFilter',
    label: 'kept by the hot filter and the charcoal',
    dim: 'fraction',
    unit: '%',
    low: 0.03,
    typical: 0.06,
    high: 0.12,
    why: 'crystals in the paper and what charcoal binds; a warm funnel and a hot rinse bring it down',
  });
  const lost = massShare(there, work.stage?.substance ?? '', kept);
  work.lose('hotFilter', 'kept by the hot filter and the charcoal', lost);
  const id = work.stage?.substance;
  if (id !== undefined) work.put(filter, 'solid', work.draw(flask, { [id]: lost.q.value }));
  if (charcoal !== undefined) work.put(filter, 'solid', work.introduce(charcoal));
  if (rinse !== undefined) work.put(flask, 'liquid', work.introduce(rinse));
}

/** Boils the liquid down to a volume of solvent. */
function evaporate(work: Worktop, flask: string, wanted: number): void {
  const id = work.stage?.substance ?? '';
  const liquid = work.phase(flask, 'liquid');
  const solvents = Object.fromEntries(
    Object.entries(without(liquid, { [id]: liquid[id] ?? 0 })).filter(([one]) => boilsAway(work.world.kind(one))),
  );
  const volume = millilitres(work.world.kind, solvents);
  const off = volume > wanted ? 1 - wanted / volume : 0;
  const vapour = times(solvents, off);
  if (gramsOf(vapour) > 0) work.leave('air', work.take(flask, 'liquid', vapour));
}

function boiling(work: Worktop, line: string): number {
  const { substance } = work.world.facts.lines.get(line)?.substance ?? {};
  return Number(substance?.boiling?.digits ?? 100);
}
