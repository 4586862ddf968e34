import { acetanilide, dienone } from '../../../tests/support/preparations';
import { asWritten } from './asWritten';
import { changeLine } from '../editing/edit';
import { factsOf } from './facts';
import { scaleFactor } from './scaleFactor';
import type { Pin, Preparation } from '../document/document';

function factor(pin: Pin, doc: Preparation = acetanilide()) {
  const facts = factsOf({ ...doc, pin });
  const result = scaleFactor(facts, asWritten(facts));
  return result.ok ? result.value.q.value : result.why;
}

// Each pin set to what the document says already is the factor one; set to k times that, the factor k.
test.each<[string, (k: number) => Pin]>([
  ['a factor', (k) => ({ at: 'factor', digits: String(k) })],
  ['a volume', (k) => ({ at: 'line', line: 'aniline', digits: String(2 * k), unit: 'mL', over: 'bench' })],
  [
    'a volume in another unit',
    (k) => ({ at: 'line', line: 'aniline', digits: String(2000 * k), unit: 'µL', over: 'bench' }),
  ],
  [
    'a mass from a volume',
    (k) => ({ at: 'line', line: 'aniline', digits: String(2.044 * k), unit: 'g', over: 'bench' }),
  ],
  ['a portion of several', (k) => ({ at: 'line', line: 'wash', digits: String(5 * k), unit: 'mL', over: 'bench' })],
  [
    'the class, eight benches and a tenth spare',
    (k) => ({ at: 'line', line: 'aniline', digits: String(17.6 * k), unit: 'mL', over: 'class' }),
  ],
  ['a vessel', (k) => ({ at: 'vessel', vessel: 'flask', digits: String(25 * k), percent: '34' })],
])('%s', (_, pin) => {
  for (const k of [0.5, 1, 2, 3.5]) expect(factor(pin(k))).toBeCloseTo(k, 9);
});

test('the product wanted counts the expected loss: half the yield needs twice the charge', () => {
  const all = factor({ at: 'product', digits: '2.9667', unit: 'g', percent: '100' });
  const half = factor({ at: 'product', digits: '2.9667', unit: 'g', percent: '50' });
  expect(all).toBeCloseTo(1, 4);
  expect(half).toBeCloseTo(2 * Number(all), 9);
  expect(factor({ at: 'product', digits: '21.948', unit: 'mmol', percent: '100' })).toBeCloseTo(1, 4);
});

test.each<[string, Pin, Preparation, string]>([
  [
    'a line that does not scale',
    { at: 'line', line: 'aids', digits: '2', unit: 'g', over: 'bench' },
    acetanilide(),
    'does not scale',
  ],
  [
    'a volume that nothing tells',
    { at: 'line', line: 'charcoal', digits: '2', unit: 'mL', over: 'bench' },
    acetanilide(),
    'has no volume',
  ],
  [
    'a solid product by volume',
    { at: 'product', digits: '2', unit: 'mL', percent: '50' },
    acetanilide(),
    'cannot be pinned',
  ],
  [
    'an unknown yield',
    { at: 'product', digits: '2', unit: 'g', percent: '50' },
    changeLine(dienone(), 'acetone', { entered: { by: 'words', text: 'some' } }),
    'not known',
  ],
  [
    'an empty vessel',
    { at: 'vessel', vessel: 'flask', digits: '50', percent: '50' },
    { ...dienone(), lines: dienone().lines.map(({ vessel: _, ...line }) => line) },
    'Nothing with a known volume',
  ],
])('%s has nothing to hold, and says so', (_, pin, doc, why) => expect(factor(pin, doc)).toContain(why));
