import { additionRules } from './addition/rules';
import { refluxRules } from './reflux/rules';
import { holdRules } from './hold/rules';
import { shakingRules } from './shaking/rules';
import { inProcessTestRules } from './inProcessTest/rules';
import { closedVialRules } from './closedVial/rules';
import { inductionRules } from './induction/rules';
import { tubeTestsRules } from './tubeTests/rules';
import { spectrumRules } from './spectrum/rules';
import { distillationRules } from './distillation/rules';
import { quenchRules } from './quench/rules';
import { coolingRules } from './cooling/rules';
import { recrystallizationRules } from './recrystallization/rules';
import { dryingRules } from './drying/rules';
import { weighingRules } from './weighing/rules';
import { meltingRangeRules } from './meltingRange/rules';
import { secondCropRules } from './secondCrop/rules';
import { calculationRules } from './calculation/rules';
import { standRules } from './stand/rules';
import { thinLayerRules } from './thinLayer/rules';
import type { RuleText } from '../finding/ruleText';

/** Rules that several operations share. */
const shared = {
  'step.unchecked': {
    title: 'Begun before the checks',
    says: '{step}: begun with {missing} of the set-up checks not made.',
    remedies: ['Make the checks now; stop the heat first if one fails.'],
  },
  'temperature.low': {
    title: 'Below the window',
    says: '{step}: {temperature} is below {low}.',
    remedies: ['A little more heat, and see that the bulb is in the liquid.'],
  },
  'temperature.high': {
    title: 'Above the window',
    says: '{step}: {temperature} is above {high}.',
    remedies: ['Less heat.'],
  },
  'stage.moreIn': {
    title: 'More went in than there was',
    says: '{input} went in, but the {stage} weighed {mass}.',
    remedies: ['Look at the tare and at which vessel was weighed; one of the two readings is wrong.'],
  },
  'stage.overTheory': {
    title: 'More than the theory allows',
    says: '{stage}: {mass} would be {share} of what can form. Check in this order: wet, solvent left, impure, wrong tare, wrong limiting reagent.',
    remedies: ['Dry to constant mass before calling it a yield.'],
  },
  'stage.overBefore': {
    title: 'More came out than went in',
    says: '{stage}: {mass} is {share} of what went in. Check: wet, the tare, another vessel.',
  },
  'stage.little': {
    title: 'Hardly anything',
    says: '{stage}: {mass} is only {share}. Check the unit, the tare, and that the right layer or filtrate was kept.',
  },
} as const satisfies Record<string, RuleText>;

/** Rules of the bench's steps, each with its operation; their sentences and what to do about it. */
export const operationRules = {
  ...shared,
  ...additionRules,
  ...refluxRules,
  ...holdRules,
  ...shakingRules,
  ...inProcessTestRules,
  ...closedVialRules,
  ...inductionRules,
  ...tubeTestsRules,
  ...spectrumRules,
  ...distillationRules,
  ...quenchRules,
  ...coolingRules,
  ...recrystallizationRules,
  ...dryingRules,
  ...weighingRules,
  ...meltingRangeRules,
  ...secondCropRules,
  ...calculationRules,
  ...standRules,
  ...thinLayerRules,
};
