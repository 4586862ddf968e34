import { contentOf } from '../../document/steps';
import { anhydrousAtoms } from '../../compound/atomsOf';
import { format } from '../../quantity/format';
import { implied } from '../../process/worktop/kinds';
import { steamRatio } from '../../models/distillation/steamRatio';
import { troutonPressure } from '../../models/vapour/troutonPressure';
import { waterAlong, waterPressure } from '../../models/distillation/waterAlong';
import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, nothing, times } from '../../process/matter/matter';
import { distillateFor } from './distillateFor';
import { millilitres } from '../../process/worktop/volumes';
import type { Matter } from '../../process/matter/matter';
import type { Worktop } from '../../process/worktop/worktop';

/** What the material gives up of its content comes over with the water; the rest stays in the spent material. */
export function steamOver(
  work: Worktop,
  {
    material,
    topUp,
    distillate_mL,
  }: { readonly material: string; readonly topUp?: string; readonly distillate_mL: number },
): void {
  const pot = work.place('in');
  const receiver = work.own('to', 'Distillate');
  const added = topUp === undefined ? nothing : work.introduce(topUp);
  const stage = work.stage;
  const matter = work.world.facts.lines.get(material)?.line.substance ?? '';
  // Topped up with what came over; before, only where there is too little to begin with.
  const { facts, plan } = work.world;
  const portion = plan.charge.rows.get(material)?.portion.mass?.q.value;
  const wanted = distillateFor(distillate_mL, facts.lines.get(material)?.line, portion);
  const early = millilitres(work.world.kind, waterIn(work, pot)) < wanted;
  if (early) work.put(pot, 'liquid', added);
  const water = waterIn(work, pot);
  const volume = millilitres(work.world.kind, water);
  const share = volume > 0 ? Math.min(1, wanted / volume) : 0;
  if (gramsOf(water) > 0) work.put(receiver, 'liquid', work.take(pot, 'liquid', times(water, share)));
  if (!early) work.put(pot, 'liquid', added);
  const collected = gramsOf(work.phase(receiver, 'liquid'));
  if (stage)
    giveUp(work, {
      pot,
      receiver,
      matter,
      id: stage.substance,
      percent: Number(contentOf(stage)?.percent ?? 100),
      collected,
    });
  work.temperature(pot, 100);
  work.follow(receiver);
}

function waterIn(work: Worktop, pot: string): Matter {
  return Object.fromEntries(Object.entries(work.phase(pot, 'liquid')).filter(([id]) => work.world.kind(id).water));
}

function giveUp(
  work: Worktop,
  {
    pot,
    receiver,
    matter,
    id,
    percent,
    collected,
  }: { pot: string; receiver: string; matter: string; id: string; percent: number; collected: number },
): void {
  const kind = (work.phase(pot, 'liquid')[matter] ?? 0) > 0 ? 'liquid' : 'solid';
  const content = ((work.phase(pot, kind)[matter] ?? 0) * percent) / 100;
  if (content === 0) return;
  const given = work.assume({
    key: 'given',
    label: 'share of the content that comes over',
    dim: 'fraction',
    unit: '%',
    low: 0.5,
    typical: 0.7,
    high: 0.85,
    why: 'crushed plant material gives its oil up slowly',
  });
  work.lose(
    'material',
    'left in the material',
    derive({
      formula: 'unconverted',
      dim: 'mass',
      unit: 'g',
      value: content * (1 - given.q.value),
      inputs: { m_theo: work.foreseen('mass', content, 'g', id), X: fromWorked(given) },
      figures: 2,
      certain: 'modelled',
    }),
  );
  const released = content * given.q.value;
  const most = carriedBy(work, id, collected);
  const grams = Math.min(released, most);
  if (grams < released) {
    const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
    work.remark(`So much water carries at most about ${text(most)} of it: the rest needs more steam.`);
    work.lose('notCarried', 'not carried over by so little water', work.foreseenMass(released - grams, id));
  }
  // The oil was part of the material: its mass moves over under its own name.
  work.take(pot, kind, { [matter]: grams });
  work.put(receiver, 'organic', { [id]: grams });
}

/** Oil that an amount of water takes along at most: the ratio of their vapour pressures, the oil's by Trouton's rule. */
function carriedBy(work: Worktop, id: string, water_g: number): number {
  const { substance, M } = work.world.kind(id);
  const boiling = Number(substance?.boiling?.digits ?? NaN);
  if (!Number.isFinite(boiling) || M === undefined || boiling < 100) return Infinity;
  const T = waterAlong({ atoms: anhydrousAtoms(substance?.formula), boiling_C: boiling }, M).boiling_C;
  return water_g * steamRatio(troutonPressure(boiling, T), waterPressure(T), M, implied.water.M);
}
