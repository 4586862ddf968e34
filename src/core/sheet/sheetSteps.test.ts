import { asIssued, planOf } from '../process/planOf';
import { benchState } from '../bench/benchState';
import { chargeColumns, chargeRows } from '../formats/chargeRows';
import { sheetSteps } from './sheetSteps';
import { shippedPreparations } from '../../../tests/support/preparations';

test.each(shippedPreparations())('%s: each thing that a bench is asked for first has its place on paper', (_, doc) => {
  const issued = asIssued(planOf(doc).plan);
  const { steps } = benchState(issued, []);
  const paper = sheetSteps(issued);
  expect(paper.map(({ number }) => number)).toEqual(steps.map((_, i) => i + 1));
  steps.forEach(({ asks }, i) => {
    const needed = asks.filter(({ optional }) => optional === undefined);
    const readings = needed.flatMap((ask) => (ask.kind === 'measure' ? (ask.ways[0]?.slots ?? []) : []));
    const events = needed.filter(({ kind }) => kind === 'event');
    expect(paper[i]?.checks).toHaveLength(asks.filter(({ kind }) => kind === 'check').length);
    expect(paper[i]?.blanks).toHaveLength(readings.length + events.length);
    // No blank without a unit but a time, and what is aimed at is in the unit that is read.
    for (const { unit, aim, label } of paper[i]?.blanks ?? []) {
      expect(label).not.toBe('');
      if (aim !== undefined && (unit === 'g' || unit === 'mL')) expect(aim.endsWith(unit)).toBe(true);
    }
  });
});

test.each(shippedPreparations())(
  '%s: the table for spreadsheets holds the numbers of the plan, to their figures',
  (_, doc) => {
    const { plan } = planOf(doc);
    const at = (title: string) => chargeColumns.findIndex((column) => column.title === title);
    chargeRows(plan).forEach((row, i) => {
      const line = plan.lines[i];
      const cell = row[at('Mass, g')];
      const mass = line?.total.mass;
      expect(cell === undefined).toBe(mass === undefined);
      if (cell && 'digits' in cell && mass)
        expect(Math.abs(Number(cell.digits) - mass.q.value)).toBeLessThanOrEqual(
          mass.q.value * 0.5 * 10 ** (1 - mass.figures) + 1e-9,
        );
      expect(row[at('Substance')]).toEqual({ words: line?.facts.substance.substance.name });
    });
  },
);
