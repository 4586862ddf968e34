import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { numeral } from '../../plan/facts';
import type { BenchLine } from '../../readings/benchTypes';
import type { Worked } from '../../quantity/worked';

/**
 * Hot solvent to expect, mL: in proportion to the mass that goes in when the line is written per gram (`V = r·m`), otherwise
 * what the plan says.
 *
 * @param mass g that goes in, when it is known
 */
export function expectedSolvent(
  line: BenchLine | undefined,
  mass: Worked<'mass'> | undefined,
): Worked<'volume'> | undefined {
  const facts = line?.plan.facts;
  if (!facts || facts.line.entered.by !== 'perMass' || !mass) return line?.plan.total.volume;
  const r = numeral(facts.line.entered.digits, 'volumePerMass', 'mL/g', { at: 'line', id: facts.line.id });
  return derive({
    formula: 'volumePerMass',
    dim: 'volume',
    unit: 'mL',
    value: r.q.value * mass.q.value,
    inputs: { r, m: fromWorked(mass) },
    certain: 'assumed',
  });
}
