import fc from 'fast-check';
import { fact, finding } from './finding';
import { hashFacts } from './hashFacts';
import { placeholders, renderFinding } from '../words/renderFinding';
import { rules } from '../words/rules';
import type { RuleText } from './ruleText';

test('the hash of the facts ignores the order of keys and notices every change of a value', () => {
  expect(hashFacts({ a: 1, b: [2, { c: 3 }] })).toBe(hashFacts({ b: [2, { c: 3 }], a: 1 }));
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.integer(), { minKeys: 1 }), (facts) => {
      const [key] = Object.keys(facts) as [string];
      return hashFacts(facts) !== hashFacts({ ...facts, [key]: (facts[key] ?? 0) + 1 });
    }),
  );
});

test('the same rule at the same place keeps its key while its facts change', () => {
  const at = (value: number) =>
    finding('vessel.full', 'caution', { vessel: 'flask' }, { fill: fact({ dim: 'fraction', value }, '%') });
  expect(at(0.7).key).toBe(at(0.8).key);
  expect(at(0.7).facts).not.toBe(at(0.8).facts);
});

test('a remedy whose argument is unknown is left out rather than printed with a hole', () => {
  const text = renderFinding(finding('vessel.full', 'caution', { vessel: 'flask' }, { name: 'Flask' }));
  expect(text.remedies).toEqual([]);
});

test('every rule has a title and a sentence that ends', () => {
  for (const [id, rule] of Object.entries(rules) as [string, RuleText][]) {
    expect([id, rule.title.length > 0, /[.}]$/.test(rule.says)]).toEqual([id, true, true]);
    expect(placeholders(rule.says).every((name) => /^[a-z]+$/i.test(name))).toBe(true);
  }
});
