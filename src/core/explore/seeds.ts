import { impurityOf } from './impurityOf';
import { findOperation } from '../operations/registry';
import { has, meansOf, namedBy } from '../operations/named';
import { factsOf } from '../plan/facts';
import { gramsOf } from '../worktop/matter/matter';
import { kindsOf } from '../worktop/madeKinds';
import { mainStages } from '../document/mainStages';
import { millilitres } from '../worktop/volumes';
import { phaseOf, wholeOf } from '../worktop/matter/shelf';
import type { Content } from '../worktop/matter/shelf';
import type { DistillationQuestion } from './distillation';
import type { ExtractionQuestion } from './extraction';
import type { Impurity } from '../models/washing/washPlan';
import type { Kind } from '../worktop/kinds';
import type { LineRole } from '../document/document';
import type { Plan } from '../plan/planTypes';
import type { Prediction, StepPrediction } from '../process/predictProcess';
import type { Step } from '../document/steps';

/** Numbers of a preparation that an explorer begins with. Substances by their ids. */
export interface Seeds {
  readonly extraction?: Pick<
    ExtractionQuestion,
    'into' | 'aqueous_mL' | 'organic_mL' | 'added_mL' | 'portions' | 'pH'
  > & {
    readonly substance: string;
    readonly solvent: string;
  };
  readonly washing?: { readonly layer_mL: number; readonly product: string; readonly impurities: readonly Impurity[] };
  readonly distillation?: Pick<DistillationQuestion, 'lighter_mL' | 'heavier_mL' | 'stages' | 'reflux' | 'limits_C'> & {
    readonly lighter: string;
    readonly heavier: string;
  };
  readonly recrystallization?: {
    readonly substance: string;
    readonly solvent: string;
    readonly mass_g: number;
    readonly volume_mL: number;
    readonly cold_C: number;
  };
  readonly melting?: { readonly substance: string };
}

interface Source {
  readonly plan: Pick<Plan, 'doc' | 'charge' | 'lines'>;
  readonly prediction: Prediction;
  readonly kind: (id: string) => Kind;
}

/** What the explorers begin with on a plan: the preparation's own volumes, masses and substances. */
export function seedsOf(plan: Source['plan'], prediction: Prediction): Seeds {
  const source: Source = { plan, prediction, kind: kindsOf(factsOf(plan.doc)) };
  const product = mainStages(plan.doc).at(-1)?.substance;
  const all = {
    extraction: extractionSeed(source),
    washing: washingSeed(source),
    distillation: distillationSeed(source),
    recrystallization: recrystallizationSeed(source),
    melting: product === undefined ? undefined : { substance: product },
  };
  return Object.fromEntries(Object.entries(all).filter(([, seed]) => seed !== undefined)) as Seeds;
}

/** A step of the prediction with what stood in the product's place before it. */
function before({ prediction }: Source, wanted: (one: StepPrediction) => boolean) {
  const at = prediction.steps.findIndex(wanted);
  const [now, earlier] = [prediction.steps[at], prediction.steps[at - 1]];
  const place = now?.step.uses?.['in'];
  const content = [place, earlier?.product]
    .map((one) => (one === undefined ? undefined : earlier?.shelf[one]))
    .find((one) => one !== undefined && gramsOf(wholeOf(one)) > 0);
  return now && content ? { now, content } : undefined;
}

/** The line that a step takes first of all. */
const lineOf = ({ plan }: Source, step: Step | undefined) => {
  const [first] = step ? namedBy(step, 'line') : [];
  return plan.lines.find(({ facts }) => facts.line.id === first);
};
const partsWith = (source: Source, step: Step, role: LineRole) =>
  has(step, 'separates') && lineOf(source, step)?.facts.line.role === role;

function extractionSeed(source: Source): Seeds['extraction'] {
  const found = before(source, ({ step }) => partsWith(source, step, 'extractant'));
  const line = lineOf(source, found?.now.step);
  const added_mL = line?.total.volume?.q.value;
  if (!found?.now.stage || !line || added_mL === undefined) return undefined;
  const { groups, substance: solute, water } = source.kind(line.facts.line.substance);
  const aqueous = water || groups.water !== undefined;
  const mL = (content: Content, kind: 'organic' | 'liquid') => millilitres(source.kind, phaseOf(content, kind));
  const whole = millilitres(source.kind, wholeOf(found.content));
  return {
    substance: found.now.stage.substance,
    solvent: aqueous ? mainLiquid(source, found.content) : (solute?.id ?? ''),
    into: aqueous ? 'water' : 'solvent',
    aqueous_mL: aqueous ? added_mL : mL(found.content, 'liquid') || whole,
    organic_mL: aqueous ? whole : added_mL,
    added_mL,
    portions: line.facts.portions,
    pH: groups.hydroxide ? 13.5 : groups.bicarbonate ? 8.3 : groups.mineralAcid ? 0.5 : 7,
  };
}

/** The liquid of which there is most, water aside. */
function mainLiquid({ kind }: Source, content: Content): string {
  const liquids = Object.entries(wholeOf(content)).filter(([id]) => !kind(id).solid && !kind(id).water);
  return liquids.sort(([, a], [, b]) => b - a)[0]?.[0] ?? '';
}

const trace_mmol = 0.05;

function washingSeed(source: Source): Seeds['washing'] {
  const { kind, plan } = source;
  const found =
    before(source, ({ step }) => partsWith(source, step, 'wash')) ??
    before(source, ({ step }) => has(step, 'separates'));
  const product = found?.now.stage?.substance;
  if (!found || product === undefined) return undefined;
  const carriers = new Set(
    plan.doc.lines.filter(({ role }) => role === 'extractant' || role === 'solvent').map(({ substance }) => substance),
  );
  const whole = wholeOf(found.content);
  const impurities = Object.entries(whole).flatMap(([id, grams]): readonly Impurity[] => {
    const { M, water } = kind(id);
    const mmol = M === undefined ? undefined : (grams / M) * 1000;
    if (id === product || water || carriers.has(id) || (mmol ?? 0) < trace_mmol) return [];
    return [impurityOf(kind(id), mmol)];
  });
  return { product, impurities, layer_mL: Math.max(1, millilitres(kind, whole)) };
}

function distillationSeed({ plan, kind }: Source): Seeds['distillation'] {
  const [cuts] = plan.doc.steps.flatMap(({ op, params }) => findOperation(op)?.cuts?.(params) ?? []);
  if (!cuts) return undefined;
  const { lighter, heavier, stages, reflux, limits_C } = cuts;
  const mL = (substance: string) =>
    plan.lines
      .filter(({ facts }) => facts.line.substance === substance)
      .reduce((sum, { total }) => sum + (total.volume?.q.value ?? 0), 0);
  if (!kind(lighter).substance?.antoine || !kind(heavier).substance?.antoine) return undefined;
  return { lighter, heavier, stages, reflux, limits_C, lighter_mL: mL(lighter), heavier_mL: mL(heavier) };
}

function recrystallizationSeed({ plan, prediction }: Source): Seeds['recrystallization'] {
  const [hot] = plan.doc.steps.flatMap((step) => meansOf(step).hot ?? []);
  const line = plan.lines.find(({ facts }) => facts.line.id === hot?.line);
  const volume = line?.total.volume?.q.value;
  const stage = prediction.stages.find(({ stage: { id } }) => id === hot?.stage);
  if (!hot || !line || !stage || volume === undefined) return undefined;
  return {
    substance: stage.stage.substance,
    solvent: line.facts.line.substance,
    mass_g: stage.mass.q.value,
    // The excess for the hot filter is boiled off before it cools.
    volume_mL: volume / (1 + hot.excess),
    cold_C: hot.cold_C,
  };
}
