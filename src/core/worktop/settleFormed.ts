import { acidBaseOf } from './acidBase';
import { excessCharge } from './layers';
import { settleSolids } from './dissolving';
import { format } from '../quantity/format';
import { gasOf } from '../compound/gases';
import { inSentence } from '../document/inSentence';
import { gramsOf, nothing, without } from './matter/matter';
import { hasGroup } from '../reference/groups';
import { molarVolume_L } from '../models/molarVolume';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/**
 * What a reaction made comes to where it belongs: gases leave, to the air or into a trap; what the liquid does not hold falls out. What the step is for is left to the steps that isolate it.
 */
export function settleFormed(work: Worktop, place: string, formed: Matter): void {
  const gas = pick(formed, (id) => isGas(work, place, work.world.kind(id)));
  const trapped = trap(work, place, gas);
  work.leave('air', work.take(place, 'liquid', without(gas, trapped)));
  for (const [id, grams] of Object.entries(gas)) remarkOnGas(work, work.world.kind(id), grams, id in trapped);
  const left = Object.keys(formed).filter((id) => !(id in gas));
  settleSolids(work, place, work.content(place).temperature_C, left);
}

const neutral_pH = 7;

const pick = (matter: Matter, wanted: (id: string) => boolean): Matter =>
  Object.fromEntries(Object.entries(matter).filter(([id, grams]) => grams > 0 && wanted(id)));

/** A gas leaves, unless it is an acid or a base that water or an amine in the vessel keeps. */
function isGas(work: Worktop, place: string, { substance, ...kind }: Kind): boolean {
  if (substance === undefined || substance.form === 'liquid' || substance.form === 'solid') return false;
  if (gasOf(substance.formula) === undefined) return false;
  const ions = acidBaseOf({ ...kind, substance });
  if (ions === undefined || ions.systems.some(({ gas }) => gas)) return true;
  const here = Object.keys(work.whole(place)).map((id) => work.world.kind(id));
  return !here.some(({ id, water, groups }) => id !== kind.id && (water || hasGroup(groups, 'amine', 'hydroxide')));
}

/** Into the trap that the step names goes what base or acid holds back; gives what that was. */
function trap(work: Worktop, place: string, gas: Matter): Matter {
  const into = work.named('trap');
  if (into === undefined) return nothing;
  const held = pick(gas, (id) => ['base', 'acid'].includes(gasOf(work.world.kind(id).substance?.formula)?.trap ?? ''));
  if (gramsOf(held) === 0) return nothing;
  const before = excessCharge(work, work.whole(into), neutral_pH);
  work.put(into, 'liquid', work.take(place, 'liquid', held));
  const after = excessCharge(work, work.whole(into), neutral_pH);
  // It began on one side of neutral and is on the other now.
  if (before * after < 0) work.remark('The trap holds too little: by the models it is used up.');
  else if (Math.abs(before) < 1e-6) work.remark('Nothing in the trap neutralizes the gas: water alone takes it up.');
  return held;
}

function remarkOnGas(work: Worktop, { name, M }: Kind, grams: number, trapped: boolean): void {
  if (M === undefined) return;
  const litres = (grams / M) * molarVolume_L;
  const text = format({ dim: 'volume', value: litres * 1000 }, litres < 1 ? 'mL' : 'L', { figures: 2 });
  if (litres > 0.01)
    work.remark(`About ${text} of gas ${trapped ? 'goes into the trap' : 'leaves'}: ${inSentence(name)}.`);
}
