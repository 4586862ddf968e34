import { equationFindings } from './equationFindings';
import { limitingFindings } from './limitingFindings';
import { lineFindings } from './lineFindings';
import { measureFindings } from './measureFindings';
import { scaleFindings } from './scaleFindings';
import { vesselFindings } from './vesselFindings';
import type { PlanDraft } from '../planTypes';
import type { Finding, Severity } from '../../finding/finding';

const weight: Readonly<Record<Severity, number>> = { stop: 0, caution: 1, note: 2 };

/** All findings of a plan, the gravest first, otherwise in the order of the work. */
export function planFindings(draft: PlanDraft): readonly Finding[] {
  const all = [
    equationFindings,
    lineFindings,
    limitingFindings,
    measureFindings,
    scaleFindings,
    ({ vessels }: PlanDraft) => vesselFindings({ vessels }),
  ].flatMap((rule) => rule(draft));
  return sortFindings(all);
}

/** The gravest first; those of one severity keep their order. */
export function sortFindings(all: readonly Finding[]): readonly Finding[] {
  return [...all].sort((a, b) => weight[a.severity] - weight[b.severity]);
}
