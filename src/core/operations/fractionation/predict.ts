import { foreseenMass } from '../../worktop/foreseen';
import { worksIn } from '../../worktop/transfer';
import { notIdeal } from '../../worktop/idealPair';
import { format } from '../../quantity/format';
import { batchDistillation } from '../../models/distillation/batchDistillation';
import { cutsOf } from '../../models/distillation/cutsOf';
import { millilitres } from '../../worktop/volumes';
import { times } from '../../worktop/matter/matter';
import type { Cut } from '../../models/distillation/cutsOf';
import type { BatchOptions, BatchRun } from '../../models/distillation/batchDistillation';
import type { Kind } from '../../worktop/kinds';
import type { Liquid } from '../../models/distillation/binaryPair';
import type { Worktop } from '../../worktop/worktop';

const points = 48;

export interface Fractionate {
  readonly lighter: string;
  readonly heavier: string;
  readonly limits_C: readonly number[];
  readonly stages: number;
  readonly reflux: number;
}

/** The curve of the pair by the staged column; each cut goes into its receiver, the rest stays in the pot. */
export function fractionate(work: Worktop, { lighter, heavier, limits_C, stages, reflux }: Fractionate): void {
  const pot = worksIn(work);
  const [a, b] = [work.world.kind(lighter), work.world.kind(heavier)];
  const pair = { lighter: liquidOf(a), heavier: liquidOf(b) };
  const whole = work.whole(pot);
  if (!pair.lighter || !pair.heavier || !(whole[lighter] ?? 0) || !(whole[heavier] ?? 0)) {
    work.remark('Without vapour pressures of both liquids no curve can be foreseen.');
    return;
  }
  const why = notIdeal(a, b);
  if (why !== undefined) {
    work.remark(`${why}: no curve of a simple model holds, and none is foreseen.`);
    return;
  }
  const run = distilled({
    pair: { lighter: pair.lighter, heavier: pair.heavier },
    lighter_mol: (whole[lighter] ?? 0) / pair.lighter.M,
    heavier_mol: (whole[heavier] ?? 0) / pair.heavier.M,
    stages,
    reflux,
    points,
  });
  collect(work, { pot, lighter, heavier, run, limits_C, pair: { lighter: pair.lighter, heavier: pair.heavier } });
  const head = format({ dim: 'temperature', value: run.points[0]?.head_C ?? NaN }, '°C', { decimals: 1 });
  work.remark(
    `Head at the first drop about ${head}, with ${stages} ${stages === 1 ? 'stage' : 'stages'}: the plan holds the stages, the column decides.`,
  );
}

// The range of the prediction distils the same charges again: the last few runs are kept.
const kept = new Map<string, BatchRun>();
const most = 16;

function distilled(options: BatchOptions): BatchRun {
  const key = JSON.stringify(options);
  const run = kept.get(key) ?? batchDistillation(options);
  if (kept.size >= most) kept.clear();
  kept.set(key, run);
  return run;
}

function collect(
  work: Worktop,
  {
    pot,
    lighter,
    heavier,
    run,
    limits_C,
    pair,
  }: {
    pot: string;
    lighter: string;
    heavier: string;
    run: BatchRun;
    limits_C: readonly number[];
    pair: { lighter: Liquid; heavier: Liquid };
  },
): void {
  const cuts = cutsOf(run, limits_C);
  const given = work.whole(pot);
  const held = work.assume({
    key: 'columnHoldUp',
    label: 'left wetting column and condenser',
    dim: 'volume',
    unit: 'mL',
    low: 0.5,
    typical: 1.5,
    high: 3,
    why: 'packing and glass stay wet; nearly the same at every scale',
  });
  const late = work.assume({
    key: 'changed',
    label: 'receiver changed later than the limit says',
    dim: 'volume',
    unit: 'mL',
    low: -1,
    typical: 0,
    high: 1,
    why: 'a head is read every two millilitres, and the column is not the model’s',
  });
  const shifted = shift(cuts, late.q.value);
  shifted.forEach((cut, i) => {
    const place = work.receiver(`cut${i + 1}`);
    const whole = {
      [lighter]: Math.min(given[lighter] ?? 0, cut.lighter_mol * pair.lighter.M),
      [heavier]: Math.min(given[heavier] ?? 0, cut.heavier_mol * pair.heavier.M),
    };
    // What wets the glass at the end is missing in the last cut.
    const volume = millilitres(work.world.kind, whole);
    const last = i === shifted.length - 1 && volume > 0;
    const matter = last ? times(whole, Math.max(0, 1 - held.q.value / volume)) : whole;
    work.put(place, 'liquid', work.condensed(work.draw(pot, matter)));
    loseElsewhere(work, { i, count: shifted.length, lighter, heavier, matter });
  });
  const rest = work.whole(pot);
  loseElsewhere(work, { i: -1, count: cuts.length, lighter, heavier, matter: rest });
  work.follow(work.receiver('cut1'));
}

/** The lighter one is weighed in the first cut, the heavier one in the last: what is elsewhere is lost to it. */
function loseElsewhere(
  work: Worktop,
  {
    i,
    count,
    lighter,
    heavier,
    matter,
  }: { i: number; count: number; lighter: string; heavier: string; matter: Readonly<Record<string, number>> },
): void {
  const where =
    i < 0
      ? 'left in the pot and the column'
      : i === 0
        ? 'in the first cut'
        : i === count - 1
          ? 'in the last cut'
          : `in cut ${i + 1}`;
  const stageFor = (id: string) => work.world.plan.doc.stages.find(({ substance }) => substance === id)?.id;
  if (i !== 0)
    work.lose(`${lighter}/${i}`, where, foreseenMass(matter[lighter] ?? 0, lighter), {
      stage: stageFor(lighter),
    });
  if (i !== count - 1)
    work.lose(`${heavier}/${i}`, where, foreseenMass(matter[heavier] ?? 0, heavier), {
      stage: stageFor(heavier),
    });
}

function liquidOf({ M, density, substance }: Kind): Liquid | undefined {
  const antoine = substance?.antoine;
  return M !== undefined && density !== undefined && antoine ? { antoine, M, density } : undefined;
}

/** Cuts whose ends lie some millilitres later: what is taken over has the composition of the cut that it leaves. */
function shift(cuts: readonly Cut[], late_mL: number): readonly Cut[] {
  const moved = cuts.map((one) => ({ ...one }));
  for (let i = 0; i + 1 < moved.length; i += 1) {
    const [now, next] = [moved[i], moved[i + 1]];
    if (!now || !next) continue;
    const [from, to, mL] = late_mL >= 0 ? [next, now, late_mL] : [now, next, -late_mL];
    const share = from.volume_mL > 0 ? Math.min(0.5, mL / from.volume_mL) : 0;
    for (const key of ['volume_mL', 'lighter_mol', 'heavier_mol'] as const) {
      to[key] += from[key] * share;
      from[key] -= from[key] * share;
    }
  }
  return moved;
}
