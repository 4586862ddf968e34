import fc from 'fast-check';
import { computePlan } from '../preparation/plan';
import { findOperation, operations } from '../operations/registry';
import { gramsOf, nothing, plus } from '../mixture/matter';
import { cannot, predictProcess } from './predictProcess';
import { wholeOf } from '../mixture/shelf';
import { shippedPreparations } from '../../../tests/support/preparations';
import type { Matter } from '../mixture/matter';
import type { Prediction } from './predictProcess';
import type { Preparation } from '../preparation/document';
import type { Step } from '../preparation/steps';

const docs = shippedPreparations().map(([, doc]) => doc);
const scaled = (doc: Preparation, factor: string): Preparation => ({ ...doc, pin: { at: 'factor', digits: factor } });

/** Everything that came onto the bench, and everything that is in a vessel at the end or has left. */
function balance({ steps }: Prediction): { readonly into: Matter; readonly after: Matter } {
  const out = steps.flatMap(({ streams }) => streams.map(({ matter }) => matter));
  const left = Object.values(steps.at(-1)?.shelf ?? {}).map(wholeOf);
  return {
    into: steps.map(({ introduced }) => introduced).reduce(plus, nothing),
    after: [...out, ...left].reduce(plus, nothing),
  };
}

/** Substances that react, or change into another by name: a gas from a carbonate, a content out of its material. */
function changing(doc: Preparation): ReadonlySet<string> {
  const reactive = doc.substances.filter(
    ({ groups = {} }) => groups.bicarbonate ?? groups.carbonate ?? groups.hypochlorite ?? groups.sulfite,
  );
  const material = doc.stages.flatMap(({ substance, basis }) =>
    basis?.percent === undefined ? [] : [substance, doc.lines.find(({ id }) => id === basis.line)?.substance ?? ''],
  );
  return new Set([
    ...doc.equation.terms.map(({ substance }) => substance),
    ...reactive.map(({ id }) => id),
    ...material,
  ]);
}

test.each(docs.map((doc) => [doc.title, doc] as const))(
  '%s: mass is conserved to 1e-9 at any scale, and so is each substance that does not react',
  (_, doc) => {
    const reacts = changing(doc);
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 400 }), (hundredths) => {
        const prediction = predictProcess(computePlan(scaled(doc, String(hundredths / 100))));
        const { into, after } = balance(prediction);
        expect(prediction.steps.flatMap(({ remarks }) => remarks).filter((text) => text.startsWith(cannot))).toEqual(
          [],
        );
        const total = gramsOf(into);
        expect(Math.abs(total - gramsOf(after)) / total).toBeLessThan(1e-9);
        for (const id of Object.keys(into))
          if (!reacts.has(id))
            expect([id, Math.abs((after[id] ?? 0) - (into[id] ?? 0)) < 1e-9 * total]).toEqual([id, true]);
        expect(Math.min(...Object.values(after))).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 12 },
    );
  },
);

test.each(docs.map((doc) => [doc.title, doc] as const))('%s: losses lead from the basis to the mass', (_, doc) => {
  for (const factor of ['0.4', '1', '2.5']) {
    const { stages } = predictProcess(computePlan(scaled(doc, factor)));
    expect(stages.map(({ stage }) => stage.id)).toEqual(
      doc.stages.filter(({ id }) => doc.steps.some((step) => !step.optional && weighs(step, id))).map(({ id }) => id),
    );
    for (const { stage, basis, losses, mass, low, high } of stages) {
      const left = losses.reduce((sum, loss) => sum - loss.mass.q.value, basis.q.value);
      expect([stage.id, Math.abs(left - mass.q.value) < 1e-9 * basis.q.value]).toEqual([stage.id, true]);
      expect(low).toBeLessThanOrEqual(mass.q.value);
      expect(high).toBeGreaterThanOrEqual(mass.q.value);
    }
  }
});

const weighs = ({ op, params }: Step, stage: string) => {
  const operation = findOperation(op);
  return operation?.mass !== undefined && (operation.refs(params).stages ?? []).includes(stage);
};

const minutes = fc.integer({ min: 1, max: 120 });
const celsius = fc.integer({ min: -10, max: 150 });

/** Random parameters of every operation, with lines, stages and substances of a preparation. */
function anyParams(doc: Preparation): Readonly<Record<string, fc.Arbitrary<Step['params']>>> {
  const line = fc.constantFrom(...doc.lines.map(({ id }) => id));
  const of = fc.constantFrom(...doc.stages.map(({ id }) => id));
  const substance = fc.constantFrom(...doc.substances.map(({ id }) => id));
  const pH = fc.integer({ min: 0, max: 14 });
  const organic = fc.constant('upper');
  const text = fc.constant('words');
  return {
    charge: fc.record({ line }),
    addition: fc.record({ line, portions: fc.integer({ min: 1, max: 9 }), minutes, ceiling_C: celsius }),
    reflux: fc.record({ minutes, low_C: celsius, high_C: celsius }),
    hold: fc.record({ minutes, low_C: celsius, high_C: celsius }),
    cooling: fc.record({ minutes, bath: fc.constantFrom('ice', 'air', 'water'), below_C: celsius }),
    quench: fc.record({ line, below_C: celsius, minutes }),
    vacuumFiltration: fc.record({ of, wash: line, solvent: substance, at_C: celsius, air_min: minutes }),
    recrystallization: fc.record({
      from: of,
      to: of,
      solvent: line,
      charcoal: line,
      rinse: line,
      boil_min: minutes,
      cold_C: celsius,
      excess_percent: fc.integer({ min: 0, max: 200 }),
    }),
    drying: fc.record({ of, where: fc.constant('air'), minutes, further_min: minutes, most_C: celsius }),
    weighing: fc.record({ of }),
    meltingRange: fc.record({ of }),
    secondCrop: fc.record({ of, first: of }),
    calculation: fc.record({ of, what: fc.constant('yield') }),
    anhydrousSetUp: fc.constant({}),
    induction: fc.record({ minutes }),
    grinding: fc.record({ minutes, melt_C: celsius }),
    closedVial: fc.record({ minutes, vent_min: minutes }),
    inProcessTest: fc.record({
      test: text,
      positive: text,
      negative: text,
      expect: fc.constant('positive'),
      otherwise: text,
      line,
    }),
    neutralization: fc.record({ line, low_pH: pH, high_pH: pH, of }),
    extraction: fc.record({ line, of, organic }),
    wash: fc.record({ line, of, organic }),
    dryingLiquid: fc.record({ agent: line, minutes, rinse: line, of }),
    stripping: fc.record({ of, bath_C: celsius }),
    gravityFiltration: fc.record({ rinse: line, of }),
    cakeWash: fc.record({ of, line, solvent: substance, at_C: celsius }),
    mixedSolvents: fc.record({ from: of, to: of, good: line, poor: line, below_C: celsius, cold_C: celsius }),
    evaporation: fc.record({ of, days: fc.integer({ min: 1, max: 20 }) }),
    distillation: fc.record({ of, low_C: celsius, high_C: celsius }),
    fractionation: fc.record({
      lighter: substance,
      heavier: substance,
      limits_C: fc.constant([85, 107]),
      stages: fc.integer({ min: 1, max: 8 }),
      reflux: fc.integer({ min: 0, max: 9 }),
    }),
    steamDistillation: fc.record({ of, material: line, topUp: line, distillate_mL: fc.integer({ min: 1, max: 300 }) }),
    reactiveDistillation: fc.record({ substance, ceiling_C: celsius, of }),
    tubeTests: fc.record({ of, reagent: text, sign: text, tubes: fc.constant(['a']), positive: text, negative: text }),
    chromatogram: fc.record({ of }),
    spectrum: fc.record({ of, method: text, bands: fc.constant([{ band: 'a', expected: 'present' }]) }),
    storing: fc.record({ of, how: text }),
  };
}

test('whatever operation stands wherever with whatever it is given, every gram is somewhere', () => {
  expect(Object.keys(anyParams(docs[0] as Preparation)).sort()).toEqual(operations.map(({ name }) => name).sort());
  const anyDoc = fc.constantFrom(...docs).chain((doc) => {
    const all = anyParams(doc);
    const vessel = fc.constantFrom(...doc.vessels.map(({ id }) => id));
    const step = fc.constantFrom(...Object.keys(all)).chain((op) =>
      fc.record({
        op: fc.constant(op),
        params: all[op] as fc.Arbitrary<Step['params']>,
        at: fc.nat(doc.steps.length),
        uses: fc.option(fc.dictionary(fc.constantFrom('in', 'to', 'aside'), vessel, { maxKeys: 3 }), {
          nil: undefined,
        }),
      }),
    );
    return fc.array(step, { minLength: 1, maxLength: 4 }).map((more) => {
      const steps = [...doc.steps];
      more.forEach(({ op, params, at, uses }, i) =>
        steps.splice(at, 0, {
          id: `extra-${i}`,
          op,
          opVersion: 1,
          params,
          ...(uses ? { uses } : {}),
          time: { typical_min: 5, attended: true },
        }),
      );
      return { ...doc, steps };
    });
  });
  fc.assert(
    fc.property(anyDoc, (doc) => {
      const prediction = predictProcess(computePlan(doc));
      const { into, after } = balance(prediction);
      expect(Math.abs(gramsOf(into) - gramsOf(after)) / gramsOf(into)).toBeLessThan(1e-9);
      expect(prediction.steps.flatMap(({ remarks }) => remarks).filter((text) => text.startsWith(cannot))).toEqual([]);
    }),
    { numRuns: 300 },
  );
});
