import { format, resolveConfig } from 'prettier';
import { readFileSync, writeFileSync } from 'node:fs';
import { jobsPage, sentencesPage, withRooms } from '../tests/support/docPages';

// Pages of docs that are made of what the core says; a test holds them current.
for (const [file, text] of [
  ['docs/sentences.md', sentencesPage()],
  ['docs/jobs.md', jobsPage()],
  ['docs/architecture.md', withRooms(readFileSync('docs/architecture.md', 'utf8'))],
] as const) {
  const config = await resolveConfig(file);
  writeFileSync(file, await format(text, { ...config, filepath: file }));
}
