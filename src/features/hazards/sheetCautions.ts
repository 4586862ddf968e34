import { renderFinding } from '@/core/words/renderFinding';
import type { Finding } from '@/core/finding/finding';
import type { Preparation } from '@/core/document/document';

/** A caution of the sheet with the steps it belongs to. */
export interface SheetCaution {
  readonly key: string;
  /** "Step 3", "Steps 3, 8". */
  readonly at?: string;
  readonly says: string;
}

/** Rules that only repeat what the substances' labels on the same sheet say. */
const onLabels: ReadonlySet<string> = new Set([
  'hazard.asthma',
  'hazard.corrosive',
  'hazard.flagged',
  'hazard.noData',
  'hazard.organs',
  'hazard.sensitizer',
  'hazard.skin',
  'hazard.suspected',
  'hazard.toxic',
]);

/** Cautions of a plan, each sentence once with all the steps it belongs to, in the order of the work. */
export function sheetCautions({ steps }: Preparation, findings: readonly Finding[]): readonly SheetCaution[] {
  const order = new Map(steps.map(({ id }, i) => [id, i + 1]));
  const merged = new Map<string, number[]>();
  for (const finding of findings) {
    if (onLabels.has(finding.rule)) continue;
    const { says, remedies } = renderFinding(finding);
    const text = [says, ...remedies].join(' ');
    const at = finding.about.step === undefined ? undefined : order.get(finding.about.step);
    merged.set(text, [...(merged.get(text) ?? []), ...(at === undefined ? [] : [at])]);
  }
  return [...merged]
    .map(([says, at]) => ({ says, at: [...new Set(at)].sort((a, b) => a - b) }))
    .sort((a, b) => (a.at[0] ?? 0) - (b.at[0] ?? 0))
    .map(({ says, at }) => ({
      key: says,
      says,
      ...(at.length === 0 ? {} : { at: `${at.length === 1 ? 'Step' : 'Steps'} ${at.join(', ')}` }),
    }));
}
