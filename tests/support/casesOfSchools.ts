import { addLineOf } from '@/core/editing/chosen';
import { addStep } from '@/core/editing/addStep';
import { changeLine } from '@/core/editing/edit';
import { oddOperations } from './oddOperations';
import { stateOfScript } from './demoRun';
import { benchResults } from '@/core/results/benchResults';
import { benchState } from '@/core/bench/benchState';
import { demoRecord } from '@/data/demoRecord';
import { bottleCases, documentOfBottle } from './scenarios/bottles';
import { wastePlan } from '@/core/waste/wastePlan';
import { planOf } from '@/core/process/planOf';
import { entriesOf } from './record';
import { fullDocument } from './fullDocument';
import { dienone, shippedPreparations } from './preparations';
import type { DemoStep } from '@/data/demoSteps';
import type { Conventions } from '@/core/conventions/catalogue';
import type { Preparation } from '@/core/document/document';

/** Something that people see, as text, by the conventions in force. */
export interface SchoolCase {
  readonly shows: (conventions: Conventions) => string;
}

const began = (step: string) => [
  { k: 'event', step, name: 'heatOn' } as const,
  { k: 'event', step, name: 'firstReflux' } as const,
  { k: 'reading', place: { step, slot: 'temperature', round: 1 }, digits: '121', unit: '°C' } as const,
];

/** What the bench reads and is asked, what runs, and what the plan says of it. */
function shownOf(doc: Preparation, entries: Parameters<typeof entriesOf>[0] = []): SchoolCase {
  return {
    shows: (conventions) => {
      const issued = { ...doc, conventions };
      const { steps } = benchState(issued, entriesOf(entries));
      const { plan } = planOf(issued);
      return JSON.stringify([
        steps.map(({ operation, context, asks, timers }) => [
          operation.sentence(context),
          operation.cautions?.(context),
          asks,
          timers,
        ]),
        plan.lines.map(({ equivalents }) => equivalents?.q.value),
        plan.findings.map(({ key }) => key),
      ]);
    },
  };
}

/** A bench that has run, with a chromatogram of what it made. */
function resultOf(): SchoolCase {
  const { steps } = demoRecord['Dunlin'] ?? { steps: [] };
  const doc = shippedPreparations().find(([name]) => name === 'acetanilide')?.[1];
  const of = doc?.stages.at(-1)?.id ?? '';
  const added = doc && addStep(doc, 'chromatogram');
  if (!added?.ok) throw new Error('no chromatogram');
  const done = added.doc.steps.map((step) => (step.id === added.step ? { ...step, params: { of } } : step));
  const area: DemoStep = { minute: 200, place: { step: added.step, slot: 'area' }, read: '98.2 %', device: '' };
  return {
    shows: (conventions) =>
      benchResults(stateOfScript([...steps, area], {}, { ...added.doc, steps: done, conventions })).sentence,
  };
}

/** Acid and base among the washes, in both orders. */
function washed(doc: Preparation, roles: readonly string[]): Preparation {
  const formulas: Readonly<Record<string, string>> = { acid: 'HCl', base: 'NaHCO3' };
  return roles.reduce<Preparation>((now, role) => {
    const { doc: lined, line } = addLineOf(
      now,
      { added: { name: `Wash of ${role}`, formula: formulas[role] ?? '' } },
      'wash',
    );
    const filled = changeLine(lined, line, {
      entered: { by: 'volume', digits: '10', unit: 'mL' },
      strength: { by: 'molarity', digits: '1.0' },
    });
    const added = addStep(filled, 'wash');
    return added.ok ? added.doc : filled;
  }, doc);
}

/** The same, dried over another agent. */
function driedOver(doc: Preparation, formula: string): Preparation {
  const agents = new Set(doc.lines.filter(({ role }) => role === 'drying agent').map(({ substance }) => substance));
  return { ...doc, substances: doc.substances.map((one) => (agents.has(one.id) ? { ...one, formula } : one)) };
}

/** The bottles that everything goes into. */
const pouredOf = (doc: Preparation): SchoolCase => ({
  shows: (conventions) =>
    JSON.stringify(wastePlan(planOf({ ...doc, conventions }).plan).pours.map(({ stream }) => stream)),
});

/** Preparations of many kinds, fresh and under way. */
export function casesOfSchools(): readonly SchoolCase[] {
  const documents = [...shippedPreparations().map(([, doc]) => doc), dienone()];
  const [first] = documents;
  if (!first) throw new Error('no preparation');
  return [
    ...documents.flatMap((doc) => [shownOf(doc), shownOf(driedOver(doc, 'MgSO4'))]),
    shownOf(oddOperations()),
    shownOf(fullDocument()),
    shownOf(first, began('reflux')),
    shownOf(washed(first, ['acid', 'base'])),
    shownOf(washed(first, ['base', 'acid'])),
    resultOf(),
    ...bottleCases
      .filter(({ title }) => title.startsWith('toluene with'))
      .map((one) => pouredOf(documentOfBottle(one))),
  ];
}
