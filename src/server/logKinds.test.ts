import { logKind } from './logKinds';

test('a bench’s record takes what happens there, a class’s its settings and periods; what is unknown takes nothing', () => {
  const takes = (kind: string) =>
    (['reading', 'event', 'sign', 'words', 'void', 'setting', 'period'] as const).filter((k) =>
      logKind(kind)?.takes(k),
    );
  expect(takes('bench')).toEqual(['reading', 'event', 'sign', 'words', 'void']);
  expect(takes('class')).toEqual(['words', 'void', 'setting', 'period']);
  expect(takes('practice')).toEqual([]);
  expect([logKind('bench')?.ofGroups, logKind('class')?.ofGroups, logKind('practice')]).toEqual([
    true,
    false,
    undefined,
  ]);
});
