/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { LineFields } from './LineFields';
import { SubstanceFields } from './SubstanceFields';
import { acetanilide } from '../../../tests/support/preparations';
import { click, fill, words } from '../../../tests/support/screen';
import { editing } from '../../../tests/support/planEditing';

const lineEditor = (id: string, canEdit?: boolean) =>
  editing(
    acetanilide(),
    ({ lines }) => {
      const line = lines.find(({ facts }) => facts.line.id === id)!;
      return (
        <>
          <LineFields line={line} />
          <SubstanceFields line={line} />
        </>
      );
    },
    canEdit,
  );
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByRole('combobox', { name: label }), { target: { value } });

test('the amount is typed in any way it is meant; the target follows in moles', () => {
  const { line, plan } = lineEditor('anhydride');
  const moles = () => plan().lines.find(({ facts }) => facts.line.id === 'anhydride')?.total.amount?.q.value ?? NaN;
  fill('Amount', '30 mmol');
  expect(line('anhydride')?.entered).toMatchObject({ by: 'amount', digits: '30' });
  const before = moles();
  fill('Amount', '60 mmol');
  // What is measured is rounded to what the device reads.
  expect(moles() / before).toBeCloseTo(2, 1);
  fill('Amount', '1.2 equiv');
  expect(line('anhydride')?.entered).toMatchObject({ by: 'equivalents', digits: '1.2' });
  fill('Amount', 'a little');
  expect(words(screen.getByRole('alert'))).not.toBe('');
  expect(line('anhydride')?.entered).toMatchObject({ by: 'equivalents', digits: '1.2' });
});

test('portions, vessel, stream, scaling and reason are chosen, and taken away again', () => {
  const { line } = lineEditor('anhydride');
  const was = line('anhydride');
  fill('Equal portions', '4');
  choose('Goes into', '');
  choose('Ends as', 'solid');
  choose('When scaled', 'fixed');
  choose('Reason for an excess', 'drives the reaction');
  fill('Note for the bench', 'dropwise');
  expect(line('anhydride')).toMatchObject({ portions: 4, waste: 'solid', scaling: 'fixed', note: 'dropwise' });
  expect(line('anhydride')).not.toHaveProperty('vessel');
  fill('Equal portions', '21');
  expect(line('anhydride')?.portions).toBe(4);
  fill('Equal portions', '1');
  choose('Goes into', was?.vessel ?? '');
  choose('Ends as', was?.waste ?? '');
  choose('When scaled', was?.scaling ?? 'proportional');
  choose('Reason for an excess', was?.excessReason ?? '');
  fill('Note for the bench', was?.note ?? '');
  expect(line('anhydride')).toEqual(was);
});

test('a bottle that holds a solution has a concentration and a density, each judged where it is typed', () => {
  const { line } = lineEditor('aniline');
  choose('Bottle holds', 'molarity');
  fill('Concentration, mol/L', '0.500');
  fill('Density of the solution, g/mL', '1.02');
  expect(line('aniline')).toMatchObject({
    strength: { by: 'molarity', digits: '0.500' },
    density: { digits: '1.02', source: 'entered by hand', check: 'from memory' },
  });
  fill('Density of the solution, g/mL', '');
  expect(line('aniline')).not.toHaveProperty('density');
  choose('Bottle holds', 'massFraction');
  fill('Mass fraction, %', '120');
  expect(line('aniline')?.strength).toEqual({ by: 'massFraction', digits: '99' });
  choose('Bottle holds', '');
  expect(line('aniline')).not.toHaveProperty('strength');
});

test('another line becomes the reference; the reference itself offers nothing', () => {
  const { doc, unmount } = lineEditor('anhydride');
  click('Make this the reference');
  expect(doc().reference).toBe('anhydride');
  expect(screen.queryByRole('button', { name: 'Make this the reference' })).toBeNull();
  unmount();
  lineEditor('aniline');
  expect(screen.queryByRole('button', { name: 'Make this the reference' })).toBeNull();
});

test('a substance’s formula gives its molar mass; a value entered by hand says so; what is no formula is refused', () => {
  const { doc, plan } = lineEditor('aniline');
  const substance = () => doc().substances.find(({ name }) => name.startsWith('Aniline'));
  fill('Formula, hydrate water included', 'C6H8ClN');
  expect(screen.getByText(/M = 129\.59 g\/mol/)).toBeTruthy();
  expect(substance()?.formula).toBe('C6H8ClN');
  fill('Formula, hydrate water included', 'C6Hx');
  expect(substance()?.formula).toBe('C6H8ClN');
  fill('Density, g/mL', '1.05');
  expect(substance()?.density).toEqual({ digits: '1.05', source: 'entered by hand', check: 'from memory' });
  fill('Density, g/mL', '');
  expect(substance()).not.toHaveProperty('density');
  expect(plan().lines.length).toBe(acetanilide().lines.length);
  fill('Cautions', 'Toxic through the skin.');
  expect(substance()?.caution).toBe('Toxic through the skin.');
});

test('whoever only reads finds every field closed', () => {
  lineEditor('anhydride', false);
  for (const field of [...screen.getAllByRole('textbox'), ...screen.getAllByRole('combobox')])
    expect((field as HTMLInputElement).disabled).toBe(true);
  expect(screen.queryByRole('button')).toBeNull();
});
