import { foreseen } from './foreseen';
import { derive } from '../stoichiometry/derive';
import { equilibriumExtent, firstOrder } from '../models/kinetics/conversion';
import { format } from '../quantity/format';
import { isProtonTransfer } from './protonTransfer';
import { toCanonical } from '../quantity/units';
import type { AssumptionSpec } from './assumption';
import type { Extent, Guess, Reaction } from '../document/reaction';
import type { Task, Worktop } from './worktop';
import type { Worked } from '../quantity/worked';

/** A reaction that runs in a step. */
export type Running = Task['runs'][number];

/**
 * Share of the limiting reagent that is used up in a step: as the document says of the run (per cent; an equilibrium constant by the
 * law of mass action with what is there; a half-life over the time for which the step acts, first order), else as reactions that are taught usually go.
 *
 * @param most extent if all of the limiting reagent were used, mol
 */
export function conversion(
  work: Worktop,
  place: string,
  { reaction, to }: { readonly reaction: Running['reaction']; readonly to: Extent | undefined },
  most: number,
): Worked<'fraction'> {
  // One that runs alone keeps the name under which documents speak of it.
  const key = (name: string) => (work.runs.length > 1 ? `${name}/${reaction.id}` : name);
  if (to === undefined)
    return work.assume({
      key: key('conversion'),
      label: 'conversion of the limiting reagent',
      dim: 'fraction',
      unit: '%',
      ...usual(work, reaction),
    });
  if (to.by === 'conversion')
    return work.assume({
      key: key('conversion'),
      label: 'conversion of the limiting reagent',
      dim: 'fraction',
      unit: '%',
      ...guessed(to.percent, '%'),
    });
  if (to.by === 'equilibrium') return atEquilibrium(work, place, { reaction, K: to.K, key: key('equilibrium') }, most);
  return overTime(work, place, to, key('halfLife'));
}

const said = 'given with the reaction';

const guessed = ({ low, typical, high }: Guess, unit: string) => ({
  low: toCanonical(low ?? typical, unit),
  typical: toCanonical(typical, unit),
  high: toCanonical(high ?? typical, unit),
  why: said,
});

/** Shares that follow from a model hold as a prediction does. */
const share = (value: number, of: string): Worked<'fraction'> =>
  derive({
    formula: 'taken',
    dim: 'fraction',
    unit: '%',
    value,
    inputs: { x: foreseen('fraction', value, '%', of) },
    figures: 2,
    certain: 'modelled',
  });

function atEquilibrium(
  work: Worktop,
  place: string,
  { reaction, K, key }: { readonly reaction: Running['reaction']; readonly K: Guess; readonly key: string },
  most: number,
): Worked<'fraction'> {
  const constant = work.assume({
    key,
    label: 'equilibrium constant',
    dim: 'number',
    unit: '',
    ...guessed(K, ''),
    within: [1e-12, 1e12],
  });
  const here = work.whole(place);
  const terms = reaction.terms.map(({ substance, side, coefficient }) => ({
    moles: (here[substance] ?? 0) / (work.world.kind(substance).M ?? NaN),
    coefficient: side === 'left' ? -coefficient : coefficient,
  }));
  const extent = equilibriumExtent(terms, constant.q.value);
  return share(Math.min(1, Math.max(0, extent / most)), 'mass action');
}

// Nearer than this a thermometer and a flask are no better.
const near_K = 2;

/**
 * First order over the time for which the step acts. At another temperature than the half-life was given for, the rate changes by a factor for each
 * ten kelvin (van 't Hoff's rule, 2 to 4; nearer to 2 at the boil), which is an assumption of its own.
 */
function overTime(
  work: Worktop,
  place: string,
  { minutes, at_C }: Extract<Extent, { by: 'halfLife' }>,
  key: string,
): Worked<'fraction'> {
  const given = work.assume({
    key,
    label: 'half-life',
    dim: 'time',
    unit: 'min',
    ...guessed(minutes, 'min'),
    within: [1e-3, 1e9],
  });
  const away_K = work.content(place).temperature_C - at_C;
  const half = given.q.value / (Math.abs(away_K) > near_K ? faster(work, key) ** (away_K / 10) : 1);
  if (Math.abs(away_K) > near_K)
    work.remark(
      `The half-life is given for ${at_C}\u202f°C; at ${Math.round(at_C + away_K)}\u202f°C it is about ${format({ dim: 'time', value: half }, 'min', { figures: 2 })}.`,
    );
  const acts_min = work.world.means(work.step).acts_min ?? work.step.time.typical_min;
  return share(firstOrder(Math.LN2 / half, acts_min * 60), 'first order');
}

/** By how much ten kelvin more speed a reaction up. */
const faster = (work: Worktop, key: string): number =>
  work.assume({
    key: `${key}/perTenKelvin`,
    label: 'by how much ten kelvin more speed it up',
    dim: 'number',
    unit: '×',
    low: 1.7,
    typical: 2.2,
    high: 3.2,
    within: [1, 6],
    why: 'van ’t Hoff’s rule; the half-life was given for another temperature',
  }).q.value;

/** What a reaction comes to when nobody says: wholly where only protons move, else well, or only half where an excess has to push an equilibrium. */
function usual(
  { world: { plan, kind } }: Worktop,
  reaction: Reaction,
): Pick<AssumptionSpec, 'low' | 'typical' | 'high' | 'why'> {
  if (isProtonTransfer(kind, reaction))
    return { low: 0.999, typical: 1, high: 1, why: 'protons and ions change their places at once and wholly' };
  const own = plan.doc.lines.filter((line) => line.reaction === undefined || line.reaction === reaction.id);
  return own.some(({ excessReason }) => excessReason === 'pushes an equilibrium')
    ? {
        low: 0.5,
        typical: 0.8,
        high: 0.95,
        why: 'no constant is given; an equilibrium that an excess pushes stops short',
      }
    : {
        low: 0.75,
        typical: 0.95,
        high: 0.99,
        why: 'no rate constant is given; usual for a preparation that is taught',
      };
}
