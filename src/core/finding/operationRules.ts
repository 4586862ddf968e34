import type { RuleText } from './ruleText';

/** Rules of the bench's steps, their sentences and what to do about it. */
export const operationRules = {
  'step.unchecked': {
    title: 'Begun before the checks',
    says: '{step}: begun with {missing} of the set-up checks not made.',
    remedies: ['Make the checks now; stop the heat first if one fails.'],
  },
  'addition.ceiling': {
    title: 'Above the ceiling',
    says: '{temperature} after portion {portion}; the ceiling is {ceiling}.',
    remedies: ['Stop adding, cool, and resume when it has fallen.'],
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
  'reflux.noStart': {
    title: 'First reflux was not recorded',
    says: 'The heat is off, but no first reflux stands on the record. Time from switching on is not time at reflux.',
    remedies: ['If condensate fell back at a known time, note it in words.', 'Ask whether to heat on.'],
  },
  'reflux.short': {
    title: 'Too short at reflux',
    says: '{time} at reflux instead of {planned}. The clock starts when condensate first falls back, not at heat-on.',
    remedies: ['Heat on for the rest, or note the deviation.'],
  },
  'reflux.long': { title: 'Long at reflux', says: '{time} at reflux; at most {most} is advised.' },
  'hold.short': { title: 'Shorter than planned', says: '{time} instead of {planned}.' },
  'layers.other': {
    title: 'Not the layer that was expected',
    says: 'The organic layer is the {found} one; the sheet expects it to be the {expected} one.',
    remedies: [
      'Trust the drop test, repeat it from the other layer, and label both flasks.',
      'Solutes can turn the order round. Discard nothing.',
    ],
  },
  'test.otherwise': {
    title: 'The test came out otherwise',
    says: 'It is {seen}; {expected} was expected. {otherwise}',
  },
  'vial.leaked': {
    title: 'The vial leaked',
    says: 'What leaked is lost: estimate it and write it down.',
    remedies: ['Wipe it up, change gloves, a new cap.'],
  },
  'induction.early': {
    title: 'Going on before the start was seen',
    says: 'No start stands on the record. What has gathered can react all at once.',
    remedies: ['Add nothing more. Wait, and go up the ladder of remedies.', 'Call the demonstrator.'],
  },
  'tubes.control': {
    title: 'A control did not behave',
    says: 'Not as a control should: {tubes}. Nothing can be said of the samples.',
    remedies: ['Fresh reagent, clean tubes, and once more.'],
  },
  'spectrum.other': {
    title: 'Bands other than expected',
    says: 'Not as expected: {bands}.',
    remedies: ['Starting material, water or solvent? Compare with their spectra.'],
  },
  'distil.window': {
    title: 'Outside the printed window',
    says: '{temperature} lies outside {low} to {high}.',
    remedies: [
      'Judge by the plateau: a thermometer lags, a stem and the pressure shift it. Record both and the reason.',
      'Well below the boiling point with product coming over: water or solvent with it.',
    ],
  },
  'quench.hot': {
    title: 'Too hot to pour',
    says: 'The mixture is at {temperature}; pour below {limit}.',
    remedies: ['Let it cool first, without the condenser coming off.'],
  },
  'cooling.warm': {
    title: 'Still warm',
    says: '{temperature}; cool below {limit} before going on, or product stays dissolved.',
    remedies: ['Leave it in the bath longer.'],
  },
  'cooling.short': {
    title: 'Short cooling',
    says: '{time} instead of {planned}: fast or short cooling leaves product in the liquor and dirt in the crystals.',
  },
  'solvent.over': {
    title: 'More solvent than expected',
    says: '{total} so far; {expected} is expected for {mass}. Ice-cold, this volume keeps {kept} dissolved.',
    remedies: [
      'If an oil or solid is still there after two more portions without change, filter hot instead of adding.',
      'Boil the excess off before cooling.',
    ],
  },
  'charcoal.hot': {
    title: 'Charcoal into a boiling solution',
    says: 'Charcoal went in without the flask standing off the heat first: it can erupt.',
    remedies: ['Next time: off the heat for a minute, then the charcoal.'],
  },
  'drying.falling': {
    title: 'Not dry yet',
    says: 'The mass is still falling: {before}, then {after}. Water is not product.',
    remedies: ['Dry on and weigh again.'],
  },
  'drying.rising': {
    title: 'The mass went up',
    says: '{before}, then {after}: a dry solid does not gain mass. Another vessel, another balance, or a wet sample.',
    remedies: ['Weigh again in the same way.'],
  },
  'drying.soon': {
    title: 'Weighed too soon',
    says: 'Only {time} of further drying between the two: constant mass needs at least {least}.',
    remedies: ['Dry on for {least}, then weigh again.'],
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
  'stage.notDry': {
    title: 'Weighed before it was dry',
    says: '{stage}: no constant mass was recorded before this weighing; the number may hold water.',
    remedies: ['Dry to constant mass, or say so in the report.'],
  },
  'melt.order': {
    title: 'Clear before the onset',
    says: 'Capillary {item}: last crystal at {clear}, first liquid at {onset}. One of the two is wrong.',
    remedies: ['Strike the wrong one.'],
  },
  'melt.single': {
    title: 'One number, no range',
    says: 'Capillary {item}: onset and clear are both {onset}. A melting range has two numbers.',
    remedies: ['Watch a fresh capillary: first liquid, then last crystal.'],
  },
  'melt.ramp': {
    title: 'Heated too fast',
    says: 'Capillary {item}: {rate} near the melt. Above 3\u00a0K/min the thermometer lags and reads wrong.',
    remedies: ['Cool down and melt a fresh capillary at 1 to 2\u00a0K/min.'],
  },
  'melt.high': {
    title: 'Above the literature value',
    says: 'Capillary {item}: begins at {onset}; the literature range ends at {literature}. Nothing pure melts higher than it can.',
    remedies: [
      'Look at the ramp first, then at the thermometer: its correction, its calibration.',
      'If both hold, it may be another compound.',
    ],
  },
  'melt.fell': {
    title: 'Purer should not melt lower',
    says: '{stage} melts at {range}, before that it was {before}. Wet, or samples swapped.',
    remedies: ['Dry it and melt a fresh capillary.'],
  },
  'melt.fallingRamp': {
    title: 'The temperature fell',
    says: '{step}: the temperature fell between the two readings of the ramp ({first}, then {second}).',
    remedies: ['Strike the wrong one.'],
  },
  'crop.mixed': {
    title: 'Second crop mixed into the first',
    says: 'The second crop carries the impurities of the liquor: mixed, the first can no longer be judged by itself.',
    remedies: ['Say so in the report; next time weigh and melt it apart.'],
  },
  'result.differs': {
    title: 'Not what the readings give',
    says: '{typed} was handed in; the readings give {right}. {cause}',
    remedies: ['Open the working beside the result and compare line by line.'],
  },
  'result.unclear': {
    title: 'Not what the readings give',
    says: '{typed} was handed in; the readings give {right}. None of the usual slips leads to this number.',
    remedies: ['Open the working beside the result and compare line by line.'],
  },
  'class.meltHigh': {
    title: 'Most benches melt too high',
    says: '{some} of {all} begin to melt at least {least} above the literature range. An offset that many share is the instrument, not the chemistry.',
    remedies: ['Melt a standard and record the correction for the class; the ranges follow.'],
  },
} as const satisfies Record<string, RuleText>;
