import { hazardRules } from './hazardRules';
import { operationRules } from '../operations/rules';
import { missingRules } from './missingRules';
import { proofRules } from './proofRules';
import type { RuleText } from '../finding/ruleText';

/** Every rule of the plan, its sentence and what to do about it. */
export const rules = {
  ...operationRules,
  ...hazardRules,
  ...missingRules,
  ...proofRules,
  'field.empty': { title: 'Nothing entered', says: 'Enter a number with its unit, such as {example}.' },
  'field.tooLong': { title: 'Too long', says: 'That is too long for a number. Enter one such as {example}.' },
  'field.comma': {
    title: 'Comma in a number',
    says: '“{got}” can be read two ways. Use a point for decimals and no separator for thousands.',
  },
  'field.notANumber': { title: 'Not a number', says: '“{got}” is not a number. Enter one such as {example}.' },
  'field.missingUnit': { title: 'Unit missing', says: '“{got}” has no unit. Add one of {units}.' },
  'field.unknownUnit': { title: 'Unit unknown', says: '“{got}” has a unit that is not known here. Use {units}.' },
  'field.wrongKind': { title: 'Another kind of unit', says: '“{got}” does not fit this field. Use {units}.' },
  'field.negative': { title: 'Below zero', says: '“{got}” is negative. An amount is more than zero.' },
  'field.zero': { title: 'Zero', says: 'Zero is no amount here. Enter more than zero, or remove the line.' },
  'field.tooLarge': {
    title: 'Too large',
    says: '“{got}” is far beyond a teaching lab. Check the digits and the unit.',
  },
  'field.coefficient': {
    title: 'Coefficient',
    says: '“{got}” is not a coefficient. Use a whole number or a simple decimal from 0.01 to 99.',
  },
  'field.benches': { title: 'Benches', says: '“{got}” is not a number of benches. Use a whole number from 1 to 60.' },
  'field.percent': { title: 'Per cent', says: '“{got}” is not a percentage from {low} to {high}.' },
  'formula.bad': { title: 'Formula not understood', says: '{name}: {why}' },
  'line.noFormula': {
    title: 'Formula missing',
    says: '{name} takes part in the reaction but has no formula, so its amount cannot be worked out.',
  },
  'line.noDensity': {
    title: 'Density missing',
    says: '{name} is measured by {way} but has no density to turn it into {wanted}.',
    remedies: ['Enter the density of what is in the bottle, with its temperature.'],
  },
  'line.badReference': {
    title: 'Nothing to refer to',
    says: '{name} is given relative to a line whose amount is not known.',
  },
  'line.notInEquation': {
    title: 'Not in the equation',
    says: '{name} is listed as a reactant but does not stand on the left of the equation.',
    remedies: ['Add it to the equation, or give the line another role.'],
  },
  'equation.uncharged': {
    title: 'Reactant without a charge line',
    says: '{name} stands in the equation but no line of the table supplies it.',
  },
  'equation.beside': {
    title: 'Counted as plenty',
    says: '{name} stands in the equation, and only {line} brings it: it is taken to be enough and never limits.',
    remedies: ['Make the line a reactant of this reaction where its amount decides.'],
  },
  'equation.unbalanced': {
    title: 'Equation is not balanced',
    says: '{difference}.',
    remedies: ['Change a coefficient or a formula until each element and the charge agree.'],
  },
  'equation.noProduct': {
    title: 'No product',
    says: 'Say which substance on the right of the equation is the product.',
  },
  'pin.cannot': { title: 'The pin has nothing to hold', says: '{why}' },
  'limiting.changed': {
    title: 'Another reagent limits',
    says: '{limiting} limits here, not {intended} as the plan intends.',
    remedies: ['Take more {limiting} or less {intended}.', 'Or make {limiting} the intended limiting reagent.'],
  },
  'limiting.tie': {
    title: 'Nothing is in excess',
    says: '{limiting} and {partner} allow the same extent: whichever is weighed short will limit.',
  },
  'limiting.margin': {
    title: 'The limiting reagent depends on the weighing',
    says: '{partner} is only {margin} above {limiting}: losing {flip} of it makes it the limiting one.',
    remedies: ['Weigh both on the finer balance, or take more of the one that can be removed afterwards.'],
  },
  'excess.noReason': {
    title: 'Excess without a reason',
    says: '{name} is in {excess} excess. Say why: cheap, easy to remove, pushes an equilibrium, replaces losses or dries.',
  },
  'catalyst.large': {
    title: 'Much for a catalyst',
    says: '{name} is {loading} of the reference reagent. From 20 mol % on it is charged like a reagent: count it in the work-up.',
  },
  'measure.note': {
    title: 'Near the limit of the device',
    says: '{name}: {target} is {steps} steps of the {device}; a reading is good to 1 % from 100 steps on.',
    remedies: ['Use a finer device, or carry the uncertainty.'],
  },
  'measure.caution': {
    title: 'Too little for the device',
    says: '{name}: {target} is only {steps} steps of the {device}, so one step is {share} of it.',
    remedies: ['Use a finer device, make a stock solution, or scale up.'],
  },
  'measure.fillings': {
    title: 'More than one filling',
    says: '{name}: {target} does not fit the {device} at once; it takes {fillings} fillings, each with its own error.',
    remedies: ['Use a larger device.'],
  },
  'measure.finer': {
    title: 'Finer than the device reads',
    says: '{name}: {typed} cannot be read on the {device}; the nearest it shows is {nearest}.',
  },
  'rounding.yield': {
    title: 'Rounding moved the yield',
    says: 'Rounded to the devices, the theoretical yield is {yield} instead of {exact} ({change}).',
    remedies: ['Use a finer device for the limiting reagent.'],
  },
  'rounding.flip': {
    title: 'Rounding changed the limiting reagent',
    says: 'Unrounded, {exact} would limit; rounded to the devices it is {limiting}.',
    remedies: ['Use a finer device, or widen the excess.'],
  },
  'scale.up': {
    title: 'Far above the tested scale',
    says: 'This is {factor} the scale at which the preparation was tested. Above about three times, test it first.',
    remedies: [
      'Run several batches at the tested scale.',
      'Have the supervising person review heating, cooling and addition.',
    ],
  },
  'scale.exotherm': {
    title: 'Heat grows faster than cooling',
    says: '{name} gives off heat as it is added, and this is {factor} the tested scale. Allow at least {time} instead of {was}, with cooling at hand.',
    remedies: ['Smaller portions, and wait for the temperature to fall between them.'],
  },
  'scale.time': {
    title: 'Times do not scale in proportion',
    says: '{name}: allow at least {time} for the addition (as written {was}); heating and cooling take longer in the same way.',
  },
  'scale.fixed': { title: 'Not scaled', says: '{name} stays {amount} at any scale.' },
  'scale.losses': {
    title: 'Losses weigh more on a small scale',
    says: 'At {factor} of the tested scale each transfer still loses about as much, so a larger share of the product is lost.',
    remedies: ['Fewer transfers, smaller vessels, rinse with small cold portions.'],
  },
  'reading.order': {
    title: 'Empty weighs more than full',
    says: '{name}: full {full}, empty {empty}. The two readings are swapped, or one is wrong.',
    remedies: ['Strike the wrong one and weigh again.'],
  },
  'reading.configuration': {
    title: 'Not the same configuration',
    says: '{name}: full was weighed {full}, empty {empty}. The difference holds the mass of what was on or off.',
    remedies: ['Weigh again in the same configuration: cap, paper and label as before.'],
  },
  'reading.rival': {
    title: 'Two readings for one',
    says: '{name}: two readings stand at the same place. Keep the right one, or strike the wrong one in the record.',
  },
  'reading.coarse': {
    title: 'Fewer digits than the device shows',
    says: '{name}: {read} was recorded, the {device} reads to {step}. Record every digit, zeros too.',
  },
  'reading.readability': {
    title: 'A coarse balance for so little',
    says: '{name}: {net} on the {device} is known to {share} only; 1 % or better is usual.',
    remedies: ['Weigh it on a finer balance, or carry the uncertainty.'],
  },
  'reading.offTarget': {
    title: 'Off the target',
    says: '{name}: {actual} instead of {target} ({off}). The other targets and the yield follow what was taken.',
    remedies: ['Go on with the new targets, or ask the demonstrator before adding it.'],
  },
  'reading.notMass': {
    title: 'Not a mass',
    says: '{name}: {read} stands where a mass is read. It counts for nothing.',
    remedies: ['Correct it: the mass in grams, with the reason.'],
  },
  'reading.short': {
    title: 'Less than the reaction needs',
    says: '{name} would limit now, not {intended}. The plan meant {intended} to limit.',
    remedies: ['Add more {name}, at least {missing}.'],
  },
  'vessel.over': {
    title: 'Does not fit',
    says: '{name} holds {capacity} but {volume} go in.',
    remedies: ['Take {suggestion}.'],
  },
  'class.meltHigh': {
    title: 'Most benches melt too high',
    says: '{some} of {all} begin to melt at least {least} above the literature range. An offset that many share is the instrument, not the chemistry.',
    remedies: ['Melt a standard and record the correction for the class; the ranges follow.'],
  },
  'vessel.full': {
    title: 'Too full',
    says: '{name}: {volume} fill it to {fill}; at most {limit} is safe to heat, stir or shake.',
    remedies: ['Take {suggestion}.'],
  },
  'vessel.empty': {
    title: 'Nearly empty',
    says: '{name}: {volume} fill it to {fill}; below {limit} more is lost on the walls.',
    remedies: ['Take {suggestion}.'],
  },
  'vessel.stir': {
    title: 'Too little to cover',
    says: '{name}: {volume} do not cover the stir bar or the bulb; it needs {least}.',
    remedies: ['Take {suggestion}, or scale up.'],
  },
} as const satisfies Record<string, RuleText>;

export type RuleId = keyof typeof rules;
