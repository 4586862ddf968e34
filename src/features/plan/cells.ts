import { wastePlan } from '@/core/waste/wastePlan';
import type { Foreseen } from '@/core/process/predictProcess';
import type { Plan } from '@/core/plan/planTypes';
import type { Worked } from '@/core/quantity/worked';

/**
 * Worked value shown in a cell, by the cell's key "line/column"; the product, vessels and the factor have keys too.
 *
 * @param foreseen of this very plan, where it is at hand
 */
export function cellWorked(plan: Plan, key: string, foreseen?: Foreseen): Worked | undefined {
  const [owner = '', column = '', part = '', last = ''] = key.split('/');
  if (owner === 'waste') return wasteCell(plan, { stream: column, part, foreseen });
  if (owner === 'made') return madeCell(plan, { reaction: column, substance: part, column: last });
  if (owner === 'product') return productCell(plan, column, part);
  if (owner === 'scale') return plan.factor.ok ? plan.factor.value : undefined;
  if (owner === 'vessel') {
    return plan.vessels.find(({ vessel }) => vessel.id === column)?.fill;
  }
  const line = plan.lines.find(({ facts }) => facts.line.id === owner);
  switch (column) {
    case 'measure':
      return line?.target?.rounded;
    case 'mass':
    case 'volume':
    case 'amount':
      return line?.total[column];
    case 'equivalents':
      return line?.equivalents;
    case 'extent':
      return line?.extent?.extent;
    case 'excess':
      return line?.extent?.excess;
    case 'class':
      return line?.classTotal;
    default:
      return undefined;
  }
}

function madeCell(
  plan: Plan,
  { reaction, substance, column }: { readonly reaction: string; readonly substance: string; readonly column: string },
): Worked | undefined {
  const extents = plan.charge.reactions.get(reaction)?.extents;
  const own = extents?.reactants.find(({ id }) => id === substance);
  return column === 'extent' || column === 'excess' ? own?.[column] : undefined;
}

function wasteCell(
  plan: Plan,
  {
    stream,
    part,
    foreseen,
  }: { readonly stream: string; readonly part: string; readonly foreseen: Foreseen | undefined },
): Worked | undefined {
  const found = wastePlan(plan, foreseen).streams.find((one) => one.stream === stream);
  const cells: Readonly<Record<string, Worked | undefined>> = {
    volume: found?.volume,
    mass: found?.mass,
    classVolume: found?.classVolume,
    classMass: found?.classMass,
  };
  return cells[part];
}

function productCell(plan: Plan, column: string, reaction: string): Worked | undefined {
  const product = plan.charge.reactions.get(reaction)?.product ?? plan.charge.product;
  if (column === 'molarMass') {
    const amounts = product?.mass?.inputs['M_p']?.source;
    return amounts?.at === 'worked' ? amounts.of : undefined;
  }
  return column === 'mass' || column === 'volume' || column === 'amount' ? product?.[column] : undefined;
}
