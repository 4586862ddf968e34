import { lineName } from '../document/lineName';
import { molarMass } from '../compound/molarMass';
import { figuresOf } from '../quantity/decimals';
import type { ChargeLine, Datum, Preparation, Strength, Substance } from '../document/document';
import type { Bottle } from '../stoichiometry/lineAmounts';
import type { Dim } from '../quantity/dims';
import type { Outcome, Source, Worked, WorkedInput } from '../quantity/worked';

/** A substance with what can be computed from its formula alone. */
export interface SubstanceFacts {
  readonly substance: Substance;
  readonly molarMass?: Outcome<Worked<'molarMass'>>;
}

/** A line with its substance and the facts that convert its amounts. */
export interface LineFacts {
  readonly line: ChargeLine;
  readonly substance: SubstanceFacts;
  readonly bottle: Bottle;
  readonly portions: number;
  /** The substance's name, with the role where several lines are of the same substance. */
  readonly name: string;
}

/** The document with every reference resolved. */
export interface Facts {
  readonly doc: Preparation;
  readonly substances: ReadonlyMap<string, SubstanceFacts>;
  readonly lines: ReadonlyMap<string, LineFacts>;
}

/**
 * Resolves a document's references once, so that the rest of the plan never searches.
 *
 * @throws RangeError when a line names a substance the document lacks (the schema refuses such a document)
 */
export function factsOf(doc: Preparation): Facts {
  const substances = new Map(doc.substances.map((substance) => [substance.id, substanceFacts(substance)]));
  const lines = new Map(
    doc.lines.map((line) => {
      const substance = substances.get(line.substance);
      if (!substance)
        throw new RangeError(`line "${line.id}" names no substance of this preparation: "${line.substance}"`);
      const name = lineName(doc, line.id);
      return [line.id, { line, substance, bottle: bottleOf(line, substance), portions: line.portions ?? 1, name }];
    }),
  );
  return { doc, substances, lines };
}

// A substance of a document is never changed, only replaced; plan, process and proof-reader each ask for all of them.
const known = new WeakMap<Substance, SubstanceFacts>();

/** A substance with its molar mass, where its formula tells. */
export function substanceFacts(substance: Substance): SubstanceFacts {
  const before = known.get(substance);
  if (before) return before;
  const { formula } = substance;
  const facts = { substance, ...(formula === undefined ? {} : { molarMass: molarMass(formula) }) };
  known.set(substance, facts);
  return facts;
}

function bottleOf(line: ChargeLine, { substance, molarMass: mass }: SubstanceFacts): Bottle {
  // A solution's density is its own: the pure substance's would be wrong.
  const density = line.density
    ? datumInput(line.density, { at: 'line', id: line.id, field: 'density' })
    : line.strength === undefined && substance.density
      ? datumInput(substance.density, { at: 'reference', id: substance.id, field: 'density' })
      : undefined;
  return {
    ...(mass?.ok ? { molarMass: mass.value } : {}),
    ...(density ? { density } : {}),
    ...strengthInput(line.id, line.strength),
  };
}

function strengthInput(id: string, strength: Strength | undefined): Pick<Bottle, 'assay' | 'concentration'> {
  if (!strength) return {};
  const source: Source = { at: 'line', id, field: 'strength' };
  if (strength.by === 'molarity') return { concentration: numeral(strength.digits, 'concentration', 'mol/L', source) };
  return { assay: numeral(strength.digits, 'fraction', '%', source) };
}

function datumInput(datum: Datum, source: Source): WorkedInput {
  return numeral(datum.digits, 'density', 'g/mL', source);
}

/** A numeral of the document as an input of a formula. */
export function numeral(digits: string, dim: Dim, unit: string, source: Source): WorkedInput {
  const scale = unit === '%' ? 0.01 : unit === 'mmol' ? 0.001 : 1;
  return { q: { dim, value: Number(digits) * scale }, unit, figures: figuresOf(digits), source };
}
