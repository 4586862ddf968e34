import { derive } from '../stoichiometry/derive';
import { figuresOf, roundDecimals } from '../quantity/decimals';
import { contentOf, earlierOf } from '../document/steps';
import { fromWorked } from '../quantity/worked';
import { basisName } from '../plan/stageBasis';
import { foreseenLosses } from './foreseenLosses';
import { mainStages } from '../document/mainStages';
import { beforeOf, mostOfStage, onPlan } from '../operations/stages';
import type { BenchState } from '../bench/benchState';
import { partTakenOn } from './stageResults';
import type { FormulaId } from '../words/formulaCatalogue';
import type { Stage } from '../document/steps';
import type { Loss } from '../worktop/loss';
import type { Worked } from '../quantity/worked';

/** One level of the staircase from the charge to the vial. */
export interface Level {
  readonly key: string;
  readonly label: string;
  /** What was weighed; for the first level what the charge allows. */
  readonly recorded?: Worked<'mass'>;
  /** What the models leave of the level before. */
  readonly predicted?: Worked<'mass'>;
  /** Losses on the way to this level that a model foresees. */
  readonly losses: readonly Loss[];
  /** The level before, less the foreseen losses, less what was weighed; below zero when more was weighed than is left. */
  readonly unexplained?: Worked<'mass'>;
  /** What was won from the losses on this way and is kept apart (a second crop). */
  readonly apart: readonly { readonly label: string; readonly mass: Worked<'mass'> }[];
  /** A flight of its own begins here: nothing was lost on the way to it. */
  readonly start?: true;
}

interface Planned extends Pick<Level, 'apart' | 'start'> {
  readonly key: string;
  readonly label: string;
  readonly recorded: Worked<'mass'> | undefined;
  readonly losses: readonly Loss[];
}

/**
 * Loss ledger: from what the actual charge allows, over each stage that was weighed, to the product. Prediction and
 * measurement stay apart; their difference is called unexplained. Where a stage was not weighed the prediction goes on from
 * the last one that was. Conservation of mass, nothing else.
 */
export function ledgerOf(state: BenchState): readonly Level[] {
  const levels: Level[] = [];
  let basis: Worked<'mass'> | undefined;
  // Foreseen since the last level that was weighed.
  let foreseen: readonly Loss[] = [];
  for (const { key, label, recorded, losses, apart, start } of planned(state)) {
    if (start) {
      [basis, foreseen] = [recorded, []];
      if (recorded) levels.push({ key, label, recorded, losses, apart, start });
      continue;
    }
    if (!basis) continue;
    foreseen = [...foreseen, ...losses];
    const predicted = losses.length > 0 || recorded ? less('leftOver', basis, foreseen) : undefined;
    levels.push({
      key,
      label,
      losses,
      apart,
      ...(predicted ? { predicted } : {}),
      ...(recorded
        ? { recorded, unexplained: less('unexplained', basis, foreseen, recorded, keptOf(key, apart)) }
        : {}),
    });
    if (recorded) [basis, foreseen] = [recorded, []];
  }
  return levels;
}

/** What a purification left in its vial counts against what went into it; a second crop does not, it came out of the losses. */
const keptOf = (key: string, apart: Level['apart']) => (key.startsWith('into/') ? apart.map(({ mass }) => mass) : []);

/** The levels below the first: each stage, and before it what went into its making when that was weighed by itself. */
function planned(state: BenchState): readonly Planned[] {
  const main = mainStages(state.bench.doc);
  const foreseen = foreseenLosses(state);
  return main.flatMap((one) => [
    ...(earlierOf(one) === undefined ? [startOf(state, one)] : []),
    ...levelsOf(state, { main, foreseen }, one),
  ]);
}

/** What a stage from the charge can be at most. */
function startOf({ bench }: BenchState, stage: Stage): Planned {
  const label = basisName(stage) ?? (onPlan(bench.doc) ? 'Theoretical yield, as planned' : 'Theoretical yield');
  return {
    key: keyOf(bench.doc, stage),
    label,
    recorded: mostOfStage(bench, stage),
    losses: [],
    apart: [],
    start: true,
  };
}

/** The first flight keeps its name whatever follows it. */
function keyOf(doc: BenchState['bench']['doc'], stage: Stage): string {
  if (contentOf(stage)) return `taken/${stage.id}`;
  const made = mainStages(doc).filter((one) => earlierOf(one) === undefined && !contentOf(one));
  return made.indexOf(stage) <= 0 ? 'charge' : `charge/${stage.id}`;
}

function levelsOf(
  state: BenchState,
  { main, foreseen }: { readonly main: readonly Stage[]; readonly foreseen: readonly Loss[] },
  weighed: Stage,
): readonly Planned[] {
  const { id, name } = weighed;
  const from = earlierOf(weighed);
  const input = state.bench.inputOf(id);
  const by = state.steps.find(({ operation, actual, context }) => operation.input?.(actual, context)?.stage === id);
  const at = by ? state.steps.indexOf(by) : -1;
  const stepOf = (loss: Loss) => state.steps.findIndex(({ step }) => step.id === loss.step);
  const weighedAt = (stage: string) => state.steps.findIndex(({ step }) => step.id === state.bench.massOf(stage)?.step);
  // A sample taken after the last weighing has not left that mass: it is missing at the next one.
  const afterWeighing = (loss: Loss) => weighedAt(loss.stage) !== -1 && stepOf(loss) > weighedAt(loss.stage);
  const losses = foreseen.filter((loss) => (afterWeighing(loss) ? loss.stage === from : loss.stage === id));
  const apart = state.bench.doc.stages.flatMap((one) => {
    const mass = !main.includes(one) && earlierOf(one) === from ? state.bench.massOf(one.id)?.mass : undefined;
    return mass ? [{ label: one.name, mass }] : [];
  });
  const stage = { key: id, label: name, recorded: state.bench.massOf(id)?.mass, losses, apart };
  return input && by
    ? [
        {
          key: `into/${id}`,
          label: `Into the ${by.operation.title.toLowerCase()}`,
          recorded: input,
          // Samples taken before it was weighed once more are missing in it already.
          losses: losses.filter((loss) => stepOf(loss) < at),
          apart: keptBack(state, weighed, input),
        },
        { ...stage, losses: stage.losses.filter((loss) => stepOf(loss) >= at) },
      ]
    : [stage];
}

/** What of a stage was not taken on: it stands in its vial, and is no loss. */
function keptBack({ bench }: BenchState, weighed: Stage, input: Worked<'mass'>): Level['apart'] {
  const before = beforeOf(bench, weighed)?.mass;
  if (!before || input.q.value >= partTakenOn * before.q.value) return [];
  const from = earlierOf(weighed) ?? weighed.id;
  const name = bench.doc.stages.find(({ id }) => id === from)?.name ?? from;
  return [
    {
      label: `${name}, not taken on`,
      mass: less('leftOver', before, [{ key: 'on', label: 'taken on', stage: from, mass: input }]),
    },
  ];
}

function less(
  formula: Extract<FormulaId, 'leftOver' | 'unexplained'>,
  before: Worked<'mass'>,
  losses: readonly Pick<Loss, 'key' | 'label' | 'stage' | 'mass'>[],
  after?: Worked<'mass'>,
  kept: readonly Worked<'mass'>[] = [],
): Worked<'mass'> {
  const taken = [...losses.map(({ mass }) => mass), ...kept, ...(after ? [after] : [])];
  const value = taken.reduce((left, mass) => left - mass.q.value, before.q.value);
  const inputs = {
    m_before: fromWorked(before),
    ...Object.fromEntries(
      [...losses.map(({ mass }) => mass), ...kept].map((mass, i) => [`m_${i + 1}`, fromWorked(mass)]),
    ),
    ...(after ? { m_after: fromWorked(after) } : {}),
  };
  const worked = derive({
    formula,
    dim: 'mass',
    unit: 'g',
    value,
    inputs,
    // Masses are compared to a hundredth of a gram: differences carry no more.
    figures: figuresOf(roundDecimals(Math.abs(value), 2)),
    certain: losses.length > 0 ? 'modelled' : 'computed',
    quotient: false,
  });
  const u = Math.hypot(...[before, ...taken].map((one) => one.u ?? 0));
  return u > 0 ? { ...worked, u } : worked;
}
