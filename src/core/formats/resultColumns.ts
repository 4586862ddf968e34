import { formatDigits } from '../quantity/format';
import type { ClassRow } from '../results/classResults';
import type { Preparation } from '../document/document';
import type { StageResult } from '../results/stageResults';
import type { Worked } from '../quantity/worked';

/** One column of the results file. `<stage>` in a name stands for the id of a stage of the preparation. */
interface Column<T> {
  readonly name: string;
  readonly says: string;
  readonly cell: (of: T) => string;
}

// Numbers as they are shown, with a point and a plain minus; nothing where there is none.
const digits = (worked: Worked | undefined, unit: string) =>
  worked ? formatDigits(worked.q, unit, { figures: worked.figures }).replace('−', '-') : '';

/** Columns of the bench as a whole. docs/results-csv.md is checked against them. */
export const benchColumns: readonly Column<ClassRow>[] = [
  { name: 'bench', says: 'name of the bench', cell: ({ bench }) => bench },
  {
    name: 'steps_done',
    says: 'steps done or left out with a reason',
    cell: ({ state }) => String(state.done),
  },
  {
    name: 'steps',
    says: 'steps to do; an optional one counts once it is done',
    cell: ({ state }) => String(state.toDo),
  },
  { name: 'limiting', says: 'limiting reagent by the actual charge', cell: ({ results }) => results.limiting ?? '' },
  {
    name: 'theory_g',
    says: 'theoretical yield of the actual charge, g',
    cell: ({ results }) => digits(results.theory, 'g'),
  },
  {
    name: 'own_percent',
    says: 'percent results that the group worked out itself, in the order of the steps, separated by spaces',
    cell: ({ results }) =>
      results.own
        .flatMap(({ typed }) =>
          typed ? [formatDigits({ dim: 'fraction', value: typed.value }, '%', { decimals: typed.decimals })] : [],
        )
        .join(' '),
  },
  {
    name: 'findings',
    says: 'rules of the stops and cautions that stand, separated by spaces',
    cell: ({ state }) =>
      [...new Set(state.findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule))].join(' '),
  },
  {
    name: 'overridden',
    says: 'rules of the stops that the bench went on in spite of, separated by spaces',
    cell: ({ state }) => state.overridden.map(({ finding }) => finding.rule).join(' '),
  },
];

/** Columns of each stage. */
export const stageColumns: readonly Column<StageResult>[] = [
  { name: '<stage>_mass_g', says: 'mass, g', cell: ({ mass }) => digits(mass?.mass, 'g') },
  {
    name: '<stage>_dry',
    says: 'constant (to constant mass), looks (by feel and look) or unknown',
    cell: ({ mass }) => mass?.dry ?? '',
  },
  {
    name: '<stage>_yield_percent',
    says: 'percent yield on the actual charge',
    cell: ({ percentYield }) => digits(percentYield, '%'),
  },
  {
    name: '<stage>_recovery_percent',
    says: 'percent recovery on what went in; only where no reaction lies between',
    cell: ({ kind, share }) => (kind === 'recovery' ? digits(share, '%') : ''),
  },
  {
    name: '<stage>_onset_C',
    says: 'first liquid of the capillary that counts, corrected, °C',
    cell: ({ best }) => digits(best?.onset, '°C'),
  },
  {
    name: '<stage>_clear_C',
    says: 'last crystal of the same capillary, corrected, °C',
    cell: ({ best }) => digits(best?.clear, '°C'),
  },
  {
    name: '<stage>_ramp_K_per_min',
    says: 'heating rate near the melt by the times of the readings, K/min',
    cell: ({ best }) => digits(best?.ramp, 'K/min'),
  },
  {
    name: '<stage>_melting',
    says: 'verdict: missing, fast, noLiterature, high, agrees, near (as agrees, on an apparatus without calibration), wide or low',
    cell: ({ verdict }) => verdict.kind,
  },
];

/**
 * The class's results as a table of text, the header first.
 *
 * @param rows of one class, all on the same preparation
 */
export function resultTable(doc: Preparation, rows: readonly ClassRow[]): readonly (readonly string[])[] {
  const header = [
    ...benchColumns.map(({ name }) => name),
    ...doc.stages.flatMap(({ id }) => stageColumns.map(({ name }) => name.replace('<stage>', id))),
  ];
  return [
    header,
    ...rows.map((row) => [
      ...benchColumns.map(({ cell }) => cell(row)),
      ...row.results.stages.flatMap((stage) => stageColumns.map(({ cell }) => cell(stage))),
    ]),
  ];
}
