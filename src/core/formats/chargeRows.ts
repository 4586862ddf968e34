import { fromCanonical } from '../quantity/units';
import { roundFigures } from '../quantity/decimals';
import type { Plan, PlanLine } from '../plan/planTypes';
import type { Worked } from '../quantity/worked';

/** A cell of a table: a number with the digits that it carries, or words. */
export type Cell = { readonly digits: string } | { readonly words: string } | undefined;

const number = (one: Worked | undefined, unit: string): Cell =>
  one && { digits: roundFigures(fromCanonical(one.q.value, unit), one.figures) };
const words = (text: string | undefined): Cell => (text === undefined || text === '' ? undefined : { words: text });

interface Column {
  readonly title: string;
  readonly of: (line: PlanLine, plan: Plan) => Cell;
}

const measured = ({ target }: PlanLine) => target?.rounded;

/** Columns of the charge table as a spreadsheet has it; numbers carry their significant figures, units stand in the headings. */
export const chargeColumns: readonly Column[] = [
  { title: 'Substance', of: ({ facts }) => words(facts.substance.substance.name) },
  { title: 'Role', of: ({ facts }) => words(facts.line.role) },
  {
    title: 'Reaction',
    of: ({ facts }, { doc }) => words(doc.reactions.find(({ id }) => id === facts.line.reaction)?.name),
  },
  { title: 'Formula', of: ({ facts }) => words(facts.substance.substance.formula) },
  {
    title: 'Molar mass, g/mol',
    of: ({ facts: { substance } }) =>
      substance.molarMass?.ok ? number(substance.molarMass.value, 'g/mol') : undefined,
  },
  {
    title: 'Strength',
    of: ({ facts: { line } }) =>
      words(line.strength && `${line.strength.digits} ${line.strength.by === 'molarity' ? 'mol/L' : '% w/w'}`),
  },
  {
    title: 'Portions',
    of: ({ facts }) => ({ digits: String(facts.portions) }),
  },
  {
    title: 'Measure, one portion',
    of: (line) => {
      const one = measured(line);
      if (one) return number(one, one.unit);
      const { entered } = line.facts.line;
      return entered.by === 'words' ? words(entered.text) : undefined;
    },
  },
  { title: 'Unit', of: (line) => words(measured(line)?.unit) },
  { title: 'Mass, g', of: ({ total }) => number(total.mass, 'g') },
  { title: 'Volume, mL', of: ({ total }) => number(total.volume, 'mL') },
  { title: 'Amount, mmol', of: ({ total }) => number(total.amount, 'mmol') },
  { title: 'Equivalents', of: ({ equivalents }) => number(equivalents, '') },
  { title: 'Extent, mmol', of: ({ extent }) => number(extent?.extent, 'mmol') },
  { title: 'Excess, %', of: ({ extent }) => number(extent?.excess, '%') },
  { title: 'Class', of: ({ classTotal }) => classTotal && number(classTotal, classTotal.unit) },
  { title: 'Unit, class', of: ({ classTotal }) => words(classTotal?.unit) },
  { title: 'Device', of: ({ facts }, { doc }) => words(doc.devices.find(({ id }) => id === facts.line.device)?.name) },
  { title: 'Note', of: ({ facts }) => words(facts.line.note) },
];

/** The charge table of a plan, line by line in the order of the columns. */
export const chargeRows = (plan: Plan): readonly (readonly Cell[])[] =>
  plan.lines.map((line) => chargeColumns.map(({ of }) => of(line, plan)));
