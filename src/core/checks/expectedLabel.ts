import { hazardStatements, splitStatement } from '../reference/statements';
import type { HazardStatement } from '../reference/statements';
import type { PictogramId } from '../reference/pictograms';

/** What a label must and may carry by its statements. */
export interface ExpectedLabel {
  readonly needed: readonly PictogramId[];
  /** Symbols that precedence lets drop but that some sheets still print. */
  readonly optional: readonly PictogramId[];
  /** Signal words that the statements allow. */
  readonly signals: readonly ('danger' | 'warning' | 'none')[];
  /** Codes that do not exist. */
  readonly unknown: readonly string[];
}

/**
 * Symbols and signal word that follow from hazard statements, with the rules of precedence: the skull displaces the
 * exclamation mark; corrosion displaces it for irritation of skin and eyes; the health hazard of a respiratory sensitizer
 * displaces it for skin sensitization and irritation; flame or skull make the gas cylinder optional; "danger" displaces
 * "warning". Source: UN GHS 1.4.10.5.3; Regulation (EC) 1272/2008, article 26.
 *
 * @example expectedLabel(['H225', 'H319']).needed // → ['02', '07']
 */
export function expectedLabel(codes: readonly string[]): ExpectedLabel {
  const unknown = codes.filter((code) => splitStatement(code) === undefined);
  const statements = codes
    .flatMap((code) => splitStatement(code) ?? [])
    .map((base) => hazardStatements[base] as HazardStatement);
  const has = (test: (one: HazardStatement) => boolean) => statements.some(test);
  const skull = has(({ pictogram }) => pictogram === '06');
  const gone = (one: HazardStatement) =>
    one.pictogram === '07' &&
    (skull ||
      (one.kind === 'irritant' && has(({ kind }) => kind === 'corrosive' || kind === 'respiratorySensitizer')) ||
      (one.kind === 'skinSensitizer' && has(({ kind }) => kind === 'respiratorySensitizer')));
  const free = (one: HazardStatement) =>
    one.optional === true || (one.pictogram === '04' && (skull || has(({ pictogram }) => pictogram === '02')));
  const symbols = (list: readonly HazardStatement[]) =>
    [...new Set(list.flatMap(({ pictogram }) => (pictogram ? [pictogram] : [])))].sort();
  const needed = symbols(statements.filter((one) => !gone(one) && !free(one)));
  const optional = symbols(statements.filter(free)).filter((id) => !needed.includes(id));
  return { needed, optional, signals: signalsOf(statements), unknown };
}

function signalsOf(statements: readonly HazardStatement[]): ExpectedLabel['signals'] {
  if (statements.some(({ signal }) => signal.length === 1 && signal[0] === 'danger')) return ['danger'];
  if (statements.some(({ signal }) => signal.length > 1)) return ['danger', 'warning'];
  return statements.some(({ signal }) => signal[0] === 'warning') ? ['warning'] : ['none'];
}
