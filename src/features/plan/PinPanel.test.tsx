/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { PinPanel } from './PinPanel';
import { acetanilide, shippedPreparations } from '../../../tests/support/preparations';
import { click, fill, words } from '../../../tests/support/screen';
import { editing } from '../../../tests/support/planEditing';
import type { Plan } from '@/core/plan/planTypes';

const factorOf = ({ factor }: Plan) => (factor.ok ? factor.value.q.value : NaN);
const panel = (doc = acetanilide(), canEdit?: boolean) => editing(doc, () => <PinPanel />, canEdit);

test.each(shippedPreparations().map(([, doc]) => [doc.title, doc] as const))(
  '%s: another way of pinning holds what is shown, to the digits that it shows',
  (_, doc) => {
    const { plan } = panel(doc);
    const before = factorOf(plan());
    for (const kind of ['Factor', 'Product', 'Vessel', 'A line', 'Factor']) {
      const button = screen.getByRole('button', { name: kind });
      if ((button as HTMLButtonElement).disabled) continue;
      click(kind);
      const was = plan().doc.pin;
      // Where nothing is made there is no product to pin: the choice then changes nothing.
      if (kind === 'Product' && plan().exact.product === undefined) continue;
      expect([was.at, button.getAttribute('aria-pressed')]).toEqual([
        { Factor: 'factor', Product: 'product', Vessel: 'vessel', 'A line': 'line' }[kind],
        'true',
      ]);
      if (kind !== 'Vessel') expect(Math.abs(factorOf(plan()) / before - 1)).toBeLessThan(0.01);
    }
  },
);

test('a factor, a product and a vessel are typed; what follows is the scale', () => {
  const { plan, doc } = panel();
  click('Factor');
  fill('Factor of the tested scale', '2.50');
  expect(factorOf(plan())).toBeCloseTo(2.5, 12);
  click('Product');
  fill('Pure product wanted', '2.00 g');
  fill('Expected yield, %', '80');
  expect(doc().pin).toMatchObject({ at: 'product', digits: '2.00', unit: 'g', percent: '80' });
  const product = plan().exact.product?.mass?.q.value ?? NaN;
  expect(product * 0.8).toBeCloseTo(2, 9);
  click('Vessel');
  fill('Filled to, %', '25');
  const full = plan().vessels[0]?.fill?.q.value ?? NaN;
  fill('Filled to, %', '50');
  expect((plan().vessels[0]?.fill?.q.value ?? NaN) / full).toBeCloseTo(2, 1);
});

test('nonsense stays in its field with a reason; benches and spare are whole and bounded', () => {
  const { doc } = panel();
  click('Factor');
  const { pin } = doc();
  for (const nonsense of ['-1', '0', 'two', '1e3']) {
    fill('Factor of the tested scale', nonsense);
    expect([nonsense, doc().pin]).toEqual([nonsense, pin]);
  }
  expect(words(screen.getByRole('alert'))).not.toBe('');
  fill('Factor of the tested scale', '1.0');
  fill('Benches', '0');
  expect(doc().benches).toBe(acetanilide().benches);
  fill('Benches', '12');
  fill('Spare, %', '101');
  expect([doc().benches, doc().spare_percent]).toEqual([12, acetanilide().spare_percent]);
  fill('Spare, %', '15');
  expect(doc().spare_percent).toBe(15);
});

test('whoever only reads changes nothing', () => {
  panel(acetanilide(), false);
  for (const button of screen.getAllByRole('button', { name: /A line|Product|Vessel|^Factor$/ }))
    expect((button as HTMLButtonElement).disabled).toBe(true);
  expect((screen.getByLabelText('Benches') as HTMLInputElement).disabled).toBe(true);
});
