import { readFileSync } from 'node:fs';
import { readPreparation } from '@/core/formats/readPreparation';
import { computePlan } from '@/core/plan/plan';
import { summary } from './timings';
import type { Preparation } from '@/core/document/document';

// Recalculation of a 40-line charge table, as at every keystroke on the plan.
const read = readPreparation(readFileSync('src/data/preparations/acetanilide.json', 'utf8'));
if (!read.ok) throw new Error('the shipped preparation cannot be read');
const base = read.doc;
const lines = Array.from({ length: 40 }, (_, i) => {
  const line = base.lines[i % base.lines.length] as Preparation['lines'][number];
  return i < base.lines.length ? line : { ...line, id: `${line.id}-${i}` };
});
const times: number[] = [];
for (let i = 0; i < 600; i += 1) {
  const doc: Preparation = { ...base, lines, pin: { at: 'factor', digits: String(1 + (i % 50) / 10) } };
  const start = performance.now();
  computePlan(doc);
  if (i >= 100) times.push(performance.now() - start);
}
console.log(`recalculation of 40 lines: ${summary(times)}`);
