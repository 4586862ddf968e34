import { documentOf } from './preparations';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Datum, Preparation, Substance } from '@/core/document/document';

const datum = (digits: string): Datum => ({ digits, source: 'made up', check: 'from memory' });
const time = { typical_min: 10, attended: true };
const substance = (id: string, formula: string, more: Partial<Substance> = {}): Substance => ({
  id,
  name: id,
  formula,
  ...more,
});

/**
 * Everything that format 3 can say, in one small document: bromide to alcohol over a Grignard reagent that is not isolated, the
 * alcohol measured, then esterified; three reactions, an intermediate of which a part goes on, an equilibrium.
 */
export function fullDocument(): Preparation {
  const doc: Preparation = {
    format: 'mozle-preparation',
    formatVersion: 3,
    title: 'Ester over three reactions',
    summary: '',
    protection: 'Goggles.',
    substances: [
      substance('bromide', 'C6H5Br', { form: 'liquid', density: datum('1.50') }),
      substance('magnesium', 'Mg', { form: 'solid' }),
      substance('reagent', 'C6H5MgBr'),
      substance('ketone', 'C3H6O', { form: 'liquid', density: datum('0.79'), boiling: datum('56.1') }),
      substance('alcohol', 'C9H12O', { form: 'liquid', density: datum('0.97'), boiling: datum('202') }),
      substance('hydrochloric', 'HCl', { pKa: [datum('0.1')] }),
      substance('mixed-salt', 'MgBrCl', { form: 'solid' }),
      substance('acid', 'C2H4O2', { form: 'liquid', density: datum('1.05'), boiling: datum('118') }),
      substance('ester', 'C11H14O2', { form: 'liquid', density: datum('1.09') }),
      substance('water', 'H2O', { form: 'liquid', density: datum('1.00'), boiling: datum('100') }),
      substance('ether', 'C4H10O', { form: 'liquid', density: datum('0.71'), boiling: datum('34.6') }),
    ],
    reactions: [
      {
        id: 'insertion',
        name: 'Insertion',
        terms: [
          { substance: 'bromide', side: 'left', coefficient: 1 },
          { substance: 'magnesium', side: 'left', coefficient: 1 },
          { substance: 'reagent', side: 'right', coefficient: 1 },
        ],
        product: 'reagent',
        runs: [{ step: 'start', to: { by: 'conversion', percent: { low: '80', typical: '90', high: '95' } } }],
      },
      {
        id: 'addition',
        name: 'Addition and quench',
        terms: [
          { substance: 'reagent', side: 'left', coefficient: 1 },
          { substance: 'ketone', side: 'left', coefficient: 1 },
          { substance: 'hydrochloric', side: 'left', coefficient: 1 },
          { substance: 'alcohol', side: 'right', coefficient: 1 },
          { substance: 'mixed-salt', side: 'right', coefficient: 1 },
        ],
        product: 'alcohol',
        runs: [{ step: 'quench' }],
      },
      {
        id: 'esterification',
        name: 'Esterification',
        terms: [
          { substance: 'alcohol', side: 'left', coefficient: 1 },
          { substance: 'acid', side: 'left', coefficient: 1 },
          { substance: 'ester', side: 'right', coefficient: 1 },
          { substance: 'water', side: 'right', coefficient: 1 },
        ],
        product: 'ester',
        reference: 'alcohol',
        runs: [{ step: 'boil', to: { by: 'equilibrium', K: { typical: '4' } } }],
      },
    ],
    reference: 'bromide',
    lines: [
      {
        id: 'bromide',
        substance: 'bromide',
        role: 'reactant',
        reaction: 'insertion',
        entered: { by: 'volume', digits: '5.00', unit: 'mL' },
        vessel: 'flask',
      },
      {
        id: 'magnesium',
        substance: 'magnesium',
        role: 'reagent in excess',
        reaction: 'insertion',
        entered: { by: 'equivalents', digits: '1.05' },
        excessReason: 'cheap',
        vessel: 'flask',
      },
      { id: 'water', substance: 'water', role: 'wash', entered: { by: 'volume', digits: '10', unit: 'mL' } },
      {
        id: 'ether',
        substance: 'ether',
        role: 'solvent',
        entered: { by: 'volume', digits: '20', unit: 'mL', high: '25' },
        vessel: 'flask',
      },
      {
        id: 'ketone',
        substance: 'ketone',
        role: 'reagent in excess',
        reaction: 'addition',
        entered: { by: 'mass', digits: '3.00', unit: 'g' },
        excessReason: 'replaces losses',
        vessel: 'beaker',
      },
      {
        id: 'quench',
        substance: 'hydrochloric',
        role: 'reagent in excess',
        reaction: 'addition',
        strength: { by: 'molarity', digits: '3.0' },
        contains: [{ substance: 'acid', strength: { by: 'massFraction', digits: '2' } }],
        solvent: 'water',
        density: datum('1.05'),
        entered: { by: 'volume', digits: '30', unit: 'mL' },
        excessReason: 'cheap',
        vessel: 'beaker',
      },
      {
        id: 'alcohol',
        substance: 'alcohol',
        role: 'reactant',
        reaction: 'esterification',
        supply: { stage: 'alcohol' },
        entered: { by: 'expected', percent: '60' },
        vessel: 'second',
      },
      {
        id: 'acid',
        substance: 'acid',
        role: 'reagent in excess',
        reaction: 'esterification',
        entered: { by: 'equivalents', digits: '10' },
        excessReason: 'pushes an equilibrium',
        vessel: 'second',
      },
    ],
    vessels: [
      { id: 'flask', name: 'Flask', kind: 'reaction flask', capacity_mL: 100, necks: 3 },
      { id: 'beaker', name: 'Beaker', kind: 'beaker', capacity_mL: 250 },
      { id: 'second', name: 'Second flask', kind: 'pear flask', capacity_mL: 100 },
    ],
    devices: [],
    stages: [
      {
        id: 'alcohol',
        name: 'Alcohol',
        substance: 'alcohol',
        origin: { by: 'reaction', reaction: 'addition' },
        measure: 'mass',
      },
      {
        id: 'ester',
        name: 'Ester',
        substance: 'ester',
        origin: { by: 'reaction', reaction: 'esterification' },
        measure: 'volume',
      },
    ],
    steps: [
      { id: 'in', op: 'charge', opVersion: 1, params: { line: 'bromide' }, uses: { in: 'flask' }, time },
      { id: 'metal', op: 'charge', opVersion: 1, params: { line: 'magnesium' }, uses: { in: 'flask' }, time },
      { id: 'solvent', op: 'charge', opVersion: 1, params: { line: 'ether' }, uses: { in: 'flask' }, time },
      {
        id: 'cold',
        op: 'charge',
        opVersion: 1,
        params: { line: 'ketone' },
        uses: { in: 'beaker' },
        time,
        after: ['in'],
      },
      {
        id: 'start',
        op: 'hold',
        opVersion: 1,
        params: { minutes: 30, low_C: 20, high_C: 35 },
        uses: { in: 'flask' },
        time,
        after: ['solvent', 'metal'],
      },
      {
        id: 'quench',
        op: 'quench',
        opVersion: 1,
        params: { line: 'quench', minutes: 10, below_C: 20 },
        uses: { in: 'flask', to: 'beaker' },
        time,
        after: ['start', 'cold'],
        repeat: { until: 'noGas', least: 1, most: 3 },
      },
      { id: 'rinse', op: 'charge', opVersion: 1, params: { line: 'water' }, uses: { in: 'beaker' }, time },
      { id: 'weigh-alcohol', op: 'weighing', opVersion: 1, params: { of: 'alcohol' }, uses: { in: 'beaker' }, time },
      { id: 'alcohol-in', op: 'charge', opVersion: 1, params: { line: 'alcohol' }, uses: { in: 'second' }, time },
      { id: 'acid-in', op: 'charge', opVersion: 1, params: { line: 'acid' }, uses: { in: 'second' }, time },
      {
        id: 'boil',
        op: 'reflux',
        opVersion: 1,
        params: { minutes: 60, low_C: 60, high_C: 70 },
        uses: { in: 'second' },
        time,
      },
      { id: 'weigh-ester', op: 'weighing', opVersion: 1, params: { of: 'ester' }, uses: { in: 'second' }, time },
    ],
    pin: { at: 'factor', digits: '1' },
    benches: 8,
    spare_percent: 10,
  };
  return documentOf(writePreparation(doc));
}
