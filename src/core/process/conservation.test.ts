import { contentOf } from '../document/steps';
import { feeding, reactionBehind, termsOf } from '../document/reactions';
import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { findOperation, operations } from '../operations/registry';
import { namedBy } from '../operations/named';
import { gramsOf, nothing, plus } from '../worktop/matter/matter';
import { cannot, foreseeSteps, predictProcess } from './predictProcess';
import { endsOf } from '../waste/pours';
import { stageAhead } from './stageAhead';
import { setExtent, setRun } from '../editing/reactions';
import { placeName } from './placeName';
import { factsOf } from '../plan/facts';
import { groupsOf, hasGroup } from '../reference/groups';
import { kindsOf } from '../worktop/madeKinds';
import { waysOf } from '../worktop/partners';
import { wholeOf } from '../worktop/matter/shelf';
import { anyParams, anyUses } from '../../../tests/support/anyParams';
import { fullDocument } from '../../../tests/support/fullDocument';
import { shippedPreparations } from '../../../tests/support/preparations';
import { edits } from '../../../tests/support/randomEdits';
import { jobDocument } from '../../../tests/support/jobs/job';
import { jobs } from '../../../tests/support/jobs';
import { scripted, stepLine } from '../../../tests/support/scripted';
import { withRanges } from '../../../tests/support/withRanges';
import type { Matter } from '../worktop/matter/matter';
import type { Prediction } from './predictProcess';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

const docs = [...shippedPreparations().map(([, doc]) => doc), fullDocument(), ...Object.values(jobs).map(jobDocument)];
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
  // What water or alcohol takes apart, and what does it, and the acids that come of it.
  const kind = kindsOf(factsOf(doc));
  const consumed = doc.substances.some(({ id }) => waysOf(kind(id)) !== undefined)
    ? doc.substances.filter(
        (one) =>
          waysOf(kind(one.id)) !== undefined ||
          kind(one.id).water ||
          hasGroup(groupsOf(one), 'alcohol', 'carboxylicAcid', 'mineralAcid', 'ester'),
      )
    : [];
  return new Set([
    ...termsOf(doc).map(({ substance }) => substance),
    ...[...reactive, ...consumed].map(({ id }) => id),
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

test.each(docs.map((doc) => [doc.title, doc] as const))(
  '%s: every place is a vessel of the document or one that an operation declares, also where no step names any',
  (_, doc) => {
    const bare = { ...doc, steps: doc.steps.map(({ uses: _uses, ...step }) => step) };
    for (const one of [doc, bare]) {
      const places = predictProcess(computePlan(one)).steps.flatMap(({ shelf }) => Object.keys(shelf));
      expect(places.filter((place) => placeName(one, place) === 'Vessel')).toEqual([]);
    }
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

test.each(docs.filter(({ reactions }) => reactions.length > 0).map((doc) => [doc.title, doc] as const))(
  '%s: a reaction that goes on in a later step, or begins in an earlier one, leaves losses that lead to the mass',
  (_, doc) => {
    fc.assert(
      fc.property(fc.nat(), fc.nat(), fc.integer({ min: 5, max: 100 }), (which, where, percent) => {
        const reaction = doc.reactions[which % doc.reactions.length];
        // Where the work is not yet on its way to what the reaction makes, or past it, it is no reaction that goes on.
        const own = doc.steps.filter((step) => {
          const stage = stageAhead(doc, step);
          const behind = stage && reactionBehind(doc, stage);
          if (!behind || !reaction || behind === reaction) return behind !== undefined && behind === reaction;
          const isolated = doc.stages.some((one) => reactionBehind(doc, one) === reaction);
          return !isolated && feeding(doc, behind).includes(reaction);
        });
        const step = own[where % own.length];
        if (!reaction || !step) return;
        const half = { by: 'conversion', percent: { typical: String(percent) } } as const;
        const runs = [...new Set([...reaction.runs.map((run) => run.step), step.id])];
        const going = runs.reduce((at, id) => setExtent(setRun(at, reaction.id, id, true), reaction.id, id, half), doc);
        for (const { stage, basis, losses, mass } of predictProcess(computePlan(going)).stages) {
          const left = losses.reduce((sum, loss) => sum - loss.mass.q.value, basis.q.value);
          expect([stage.id, step.id, left]).toEqual([stage.id, step.id, expect.closeTo(mass.q.value, 6)]);
        }
      }),
      { numRuns: 25 },
    );
  },
);

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
      return scripted(
        { ...doc, steps },
        more.map(({ at, ...one }) => stepLine(at, one)),
      );
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

test('what a step adds may be what already stands in its vessel: a line that is taken from a stage', () => {
  const adding = operations.filter(({ fields }) => Object.values(fields).some(({ kind }) => kind === 'line'));
  const anyDoc = fc
    .constantFrom(...docs.filter(({ stages }) => stages.length > 0))
    .chain((doc) =>
      fc.constantFrom(...adding).chain(({ name, version, fields }) =>
        fc.record({
          doc: fc.constant(doc),
          op: fc.constant(name),
          opVersion: fc.constant(version),
          params: anyParams(fields, doc),
          which: fc.nat(),
        }),
      ),
    )
    .map(({ doc, which, ...step }) => {
      const weighed = doc.steps.flatMap((one, i) =>
        doc.stages.flatMap(({ id }) => (weighs(one, id) ? [[id, i] as const] : [])),
      );
      const [stage, at] = weighed[which % weighed.length] ?? [doc.stages[0]?.id ?? '', doc.steps.length];
      const named = namedBy(step, 'line');
      const steps = [...doc.steps];
      steps.splice(at + 1, 0, { id: 'extra', ...step, time: { typical_min: 5, attended: true } });
      const lines = doc.lines.map((line) => (named.includes(line.id) ? { ...line, supply: { stage } } : line));
      return scripted({ ...doc, steps, lines }, [stepLine(at + 1, step), `${named.join(', ')} taken from ${stage}`]);
    });
  fc.assert(
    fc.property(anyDoc, (doc) => {
      const prediction = predictProcess(computePlan(doc));
      const { into, after } = balance(prediction);
      expect(prediction.steps.flatMap(({ remarks }) => remarks).filter((text) => text.startsWith(cannot))).toEqual([]);
      expect(Math.abs(gramsOf(into) - gramsOf(after)) / Math.max(gramsOf(into), 1e-6)).toBeLessThan(1e-9);
    }),
    { numRuns: 300 },
  );
});

test('random documents of reactions, pourings, splits and repeats: every gram is somewhere, and waste counts it all', () => {
  const script = fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(5000)), { maxLength: 25 });
  fc.assert(
    fc.property(fc.constantFrom(...docs.map((doc) => scripted(doc))), script, anySteps, (start, all, more) => {
      const edited = all.reduce((now, [which, n]) => edits[which]?.(now, n) ?? now, start);
      if (edited.vessels.length === 0 || edited.lines.length === 0) return;
      const poured = withSteps(edited, more);
      const often = more.map(({ at }) => poured.steps[at % poured.steps.length]);
      const repeat = { until: 'noChange', least: 3, most: 4 } as const;
      const doc = { ...poured, steps: poured.steps.map((step) => (often.includes(step) ? { ...step, repeat } : step)) };
      const plan = computePlan(doc);
      const { steps, world } = foreseeSteps(plan);
      const prediction = predictProcess(plan);
      const { into, after } = balance(prediction);
      const total = Math.max(gramsOf(into), 1e-6);
      if (!Number.isFinite(total)) return;
      expect(Math.abs(gramsOf(into) - gramsOf(after)) / total).toBeLessThan(1e-9);
      const { pours, kept, air, samples } = endsOf(world, steps);
      const unused = pours.filter(
        ({ place }) => doc.lines.some(({ id }) => id === place) && !(place in (steps.at(-1)?.shelf ?? {})),
      );
      const all_g = [...pours.filter((one) => !unused.includes(one)).map(({ matter }) => matter), kept, air, samples];
      expect(Math.abs(gramsOf(all_g.reduce(plus, nothing)) - gramsOf(into)) / total).toBeLessThan(1e-9);
    }),
    { numRuns: 120 },
  );
});

/** Pourings, partings and repeats at any place, between any vessels. */
const anySteps = fc.array(
  fc.record({
    at: fc.nat(40),
    from: fc.nat(20),
    to: fc.nat(20),
    percent: fc.option(fc.integer({ min: 1, max: 99 }), { nil: undefined }),
    part: fc.boolean(),
    again: fc.boolean(),
  }),
  { maxLength: 4 },
);

function withSteps(
  doc: Preparation,
  more: readonly {
    at: number;
    from: number;
    to: number;
    percent?: number | undefined;
    part: boolean;
    again: boolean;
  }[],
): Preparation {
  const steps = [...doc.steps];
  const vessel = (n: number) => doc.vessels[n % doc.vessels.length]?.id ?? '';
  more.forEach(({ at, from, to, percent, part, again }, i) => {
    const uses = { in: vessel(from), to: vessel(to) };
    const common = { id: `poured-${i}`, opVersion: 1, uses, time: { typical_min: 5, attended: true } };
    const repeat = again ? { repeat: { until: 'noChange' as const, least: 2, most: 3 } } : {};
    const step: Step = part
      ? { ...common, op: 'parting', params: { keep: 'organic', organic: 'upper', by: 'stopcock' }, ...repeat }
      : {
          ...common,
          op: 'pouring',
          params: { manner: 'once', ...(percent === undefined ? {} : { percent }) },
          ...repeat,
        };
    steps.splice(at % (steps.length + 1), 0, step);
  });
  return { ...doc, steps };
}
