import { format, resolveConfig } from 'prettier';
import { writeFileSync } from 'node:fs';
import { jobsPage, sentencesPage } from '../tests/support/docPages';

// Pages of docs that are made of what the core says; a test holds them current.
for (const [file, text] of [
  ['docs/sentences.md', sentencesPage()],
  ['docs/jobs.md', jobsPage()],
] as const) {
  const config = await resolveConfig(file);
  writeFileSync(file, await format(text, { ...config, filepath: file }));
}
