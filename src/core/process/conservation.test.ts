import { contentOf } from '../document/steps';
import { termsOf } from '../document/reactions';
import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { findOperation, operations } from '../operations/registry';
import { namedBy } from '../operations/named';
import { gramsOf, nothing, plus } from './matter/matter';
import { cannot, predictProcess } from './predictProcess';
import { wholeOf } from './matter/shelf';
import { anyParams, anyUses } from '../../../tests/support/anyParams';
import { fullDocument } from '../../../tests/support/fullDocument';
import { shippedPreparations } from '../../../tests/support/preparations';
import { withRanges } from '../../../tests/support/withRanges';
import type { Matter } from './matter/matter';
import type { Prediction } from './predictProcess';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

const docs = [...shippedPreparations().map(([, doc]) => doc), fullDocument()];
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
  const material = doc.stages.flatMap((stage) => {
    const content = contentOf(stage);
    if (content?.percent === undefined) return [];
    return [stage.substance, doc.lines.find(({ id }) => id === content.line)?.substance ?? ''];
  });
  return new Set([...termsOf(doc).map(({ substance }) => substance), ...reactive.map(({ id }) => id), ...material]);
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
    const prediction = predictProcess(computePlan(scaled(doc, factor)));
    const stages = withRanges(prediction);
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
  return operation?.mass !== undefined && namedBy({ op, params }, 'stage').includes(stage);
};

test('whatever operation stands wherever with whatever it is given, every gram is somewhere', () => {
  const anyDoc = fc.constantFrom(...docs).chain((doc) => {
    const step = fc.constantFrom(...operations).chain(({ name, version, fields, vessels }) =>
      fc.record({
        op: fc.constant(name),
        opVersion: fc.constant(version),
        params: anyParams(fields, doc),
        at: fc.nat(doc.steps.length),
        uses: anyUses(vessels, doc),
      }),
    );
    return fc.array(step, { minLength: 1, maxLength: 4 }).map((more) => {
      const steps = [...doc.steps];
      more.forEach(({ at, ...one }, i) =>
        steps.splice(at, 0, { id: `extra-${i}`, ...one, time: { typical_min: 5, attended: true } }),
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
