import ownGroups from '../support/ownGroups.json';
import {
  createCourse,
  courseOfPreparation,
  findCourse,
  listCourses,
  saveCourse,
  setCourseOfPreparation,
} from '@/server/courses';
import { confirmField, saveEntry, withdrawEntry } from '@/server/referenceEntries';
import { confirmedContent } from '@/core/reference/confirmation';
import { createPreparation } from '@/server/preparations';
import { database } from '@/server/database';
import { exportReference, readCandidates } from '@/server/referenceFiles';
import { findClass } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { findPicked, listEntries, pickEntry, readLibrary } from '@/server/referenceLibrary';
import { readEntryPage } from '@/server/offThread/jobs/referencePage';
import { groupCounts } from '@/core/reference/groups';
import { readStructure } from '@/structure/readStructure';
import { migrate } from '@/server/migrate';
import { modelSubstances } from '@/server/offThread/jobs/modelSubstances';
import { rows } from '@/server/tables';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { emptyDatabase } from '../support/database';
import { acetanilideText } from '../support/preparations';
import type { GroupCounts } from '@/core/reference/groups';
import type { ReferenceSubstance } from '@/core/reference/substance';

process.env['DATABASE_POOL'] = '1';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
});

afterAll(() => database().close());

const ketone = (change: Partial<ReferenceSubstance> = {}): ReferenceSubstance => ({
  id: 'heptan-4-one',
  name: 'Heptan-4-one',
  synonyms: [],
  formula: 'C7H14O',
  smiles: 'CCCC(=O)CCC',
  groups: {},
  form: 'liquid',
  values: { boiling: { digits: '144', source: 'made up' } },
  notDriedWith: [],
  ...change,
});
const save = (entry: unknown, base = 0, fresh = base === 0) =>
  saveEntry({ kind: 'substance', base, fresh, entry, by: 'coordinator' });
const count = async (table: string) => Number((await rows<{ n: number }>(`SELECT COUNT(*) AS n FROM ${table}`))[0]?.n);

test('the shipped library is there, structures read, with every relation holding', async () => {
  const all = await listEntries();
  expect(all.length).toBe(shippedSubstances.length + shippedSolutions.length);
  const library = await readLibrary();
  for (const { id } of all) {
    const { checks } = await pickEntry(library, id, []);
    expect([id, checks.filter(({ holds }) => !holds)]).toEqual([id, []]);
  }
  const structures = shippedSubstances.filter(({ smiles, formula }) => smiles !== undefined && formula !== undefined);
  expect(structures.length).toBeGreaterThan(140);
  for (const { id, groups } of structures) {
    const { checks, ...picked } = await pickEntry(library, id, []);
    expect(checks[0]?.relation).toBe('element counts of formula and structure');
    // Groups stand in the data; here they are found in the structure again.
    if (picked.kind === 'substance') expect([id, groupsIn(picked.substance)]).toEqual([id, groups]);
  }
  // The structure package is slow under the test runner, which compiles it: a ceiling, not a measurement.
}, 90_000);

test('the groups that the tests of own preparations take for given are those found in the structures', () => {
  for (const [smiles, groups] of Object.entries(ownGroups as Record<string, GroupCounts>)) {
    const read = readStructure(smiles);
    expect([smiles, read && groupCounts(read.formula, read.matches)]).toEqual([smiles, groups]);
  }
}, 30_000);

const groupsIn = ({ formula, smiles = '' }: ReferenceSubstance) =>
  groupCounts(formula, readStructure(smiles)?.matches ?? {});

test('what can be computed of an own entry is computed, whatever was sent', async () => {
  const picked = await save(ketone({ groups: { amine: 3 }, notDriedWith: ['sieves'] }));
  expect(picked).toMatchObject({
    kind: 'substance',
    substance: { groups: { ketone: 1 }, notDriedWith: ['CaCl2', 'KOH', 'sieves'] },
    standings: { boiling: { is: 'from memory' }, formula: { is: 'cross-checked' } },
  });
  expect((await listEntries()).find(({ id }) => id === 'heptan-4-one')).toMatchObject({
    own: true,
    name: 'Heptan-4-one',
  });
});

test.each<[string, unknown, RegExp]>([
  ['another formula than the structure', ketone({ id: 'a', formula: 'C7H16O' }), /the structure holds/],
  ['a structure that cannot be read', ketone({ id: 'a', smiles: 'C1CC' }), /cannot be read/],
  [
    'a boiling point beyond sense',
    ketone({ id: 'a', values: { boiling: { digits: '99999', source: 'x' } } }),
    /must lie between/,
  ],
  ['a value without a source', ketone({ id: 'a', values: { boiling: { digits: '144' } as never } }), /needs a source/],
  [
    'a range that falls',
    ketone({ id: 'a', values: { melting: { digits: '50', high: '40', source: 'x' } } }),
    /upper end/,
  ],
  [
    'a statement that does not exist',
    ketone({ id: 'a', hazards: { signal: 'none', pictograms: [], statements: ['H999'], source: 'x' } }),
    /not a hazard statement/,
  ],
  ['a name too many', { ...ketone({ id: 'a' }), colour: 'blue' }, /unspecified|unknown/],
  ['no object', 'text', /.*/],
])('%s is refused with its reason, and leaves nothing behind', async (_, entry, reason) => {
  const before = await count('reference_versions');
  const refused = await save(entry).catch((error: unknown) => error as { code: string; details: { reason: string }[] });
  expect(refused).toMatchObject({ code: 'refused' });
  expect((refused as { details: { reason: string }[] }).details.map((one) => one.reason).join()).toMatch(reason);
  expect(await count('reference_versions')).toBe(before);
});

test('a new entry replaces nothing, and of two who save from one version one is told', async () => {
  await expect(save(ketone())).rejects.toMatchObject({ code: 'conflict' });
  await expect(save({ ...ketone(), id: 'new' })).rejects.toMatchObject({ code: 'conflict' });
  await expect(save({ ...ketone(), id: 'toluene' })).rejects.toMatchObject({ code: 'conflict' });
  await expect(save({ ...ketone(), id: 'hydrochloric-acid-2m' }, 0, false)).rejects.toMatchObject({ code: 'conflict' });
  const both = await Promise.allSettled([save(ketone({ caution: 'one' }), 1), save(ketone({ caution: 'two' }), 1)]);
  expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  expect(both.find(({ status }) => status === 'rejected')).toMatchObject({ reason: { code: 'stale' } });
});

test('a confirmation holds for the value that was seen, is taken back, and comes back with the value', async () => {
  const flash = (digits: string) =>
    ketone({ id: 'confirmed', name: 'Confirmed', values: { flash: { digits, source: 'x' } } });
  const standing = async () => (await findPicked('confirmed')).standings.flash;
  await save(flash('49'));
  const content = confirmedContent(flash('49'), 'flash') ?? '';
  await confirmField('confirmed', 'flash', content, true, 'coordinator');
  await confirmField('confirmed', 'flash', content, true, 'coordinator');
  expect(await standing()).toMatchObject({ is: 'confirmed', by: 'coordinator' });
  expect(
    Number((await rows<{ n: number }>("SELECT COUNT(*) AS n FROM confirmations WHERE entry_id = 'confirmed'"))[0]?.n),
  ).toBe(1);
  await save(flash('50'), 1);
  expect(await standing()).toEqual({ is: 'from memory' });
  await expect(confirmField('confirmed', 'flash', content, true, 'x')).rejects.toMatchObject({ code: 'stale' });
  await save(flash('49'), 2);
  expect(await standing()).toMatchObject({ is: 'confirmed' });
  await confirmField('confirmed', 'flash', content, false, 'coordinator');
  expect(await standing()).toEqual({ is: 'from memory' });
});

test('an own version overlays a shipped entry until it is withdrawn; what others rest on stays', async () => {
  const shipped = shippedSubstances.find(({ id }) => id === 'sodium-chloride') as ReferenceSubstance;
  await save({ ...shipped, caution: 'own' }, 0, false);
  expect(await readEntryPage('sodium-chloride')).toMatchObject({
    own: { author: 'coordinator' },
    shipped: true,
    version: 1,
  });
  expect(await withdrawEntry('sodium-chloride', 1, 'coordinator')).toEqual({ shipped: true });
  expect(await findPicked('sodium-chloride')).toMatchObject({ substance: shipped });
  await expect(withdrawEntry('sodium-chloride', 2, 'x')).rejects.toMatchObject({ code: 'notFound' });
  const solution = { ...shippedSolutions[0], id: 'own-solution', name: 'Own solution', solute: 'heptan-4-one' };
  await saveEntry({ kind: 'solution', base: 0, fresh: true, entry: solution, by: 'coordinator' });
  await expect(withdrawEntry('heptan-4-one', 2, 'x')).rejects.toMatchObject({ code: 'conflict' });
  await withdrawEntry('own-solution', 1, 'x');
  expect(await withdrawEntry('heptan-4-one', 2, 'x')).toEqual({ shipped: false });
  await expect(findPicked('heptan-4-one')).rejects.toMatchObject({ code: 'notFound' });
  // Its number goes on, so that an old copy in a browser cannot come back as the first.
  await expect(save(ketone(), 0, false)).rejects.toMatchObject({ code: 'stale' });
});

test('a solution must be of something that is there, and not of itself', async () => {
  const made = (change: object) =>
    saveEntry({
      kind: 'solution',
      base: 0,
      fresh: true,
      by: 'x',
      entry: { ...shippedSolutions[1], id: 'mine', name: 'Mine', ...change },
    });
  await expect(made({ solute: 'nothing' })).rejects.toMatchObject({ code: 'refused' });
  await expect(made({ madeFrom: 'nothing' })).rejects.toMatchObject({ code: 'refused' });
});

test('structures of a file: each record answers for itself', async () => {
  const candidates = await readCandidates('CCO spirit\n\n# a remark\nC(C)O again\nC1CC odd\nCCCCCC(=O)CC octan\n', 'x');
  expect(candidates).toMatchObject([
    { line: 1, ok: true, same: { id: 'ethanol' }, groups: { alcohol: 1 } },
    { line: 4, ok: false, reason: 'the same structure as line 1' },
    { line: 5, ok: false },
    { line: 6, ok: true, name: 'octan', formula: 'C8H16O', groups: { ketone: 1 } },
  ]);
  expect(await readCandidates('', 'x')).toEqual([]);
});

test('what is exported reads back to the entries that are there', async () => {
  const json = JSON.parse(await exportReference('json')) as { substances: { id: string; checks: object }[] };
  expect(json.substances.find(({ id }) => id === 'toluene')?.checks).toMatchObject({
    boiling: { is: 'cross-checked' },
  });
  const csv = await exportReference('csv');
  expect(csv).toContain('toluene,Toluene,molar mass,92.14,g/mol,,IUPAC abridged atomic weights,computed,');
});

test('a course: made, changed, refused when stale; its settings are frozen into the class that is issued', async () => {
  const made = await createCourse('Spring module', 'coordinator');
  await expect(createCourse('Spring module', 'x')).rejects.toMatchObject({ code: 'conflict' });
  const settings = { ...made.settings, conventions: { refluxClock: 'heatOn' } };
  expect((await saveCourse(made.id, 1, { name: 'Spring module', settings }, 'coordinator')).version).toBe(2);
  await expect(saveCourse(made.id, 1, { name: 'x', settings }, 'x')).rejects.toMatchObject({ code: 'stale' });
  await expect(saveCourse('nowhere', 1, { name: 'x', settings }, 'x')).rejects.toMatchObject({ code: 'notFound' });
  const { id } = await createPreparation(acetanilideText(), 'coordinator');
  expect(await courseOfPreparation(id)).toBeUndefined();
  await setCourseOfPreparation(id, made.id);
  await expect(setCourseOfPreparation(id, 'nowhere')).rejects.toMatchObject({ code: 'notFound' });
  await expect(setCourseOfPreparation('nowhere', null)).rejects.toMatchObject({ code: 'notFound' });
  const issued = await issueClass({ name: 'A', preparationId: id, benches: [{ name: 'Knot' }], by: 'x' });
  await saveCourse(made.id, 2, { name: 'Spring module', settings: { conventions: {}, devices: [] } }, 'coordinator');
  const { doc } = await findClass(issued.id);
  expect(doc.conventions).toEqual({ refluxClock: 'heatOn' });
  expect(doc.devices.length).toBeGreaterThanOrEqual(made.settings.devices.length);
  expect((await findCourse(made.id)).settings.devices).toEqual([]);
  expect((await listCourses()).map(({ name }) => name)).toEqual(['Spring module']);
});

test('the models get what they can work with: curves name their solvents', async () => {
  const before = new Map((await modelSubstances()).map((one) => [one.id, one]));
  expect(before.get('cyclohexane')?.antoine).toBeDefined();
  expect(before.has('boiling-aids')).toBe(false);
  for (const { solubility = [] } of before.values())
    for (const { solvent, points } of solubility) {
      expect(before.has(solvent)).toBe(true);
      expect(points.length).toBeGreaterThan(1);
    }
});
