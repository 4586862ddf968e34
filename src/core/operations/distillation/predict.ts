import { foreseenMass } from '../../worktop/foreseen';
import { boilingPointOf } from '../../worktop/volatile';
import { listedBoiling_C } from '../../reference/listedBoiling';
import { anhydrousAtoms } from '../../compound/atomsOf';
import { likesWater } from '../../worktop/partition';
import { waterAlong } from '../../models/distillation/waterAlong';
import { format } from '../../quantity/format';
import { headReading } from '../../models/distillation/headReading';
import { gramsOf, plus, times, without } from '../../worktop/matter/matter';
import { densityIn, millilitres } from '../../worktop/volumes';
import { liquidsOf } from '../../worktop/react';
import { productIn, broughtTo } from '../../worktop/transfer';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

export interface DistilOver {
  readonly low_C: number;
  readonly high_C: number;
  readonly recover_C?: number;
  readonly withWater?: boolean;
  readonly until_mL?: number;
  readonly until_percent?: number;
  readonly cuts_C?: readonly number[];
  readonly column?: 'vigreux' | 'packed';
}

type Still = Worktop;

/**
 * The forerun takes what boils lower and some product, the apparatus holds a constant mass, the rest is the main cut, as far as it is
 * collected. A solvent that is recovered goes first, into a receiver of its own; water that comes with the product goes where it goes.
 */
export function distilOver(work: Still, params: DistilOver): void {
  const { low_C, high_C } = params;
  const pot = broughtTo(work, work.place('in'));
  const id = work.stage?.substance ?? '';
  const receiver = work.receiver('to');
  const all = plus(liquidsOf(work, pot), work.phase(pot, 'solid'));
  const grams = productIn(work, pot);
  const volume_mL = millilitres(work.world.kind, all);
  work.rearrange(pot, { organic: all });
  const companions = without(all, { [id]: grams });
  const light = recover(work, pot, params, lighterThan(work, companions, params));
  if (grams === 0) {
    work.remark('Nothing of what it is for is foreseen in the pot: only what boils lower comes over.');
    move(work, pot, receiver, light);
    work.follow(receiver);
    return;
  }
  const { first, held } = params.withWater ? chased(work, grams) : keptBack(work, grams, pot, params);
  remarkOnThermometer(work, low_C, high_C);
  if (!params.withWater) remarkOnWater(work, id, light);
  const early = Math.min(grams, first?.q.value ?? 0);
  const inColumn = ofColumn(work, params, grams - early);
  const stays = Math.min(grams - early - inColumn, held.q.value);
  collectLight(work, { pot, light, early: { [id]: early } }, params);
  if (first) work.lose('forerun', 'in the forerun', early < grams ? first : foreseenMass(grams, id));
  work.lose('holdUp', 'left in the pot, head and condenser', stays < held.q.value ? foreseenMass(stays, id) : held);
  const could = grams - early - inColumn - stays;
  const over = Math.min(could, endsAt(work, id, params, volume_mL));
  if (over < could) work.lose('stopped', 'left in the pot when it was stopped', foreseenMass(could - over, id));
  // What boils close to the product comes with it, in proportion.
  const heavy = heavierIn(work, pot);
  move(work, pot, receiver, plus(times(close(work, heavy, low_C), over / grams), { [id]: over }));
  if (params.withWater) waterWith(work, { pot, receiver, id, over }, params);
  collectHeavy(work, pot, params);
  work.temperature(pot, low_C);
  work.follow(receiver);
}

/** What is left in the pot beside the product and the water, which comes by itself. */
function heavierIn(work: Worktop, pot: string): Matter {
  return Object.fromEntries(
    Object.entries(work.phase(pot, 'organic')).filter(
      ([one]) => one !== work.stage?.substance && !work.world.kind(one).water,
    ),
  );
}

/** What boils below the main cut, each into the receiver that stands there at its boiling point; what comes early of the product, into the last of them. */
function collectLight(
  work: Still,
  { pot, light, early }: { readonly pot: string; readonly light: Matter; readonly early: Matter },
  { cuts_C = [], low_C }: DistilOver,
): void {
  const changes = cuts_C.filter((at_C) => at_C <= low_C);
  const receivers = ['forerun', ...changes.map((_, i) => `cut${i + 1}`)];
  receivers.forEach((use, i) => {
    const last = i === receivers.length - 1;
    const [from, to] = [changes[i - 1] ?? -Infinity, changes[i] ?? Infinity];
    const here = Object.fromEntries(
      Object.entries(light).filter(([id]) => {
        const boiling_C = boilingPointOf(work, id);
        return Number.isFinite(boiling_C) ? boiling_C > from && boiling_C <= to : i === 0;
      }),
    );
    move(work, pot, work.receiver(use), last ? plus(here, early) : here);
  });
}

/** What boils above the main cut, as far as a receiver waits for it; some stays in the pot and the head. */
function collectHeavy(work: Still, pot: string, { cuts_C = [], low_C }: DistilOver): void {
  const changes = cuts_C.filter((at_C) => at_C > low_C);
  if (changes.length === 0) return;
  const over = work.assume({
    key: 'tail',
    label: 'share of what boils higher that comes over while its receiver is on',
    dim: 'fraction',
    unit: '%',
    low: 0.6,
    typical: 0.8,
    high: 0.92,
    aside: true,
    why: 'never to dryness: pot, head and condenser keep the rest',
  }).q.value;
  changes.forEach((to, i) => {
    const from = i === 0 ? -Infinity : (changes[i - 1] ?? -Infinity);
    const here = Object.fromEntries(
      Object.entries(heavierIn(work, pot)).filter(
        ([id]) => boilingPointOf(work, id) > from && boilingPointOf(work, id) <= to,
      ),
    );
    move(work, pot, work.receiver(`cut${cuts_C.indexOf(to) + 1}`), times(here, over));
  });
}

const columns = {
  vigreux: { low: 0.3, typical: 0.8, high: 1.5, why: 'its points and walls stay wet' },
  packed: { low: 1, typical: 2.5, high: 5, why: 'the packing stays wet: a few millilitres however much is distilled' },
} as const;

/** What a column holds of the product when the heat is off, g. */
function ofColumn(work: Worktop, { column }: DistilOver, grams: number): number {
  if (column === undefined) return 0;
  const held = work.assume({
    key: 'column',
    label: 'held by the column',
    dim: 'mass',
    unit: 'g',
    ...columns[column],
  });
  const stays = Math.min(grams, held.q.value);
  work.lose(
    'column',
    'held by the column',
    stays < held.q.value ? foreseenMass(stays, work.stage?.substance ?? '') : held,
  );
  return stays;
}

/** With water to drive it over there is no forerun, and little stays behind. */
function chased(work: Worktop, grams: number) {
  const held = work.assume({
    key: 'holdUp',
    label: 'left in the pot, head and condenser',
    dim: 'mass',
    unit: 'g',
    low: 0.01 * grams,
    typical: 0.03 * grams,
    high: 0.1 * grams,
    why: 'the water drives it over; the rest stays dissolved or as a film',
  });
  return { first: undefined, held };
}

/** Companions that come over before the main cut; water where it does not come with it. */
function lighterThan(work: Worktop, companions: Matter, { low_C, withWater }: DistilOver): Matter {
  return Object.fromEntries(
    Object.entries(companions).filter(([one]) => {
      const { water } = work.world.kind(one);
      return water ? !withWater : boilingPointOf(work, one) < low_C - 20;
    }),
  );
}

/** What is recovered of the solvent leaves first; gives what is left of the light ones. */
function recover(work: Still, pot: string, { recover_C }: DistilOver, light: Matter): Matter {
  if (recover_C === undefined) return light;
  const solvent = Object.fromEntries(
    Object.entries(light).filter(([one]) => listedBoiling_C(work.world.kind(one).substance) <= recover_C),
  );
  const back = work.assume({
    key: 'recovered',
    label: 'share of the solvent that is recovered',
    dim: 'fraction',
    unit: '%',
    low: 0.8,
    typical: 0.92,
    high: 0.97,
    aside: true,
    why: 'the rest leaves with the air, stays in the condenser, or comes with the forerun',
  }).q.value;
  move(work, pot, work.receiver('solvent'), times(solvent, back));
  return without(light, times(solvent, back));
}

/** What the forerun takes, and what the apparatus holds. */
function keptBack(work: Worktop, grams: number, pot: string, { column }: DistilOver) {
  // A column sends back what a bare head lets over with the forerun.
  const sharper = column === undefined ? 1 : 0.5;
  const flask_mL = work.world.plan.doc.vessels.find(({ id: one }) => one === pot)?.capacity_mL ?? 25;
  const first = work.assume({
    key: 'forerun',
    label: 'product in the forerun',
    dim: 'mass',
    unit: 'g',
    low: 0.02 * sharper * grams,
    typical: 0.04 * sharper * grams,
    high: 0.09 * sharper * grams,
    why: 'what comes before the plateau carries some: a few per cent of the charge',
  });
  const held = work.assume({
    key: 'holdUp',
    label: 'left in the pot, head and condenser',
    dim: 'mass',
    unit: 'g',
    low: 0.016 * flask_mL,
    typical: 0.028 * flask_mL,
    high: 0.05 * flask_mL,
    why: 'never to dryness; grows with the flask and its head, not with the charge',
  });
  const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
  if (held.q.value + first.q.value > 0.4 * grams)
    work.remark(
      `Flask, head and condenser keep about ${text(held.q.value)} and the forerun ${text(first.q.value)} of ${text(grams)}: too much for so little. A smaller apparatus, or a chaser that boils higher.`,
    );
  return { first, held };
}

/** Product that is over when the still is stopped by volume or by share of the pot, g. */
function endsAt(work: Worktop, id: string, params: DistilOver, pot_mL: number): number {
  const wanted = wantedOf(work, params, pot_mL);
  if (wanted === Infinity) return Infinity;
  const density = densityIn(work.world.kind(id));
  // Of each millilitre, as much is water as comes with the product.
  const along = params.withWater ? waterFor(work, id) : 0;
  return wanted / (1 / density + along);
}

const wantedOf = (work: Worktop, { until_mL, until_percent }: DistilOver, pot_mL: number): number =>
  until_mL !== undefined
    ? work.scaled(until_mL)
    : until_percent !== undefined
      ? (pot_mL * until_percent) / 100
      : Infinity;

/** Grams of water that come over with a gram of product where both make two layers; none is known for what mixes with water. */
function waterFor(work: Worktop, id: string): number {
  const { substance, M } = work.world.kind(id);
  const boiling_C = listedBoiling_C(substance);
  if (M === undefined || !(boiling_C >= -50 && boiling_C <= 400)) return 0;
  const along = waterAlong({ atoms: anhydrousAtoms(substance?.formula), boiling_C }, M);
  return along.from === 'estimate' && likesWater(work.world.kind(id)) ? 0 : along.perGram;
}

/** Water comes with the product, and after it until the volume is reached. */
function waterWith(
  work: Worktop,
  { pot, receiver, id, over }: { pot: string; receiver: string; id: string; over: number },
  params: DistilOver,
): void {
  const { kind } = work.world;
  const water = Object.fromEntries(Object.entries(work.phase(pot, 'organic')).filter(([one]) => kind(one).water));
  const there = gramsOf(water);
  const volume = params.until_mL === undefined ? undefined : work.scaled(params.until_mL);
  const room = volume === undefined ? 0 : Math.max(0, volume - over / densityIn(kind(id)));
  const along = Math.min(there, Math.max(room, over * waterFor(work, id)));
  if (there === 0) {
    work.remark('No water is foreseen in the pot that could come over with it.');
    return;
  }
  work.put(receiver, 'liquid', work.condensed(work.take(pot, 'organic', times(water, along / there))));
  const text = (value: number) => format({ dim: 'volume', value }, 'mL', { figures: 2 });
  work.remark(`About ${text(along)} of water comes over with ${text(over / densityIn(kind(id)))} of it.`);
}

function move(work: Worktop, from: string, to: string, matter: Matter): void {
  if (gramsOf(matter) > 0) work.put(to, 'organic', work.condensed(work.take(from, 'organic', matter)));
}

function close(work: Worktop, matter: Matter, low_C: number): Matter {
  return Object.fromEntries(Object.entries(matter).filter(([id]) => Math.abs(boilingPointOf(work, id) - low_C) < 25));
}

/** A thread that stands out of the vapour reads low: what the window becomes on the step's thermometer at 760 torr. */
function remarkOnThermometer(work: Worktop, low_C: number, high_C: number): void {
  const filling = work.world.plan.doc.devices.find(({ id }) => id === work.step.device)?.stem;
  if (filling === undefined || filling === 'probe') return;
  const read = (t: number) => format({ dim: 'temperature', value: headReading(t, { filling }) }, '°C', { decimals: 0 });
  work.remark(
    `On a ${filling} thermometer whose thread stands out the window reads about ${read(low_C)} to ${read(high_C)}.`,
  );
}

/** Water comes over with the first of it: cloudy, and lower than anything in the pot boils. */
function remarkOnWater(work: Worktop, id: string, light: Matter): void {
  const { kind } = work.world;
  const water = Object.entries(light).reduce((sum, [one, grams]) => (kind(one).water ? sum + grams : sum), 0);
  const { substance, M } = kind(id);
  const boiling_C = listedBoiling_C(substance);
  if (!(water > 0.02) || M === undefined || !(boiling_C > 0 && boiling_C < 400) || likesWater(kind(id))) return;
  const along = waterAlong({ atoms: anhydrousAtoms(substance?.formula), boiling_C }, M);
  work.remark(
    `${format({ dim: 'mass', value: water }, 'g', { figures: 2 })} of water comes over first with some of it, cloudy, near ${format({ dim: 'temperature', value: along.boiling_C }, '°C', { decimals: 0 })}: that is forerun.`,
  );
}
