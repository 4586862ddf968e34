import fc from 'fast-check';
import { asIssued, planOf } from '@/core/process/planOf';
import { benchState } from '@/core/bench/benchState';
import { cardOf } from '@/core/library/card';
import { chargeColumns, chargeRows } from '@/core/formats/chargeRows';
import { computePlan } from '@/core/plan/plan';
import { format, formatDigits } from '@/core/quantity/format';
import { edits } from '../support/randomEdits';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import { namedBy } from '@/core/operations/named';
import { processPlan } from '@/core/process/processPlan';
import { sheetSteps } from '@/core/sheet/sheetSteps';
import { scripted } from '../support/scripted';
import { shippedPreparations } from '../support/preparations';
import { vesselPeaks } from '@/core/process/vesselPeaks';
import { wastePlan } from '@/core/waste/wastePlan';
import type { Pin, Preparation } from '@/core/document/document';

// A number that stands on two screens is one number: whatever the document, whatever is pinned.

const docs = [...shippedPreparations().map(([, doc]) => doc), ...Object.values(jobs).map(jobDocument)];

const pinOf = (doc: Preparation, which: number, percent: number): Pin => {
  const line = doc.lines[which % doc.lines.length];
  const vessel = doc.vessels[which % Math.max(1, doc.vessels.length)];
  if (which % 3 === 1 && line && line.entered.by === 'mass')
    return { at: 'line', line: line.id, digits: String(percent / 40), unit: 'g', over: 'bench' };
  if (which % 3 === 2 && vessel)
    return { at: 'vessel', vessel: vessel.id, digits: String(vessel.capacity_mL), percent: String(10 + percent / 5) };
  return { at: 'factor', digits: String(percent / 50) };
};

/** A document after any edits, with anything pinned. */
const anyDoc = fc
  .tuple(
    fc.constantFrom(...docs),
    fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(5000)), { maxLength: 12 }),
    fc.nat(999),
    fc.integer({ min: 10, max: 200 }),
  )
  .map(([start, script, which, percent]) => {
    const edited = script.reduce((now, [edit, n]) => edits[edit]?.(now, n) ?? now, start);
    const done = script.map(([edit, n]) => `edit ${String(edit % edits.length)}, ${String(n)}`);
    const pin = pinOf(edited, which, percent);
    return edited.lines.length === 0
      ? scripted(start)
      : scripted({ ...edited, pin }, [...done, `pin ${JSON.stringify(pin)}`]);
  });

const ofAny = (says: (doc: Preparation) => void) => {
  fc.assert(fc.property(anyDoc, says), { numRuns: 60 });
};
const shown = (one: { q: Parameters<typeof format>[0]; unit: string; figures: number }) =>
  format(one.q, one.unit, { figures: one.figures });

test('charge table, file and bench measure the same; what a bench is issued is at the scale of the plan', () => {
  ofAny((doc) => {
    const { plan } = planOf(doc);
    const bench = benchState(asIssued(plan), []).charge;
    const column = chargeColumns.findIndex(({ title }) => title === 'Measure, one portion');
    chargeRows(plan).forEach((row, i) => {
      const line = plan.lines[i];
      const target = line?.target?.rounded;
      if (!line || !target) return;
      const cell = row[column];
      expect(cell && 'digits' in cell ? Number(cell.digits) : NaN).toBeCloseTo(
        Number(formatDigits(target.q, target.unit, { figures: target.figures })),
        12,
      );
      const atBench = bench.lines.find(({ plan: one }) => one.facts.line.id === line.facts.line.id)?.plan.target;
      expect(atBench && shown(atBench.rounded)).toBe(shown(target));
    });
  });
});

test('a sentence that names a line names its amount as the charge table has it, on screen and on paper', () => {
  ofAny((doc) => {
    const { plan } = planOf(doc);
    const issued = asIssued(plan);
    const paper = sheetSteps(issued);
    benchState(issued, []).steps.forEach(({ step, operation, context }, i) => {
      const sentence = operation.sentence(context);
      expect(paper[i]?.sentence).toBe(sentence);
      for (const id of namedBy(step, 'line')) {
        const line = plan.lines.find(({ facts }) => facts.line.id === id);
        const target = line?.target?.rounded;
        const number = /(\d[\d.,\s]*)(mL|g|mg|L|kg|µL)\s/u.exec(sentence);
        if (!target || !number || namedBy(step, 'line').length > 1 || operation.name === 'neutralization') continue;
        const { mass, volume } = line.portion;
        const said = [target, mass, volume].flatMap((one) => (one ? [shown(one)] : []));
        if (/^(Weigh|Measure|Wash|Extract)/.test(sentence))
          expect([step.id, sentence, said.some((one) => sentence.includes(one))]).toEqual([step.id, sentence, true]);
      }
    });
  });
});

test('masses, times and fillings of plan, process, card and issued class are the same', () => {
  ofAny((doc) => {
    const { plan, process } = planOf(doc);
    const issued = processPlan(computePlan(asIssued(plan)));
    const masses = ({ prediction }: typeof process) => prediction.stages.map(({ mass }) => shown(mass));
    expect(masses(issued)).toEqual(masses(process));
    expect(issued.timeline.total_min).toBeCloseTo(process.timeline.total_min, 6);
    expect(cardOf(doc).minutes).toBe(Math.round(process.timeline.total_min));
    const peaks = new Map(vesselPeaks(plan.doc, process.prediction).map((one) => [one.vessel.id, shown(one.fill)]));
    for (const { vessel, fill } of plan.vessels)
      if (peaks.has(vessel.id)) expect(fill && shown(fill)).toBe(peaks.get(vessel.id));
  });
});

test('theory of plan, stage, bench and each reaction is one', () => {
  ofAny((doc) => {
    const { plan, process } = planOf(doc);
    const bench = benchState(asIssued(plan), []).charge.plan.charge;
    for (const [id, { product }] of plan.charge.reactions) {
      const there = bench.reactions.get(id)?.product?.mass;
      expect(there && shown(there)).toBe(product?.mass && shown(product.mass));
    }
    for (const { stage, basis } of process.prediction.stages) {
      const { origin } = stage;
      const own = origin?.by === 'reaction' ? plan.charge.reactions.get(origin.reaction)?.product?.mass : undefined;
      if (own) expect(shown(basis)).toBe(shown(own));
    }
  });
});

test('waste by stream is waste by vessel and layer, for a bench and for the class', () => {
  ofAny((doc) => {
    const { plan } = planOf(doc);
    const { streams, pours } = wastePlan(plan);
    if (doc.steps.length === 0) return;
    for (const { stream, mass, volume, classVolume } of streams) {
      const mine = pours.filter((one) => one.stream === stream);
      const grams = mine.reduce((sum, { matter }) => sum + Object.values(matter).reduce((all, one) => all + one, 0), 0);
      if (mass) expect(mass.q.value).toBeCloseTo(grams, 6);
      if (volume && classVolume) expect(classVolume.q.value).toBeCloseTo(volume.q.value * doc.benches, 9);
    }
  });
});
