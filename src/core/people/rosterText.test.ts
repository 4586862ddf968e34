import fc from 'fast-check';
import { readRosterLines, readRosterTable, rosterLines, rosterTable } from './rosterText';

const name = fc
  .stringMatching(/^[A-Za-zÀ-ÿ][A-Za-zÀ-ÿ .'-]{0,20}$/)
  .map((text) => text.trim())
  .filter(Boolean);
const roster = fc.uniqueArray(fc.record({ name, members: fc.uniqueArray(name, { maxLength: 4 }) }), {
  minLength: 1,
  maxLength: 8,
  selector: ({ name: one }) => one.toLowerCase(),
});

test('a roster comes back from its lines and from its table as it was', () => {
  fc.assert(
    fc.property(roster, name, (benches, section) => {
      expect(readRosterLines(rosterLines(benches))).toEqual(benches);
      expect(readRosterTable(rosterTable(section, benches))).toEqual({ ok: true, section, benches });
    }),
  );
});

test('what is wrong with a table is told by its line', () => {
  const problems = (...rows: readonly (readonly string[])[]) => {
    const read = readRosterTable(rows);
    return read.ok ? [] : read.problems;
  };
  expect(problems(['who', 'where'])).toEqual([expect.stringMatching(/^The first line names the columns/)]);
  expect(problems(['bench', 'member'])).toEqual(['The table has no benches.']);
  expect(problems(['bench', 'member'], ['', 'A. Reed'], ['Knot', 'B'], ['knot', 'B'])).toEqual([
    'Line 2: the bench is missing.',
    'Line 4: B is at knot already.',
  ]);
  expect(problems(['section', 'bench', 'member'], ['1', 'Knot', ''], ['2', 'Ruff', ''])).toEqual([
    'The table has 2 sections; a class has one.',
  ]);
  expect(problems(['bench', 'member'], ['K'.repeat(41), ''])).toEqual(['Line 2: a name is too long.']);
});

test('order of columns, empty lines and a byte order mark do not matter', () => {
  const rows = [
    ['\uFEFFMember', 'Bench'],
    ['A. Reed', 'Knot'],
    ['', ''],
    ['', 'Ruff'],
  ];
  expect(readRosterTable(rows)).toEqual({
    ok: true,
    benches: [
      { name: 'Knot', members: ['A. Reed'] },
      { name: 'Ruff', members: [] },
    ],
  });
});
