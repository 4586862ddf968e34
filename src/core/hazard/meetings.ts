import type { MaterialKind } from './materials';
import type { RuleId } from '../words/rules';
import type { Severity } from '../finding/finding';

/** Two kinds of matter that do something when they meet. */
export interface Meeting {
  readonly a: MaterialKind;
  readonly b: MaterialKind;
  readonly rule: RuleId;
  /** @default caution */
  readonly severity?: Severity;
  /** A third kind that has to be there too. */
  readonly with?: MaterialKind;
  /** The same in a waste bottle, in half a sentence. */
  readonly inWaste: string;
  /** The first meeting is the whole of it: what is left has been with the other ever since. */
  readonly once?: true;
  /** Said of the waste bottle alone: in the flask the process says it better, or it is what the work-up is for. */
  readonly wasteOnly?: true;
}

/** What must not meet unawares, in the flask or in the waste. Chemistry of every handbook of incompatibilities. */
export const meetings: readonly Meeting[] = [
  {
    a: 'carbonate',
    b: 'acid',
    rule: 'hazard.carbonDioxide',
    inWaste: 'carbon dioxide bursts a closed bottle',
    wasteOnly: true,
  },
  { a: 'hypochlorite', b: 'readyAcid', rule: 'hazard.chlorine', inWaste: 'chlorine is set free' },
  { a: 'hypochlorite', b: 'amine', rule: 'hazard.chloramine', inWaste: 'chloramines form' },
  { a: 'hypochlorite', b: 'alcoholOrKetone', rule: 'hazard.chlorinated', inWaste: 'heat and chlorinated products' },
  { a: 'sulfite', b: 'readyAcid', rule: 'hazard.sulfurDioxide', inWaste: 'sulfur dioxide is set free' },
  { a: 'nitrite', b: 'readyAcid', rule: 'hazard.nitrousFumes', inWaste: 'nitrous fumes are set free' },
  {
    a: 'cyanideOrSulfide',
    b: 'readyAcid',
    rule: 'hazard.poisonGas',
    severity: 'stop',
    inWaste: 'a deadly gas is set free',
  },
  { a: 'nitricAcid', b: 'nitrated', rule: 'hazard.nitricSolvent', inWaste: 'the mixture can explode' },
  { a: 'nitricAcid', b: 'organic', rule: 'hazard.nitricOrganic', inWaste: 'nitric acid and organics can explode' },
  { a: 'peroxide', b: 'ketoneOrEther', rule: 'hazard.ketonePeroxide', inWaste: 'explosive peroxides form' },
  { a: 'strongOxidizer', b: 'oxidizable', rule: 'hazard.oxidizerOrganic', inWaste: 'an oxidizer and organics heat up' },
  { a: 'permanganate', b: 'hydrogenHalide', rule: 'hazard.permanganateChloride', inWaste: 'chlorine is set free' },
  { a: 'chromate', b: 'hydrogenHalide', rule: 'hazard.permanganateChloride', inWaste: 'chlorine is set free' },
  { a: 'permanganate', b: 'sulfuricAcid', rule: 'hazard.permanganateSulfuric', inWaste: 'an explosive oxide can form' },
  { a: 'silver', b: 'ammonia', rule: 'hazard.silverAmmonia', inWaste: 'explosive silver nitride forms on standing' },
  {
    a: 'silver',
    b: 'alcohol',
    rule: 'hazard.silverAlcohol',
    inWaste: 'explosive silver fulminate can form',
    with: 'nitricAcid',
  },
  { a: 'iodine', b: 'ammonia', rule: 'hazard.iodineAmmonia', inWaste: 'explosive nitrogen triiodide forms' },
  { a: 'bromine', b: 'ketone', rule: 'hazard.bromineKetone', inWaste: 'a tear gas forms, with heat' },
  { a: 'acylating', b: 'alcoholOrAmine', once: true, rule: 'hazard.acylation', inWaste: 'they react with heat' },
  { a: 'hydrolysing', b: 'water', once: true, rule: 'hazard.waterReactive', inWaste: 'it reacts with the water' },
  { a: 'acidHalide', b: 'dimethylSulfoxide', rule: 'hazard.sulfoxideHalide', inWaste: 'they react violently' },
  { a: 'strongAcid', b: 'strongBase', rule: 'hazard.neutralizationHeat', inWaste: 'they heat up', wasteOnly: true },
  { a: 'neverWater', b: 'water', rule: 'hazard.neverWater', severity: 'stop', inWaste: 'it catches fire' },
  { a: 'aluminiumHydride', b: 'water', rule: 'hazard.neverWater', severity: 'stop', inWaste: 'it catches fire' },
  { a: 'organometallic', b: 'protic', rule: 'hazard.organometallicQuench', inWaste: 'it reacts violently' },
  { a: 'hydrides', b: 'protic', rule: 'hazard.hydrogen', inWaste: 'hydrogen is set free' },
  { a: 'hydrides', b: 'readyAcid', rule: 'hazard.hydrogen', inWaste: 'hydrogen is set free' },
  { a: 'dissolving', b: 'readyAcid', rule: 'hazard.hydrogen', inWaste: 'hydrogen is set free' },
  {
    a: 'activeMetal',
    b: 'halosolvent',
    rule: 'hazard.metalHalide',
    severity: 'stop',
    inWaste: 'metal and halogenated solvent explode',
  },
  {
    a: 'organohalide',
    b: 'base',
    once: true,
    rule: 'hazard.halideBase',
    inWaste: 'a halogenated compound and strong base or metal heat up',
  },
  { a: 'azide', b: 'halosolvent', rule: 'hazard.azide', severity: 'stop', inWaste: 'explosive azides form' },
  {
    a: 'azide',
    b: 'readyAcid',
    rule: 'hazard.azide',
    severity: 'stop',
    inWaste: 'explosive hydrazoic acid is set free',
  },
  {
    a: 'perchlorate',
    b: 'organic',
    rule: 'hazard.perchlorate',
    severity: 'stop',
    inWaste: 'explosive perchlorates form',
  },
  {
    a: 'nitrite',
    b: 'freeAmine',
    with: 'acid',
    rule: 'hazard.diazonium',
    severity: 'stop',
    inWaste: 'diazonium or nitroso compounds form',
  },
];
