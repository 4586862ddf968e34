import fc from 'fast-check';
import { entriesOf, group, reading } from '../../../tests/support/record';
import { isOneHistory, lostDrafts, markOf, readMark, withNews, writeMark } from './mark';
import type { Body, Entry } from './entry';
import type { Mark, News } from './mark';

const words = (text: string): Body => ({ k: 'words', text });
/** A log of so many entries. Logs of different endings are one history up to where they part. */
const history = (length: number, parts: number, ending: string) =>
  entriesOf(Array.from({ length }, (_, i) => words(i < parts ? `${i}` : `${i} ${ending}`))).map((entry, i) =>
    i < parts ? entry : { ...entry, id: `${entry.id.slice(0, 20)}${ending}${entry.id.slice(21)}` },
  );

/** What the server does with a mark. */
const newsOf = (log: readonly Entry[], { seq, chain }: Mark): News =>
  chain === '' || (log[seq - 1]?.chain.startsWith(chain) ?? false)
    ? { entries: log.slice(seq) }
    : { entries: log, anew: true };

test('a reader comes to what the log holds, wherever it stood and however the log was set back', () => {
  const sizes = fc.tuple(fc.nat(20), fc.nat(20), fc.nat(20));
  fc.assert(
    fc.property(sizes, fc.nat(20), ([common, more, other], missing) => {
      const before = history(common + more, common, 'X');
      const now = history(common + other, common, 'Y');
      // The reader may lack some in the middle: they came to another tablet.
      const held = before.filter((_, i) => i !== missing);
      const asked = readMark(writeMark(markOf(held)))!;
      const got = withNews(held, newsOf(now, asked));
      if (markOf(held).seq > common) expect(got).toEqual(now);
      const ids = new Set(got.map(({ id }) => id));
      expect(now.filter(({ id }) => !ids.has(id))).toEqual([]);
      // Nothing of one's own is lost: what the log no longer has is made again as it was.
      const again = lostDrafts(held, now, group.id);
      expect(again.map(({ id }) => id)).toEqual(held.filter(({ seq }) => seq > common).map(({ id }) => id));
      expect(lostDrafts(held, now, 'somebody else')).toEqual([]);
      expect(isOneHistory(held, now)).toBe(!now.some(({ seq }) => seq > common && held.some((one) => one.seq === seq)));
    }),
    { numRuns: 300 },
  );
});

test('a mark is where nothing is missing up to; a draft made again has no number, chain or author', () => {
  const log = entriesOf([words('a'), reading('aniline', 'net', '2.04 g'), words('c')]);
  expect(markOf([])).toEqual({ seq: 0, chain: '' });
  expect(markOf([log[2]!, log[0]!])).toEqual({ seq: 1, chain: log[0]?.chain.slice(0, 12) });
  const [draft] = lostDrafts(log.slice(1, 2), [], group.id);
  expect(Object.keys(draft ?? {}).sort()).toEqual(['at', 'body', 'device', 'deviceAt', 'id', 'log', 'saw', 'v']);
  expect(draft).toMatchObject({ id: log[1]?.id, body: { digits: '2.04' }, saw: 1 });
  // Without news everything stays the same object.
  expect(withNews(log, { entries: [] })).toBe(log);
});

test.each(['', 'x', '-1', '1.', '1.g', '12345678901', '1.ab.cd', ' 1'])('%p is no mark', (text) => {
  expect(readMark(text)).toBeUndefined();
});
