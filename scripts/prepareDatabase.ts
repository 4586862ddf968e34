import { anchorRestore } from '@/server/anchors';
import { config } from '@/server/config';
import { database } from '@/server/database';
import { loadDemo } from '@/server/loadDemo';
import { sealAsFound } from '@/server/sealAsFound';
import { publishedPasswords } from '@/server/accounts';
import { migrate } from '@/server/migrate';

// Brings the database up to date, seals what comes from before there were seals and, with MOZLE_DEMO=1, loads the demo scenario once. A failure is one line for the operator.
const isRestored = process.argv.includes('--restored');
try {
  const steps = await migrate(config.databaseUrl);
  if (steps.length > 0) console.log(`database: ${steps.length} steps of the schema applied`);
  const sealed = await sealAsFound(process.argv.includes('--as-found'));
  if (sealed > 0) console.log(`database: ${sealed} records of before sealed as found`);
  if (isRestored) await anchorRestore();
  if (config.demo && (await loadDemo())) console.log('database: demo scenario loaded');
  // A backup is brought in as it is: the start looks at it.
  const published = config.demo || isRestored ? [] : await publishedPasswords();
  if (published.length > 0)
    throw new Error(
      `${published.join(' and ')} still ${published.length === 1 ? 'has a password' : 'have passwords'} of the demo, which anybody can read: give others with bin/account password, or disable them`,
    );
  await database().close();
} catch (error) {
  const { message, original } = error as { message: string; original?: { sqlMessage?: string } };
  console.log(`problem: ${original?.sqlMessage ?? message}`);
  process.exit(1);
}
