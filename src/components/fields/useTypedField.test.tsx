/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useTypedField } from './useTypedField';

const read = (text: string) =>
  /^\d+$/.test(text)
    ? { ok: true as const, value: Number(text) }
    : { ok: false as const, says: `“${text}” is no number` };

function field(shown = '4') {
  const commit = jest.fn<void, [number]>();
  const hook = renderHook(({ value }: { value: string }) => useTypedField(value, read, commit), {
    initialProps: { value: shown },
  });
  return { commit, ...hook, type: (text: string) => act(() => hook.result.current.change(text)) };
}

test('a readable text takes effect at every keystroke, an unreadable one stays with its reason', () => {
  const { result, commit, type } = field();
  type('5');
  expect(commit).toHaveBeenLastCalledWith(5);
  type('5x');
  expect(commit).toHaveBeenCalledTimes(1);
  expect([result.current.text, result.current.says]).toEqual(['5x', '“5x” is no number']);
});

test('leaving the field keeps an unreadable text and drops a readable one for the value in force', () => {
  const { result, type } = field();
  type('six');
  act(() => result.current.settle());
  expect([result.current.text, result.current.says]).toEqual(['six', '“six” is no number']);
  type('6');
  act(() => result.current.settle());
  expect([result.current.text, result.current.says]).toEqual(['4', undefined]);
});

test('Escape brings the value in force back', () => {
  const { result, type } = field();
  type('nonsense');
  act(() => result.current.revert());
  expect([result.current.text, result.current.says]).toEqual(['4', undefined]);
});

test('a value that changes elsewhere replaces an abandoned text, but not one that is being typed', () => {
  const { result, rerender, type } = field();
  type('abc');
  rerender({ value: '9' });
  expect(result.current.text).toBe('abc');
  act(() => result.current.settle());
  rerender({ value: '10' });
  expect(result.current.text).toBe('10');
});
