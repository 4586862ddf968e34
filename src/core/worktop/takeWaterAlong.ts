import { listedBoiling_C } from '../reference/listedBoiling';
import { anhydrousAtoms } from '../compound/atomsOf';
import { format } from '../quantity/format';
import { gramsOf, times } from './matter/matter';
import { likesWater } from './partition';
import { waterAlong } from '../models/distillation/waterAlong';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/** Water that distils with what is collected, as far as there is some: it is found again by the drying step. */
export function takeWaterAlong(
  work: Worktop,
  { pot, receiver, substance, grams }: { pot: string; receiver: string; substance: string; grams: number },
): void {
  const { kind } = work.world;
  const { substance: entry, M } = kind(substance);
  const boiling_C = listedBoiling_C(entry);
  if (!(grams > 0) || M === undefined || !(boiling_C >= -50 && boiling_C <= 400)) return;
  const atoms = anhydrousAtoms(entry?.formula);
  const along = waterAlong({ atoms, boiling_C }, M);
  // What mixes with water and is on no list distils by no such rule.
  if (along.from === 'estimate' && likesWater(kind(substance))) return;
  const water: Matter = Object.fromEntries(
    Object.entries(work.phase(pot, 'liquid')).filter(([id, there]) => kind(id).water && there > 0),
  );
  const there = gramsOf(water);
  const over = Math.min(there, grams * along.perGram);
  if (!(over > 0.005)) return;
  work.put(receiver, 'liquid', work.condensed(work.take(pot, 'liquid', times(water, over / there))));
  const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
  work.remark(
    `About ${text(over)} of water comes over with it (both boil together near ${format({ dim: 'temperature', value: along.boiling_C }, '°C', { decimals: 0 })}): the head stands lower while it does, and the drying agent meets it.`,
  );
}
