/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { canonicalJson } from '@/core/canonicalJson';
import { HazardSheet } from './HazardSheet';
import { acetanilide, dienone } from '../../../tests/support/preparations';
import { click, words } from '../../../tests/support/screen';
import type { Confirmation } from '@/core/reference/confirmation';
import type { Preparation } from '@/core/document/document';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: () => undefined, refresh: () => undefined, replace: () => undefined }),
}));

const sheet = (doc: Preparation, confirmations: readonly Confirmation[] = []) => {
  render(
    <HazardSheet
      identity={{ role: 'coordinator', id: 'x', name: 'coordinator' }}
      stored={{ id: 'p', version: 3, doc }}
      confirmations={confirmations}
    />,
  );
  return words(screen.getByRole('article', { name: /Hazard sheet/ }));
};

test('every label that nobody confirmed is printed with the reminder, a confirmed one with who and when', () => {
  const doc = acetanilide();
  expect(sheet(doc).match(/compare with the supplier’s sheet/g)).toHaveLength(4);
  const { check: _, ...label } = doc.substances[0]?.hazards ?? ({} as never);
  const confirmed: Confirmation = {
    entry: 'aniline',
    field: 'hazards',
    content: canonicalJson(label),
    by: 'coordinator',
    at: '2026-03-03T13:00:00Z',
    holds: true,
  };
  document.body.innerHTML = '';
  const again = sheet(doc, [confirmed]);
  expect(again.match(/compare with the supplier’s sheet/g)).toHaveLength(3);
  expect(again).toContain('label confirmed by coordinator, 3 Mar 2026');
});

test('amounts of one bench, cautions with their steps, waste with the gas it would give, and who decides', () => {
  const text = sheet(acetanilide());
  expect(text).toContain('Version 3, 8 benches.');
  expect(text).toContain('Aniline2.00 mL');
  expect(text).toContain('Steps 9, 15 Thick-walled filter flask without a scratch');
  expect(text).toContain('about 53 mL a bench, 0.42 L the class');
  expect(text).toContain('Local rules, the risk assessment and the supervising person decide');
});

test('a preparation without hazard data says so, and does not pass for harmless', () => {
  const text = sheet(dienone());
  expect(text).toContain('No hazard data here for Benzaldehyde');
  expect(text).not.toContain('No statements listed for');
});

test('it prints on a tap', () => {
  window.print = jest.fn();
  sheet(acetanilide());
  click('Print');
  expect(window.print).toHaveBeenCalledTimes(1);
});
