import { foreseenMass } from '../../worktop/foreseen';
import { listedBoiling_C } from '../../reference/listedBoiling';
import { contentIn, givenUp } from '../../worktop/giveUp';
import { productIn, worksIn } from '../../worktop/transfer';
import type { GivesUp } from '../../worktop/giveUp';
import { anhydrousAtoms } from '../../compound/atomsOf';
import { format } from '../../quantity/format';
import { implied } from '../../worktop/kinds';
import { steamRatio } from '../../models/distillation/steamRatio';
import { troutonPressure } from '../../models/vapour/troutonPressure';
import { waterAlong, waterPressure } from '../../models/distillation/waterAlong';
import { gramsOf, nothing, times } from '../../worktop/matter/matter';
import { distillateFor } from './distillateFor';
import { millilitres } from '../../worktop/volumes';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

/** What the material gives up of its content comes over with the water; the rest stays in the spent material. */
export function steamOver(
  work: Worktop,
  {
    material,
    topUp,
    distillate_mL,
  }: { readonly material?: string; readonly topUp?: string; readonly distillate_mL: number },
): void {
  const pot = worksIn(work);
  const receiver = work.receiver('to');
  const added = topUp === undefined ? nothing : work.introduce(topUp);
  // Topped up with what came over; before, only where there is too little to begin with.
  const { facts, plan } = work.world;
  const portion = material === undefined ? undefined : plan.charge.rows.get(material)?.portion.mass?.q.value;
  const wanted =
    material === undefined
      ? work.scaled(distillate_mL)
      : distillateFor(distillate_mL, facts.lines.get(material)?.line, portion);
  const early = millilitres(work.world.kind, waterIn(work, pot)) < wanted;
  if (early) work.put(pot, 'liquid', added);
  const water = waterIn(work, pot);
  const volume = millilitres(work.world.kind, water);
  const share = volume > 0 ? Math.min(1, wanted / volume) : 0;
  if (gramsOf(water) > 0) work.put(receiver, 'liquid', work.condensed(work.take(pot, 'liquid', times(water, share))));
  if (!early) work.put(pot, 'liquid', added);
  const collected = gramsOf(work.phase(receiver, 'liquid'));
  if (work.stage) giveUp(work, { pot, receiver, ...(material === undefined ? {} : { material }), collected });
  work.temperature(pot, 100);
  work.follow(receiver);
}

function waterIn(work: Worktop, pot: string): Matter {
  return Object.fromEntries(Object.entries(work.phase(pot, 'liquid')).filter(([id]) => work.world.kind(id).water));
}

/** What the material gives up, or what is in the pot already, goes over as far as the water carries it. */
function giveUp(
  work: Worktop,
  { pot, receiver, material, collected }: { pot: string; receiver: string; material?: string; collected: number },
): void {
  const id = work.stage?.substance ?? '';
  const content = material === undefined ? undefined : contentIn(work, pot, material);
  // A material may also bring it by a strength of its line; then it is there under its own name.
  const there = content?.grams ?? productIn(work, pot);
  if (there === 0) {
    work.remark('Nothing of what it is for is foreseen in the pot: only water comes over.');
    return;
  }
  const released = material === undefined ? there : givenUp(work, { grams: there }, byHeat);
  const most = carriedBy(work, id, collected);
  const grams = Math.min(released, most);
  if (grams < released) {
    const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
    work.remark(`So much water carries at most about ${text(most)} of it: the rest needs more steam.`);
    work.lose('notCarried', 'not carried over by so little water', foreseenMass(released - grams, id));
  }
  // The oil was part of the material: its mass moves over under its own name.
  const over = content ? work.take(pot, content.phase, { [content.matter]: grams }) : work.draw(pot, { [id]: grams });
  work.put(receiver, 'organic', work.condensed({ [id]: gramsOf(over) }));
}

const byHeat: GivesUp = {
  label: 'share of the content that comes over',
  low: 0.5,
  typical: 0.7,
  high: 0.85,
  why: 'crushed plant material gives its oil up slowly',
};

/** Oil that an amount of water takes along at most: the ratio of their vapour pressures, the oil's by Trouton's rule. */
function carriedBy(work: Worktop, id: string, water_g: number): number {
  const { substance, M } = work.world.kind(id);
  const boiling = listedBoiling_C(substance);
  if (!Number.isFinite(boiling) || M === undefined || boiling < 100) return Infinity;
  const T = waterAlong({ atoms: anhydrousAtoms(substance?.formula), boiling_C: boiling }, M).boiling_C;
  return water_g * steamRatio(troutonPressure(boiling, T), waterPressure(T), M, implied.water.M);
}
