/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { PeriodPanel } from './PeriodPanel';
import { click, fill, recording } from '../../../tests/support/screen';
import type { Periods } from '@/core/record/periods';

const at = '2026-03-03T17:00:00.000Z';
const panel = (periods: Periods) => recording((onAdd) => <PeriodPanel periods={periods} onAdd={onAdd} />);

test('closing asks first and takes a remark; the benches are told what it means', () => {
  const { bodies } = panel([]);
  click('Close the period');
  expect(screen.getByText(/Every bench is signed out/)).toBeTruthy();
  click('Close it');
  click('Close the period');
  fill('Remark: what rests, where it stands', 'crude in the cupboard');
  click('Close it');
  expect(bodies).toEqual([
    { k: 'period', to: 'closed' },
    { k: 'period', to: 'closed', reason: 'crude in the cupboard' },
  ]);
});

test('a closed record goes on in the next period, or is reopened with a reason', () => {
  const { bodies } = panel([{ to: 'closed', at, by: 'demonstrator' }]);
  expect(screen.getByText(/by demonstrator/)).toBeTruthy();
  click('Open the next period');
  click('Reopen the record');
  expect((screen.getByRole('button', { name: 'Reopen it' }) as HTMLButtonElement).disabled).toBe(true);
  fill('Reason', 'vial not weighed');
  click('Reopen it');
  expect(bodies).toEqual([
    { k: 'period', to: 'open' },
    { k: 'period', to: 'reopened', reason: 'vial not weighed' },
  ]);
});
