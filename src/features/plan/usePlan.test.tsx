/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { readFileSync } from 'node:fs';
import { api, ApiError } from '@/api/client';
import { acetanilide, dienone } from '../../../tests/support/preparations';
import { usePlan } from './usePlan';
import type { Preparation } from '@/core/document/document';

jest.mock('@/api/client', () => ({ ...jest.requireActual<object>('@/api/client'), api: { saveVersion: jest.fn() } }));

const saveVersion = jest.mocked(api.saveVersion);
const stored = { id: 'p', version: 1, doc: acetanilide() };
const open = (canEdit = true, doc = stored.doc) => {
  const given = { ...stored, doc };
  return renderHook(() => usePlan(given, canEdit)).result;
};
const twelve = (doc: Preparation) => ({ ...doc, benches: 12 });
const kept = () => localStorage.getItem('mozle:draft:p');

beforeEach(() => {
  localStorage.clear();
  saveVersion.mockReset();
});

test('a change recomputes the plan, is kept in the browser, and undo takes it back', () => {
  const plan = open();
  expect([plan.current.dirty, kept()]).toEqual([false, null]);
  act(() => plan.current.edit('benches', twelve));
  expect([plan.current.dirty, plan.current.plan.doc.benches]).toEqual([true, 12]);
  expect(kept()).toContain('"benches":12');
  act(() => plan.current.undo());
  expect([plan.current.dirty, plan.current.plan.doc.benches]).toEqual([false, 8]);
  act(() => plan.current.redo());
  expect(plan.current.plan.doc.benches).toBe(12);
});

test('what was not saved last time is back, and can be dropped', () => {
  localStorage.setItem('mozle:draft:p', JSON.stringify({ base: 1, doc: twelve(stored.doc) }));
  const plan = open();
  expect([plan.current.restored, plan.current.plan.doc.benches]).toEqual([true, 12]);
  act(() => plan.current.discard());
  expect([plan.current.plan.doc.benches, kept()]).toEqual([8, null]);
});

test('work begun in an older format is brought along, damaged work does not stop the page', () => {
  const old = JSON.parse(readFileSync('tests/fixtures/preparation.v1.json', 'utf8')) as object;
  localStorage.setItem('mozle:draft:p', JSON.stringify({ base: 1, doc: { ...old, benches: 5 } }));
  expect(open(true, dienone()).current.plan.doc).toMatchObject({ formatVersion: 3, benches: 5 });
  for (const damaged of ['{broken', 'null', '{"base":1}', '{"base":1,"doc":{"formatVersion":9}}']) {
    localStorage.setItem('mozle:draft:p', damaged);
    expect(open().current.plan.doc.benches).toBe(8);
  }
});

test('saving stores the text under the version it started from and forgets the draft', async () => {
  saveVersion.mockResolvedValue({ version: 2 });
  const plan = open();
  act(() => plan.current.edit('benches', twelve));
  await act(() => plan.current.save());
  expect(saveVersion).toHaveBeenCalledWith('p', 1, expect.stringContaining('"benches": 12'), '');
  expect([plan.current.version, plan.current.dirty, kept()]).toEqual([2, false, null]);
});

test('a version stored by somebody else meanwhile is told; nothing of one’s own is lost', async () => {
  saveVersion.mockRejectedValue(new ApiError('stale', 'Version 2 was stored meanwhile.'));
  const plan = open();
  act(() => plan.current.edit('benches', twelve));
  await act(() => plan.current.save());
  await waitFor(() => expect(plan.current.problem).toEqual({ code: 'stale', says: 'Version 2 was stored meanwhile.' }));
  expect(plan.current.plan.doc.benches).toBe(12);
  expect(kept()).toContain('"benches":12');
});

test('who may only read changes nothing and brings nothing back', () => {
  localStorage.setItem('mozle:draft:p', JSON.stringify({ base: 1, doc: twelve(stored.doc) }));
  const plan = open(false);
  act(() => plan.current.edit('benches', twelve));
  expect([plan.current.plan.doc.benches, plan.current.restored]).toEqual([8, false]);
});
