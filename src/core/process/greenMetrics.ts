import { coefficientInput } from '../stoichiometry/extents';
import { derive } from '../stoichiometry/derive';
import { feeding, leftOf, mainReaction, rightOf } from '../document/reactions';
import { factsOf } from '../plan/facts';
import { fromWorked } from '../quantity/worked';
import type { Reaction, Term } from '../document/reaction';
import type { Plan } from '../plan/planTypes';
import type { Worked, WorkedInput } from '../quantity/worked';

/** How much matter the preparation costs. */
export interface GreenMetrics {
  /** `νp·Mp / Σ νᵢMᵢ`; absent without a reaction. */
  readonly atomEconomy?: Worked<'fraction'>;
  /** Mass in less product, over product. */
  readonly eFactor: Worked<'number'>;
  /** Mass in over product. */
  readonly massIntensity: Worked<'number'>;
  readonly massIn: Worked<'mass'>;
  /** Lines whose mass is not known and not counted. */
  readonly unknown: readonly string[];
}

/**
 * Green metrics from the charge table and what the last stage is expected to weigh (atom economy: Trost 1991; E-factor: Sheldon
 * 1992). Everything charged counts, water too.
 */
export function greenMetrics(
  plan: Pick<Plan, 'doc' | 'lines' | 'charge'>,
  product: Worked<'mass'> | undefined,
): GreenMetrics | undefined {
  // What is taken from a stage came in with what made it.
  const bought = plan.lines.filter(({ facts }) => facts.line.supply === undefined);
  const masses = bought.flatMap(({ total }) => total.mass ?? []);
  if (!product || !(product.q.value > 0) || masses.length === 0) return undefined;
  const massIn = derive({
    formula: 'streamMass',
    dim: 'mass',
    unit: 'g',
    value: masses.reduce((sum, { q }) => sum + q.value, 0),
    inputs: Object.fromEntries(masses.map((one, i) => [`m_${i + 1}`, fromWorked(one)])),
    figures: 3,
    quotient: false,
  });
  const inputs = { m_in: fromWorked(massIn), m: fromWorked(product) };
  const ratio = massIn.q.value / product.q.value;
  const common = { dim: 'number', unit: '', figures: 2, certain: 'modelled', quotient: false } as const;
  const economy = atomEconomy(plan);
  return {
    ...(economy ? { atomEconomy: economy } : {}),
    massIn,
    eFactor: derive({ ...common, formula: 'eFactor', value: ratio - 1, inputs }),
    massIntensity: derive({ ...common, formula: 'massIntensity', value: ratio, inputs }),
    unknown: bought.filter(({ total }) => !total.mass).map(({ facts }) => facts.name),
  };
}

/**
 * Over all reactions that lead to the product: each as often as it has to run, what one makes for another counted once, as what it is made of.
 */
function atomEconomy({ doc }: Pick<Plan, 'doc'>): Worked<'fraction'> | undefined {
  const { substances } = factsOf(doc);
  const main = mainReaction(doc);
  const right = main && rightOf(main).find(({ substance }) => substance === main.product);
  const molar = (id: string) => {
    const mass = substances.get(id)?.molarMass;
    return mass?.ok ? mass.value : undefined;
  };
  const M_p = right && molar(right.substance);
  const needed = main ? neededFor(doc, main, 1) : [];
  const masses = needed.map(({ substance }) => molar(substance));
  if (!M_p || masses.length === 0 || masses.includes(undefined)) return undefined;
  const inputs: Record<string, WorkedInput> = { ν_p: coefficientInput(right.coefficient), M_p: fromWorked(M_p) };
  needed.forEach(({ coefficient }, i) => {
    inputs[`ν_${i + 1}`] = coefficientInput(coefficient);
    inputs[`M_${i + 1}`] = fromWorked(masses[i] as Worked<'molarMass'>);
  });
  const all = needed.reduce((sum, { coefficient }, i) => sum + coefficient * (masses[i]?.q.value ?? 0), 0);
  return derive({
    formula: 'atomEconomy',
    dim: 'fraction',
    unit: '%',
    value: (right.coefficient * M_p.q.value) / all,
    inputs,
    figures: 3,
    quotient: false,
  });
}

/** What has to be bought for a reaction to run some number of times. */
function neededFor(
  doc: Plan['doc'],
  reaction: Reaction,
  times: number,
  above: readonly Reaction[] = [],
): readonly Pick<Term, 'substance' | 'coefficient'>[] {
  const before = feeding(doc, reaction).filter((one) => !above.includes(one));
  return leftOf(reaction).flatMap(({ substance, coefficient }) => {
    const maker = before.find((one) => rightOf(one).some((term) => term.substance === substance));
    const made = maker && rightOf(maker).find((term) => term.substance === substance);
    if (!maker || !made) return [{ substance, coefficient: coefficient * times }];
    return neededFor(doc, maker, (coefficient * times) / made.coefficient, [...above, reaction]);
  });
}
