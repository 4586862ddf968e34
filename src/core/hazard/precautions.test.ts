import { hazardStatements } from '../reference/statements';
import { precautions, precautionsFor, precautionText } from './precautions';
import { shippedSubstances } from '@/data/reference';

test('every hazard statement of the shipped library has its precautions, each of which has words', () => {
  for (const { id, hazards } of shippedSubstances)
    for (const code of hazards?.statements ?? []) {
      const found = precautionsFor([code]);
      // EUH statements supplement a label and bring none of their own.
      expect([id, code, found.length > 0 || code.startsWith('EUH')]).toEqual([id, code, true]);
      for (const one of found) expect(Object.hasOwn(precautions, one)).toBe(true);
    }
});

test('joined statements and suffix letters bring the precautions of their parts, each once; what is no statement brings none', () => {
  expect(precautionsFor(['H301+H311+H331'])).toEqual([
    ...new Set(['H301', 'H311', 'H331'].flatMap((one) => precautionsFor([one]))),
  ]);
  expect(precautionsFor(['H360FD'])).toEqual(precautionsFor(['H360']));
  expect(precautionsFor(['H999', ''])).toEqual([]);
  expect(precautionText('P999')).toBe('not a precautionary statement');
  // What kills by skin asks for gloves; what burns asks for no flame.
  for (const code of Object.keys(hazardStatements)) {
    if (/^H31[014]$/.test(code)) expect(precautionsFor([code])).toContain('P280');
    if (/^H22[456]$/.test(code)) expect(precautionsFor([code])).toContain('P210');
  }
});
