/** @jest-environment jsdom */
import { fireEvent, render, screen, within } from '@testing-library/react';
import { benchResults } from '@/core/results/benchResults';
import { BenchReport } from './BenchReport';
import { classResults } from '@/core/results/classResults';
import { ClassTable } from './ClassTable';
import { demoRecord } from '@/data/demoRecord';
import { acetanilide } from '../../../tests/support/preparations';
import { Spreads } from './Spreads';
import { stateOfScript } from '../../../tests/support/demoRun';
import { WorkingDrawer } from '@/components/WorkingDrawer';
import { words } from '../../../tests/support/screen';

const stateOf = (bench: string) => stateOfScript(demoRecord[bench]?.steps ?? []);
const report = (bench: string) => {
  const state = stateOf(bench);
  return render(
    <WorkingDrawer>
      <BenchReport state={state} results={benchResults(state)} />
    </WorkingDrawer>,
  );
};
const demo = () => classResults(Object.keys(demoRecord).map((bench) => ({ bench, state: stateOf(bench) })));

test('the staircase says what the models foresee, what nobody explains, and what was won back', () => {
  const { container } = report('Plover');
  const stairs = words(container.querySelector('.stairs'));
  expect(stairs).toContain('0.53g dissolved in the mother liquor, as the model foresees');
  expect(stairs).toContain('0.31g of it won back, kept apart: second crop');
  expect(stairs).toMatch(/unexplained: spills, more left behind than usual, an assumption that does not hold/);
});

test('bars stand on one scale: each width is its mass over the largest', () => {
  const { container } = report('Curlew');
  const widths = [...container.querySelectorAll<HTMLElement>('.stair-fill')].map(({ style }) =>
    parseFloat(style.width),
  );
  const theory = (2.04 / 93.129) * 135.166;
  [theory, 2.58, 2.56, 2.16].forEach((mass, i) => expect(widths[i]).toBeCloseTo((mass / theory) * 100, 2));
});

test('more than the theory is drawn and called what it is', () => {
  const { container } = report('Sanderling');
  expect(words(container.querySelector('.stairs'))).toContain('more than the models leave: wet');
  expect(words(container.querySelector('.report-sentence'))).toContain('So far 3.41 g crude acetanilide, 116 %.');
});

test('every capillary is drawn, the fast one marked, beside the literature', () => {
  const { container } = report('Turnstone');
  const drawing = container.querySelector('.melting-strokes');
  expect(drawing?.querySelectorAll('.stroke')).toHaveLength(3);
  expect(drawing?.querySelectorAll('.stroke-fast')).toHaveLength(1);
  expect(words(drawing)).toContain('literature 113–115 °C');
  expect(words(drawing)).toContain('116.5–119.0 °C, too fast');
  expect(container.innerHTML).not.toMatch(/NaN|undefined|Infinity/);
});

test('a wrong result of the group’s own is named with its slip', () => {
  const { container } = report('Dunlin');
  expect(words(container)).toContain('worked out by the group: 82.6 %, see the remark.');
  expect(words(container)).toContain('It is the mass over the planned theoretical yield');
});

test('a number opens its working down to who read it and when', () => {
  report('Dunlin');
  fireEvent.click(screen.getByRole('button', { name: /^Percent yield, Recrystallized acetanilide: 73\.7/ }));
  const working = words(screen.getByRole('dialog'));
  expect(working).toContain('= 2.45 g / 3.3237 g = 73.7 %');
  expect(working).toContain('24.31 g − 22.02 g = 2.290 g');
  expect(working).toMatch(/Aniline full \(cap on\), read at \d\d:\d\d by Avocet, signed/);
});

test('a bench that has recorded nothing has a report without holes', () => {
  const { container } = report('Avocet');
  expect(words(container)).toContain('nothing can be said of a yield');
  expect(container.querySelectorAll('table, .stairs, .melting-strokes')).toHaveLength(0);
});

test('the class: a row a bench, its marks, and what was chosen', () => {
  const chosen = jest.fn();
  const results = demo();
  const { container } = render(
    <WorkingDrawer>
      <ClassTable doc={acetanilide()} results={results} chosen={undefined} onChoose={chosen} />
      <Spreads doc={acetanilide()} results={results} />
    </WorkingDrawer>,
  );
  const row = (bench: string) => words(container.querySelector(`tr[data-bench="${bench}"]`));
  expect(row('Avocet')).toBe('Avocet0 of 19 steps———not yet');
  expect(row('Curlew')).toContain('as the readings give');
  expect(row('Plover')).toContain('recovery far from the class');
  expect(row('Turnstone')).toContain('2 remarks');
  expect(words(container.querySelector('.spreads'))).toMatch(
    /Percent recoverymedian 82\.6% of 5, 72\.9% to 84\.8% · far off: Plover/,
  );
  fireEvent.click(within(container).getByRole('button', { name: 'Knot' }));
  expect(chosen).toHaveBeenCalledWith('Knot');
});
