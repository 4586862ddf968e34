import { fact, finding } from '../finding/finding';
import type { Finding } from '../finding/finding';
import type { HazardContext, StepFacts } from './context';

const airCondenserFrom_C = 140;

/** Cautions that follow from what a step does, whatever is in it. */
export function stepFindings(context: HazardContext): readonly Finding[] {
  return context.steps.flatMap((step) => of(step, context));
}

function of({ id, conditions }: StepFacts, context: HazardContext): readonly Finding[] {
  const about = { step: id };
  const named = (line: string) => context.materials.find(({ line: { facts } }) => facts.line.id === line)?.name ?? line;
  return [
    ...(conditions.boiling ? [finding('hazard.sealed', 'caution', about)] : []),
    ...(conditions.boiling && !hasAid(context) ? [finding('hazard.noAid', 'caution', about)] : []),
    ...(conditions.hot ? [finding('hazard.hot', 'note', about)] : []),
    ...(conditions.vacuum ? [finding('hazard.vacuum', 'note', about)] : []),
    ...(conditions.oven ? [finding('hazard.oven', 'note', about)] : []),
    ...(conditions.intoHot ?? []).map((line) =>
      finding('hazard.intoHot', 'caution', { ...about, line }, { name: named(line) }),
    ),
    ...(conditions.dosed ?? []).flatMap((line) => {
      const exothermic = context.plan.doc.lines.find((one) => one.id === line)?.addition?.exothermic;
      return exothermic ? [finding('hazard.accumulates', 'caution', { ...about, line }, { name: named(line) })] : [];
    }),
    ...(conditions.ceiling_C === undefined
      ? []
      : [finding('hazard.ceiling', 'note', about, { ceiling: celsius(conditions.ceiling_C) })]),
  ];
}

/** Something against bumping: an aid that does not go into the hot liquid. */
function hasAid({ plan: { doc }, steps }: HazardContext): boolean {
  const hot = new Set(steps.flatMap(({ conditions }) => conditions.intoHot ?? []));
  return doc.lines.some(({ id, role }) => role === 'aid' && !hot.has(id));
}

/** Cautions of vessels: distillation never to dryness, an air condenser for high boilers. */
export function vesselFindings({ plan: { doc } }: HazardContext): readonly Finding[] {
  const flask = doc.vessels.find(({ kind }) => kind === 'distillation flask');
  const product = doc.substances.find(({ id }) => id === doc.equation.product);
  const boiling = product?.boiling ? Number(product.boiling.digits) : undefined;
  if (!flask) return [];
  const about = { vessel: flask.id };
  return [
    finding('hazard.dryness', 'caution', about),
    ...(product && boiling !== undefined && boiling >= airCondenserFrom_C
      ? [finding('hazard.airCondenser', 'caution', about, { name: product.name, boiling: celsius(boiling) })]
      : []),
  ];
}

const celsius = (value: number) => fact({ dim: 'temperature', value }, '°C', value >= 100 ? 3 : 2);
