import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, nothing, times } from '../../mixture/matter';
import { distillateFor } from './distillateFor';
import { millilitres } from '../predicting/volumes';
import type { Matter } from '../../mixture/matter';
import type { Worktop } from '../predicting/worktop';

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
  if (stage) giveUp(work, { pot, receiver, matter, id: stage.substance, percent: Number(stage.basis?.percent ?? 100) });
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
  }: { pot: string; receiver: string; matter: string; id: string; percent: number },
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
  const grams = content * given.q.value;
  // The oil was part of the material: its mass moves over under its own name.
  work.take(pot, kind, { [matter]: grams });
  work.put(receiver, 'organic', { [id]: grams });
}
