import { idOf, reading } from '../../../tests/support/record';
import { readOutboxFile, writeOutboxFile } from './outboxFile';
import type { OutboxLine } from './outboxFile';

const line = (n: number, log: number, author: string, more: Partial<OutboxLine> = {}): OutboxLine => ({
  author,
  authorName: author,
  className: 'Spring',
  draft: {
    id: idOf(n),
    v: 1,
    log: idOf(log),
    body: reading('aniline', 'net', '2.04 g'),
    at: '2026-03-03T13:00:00.000Z',
    deviceAt: '2026-03-03T13:07:00.000Z',
    device: 'tablet',
    saw: 0,
  },
  ...more,
});

test('what was saved is read back, by record and author, each in the order in which it was made', () => {
  const kept = [
    line(1, 90, 'Avocet'),
    line(2, 91, 'Curlew', { refused: 'The record is closed.' }),
    line(3, 90, 'Avocet', { bytes: '00ff7e' }),
    line(4, 90, 'demonstrator'),
  ];
  const groups = readOutboxFile(writeOutboxFile(kept));
  expect(groups.map(({ log, authorName, lines }) => [log, authorName, lines.map(({ draft: { id } }) => id)])).toEqual([
    [idOf(90), 'Avocet', [idOf(1), idOf(3)]],
    [idOf(91), 'Curlew', [idOf(2)]],
    [idOf(90), 'demonstrator', [idOf(4)]],
  ]);
  expect(groups.flatMap(({ lines }) => lines).sort((a, b) => (a.draft.id < b.draft.id ? -1 : 1))).toEqual(kept);
});

const changed = (change: (file: { kept: Record<string, unknown>[] } & Record<string, unknown>) => void) => {
  const file = JSON.parse(writeOutboxFile([line(1, 90, 'Avocet')])) as Parameters<typeof change>[0];
  change(file);
  return JSON.stringify(file);
};

test.each([
  ['text', 'not JSON', /not valid JSON/],
  ['another file', '{"format":"mozle-record"}', /no file of saved entries/],
  ['nothing', 'null', /no file of saved entries/],
  ['a later version', changed((file) => (file['formatVersion'] = 2)), /later version/],
  ['no entries', changed((file) => Reflect.deleteProperty(file, 'kept')), /damaged: kept/],
  ['an entry without a draft', changed(({ kept }) => Reflect.deleteProperty(kept[0]!, 'draft')), /damaged: kept\[0\]/],
  [
    'digits that are none',
    changed(({ kept }) => (kept[0]!['draft'] = { ...line(1, 90, 'A').draft, body: { k: 'reading' } })),
    /damaged/,
  ],
  ['bytes that are none', changed(({ kept }) => (kept[0]!['bytes'] = 'xyz')), /damaged: kept\[0\].bytes/],
])('%s is refused in words', (_, content, says) => {
  expect(() => readOutboxFile(content)).toThrow(says);
});
