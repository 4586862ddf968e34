import { acetanilideRun } from '@/data/acetanilideRun';
import { hoursAndMinutes, minutesAndSeconds } from './timeText';
import { stateOfScript } from '../../tests/support/demoRun';
import { tapeRows } from './tapeRows';

test('the newest entry stands on top; checks of one step share a line, nothing is left out', () => {
  const { record } = stateOfScript(acetanilideRun());
  const rows = tapeRows(record);
  expect(rows[0]?.newest).toBe(record.at(-1));
  expect(rows.reduce((sum, { more }) => sum + 1 + more, 0)).toBe(record.length);
  const reflux = rows.find(({ newest: { body } }) => body.k === 'tick' && body.step === 'reflux');
  expect(reflux?.more).toBe(4);
});

test.each([
  [0, '0:00'],
  [7, '0:07'],
  [59.6, '1:00'],
  [600, '10:00'],
  [-125, '2:05'],
])('%s s reads %s', (seconds, text) => expect(minutesAndSeconds(seconds)).toBe(text));

test.each([
  [0, '0 min'],
  [45, '45 min'],
  [120, '2 h'],
  [261, '4 h 21 min'],
])('%s min reads %s', (minutes, text) => expect(hoursAndMinutes(minutes).replace(/\u00a0/g, ' ')).toBe(text));
