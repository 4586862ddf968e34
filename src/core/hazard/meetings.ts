import type { MaterialKind } from './materials';
import type { RuleId } from '../finding/rules';

/** Two kinds of matter that do something when they meet. */
export interface Meeting {
  readonly a: MaterialKind;
  readonly b: MaterialKind;
  readonly rule: RuleId;
  /** The same in a waste bottle, in half a sentence. */
  readonly inWaste: string;
}

/** What must not meet unawares, in the flask or in the waste. */
export const meetings: readonly Meeting[] = [
  { a: 'carbonate', b: 'acid', rule: 'hazard.carbonDioxide', inWaste: 'carbon dioxide bursts a closed bottle' },
  { a: 'hypochlorite', b: 'acid', rule: 'hazard.chlorine', inWaste: 'chlorine is set free' },
  { a: 'hypochlorite', b: 'amine', rule: 'hazard.chloramine', inWaste: 'chloramines form' },
  { a: 'hypochlorite', b: 'alcoholOrKetone', rule: 'hazard.chlorinated', inWaste: 'heat and chlorinated products' },
  { a: 'sulfite', b: 'acid', rule: 'hazard.sulfurDioxide', inWaste: 'sulfur dioxide is set free' },
  { a: 'nitrite', b: 'acid', rule: 'hazard.nitrousFumes', inWaste: 'nitrous fumes are set free' },
  { a: 'nitricAcid', b: 'organic', rule: 'hazard.nitricOrganic', inWaste: 'nitric acid and organics can explode' },
  { a: 'oxidizer', b: 'organic', rule: 'hazard.oxidizerOrganic', inWaste: 'an oxidizer and organics heat up' },
  { a: 'waterReactive', b: 'aqueous', rule: 'hazard.waterReactive', inWaste: 'it reacts with the water' },
  { a: 'metalOrHydride', b: 'acid', rule: 'hazard.hydrogen', inWaste: 'hydrogen is set free' },
  {
    a: 'organohalide',
    b: 'base',
    rule: 'hazard.halideBase',
    inWaste: 'a halogenated compound and strong base or metal heat up',
  },
];
