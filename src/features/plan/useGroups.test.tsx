/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { api } from '@/api/client';
import { computePlan } from '@/core/plan/plan';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { useGroups } from './useGroups';
import { smallPreparation } from '../../../tests/support/preparations';
import type { Preparation } from '@/core/document/document';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { structure: jest.fn() },
}));
const structure = api.structure as jest.MockedFunction<typeof api.structure>;

/** Two substances whose structures were typed. */
function typed(): Preparation {
  const base = smallPreparation(
    [
      { formula: 'C3H6O', coefficient: 1, entered: { by: 'mass', digits: '5.0', unit: 'g' } },
      { formula: 'H2O2', coefficient: 1, entered: { by: 'mass', digits: '1.0', unit: 'g' } },
    ],
    { formula: 'C3H8O3', coefficient: 1 },
  );
  const smiles: Readonly<Record<string, string>> = { a: 'CC(C)=O', p: 'not readable' };
  return {
    ...base,
    substances: base.substances.map((one) => (smiles[one.id] ? { ...one, smiles: smiles[one.id] } : one)),
  } as Preparation;
}

function open(canEdit = true) {
  const fields: string[] = [];
  const view = renderHook(() => {
    const [doc, setDoc] = useState(typed);
    // As usePlan's: the same function all the time.
    const [edit] = useState(() => (field: string, change: (now: Preparation) => Preparation) => {
      fields.push(field);
      setDoc(change);
    });
    useGroups(doc, edit, canEdit);
    return doc;
  });
  return { doc: () => view.result.current, fields };
}

test('a typed structure gets its groups, so that the rules speak; one that cannot be read stays not judged, and is asked for once', async () => {
  structure.mockImplementation((smiles) =>
    smiles === 'CC(C)=O'
      ? Promise.resolve({ svg: '', formula: 'C3H6O', groups: { ketone: 1 } })
      : Promise.reject(new Error('no')),
  );
  const { doc, fields } = open();
  const rules = () => hazardFindings(computePlan(doc())).map(({ rule }) => rule);
  expect(rules()).not.toContain('hazard.ketonePeroxide');
  await act(async () => undefined);
  await act(async () => undefined);
  expect(doc().substances.find(({ id }) => id === 'a')?.groups).toEqual({ ketone: 1 });
  expect(rules()).toContain('hazard.ketonePeroxide');
  expect(rules()).toContain('hazard.notJudged');
  expect(structure.mock.calls.map(([smiles]) => smiles)).toEqual(['CC(C)=O', 'not readable']);
  expect(fields).toEqual(['substance/a/smiles']);
});

test('who only reads changes nothing', async () => {
  structure.mockClear();
  const { fields } = open(false);
  await act(async () => undefined);
  expect([structure.mock.calls, fields]).toEqual([[], []]);
});
