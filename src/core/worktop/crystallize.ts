import { dissolvedInWater } from './layers';
import { isLiquidAt } from './kinds';
import { foreseenMass } from './foreseen';
import { hasNeutralForm } from './acidBase';
import { volumeOf } from './volumes';
import { gramsOf, plus, without } from './matter/matter';
import { keptInSolution, solubilityOf } from './solubility';
import type { Matter } from './matter/matter';
import type { Worked } from '../quantity/worked';
import type { Worktop } from './worktop';

/** The liquid that there is most of: it decides what dissolves. */
export function mainSolvent(work: Worktop, place: string): string | undefined {
  const { kind } = work.world;
  const liquids = Object.entries(work.phase(place, 'liquid')).filter(([id]) => !kind(id).solid);
  return liquids.sort(([, a], [, b]) => b - a)[0]?.[0];
}

/**
 * What the stage will weigh comes out of the liquid, or goes back into it, as far as its solubility at this temperature says. Only
 * for a solid in a liquid that it was given a solubility for, or in water.
 */
export function crystallize(work: Worktop, place: string, at_C: number): void {
  const id = work.stage?.substance;
  work.temperature(place, at_C);
  const solvent = mainSolvent(work, place);
  if (id === undefined || solvent === undefined || !isSettled(work, id, solvent, at_C)) return;
  const liquid = work.phase(place, 'liquid');
  const solid = work.phase(place, 'solid');
  const grams = (liquid[id] ?? 0) + (solid[id] ?? 0);
  const rest = without(liquid, { [id]: liquid[id] ?? 0 });
  const s = solubilityOf(work, id, solvent, at_C);
  const kept = keptDissolved(work, { id, grams, rest, s }).q.value;
  const organic = work.phase(place, 'organic');
  work.rearrange(place, {
    ...(gramsOf(organic) > 0 ? { organic } : {}),
    liquid: plus(rest, { [id]: kept }),
    solid: plus(without(solid, { [id]: solid[id] ?? 0 }), { [id]: grams - kept }),
  });
}

interface Dissolving {
  readonly id: string;
  readonly grams: number;
  /** What it is dissolved in, with all that stands in there. */
  readonly rest: Matter;
  /** Of its form without charge. */
  readonly s: Worked<'density'>;
}

/** What stays in solution of what the stage will weigh: as much as dissolves, and of an acid or a base in water what its pH keeps as ions. */
export function keptDissolved(work: Worktop, { id, grams, rest, s }: Dissolving): Worked<'mass'> {
  const { kind } = work.world;
  const neutral = keptInSolution(grams, id, volumeOf(kind, rest), s);
  const water = Object.keys(rest).some((one) => kind(one).water);
  if (!water || !hasNeutralForm(kind(id)) || neutral.q.value >= grams) return neutral;
  const kept = dissolvedInWater(work, plus(rest, { [id]: grams }), { [id]: neutral.q.value })[id] ?? 0;
  return kept > neutral.q.value * (1 + 1e-3) ? foreseenMass(kept, id) : neutral;
}

/** Whether the models can say what dissolves: a solid, in water or in a solvent with a curve. */
function isSettled(work: Worktop, id: string, solvent: string, at_C: number): boolean {
  const { solid, substance } = work.world.kind(id);
  // Above its melting point it comes out as an oil.
  if (isLiquidAt(work.world.kind(id), at_C)) return false;
  const { water } = work.world.kind(solvent);
  return solid && (water || (substance?.solubility?.some((one) => one.solvent === solvent) ?? false));
}
