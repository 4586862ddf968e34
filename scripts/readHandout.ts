import { readFileSync } from 'node:fs';
import { handoutJson } from '@/core/handout/handoutJson';
import { benchNames } from '@/data/reference/benchNames';
import { lexiconEntries, lexiconOf } from '@/core/handout/lexicon';
import { handoutText } from '@/server/offThread/jobs/handoutText';
import { readHandout } from '@/core/handout/readHandout';
import { shippedSolutions, shippedSubstances } from '@/data/reference';

/** Prints what the rules read in a handout. */
const file = process.argv[2];
if (file === undefined) {
  console.error('npm run handout -- FILE');
  process.exitCode = 1;
} else {
  const lexicon = lexiconOf(lexiconEntries(shippedSubstances, shippedSolutions), benchNames);
  console.log(JSON.stringify(handoutJson(readHandout(await handoutText(readFileSync(file)), lexicon)), null, 2));
}
