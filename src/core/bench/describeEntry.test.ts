import { demoRecord } from '@/data/demoRecord';
import { stateOfScript } from '../../../tests/support/demoRun';
import { describeEntry } from './describeEntry';

const wordsOf = (bench: string) => {
  const state = stateOfScript(demoRecord[bench]?.steps ?? []);
  return state.record.map((live) => describeEntry(live, state.bench.doc, state.steps));
};
const plain = (text = '') => text.replace(/[\u00a0\u202f]/g, ' ');

test('every entry of the demo is told in words: no id, no hole', () => {
  for (const bench of Object.keys(demoRecord)) {
    for (const { says } of wordsOf(bench)) {
      expect([says, /undefined|[{}]|heatOn|firstReflux|looksDry|weigh-pure|\bstep\b/.test(says)]).toEqual([
        says,
        false,
      ]);
    }
  }
});

test('readings keep their digits, their unit and what they are of', () => {
  const words = wordsOf('Dunlin').map(({ amount, says }) => plain(`${amount ?? ''} ${says}`).trim());
  expect(words.slice(0, 3)).toEqual([
    '24.31 g Aniline full (cap on)',
    '22.02 g Aniline empty (cap on)',
    '4.0 mL Acetic acid, glacial',
  ]);
  expect(words).toContain('First reflux (Heating under reflux)');
  expect(words).toContain('113.5 °C Melting range: recrystallized acetanilide A first liquid');
  expect(words).toContain('9.9 mL Ice-water (wash)');
});
