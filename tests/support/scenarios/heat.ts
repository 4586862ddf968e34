import { cold, shake, solid, water, hold } from './parts';
import type { Scenario } from './scenario';

/** Heat stays in things. */
export const heat: readonly Scenario[] = [
  {
    title: 'ether onto a solution that was just heated',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(75, 85),
      ether: ['charge', { line: 'ether' }, cold],
    },
    must: { ether: ['flashesOff'] },
    not: { water: ['flashesOff'] },
  },
  {
    title: 'ether onto a solution that was cooled first',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(75, 85),
      cool: ['cooling', { minutes: 15, bath: 'ice', below_C: 10 }, cold],
      ether: ['charge', { line: 'ether' }, cold],
    },
    not: { '*': ['flashesOff'] },
  },
  {
    title: 'toluene onto a warm solution: it boils far higher',
    lines: { ...solid, water: water('40 mL'), toluene: ['extractant', '20 mL', { substance: 'toluene' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(55, 65),
      toluene: ['charge', { line: 'toluene' }, cold],
    },
    not: { '*': ['flashesOff'] },
  },
  {
    title: 'a hot filtrate poured onto pentane',
    lines: { ...solid, ethanol: ['solvent', '20 mL'], pentane: ['extractant', '20 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ethanol: ['charge', { line: 'ethanol' }, cold],
      heat: hold(70, 76, 10),
      pentane: ['charge', { line: 'pentane' }, { in: 'conical' }],
      pour: ['pouring', { manner: 'once' }, { in: 'flask', to: 'conical' }],
    },
    must: { pour: ['flashesOff'] },
    not: { pentane: ['flashesOff'] },
  },
  {
    title: 'shaken with ether at room temperature',
    lines: { ...solid, water: water('30 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, shake],
      water: ['charge', { line: 'water' }, shake],
      shake: ['extraction', { line: 'ether', organic: 'upper', of: 'product' }, { ...shake, to: 'conical' }],
    },
    must: { shake: ['ventNow'] },
    not: { '*': ['shakenWarm', 'flashesOff'] },
  },
  {
    title: 'shaken with dichloromethane at room temperature',
    lines: { ...solid, water: water('30 mL'), dcm: ['extractant', '20 mL', { substance: 'dichloromethane' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, shake],
      water: ['charge', { line: 'water' }, shake],
      shake: ['extraction', { line: 'dcm', organic: 'lower', of: 'product' }, { ...shake, to: 'conical' }],
    },
    must: { shake: ['ventNow'] },
    not: { '*': ['shakenWarm'] },
  },
  {
    title: 'shaken with toluene at room temperature: no pressure to speak of',
    lines: { ...solid, water: water('30 mL'), toluene: ['extractant', '20 mL', { substance: 'toluene' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, shake],
      water: ['charge', { line: 'water' }, shake],
      shake: ['extraction', { line: 'toluene', organic: 'upper', of: 'product' }, { ...shake, to: 'conical' }],
    },
    not: { '*': ['ventNow', 'shakenWarm'] },
  },
  {
    title: 'a solution of 60 °C shaken with ethyl acetate',
    lines: { ...solid, water: water('40 mL'), ester: ['extractant', '20 mL', { substance: 'ethyl-acetate' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(85, 95),
      over: ['pouring', { manner: 'once' }, { in: 'flask', to: 'funnel' }],
      shake: ['extraction', { line: 'ester', organic: 'upper', of: 'product' }, { ...shake, to: 'conical' }],
    },
    must: { shake: ['shakenWarm'] },
  },
  {
    title: 'a solution that was warm, shaken after a night',
    lines: { ...solid, water: water('40 mL'), ester: ['extractant', '20 mL', { substance: 'ethyl-acetate' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(85, 95),
      night: ['stand', { hours: 16, where: 'bench', cover: 'stoppered' }, cold],
      over: ['pouring', { manner: 'once' }, { in: 'flask', to: 'funnel' }],
      shake: ['extraction', { line: 'ester', organic: 'upper', of: 'product' }, { ...shake, to: 'conical' }],
    },
    not: { '*': ['shakenWarm', 'flashesOff'] },
  },
  {
    title: 'a closed vial with pentane at room temperature',
    lines: { pentane: ['solvent', '5 mL'] },
    vessels: { vial: ['vial', 20] },
    steps: {
      fill: ['charge', { line: 'pentane' }, { in: 'vial' }],
      shake: ['closedVial', { minutes: 10, vent_min: 2 }, { in: 'vial' }],
    },
    must: { shake: ['closedBoils'] },
  },
  {
    title: 'a closed vial with water',
    lines: { acid: ['reactant', '0.5 g', { substance: 'benzoic-acid' }], water: water('5 mL') },
    vessels: { vial: ['vial', 20] },
    steps: {
      acid: ['charge', { line: 'acid' }, { in: 'vial' }],
      fill: ['charge', { line: 'water' }, { in: 'vial' }],
      shake: ['closedVial', { minutes: 10, vent_min: 2 }, { in: 'vial' }],
    },
    not: { '*': ['closedBoils'] },
  },
  {
    title: 'a vial of acetone that was warmed to 50 °C, closed and shaken',
    lines: { acid: ['reactant', '0.5 g', { substance: 'benzoic-acid' }], acetone: ['solvent', '5 mL'] },
    vessels: { vial: ['vial', 20] },
    steps: {
      acid: ['charge', { line: 'acid' }, { in: 'vial' }],
      fill: ['charge', { line: 'acetone' }, { in: 'vial' }],
      heat: ['hold', { minutes: 5, low_C: 48, high_C: 52 }, { in: 'vial' }],
      shake: ['closedVial', { minutes: 2, vent_min: 1 }, { in: 'vial' }],
    },
    must: { shake: ['closedBoils'] },
  },
  {
    title: 'methanol held at 80 °C for half an hour in an open flask',
    lines: { ...solid, methanol: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      methanol: ['charge', { line: 'methanol' }, cold],
      heat: hold(78, 82, 30),
    },
    must: { heat: ['boilsOff'] },
  },
  {
    title: 'methanol boiled under reflux',
    lines: { ...solid, methanol: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      methanol: ['charge', { line: 'methanol' }, cold],
      boil: ['reflux', { minutes: 30, low_C: 63, high_C: 68 }, cold],
    },
    not: { '*': ['boilsOff'] },
  },
  {
    title: 'methanol warmed to 50 °C',
    lines: { ...solid, methanol: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      methanol: ['charge', { line: 'methanol' }, cold],
      heat: hold(45, 50, 30),
    },
    not: { '*': ['boilsOff'] },
  },
  {
    title: 'charcoal into what was boiled under reflux a moment ago',
    lines: { ...solid, ethanol: ['solvent', '30 mL'], charcoal: ['aid', '0.2 g'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ethanol: ['charge', { line: 'ethanol' }, cold],
      boil: ['reflux', { minutes: 20, low_C: 76, high_C: 80 }, cold],
      charcoal: ['charge', { line: 'charcoal' }, cold],
    },
    must: { charcoal: ['intoHot'] },
  },
  {
    title: 'charcoal into a cold solution',
    lines: { ...solid, ethanol: ['solvent', '30 mL'], charcoal: ['aid', '0.2 g'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ethanol: ['charge', { line: 'ethanol' }, cold],
      charcoal: ['charge', { line: 'charcoal' }, cold],
      boil: ['reflux', { minutes: 20, low_C: 76, high_C: 80 }, cold],
    },
    not: { '*': ['intoHot'] },
  },
  {
    title: 'boiling aids into what boils',
    lines: { ...solid, water: water('30 mL'), aids: ['aid', 'two', { substance: 'boiling-aids' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      boil: ['reflux', { minutes: 20, low_C: 98, high_C: 101 }, cold],
      aids: ['charge', { line: 'aids' }, cold],
    },
    must: { aids: ['intoHot'] },
  },
  {
    title: 'below 5 °C in air',
    lines: { ...solid, water: water('30 mL') },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      cool: ['cooling', { minutes: 15, bath: 'air', below_C: 5 }, cold],
    },
    must: { cool: ['bathTooWarm'] },
  },
  {
    title: 'below 5 °C in cold water',
    lines: { ...solid, water: water('30 mL') },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      cool: ['cooling', { minutes: 15, bath: 'water', below_C: 5 }, cold],
    },
    must: { cool: ['bathTooWarm'] },
  },
  {
    title: 'below 5 °C in ice, and below 30 °C in air',
    lines: { ...solid, water: water('30 mL') },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: hold(60, 70),
      slow: ['cooling', { minutes: 30, bath: 'air', below_C: 30 }, cold],
      cool: ['cooling', { minutes: 15, bath: 'ice', below_C: 5 }, cold],
    },
    not: { '*': ['bathTooWarm'] },
  },
];
