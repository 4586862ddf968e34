import { classResults } from '@/core/results/classResults';
import { demoRecord } from '@/data/demoRecord';
import { meltingScale } from './meltingScale';
import { planePoints } from './planePoints';
import { stateOfScript } from '../../../tests/support/demoRun';

const literature = { low: '113', high: '115', source: 'x', check: 'from memory' } as const;

test.each([[[108.4, 111.6, 113.2]], [[20, 240]], [[113, 113]], [[-5, 3]]])(
  'the axis for %j holds everything and has a readable number of ticks',
  (temperatures) => {
    const { from, to, ticks } = meltingScale(temperatures, literature);
    for (const value of [...temperatures, 113, 115]) expect(value >= from && value <= to).toBe(true);
    expect(ticks.length).toBeGreaterThan(1);
    expect(ticks.length).toBeLessThanOrEqual(11);
    expect(ticks.every((tick) => Number.isInteger(tick) && tick >= from && tick <= to)).toBe(true);
  },
);

test('the plane shows each bench that has both numbers, inside its axes, neighbours named on different sides', () => {
  const results = classResults(
    Object.entries(demoRecord).map(([bench, { steps }]) => ({ bench, state: stateOfScript(steps) })),
  );
  const { points, temperatures, yields } = planePoints(results);
  expect(points.map(({ bench }) => bench)).toEqual(['Curlew', 'Dunlin', 'Knot', 'Plover', 'Turnstone']);
  expect(points.find(({ bench }) => bench === 'Plover')).toMatchObject({ percent: 63.5, far: true });
  for (const { onset, clear, percent } of points) {
    expect(onset > (temperatures[0] ?? NaN) && clear < (temperatures.at(-1) ?? NaN)).toBe(true);
    expect(percent > (yields[0] ?? NaN) && percent < (yields.at(-1) ?? NaN)).toBe(true);
  }
  const sides = [...points].sort((a, b) => a.percent - b.percent).map(({ side }) => side);
  expect(sides.every((side, i) => i === 0 || side !== sides[i - 1])).toBe(true);
});
