import { coefficientInput } from '../stoichiometry/extents';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { chargeOf, speciesOf, takesPart } from '../plan/chargeTable';
import { contentOf } from '../document/steps';
import { leftOf, mainReaction, makerOf, reactionBehind, reactionOf, rightOf, rootOf } from '../document/reactions';
import type { Reaction } from '../document/reaction';
import { factsOf } from '../plan/facts';
import type { Facts } from '../plan/facts';
import type { Plan, PlanLine } from '../plan/planTypes';
import { sortOf } from './sortOf';
import type { ChargeLine, Substance } from '../document/document';
import type { WasteStream } from '../reference/wasteStreams';
import type { Stage } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** Something that is left when the product is taken away: charged and unchanged, left unreacted, or formed beside it. */
export interface Residue {
  readonly substance: Substance;
  readonly origin: 'charged' | 'unreacted' | 'formed' | 'poured';
  readonly line?: string;
  readonly stream?: WasteStream;
  readonly mass?: Worked<'mass'>;
  readonly amount?: Worked<'amount'>;
  readonly volume?: Worked<'volume'>;
  /** Vessel and layer that it is poured out of. */
  readonly pour?: string;
  /** An acid or a base that the rest of its layer has neutralized. */
  readonly spent?: true;
  /** A model made it where the preparation names nothing. */
  readonly invented?: true;
}

/**
 * What one bench is left with, by conservation of mass: every line less what the reaction took of it at full conversion,
 * and the by-products of the equation. With the theoretical yield of the product it adds up to what was charged.
 */
export function residues(plan: Pick<Plan, 'doc' | 'lines' | 'charge'>): readonly Residue[] {
  const facts = factsOf(plan.doc);
  return [...plan.lines.map((line) => ofLine(plan, facts, line)), ...formed(plan, facts)];
}

function ofLine(plan: Pick<Plan, 'doc' | 'lines' | 'charge'>, facts: Facts, line: PlanLine): Residue {
  const { substance } = line.facts.substance;
  const { mass, amount, volume } = line.total;
  const stream = streamOf(line.facts.line, substance);
  const base = { substance, line: line.facts.line.id, ...(stream ? { stream } : {}) };
  const taken = takesPart(line.facts) ? consumed(plan, facts, line) : undefined;
  if (!taken || !mass) {
    const on = takenFrom(plan, (stage) => contentOf(rootOf(plan.doc, stage))?.line === line.facts.line.id);
    if (mass && on.length > 0) return { ...base, origin: 'charged', mass: lessTakenOn(mass, on) };
    return {
      ...base,
      origin: 'charged',
      ...(mass ? { mass } : {}),
      ...(amount ? { amount } : {}),
      ...(volume ? { volume } : {}),
    };
  }
  const { coefficient, share, molarMass, extent } = taken;
  const left = derive({
    formula: 'leftUnreacted',
    dim: 'mass',
    unit: 'g',
    // Rounding noise must not leave a negative trace of the limiting reagent.
    value: Math.max(0, mass.q.value - share * coefficient * extent.q.value * molarMass.q.value),
    inputs: {
      m_0: fromWorked(mass),
      ...(share === 1
        ? {}
        : {
            s: {
              q: { dim: 'fraction', value: share },
              unit: '',
              figures: 3,
              source: { at: 'equation', id: line.facts.line.id },
            },
          }),
      ν: coefficientInput(coefficient),
      ξ_lim: fromWorked(extent),
      M: fromWorked(molarMass),
    },
    figures: 2,
    quotient: false,
  });
  // Of a solution the mass is mostly water: what is left of the substance itself is counted in moles.
  return { ...base, origin: 'unreacted', mass: left, ...(amount ? { amount: amountLeft(line, amount, taken) } : {}) };
}

function amountLeft(
  line: PlanLine,
  amount: Worked<'amount'>,
  { coefficient, share, extent }: Consumed,
): Worked<'amount'> {
  const perUnit = line.facts.line.delivers?.count ?? 1;
  return derive({
    formula: 'amountLeft',
    dim: 'amount',
    unit: 'mmol',
    value: Math.max(0, amount.q.value - (share * coefficient * extent.q.value) / perUnit),
    inputs: {
      n_0: fromWorked(amount),
      s: {
        q: { dim: 'fraction', value: share / perUnit },
        unit: '',
        figures: 3,
        source: { at: 'equation', id: line.facts.line.id },
      },
      ν: coefficientInput(coefficient),
      ξ_lim: fromWorked(extent),
    },
    figures: 2,
    quotient: false,
  });
}

/** As the line says, or what it is by itself; a drying agent is a solid. */
function streamOf(line: ChargeLine, substance: Substance): WasteStream | undefined {
  if (line.waste !== undefined) return line.waste;
  if (line.role === 'drying agent') return 'solid';
  return sortOf(substance);
}

type Consumed = NonNullable<ReturnType<typeof consumed>>;

/** How the reaction takes from a line: its share of the species, and the species' coefficient. */
function consumed(plan: Pick<Plan, 'doc' | 'lines' | 'charge'>, facts: Facts, line: PlanLine) {
  const species = speciesOf(line.facts);
  const reaction = reactionOf(plan.doc, line.facts.line);
  const term = reaction && leftOf(reaction).find(({ substance }) => substance === species);
  const molarMass = facts.substances.get(species)?.molarMass;
  const extent = chargeOf(plan.charge, line.facts.line)?.extents.limiting.extent;
  if (!term || !molarMass?.ok || !extent) return undefined;
  const suppliers = plan.lines.filter(
    (one) => takesPart(one.facts) && one.facts.line.reaction === reaction.id && speciesOf(one.facts) === species,
  );
  const supply = (one: PlanLine) => (one.total.amount?.q.value ?? 0) * (one.facts.line.delivers?.count ?? 1);
  const all = suppliers.reduce((sum, one) => sum + supply(one), 0);
  return { coefficient: term.coefficient, share: all > 0 ? supply(line) / all : 1, molarMass: molarMass.value, extent };
}

function formed(plan: Seen, facts: Facts): readonly Residue[] {
  return plan.doc.reactions.flatMap((reaction) => formedBy(plan, facts, reaction));
}

type Seen = Pick<Plan, 'doc' | 'lines' | 'charge'>;

/** What a reaction makes beside what the preparation is for, less what goes on into another reaction. */
function formedBy(plan: Seen, facts: Facts, reaction: Reaction): readonly Residue[] {
  const extent = plan.charge.reactions.get(reaction.id)?.extents.limiting.extent;
  if (!extent) return [];
  const isProduct = (id: string) => reaction === mainReaction(plan.doc) && id === reaction.product;
  return rightOf(reaction)
    .filter(({ substance }) => !isProduct(substance))
    .flatMap(({ substance: id, coefficient }) => {
      const found = facts.substances.get(id);
      if (!found?.molarMass?.ok) return [];
      const ν = coefficientInput(coefficient);
      const M = found.molarMass.value;
      const made = derive({
        formula: 'byProduct',
        dim: 'mass',
        unit: 'g',
        value: coefficient * extent.q.value * M.q.value,
        inputs: { ν, ξ_lim: fromWorked(extent), M: fromWorked(M) },
      });
      const amount = derive({
        formula: 'delivered',
        dim: 'amount',
        unit: 'mmol',
        value: coefficient * extent.q.value,
        inputs: { k: ν, n_b: fromWorked(extent) },
      });
      const on = goesOn(plan, reaction, id, M.q.value);
      const waste = sortOf(found.substance);
      const mass = on.length > 0 ? lessTakenOn(made, on) : made;
      return [
        {
          substance: found.substance,
          origin: 'formed',
          mass,
          ...(on.length > 0 ? {} : { amount }),
          ...(waste ? { stream: waste } : {}),
        },
      ];
    });
}

/** g of a substance that a reaction made which go into later ones: out of a stage, or without being isolated. */
function goesOn(plan: Seen, reaction: Reaction, id: string, M: number): readonly number[] {
  const { doc, charge } = plan;
  const isolated = takenFrom(plan, (stage) => stage.substance === id && reactionBehind(doc, stage)?.id === reaction.id);
  const inPlace = doc.reactions.flatMap((later) => {
    const brought = doc.lines.some(
      (line) => line.reaction === later.id && (line.delivers?.substance ?? line.substance) === id,
    );
    const term = leftOf(later).find(({ substance }) => substance === id);
    const ξ = charge.reactions.get(later.id)?.extents.limiting.extent.q.value;
    if (brought || !term || ξ === undefined || makerOf(doc, later, id) !== reaction) return [];
    return [term.coefficient * ξ * M];
  });
  return [...isolated, ...inPlace];
}

/** g that lines take from some stages. */
const takenFrom = ({ doc, lines }: Seen, from: (stage: Stage) => boolean): readonly number[] =>
  lines.flatMap(({ facts: { line }, total }) => {
    const stage = doc.stages.find(({ id }) => id === line.supply?.stage);
    return stage && from(stage) && total.mass ? [total.mass.q.value] : [];
  });

function lessTakenOn(mass: Worked<'mass'>, on: readonly number[]): Worked<'mass'> {
  return derive({
    formula: 'leftOver',
    dim: 'mass',
    unit: 'g',
    value: Math.max(
      0,
      on.reduce((left, one) => left - one, mass.q.value),
    ),
    inputs: {
      m_before: fromWorked(mass),
      ...Object.fromEntries(
        on.map((value, i) => [
          `m_${i + 1}`,
          { q: { dim: 'mass', value }, unit: 'g', figures: 3, source: { at: 'equation', id: 'taken on' } } as const,
        ]),
      ),
    },
    figures: 3,
    quotient: false,
  });
}
