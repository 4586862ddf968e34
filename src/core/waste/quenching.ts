import { kinds } from '../hazard/materials';
import type { Judged } from '../hazard/materials';
import type { RuleId } from '../words/rules';
import type { WasteStream } from '../reference/wasteStreams';

/** What has to be taken apart before any of it goes into a bottle: the rule that says how, and where it goes then. */
interface Quenched {
  readonly is: (substance: Judged) => boolean;
  readonly rule: RuleId;
  readonly stream: WasteStream;
}

const quenched: readonly Quenched[] = [
  { is: kinds.neverWater, rule: 'waste.quenchAlkaliMetal', stream: 'non-halogenated' },
  { is: kinds.aluminiumHydride, rule: 'waste.quenchAluminiumHydride', stream: 'aqueous' },
  { is: kinds.borohydride, rule: 'waste.quenchBorohydride', stream: 'aqueous' },
  { is: kinds.organometallic, rule: 'waste.quenchOrganometallic', stream: 'non-halogenated' },
  { is: kinds.magnesium, rule: 'waste.quenchMetal', stream: 'aqueous' },
  { is: kinds.hydrolysing, rule: 'waste.quenchAcyl', stream: 'aqueous' },
  { is: (one) => kinds.waterReactive(one), rule: 'waste.quenchUnknown', stream: 'aqueous' },
];

/** How a substance is quenched before it is waste; nothing for what goes as it is. */
export function quenchOf(substance: Judged): Quenched | undefined {
  return quenched.find(({ is }) => is(substance));
}

/** Stream of what has none of its own, by what its quench leaves. */
export const streamByKind = (substance: Judged): WasteStream | undefined => quenchOf(substance)?.stream;
