import { datum } from '../jobs/job';
import type { Scenario } from './scenario';

const cold = { in: 'flask' } as const;
const shake = { in: 'funnel' } as const;
const solid = { acid: ['reactant', '2.0 g', { substance: 'benzoic-acid' }] } as const;
const water = (amount: string) => ['solvent', amount, { substance: 'water' }] as const;
const hold = (low_C: number, high_C: number, minutes = 20, more: object = {}) =>
  ['hold', { minutes, low_C, high_C, ...more }, cold] as const;
const dry = (where: string, most_C = 60) =>
  ['drying', { of: 'product', where, minutes: 20, further_min: 10, most_C }, { in: 'paper' }] as const;

/**
 * Written before the rules were: what a stern chemist wants to read at the step, and what would only cost the next warning its hearing.
 * Every kind has its controls.
 */
export const scenarios: readonly Scenario[] = [
  // Heat stays in things.
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
    title: 'below 10 °C in cold water',
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
  // Danger tied to the act.
  {
    title: 'an ether boiled down to dryness, and one only shaken',
    lines: { ...solid, ether: ['solvent', '40 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ether: ['charge', { line: 'ether' }, cold],
      strip: ['stripping', { of: 'product', bath_C: 40 }, cold],
    },
    must: { strip: ['peroxideKept'] },
    not: { acid: ['peroxideKept'] },
  },
  {
    title: 'ethyl acetate taken off: no former of peroxides',
    lines: { ...solid, ester: ['solvent', '40 mL', { substance: 'ethyl-acetate' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ester: ['charge', { line: 'ester' }, cold],
      strip: ['stripping', { of: 'product', bath_C: 40 }, cold],
    },
    not: { '*': ['peroxideKept'] },
  },
  {
    title: 'an ether distilled off at the water bath',
    lines: { oil: ['reactant', '5 mL', { substance: 'ethyl-benzoate' }], thf: ['solvent', '40 mL'] },
    steps: {
      oil: ['charge', { line: 'oil' }, cold],
      thf: ['charge', { line: 'thf' }, cold],
      down: ['boilingDown', { to_mL: 5, way: 'open', of: 'product' }, cold],
    },
    must: { down: ['peroxideKept'] },
  },
  {
    title: 'dibenzoyl peroxide dried in the oven',
    own: {
      peroxide: {
        name: 'Dibenzoyl peroxide',
        formula: 'C14H10O4',
        smiles: 'O=C(OOC(=O)c1ccccc1)c1ccccc1',
        form: 'solid',
        melting: { low: '104', high: '106', source: 'author', check: 'from memory' },
      },
    },
    lines: { peroxide: ['reactant', '2.0 g'], water: water('20 mL') },
    steps: {
      peroxide: ['charge', { line: 'peroxide' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2 },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    must: { dry: ['explosiveKept'] },
  },
  {
    title: 'a picrate dried and ground',
    own: {
      picric: {
        name: 'Picric acid',
        formula: 'C6H3N3O7',
        smiles: 'Oc1c(cc(cc1[N+](=O)[O-])[N+](=O)[O-])[N+](=O)[O-]',
        form: 'solid',
        melting: { low: '121', high: '123', source: 'author', check: 'from memory' },
        waterSolubility: datum('1.3'),
      },
    },
    lines: { picric: ['reactant', '1.0 g'] },
    steps: {
      picric: ['charge', { line: 'picric' }, { in: 'paper' }],
      dry: dry('air'),
      grind: ['grinding', { minutes: 5 }, { in: 'paper' }],
    },
    must: { dry: ['explosiveKept'], grind: ['explosiveKept'] },
  },
  {
    title: 'a mononitro compound dried',
    lines: { nitro: ['reactant', '1.0 g', { substance: '4-nitroaniline' }] },
    steps: { nitro: ['charge', { line: 'nitro' }, { in: 'paper' }], dry: dry('oven') },
    not: { '*': ['explosiveKept'] },
  },
  {
    title: 'ammoniacal silver made and left to stand',
    lines: {
      silver: ['reactant', '5 mL', { substance: 'silver-nitrate', bottle: 'silver-nitrate-01m' }],
      ammonia: ['reactant', '2 mL', { bottle: 'ammonia-2m' }],
    },
    steps: {
      silver: ['charge', { line: 'silver' }, { in: 'conical' }],
      ammonia: ['charge', { line: 'ammonia' }, { in: 'conical' }],
      stand: ['stand', { hours: 24, where: 'bench', cover: 'stoppered' }, { in: 'conical' }],
    },
    must: { stand: ['silverKept'] },
  },
  {
    title: 'silver nitrate left to stand by itself',
    lines: { silver: ['reactant', '5 mL', { substance: 'silver-nitrate', bottle: 'silver-nitrate-01m' }] },
    steps: {
      silver: ['charge', { line: 'silver' }, { in: 'conical' }],
      stand: ['stand', { hours: 24, where: 'bench', cover: 'stoppered' }, { in: 'conical' }],
    },
    not: { '*': ['silverKept'] },
  },
  {
    title: 'acetone, hydrogen peroxide and acid in one flask',
    lines: {
      acetone: ['solvent', '10 mL'],
      peroxide: ['reactant', '5 mL', { substance: 'hydrogen-peroxide', bottle: 'hydrogen-peroxide-30' }],
      acid: ['catalyst', '1 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-3m' }],
    },
    steps: {
      acetone: ['charge', { line: 'acetone' }, cold],
      peroxide: ['charge', { line: 'peroxide' }, cold],
      acid: ['charge', { line: 'acid' }, cold],
    },
    must: { acid: ['acetonePeroxide'] },
  },
  {
    title: 'ethanol, hydrogen peroxide and acid',
    lines: {
      ethanol: ['solvent', '10 mL'],
      peroxide: ['reactant', '5 mL', { substance: 'hydrogen-peroxide', bottle: 'hydrogen-peroxide-3' }],
      acid: ['catalyst', '1 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-1m' }],
    },
    steps: {
      ethanol: ['charge', { line: 'ethanol' }, cold],
      peroxide: ['charge', { line: 'peroxide' }, cold],
      acid: ['charge', { line: 'acid' }, cold],
    },
    not: { '*': ['acetonePeroxide'] },
  },
  {
    title: 'a cake washed with acetone goes into the oven',
    lines: { ...solid, water: water('40 mL'), acetone: ['wash', '10 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2, wash: 'acetone' },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    must: { dry: ['ovenVapour'] },
  },
  {
    title: 'a cake wet with water goes into the oven, one wet with acetone dries in air',
    lines: { ...solid, water: water('40 mL'), wash: ['wash', '10 mL', { substance: 'water' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      filter: [
        'vacuumFiltration',
        { of: 'product', liquid: ['water'], solvent: 'water', at_C: 20, air_min: 2, wash: 'wash' },
        { ...cold, cake: 'paper' },
      ],
      dry: dry('oven'),
    },
    not: { '*': ['ovenVapour'] },
  },
  {
    title: 'acetone warmed over a burner',
    lines: { ...solid, acetone: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      acetone: ['charge', { line: 'acetone' }, cold],
      heat: hold(40, 50, 10, { heat: 'burner' }),
    },
    must: { heat: ['flameStop'] },
  },
  {
    title: 'water boiled over a burner',
    lines: { ...solid, water: water('30 mL') },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      water: ['charge', { line: 'water' }, cold],
      heat: ['reflux', { minutes: 10, low_C: 98, high_C: 101, heat: 'burner' }, cold],
    },
    not: { '*': ['flameStop'] },
  },
  {
    title: 'water holds a drop of ether over a burner',
    lines: { ...solid, water: water('40 mL'), ether: ['extractant', '20 mL', { substance: 'diethyl-ether' }] },
    steps: {
      acid: ['charge', { line: 'acid' }, shake],
      water: ['charge', { line: 'water' }, shake],
      shake: [
        'extraction',
        { line: 'ether', organic: 'upper', of: 'product' },
        { ...shake, to: 'conical', aside: 'flask' },
      ],
      heat: hold(60, 80, 10, { heat: 'burner' }),
    },
    must: { heat: ['flameStop'] },
  },
  // Kinds by what is present, in their own words.
  {
    title: 'bromine and water: no acid chloride',
    lines: { bromine: ['reactant', '0.5 mL'], water: water('30 mL') },
    steps: { bromine: ['charge', { line: 'bromine' }, cold], water: ['charge', { line: 'water' }, cold] },
    not: { '*': ['waterReactive'] },
  },
  {
    title: 'acetyl chloride and water',
    lines: { chloride: ['reactant', '2 mL', { substance: 'acetyl-chloride' }], water: water('30 mL') },
    steps: { chloride: ['charge', { line: 'chloride' }, cold], water: ['charge', { line: 'water' }, cold] },
    must: { water: ['waterReactive'] },
  },
  {
    title: 'a mutagen, a carcinogen and what harms the unborn child',
    own: {
      one: {
        name: 'Substance M',
        formula: 'C10H12',
        form: 'liquid',
        hazards: {
          signal: 'danger',
          pictograms: ['08'],
          statements: ['H340'],
          source: 'author',
          check: 'from memory',
        },
      },
      two: {
        name: 'Substance C',
        formula: 'C11H14',
        form: 'liquid',
        hazards: {
          signal: 'danger',
          pictograms: ['08'],
          statements: ['H350'],
          source: 'author',
          check: 'from memory',
        },
      },
      three: {
        name: 'Substance R',
        formula: 'C12H16',
        form: 'liquid',
        hazards: {
          signal: 'danger',
          pictograms: ['08'],
          statements: ['H360D'],
          source: 'author',
          check: 'from memory',
        },
      },
    },
    lines: { one: ['reactant', '1.0 g'], two: ['reactant', '1.0 g'], three: ['reactant', '1.0 g'] },
    steps: {
      one: ['charge', { line: 'one' }, cold],
      two: ['charge', { line: 'two' }, cold],
      three: ['charge', { line: 'three' }, cold],
    },
    must: { one: ['geneticDefects'], two: ['cancer'], three: ['fertility'] },
    not: { one: ['cancer', 'fertility'], two: ['geneticDefects', 'fertility'], three: ['geneticDefects', 'cancer'] },
  },
  {
    title: 'bleach with bisulfite in excess beside it: what is left is quenched',
    lines: {
      bleach: ['reactant', '10 mL', { substance: 'sodium-hypochlorite', bottle: 'sodium-hypochlorite-10' }],
      bisulfite: ['quench', '20 mL', { substance: 'sodium-bisulfite', bottle: 'sodium-bisulfite-40' }],
      acid: ['quench', '10 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
    },
    steps: {
      bleach: ['charge', { line: 'bleach' }, cold],
      bisulfite: ['quench', { line: 'bisulfite', way: 'into', below_C: 30, minutes: 5 }, cold],
      acid: ['charge', { line: 'acid' }, cold],
    },
    not: { acid: ['chlorine'] },
  },
  {
    title: 'bleach and acid',
    lines: {
      bleach: ['reactant', '10 mL', { substance: 'sodium-hypochlorite', bottle: 'sodium-hypochlorite-10' }],
      acid: ['quench', '10 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
    },
    steps: { bleach: ['charge', { line: 'bleach' }, cold], acid: ['charge', { line: 'acid' }, cold] },
    must: { acid: ['chlorine'] },
  },
  {
    title: 'on a water bath no hot plate looks the same hot or cold; with aids set nothing is said of aids',
    lines: { ...solid, ethanol: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ethanol: ['charge', { line: 'ethanol' }, cold],
      boil: ['reflux', { minutes: 20, low_C: 76, high_C: 80, heat: 'waterBath', stirring: 'aids' }, cold],
    },
    not: { '*': ['hotPlate', 'noAid'] },
  },
  {
    title: 'on a hot plate, with nothing against bumping',
    lines: { ...solid, ethanol: ['solvent', '30 mL'] },
    steps: {
      acid: ['charge', { line: 'acid' }, cold],
      ethanol: ['charge', { line: 'ethanol' }, cold],
      boil: ['reflux', { minutes: 20, low_C: 76, high_C: 80, heat: 'plate', stirring: 'none' }, cold],
    },
    must: { boil: ['hotPlate', 'noAid'] },
  },
  {
    title: 'water onto concentrated sulfuric acid',
    lines: {
      acid: ['catalyst', '10 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-96' }],
      water: water('20 mL'),
    },
    steps: { acid: ['charge', { line: 'acid' }, cold], water: ['charge', { line: 'water' }, cold] },
    must: { water: ['waterIntoAcid'] },
  },
  {
    title: 'water onto a drop of sulfuric acid',
    lines: {
      acid: ['catalyst', '0.1 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-96' }],
      water: water('20 mL'),
    },
    steps: { acid: ['charge', { line: 'acid' }, cold], water: ['charge', { line: 'water' }, cold] },
    not: { '*': ['waterIntoAcid'] },
  },
];
