import { readFileSync } from 'node:fs';
import { jobsPage, sentencesPage, withRooms } from '../support/docPages';

// Prettier pads the columns of a table: what is between them counts.
const bare = (text: string) =>
  text
    .replace(/[ \t]+/g, ' ')
    .replace(/-{2,}/g, '-')
    .trim();

test.each([
  ['docs/sentences.md', sentencesPage],
  ['docs/jobs.md', jobsPage],
] as const)('%s is what the core says today', (file, page) => {
  expect(bare(readFileSync(file, 'utf8'))).toBe(bare(page()));
});

test('docs/architecture.md has the rooms of the core as the import rules have them', () => {
  const page = readFileSync('docs/architecture.md', 'utf8');
  expect(bare(page)).toBe(bare(withRooms(page)));
});
