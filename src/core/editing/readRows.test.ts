import fc from 'fast-check';
import { enteredText } from '../words/parseEntered';
import { readRows } from './readRows';

const read = (text: string) =>
  readRows(text).map(({ name, role, entered, says }) => [name, role, entered && enteredText(entered), says]);

test('a table with headings: units come from them, the first amount counts, molar masses are none', () => {
  const table = [
    'Compound\tMW\tMass / g\tVolume (mL)\tmmol\tEquiv.\tRole',
    'Aniline\t93.13\t2.04\t2.00\t21.9\t1.0\tStarting material',
    'Acetic anhydride\t102.09\t\t2.80\t29.7\t1.36\treagent',
    'Acetic acid\t60.05\t\t2,5\t\t\tsolvent',
    'Sulfuric acid\t98.08\t\ttwo drops\t\t\tcatalyst',
  ].join('\n');
  expect(read(table)).toEqual([
    ['Aniline', 'reactant', '2.04 g', undefined],
    ['Acetic anhydride', 'reagent in excess', '2.80 mL', undefined],
    ['Acetic acid', 'solvent', '2.5 mL', undefined],
    ['Sulfuric acid', 'catalyst', undefined, '“two drops” is not read as an amount'],
  ]);
});

test('without headings cells tell what they are by themselves, whatever separates them', () => {
  for (const sign of ['\t', ';', ','])
    expect(read(['Benzoin', '2.12 g', 'reactant'].join(sign) + '\r\n' + ['Ethanol', '15 mL'].join(sign))).toEqual([
      ['Benzoin', 'reactant', '2.12 g', undefined],
      ['Ethanol', 'solvent', '15 mL', undefined],
    ]);
  expect(read('"Nitric acid, 70 %"\t5 mL\twash')).toEqual([['Nitric acid, 70 %', 'wash', '5 mL', undefined]]);
});

test('any text becomes rows with a name, or none; what is read as an amount stands in the text', () => {
  const cell = fc.oneof(
    fc.string({ maxLength: 12 }),
    fc.constantFrom('2.0 g', '', '5 mL', '1.2 equiv', '"', 'Mass / g'),
  );
  const table = fc.array(fc.array(cell, { maxLength: 6 }), { maxLength: 8 });
  fc.assert(
    fc.property(table, fc.constantFrom('\t', ';', ','), (rows, sign) => {
      const text = rows.map((cells) => cells.join(sign)).join('\n');
      for (const { name, entered } of readRows(text)) {
        expect(name.trim()).not.toBe('');
        if (entered && 'digits' in entered) expect(text.replaceAll(',', '.')).toContain(entered.digits);
      }
    }),
  );
});
