import { derive } from '../stoichiometry/derive';
import { toCanonical } from '../quantity/units';
import type { Assumption, AssumptionSpec, Scenario } from './assumption';
import type { Dim } from '../quantity/dims';
import type { Step } from '../document/steps';
import type { Worked } from '../quantity/worked';

const possible: Readonly<Partial<Record<Dim, readonly [least: number, most: number]>>> = {
  fraction: [0, 1],
  mass: [0, 1e6],
  volume: [0, 1e6],
  volumePerMass: [0, 1e3],
  density: [0, 1e2],
  number: [-20, 20],
};

/** What models take for granted in one step: each thing once, for all that asks for it. */
export class AssumptionBook {
  private readonly found: Assumption[] = [];
  private readonly taken = new Map<string, Worked>();

  constructor(
    private readonly step: Pick<Step, 'id' | 'assume'>,
    private readonly scenario: Scenario,
  ) {}

  get all(): readonly Assumption[] {
    return this.found;
  }

  /**
   * Registers an assumption, and gives its value in the scenario.
   *
   * @param everywhere it is the same in every step that makes it
   */
  assume<D extends Dim>(spec: AssumptionSpec<D>, everywhere: boolean): Worked<D> {
    const id = everywhere ? spec.key : `${this.step.id}/${spec.key}`;
    const known = this.taken.get(id);
    if (known) return known as Worked<D>;
    const written = this.step.assume?.[spec.key];
    // What is written can be anything; what is reckoned with has to be possible.
    const [least, most] = spec.within ?? possible[spec.dim] ?? [-Infinity, Infinity];
    const canonical = (value: number) => Math.min(most, Math.max(least, toCanonical(String(value), spec.unit)));
    const range = written
      ? {
          low: canonical(written.low ?? written.typical),
          typical: canonical(written.typical),
          high: canonical(written.high ?? written.typical),
        }
      : { low: spec.low, typical: spec.typical, high: spec.high };
    this.found.push({
      ...spec,
      ...range,
      id,
      ...(everywhere ? {} : { step: this.step.id }),
      written: written !== undefined,
    });
    const value = range[this.scenario[id] ?? 'typical'];
    const worked = derive({
      formula: 'taken',
      dim: spec.dim,
      unit: spec.unit,
      value,
      inputs: { x: { q: { dim: spec.dim, value }, unit: spec.unit, figures: 2, source: { at: 'assumption', id } } },
      figures: 2,
      certain: 'assumed',
    });
    this.taken.set(id, worked);
    return worked;
  }
}
