import { cold, solid, water } from './parts';
import type { Scenario } from './scenario';

/** Kinds by what is present, in their own words. */
export const presence: readonly Scenario[] = [
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
