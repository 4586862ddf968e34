import { acidBaseOf } from '../predicting/acidBase';
import { derive } from '../../stoichiometry/derive';
import { format } from '../../quantity/format';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, plus, without } from '../../mixture/matter';
import { liquidsOf } from '../predicting/react';
import { protonsGiven } from '../../models/acidBase/speciation';
import { shakeTogether } from '../predicting/layers';
import { solubilityOf } from '../predicting/solubility';
import type { Worked } from '../../quantity/worked';
import type { Worktop } from '../predicting/worktop';

const room_C = 20;

/**
 * An acid or base goes in: gas leaves, the pH follows from what is there, and what the stage will weigh comes out as far as its
 * neutral form does not dissolve, `s·(1 + 10^(pH − pKa))` for an acid.
 */
export function setPH(
  work: Worktop,
  {
    line,
    low_pH,
    high_pH,
    below_C,
  }: { readonly line: string; readonly low_pH: number; readonly high_pH: number; readonly below_C?: number },
): void {
  const place = work.place('in');
  const before = plus(liquidsOf(work, place), work.phase(place, 'solid'));
  const added = work.introduce(line);
  work.put(place, 'liquid', added);
  const { organic, aqueous, gas, pH } = shakeTogether(work, plus(before, added));
  work.rearrange(place, { organic, liquid: plus(aqueous, gas) });
  work.leave('air', work.take(place, 'liquid', gas));
  work.temperature(place, below_C ?? room_C);
  const litres = (gramsOf(gas) / 44.009) * 24;
  if (litres > 0.01)
    work.remark(`About ${format({ dim: 'volume', value: litres * 1000 }, 'L', { figures: 2 })} of carbon dioxide.`);
  const shown = format({ dim: 'number', value: pH }, '', { decimals: 1 });
  const off = pH < low_pH - 0.5 || pH > high_pH + 0.5;
  work.remark(
    `The planned amount brings it to pH ${shown}${off ? `, outside ${low_pH}–${high_pH}: the paper decides, not the volume` : ''}.`,
  );
  precipitate(work, place, pH);
  work.follow(place);
}

function precipitate(work: Worktop, place: string, pH: number): void {
  const id = work.stage?.substance;
  if (id === undefined) return;
  const kind = work.world.kind(id);
  const liquid = work.phase(place, 'liquid');
  const grams = liquid[id] ?? 0;
  if (!kind.solid || grams === 0) return;
  const volume = work.volume(without(liquid, { [id]: grams }));
  const s = work.world.kind(id).solid ? allForms(work, id, pH, waterIn(work, place)) : undefined;
  const kept = s ? Math.min(grams, volume.q.value * s.q.value) : grams;
  work.put(place, 'solid', work.take(place, 'liquid', { [id]: grams - kept }));
}

function waterIn(work: Worktop, place: string): string {
  return Object.keys(work.phase(place, 'liquid')).find((id) => work.world.kind(id).water) ?? 'water~';
}

/** Solubility of all forms together at a pH, from that of the neutral one. */
function allForms(work: Worktop, id: string, pH: number, water: string): Worked<'density'> {
  const s_0 = solubilityOf(work, id, water, room_C);
  const system = acidBaseOf(work.world.kind(id));
  const [pKa] = system?.pKas ?? [];
  if (pKa === undefined || !system) return s_0;
  const given = protonsGiven([pKa], pH);
  const neutral = system.charge > 0 ? given : 1 - given;
  return derive({
    formula: 'solubilityAtPH',
    dim: 'density',
    unit: 'g/100 mL',
    value: s_0.q.value / Math.max(neutral, 1e-12),
    inputs: { s_0: fromWorked(s_0), x: work.foreseen('fraction', Math.max(neutral, 1e-12), '%', id) },
    figures: 2,
    certain: 'modelled',
  });
}
