import { launch } from './launch.mjs';
import { say, Stop } from './system.mjs';

const started = Date.now();
const fresh = process.argv.includes('--fresh');
const unknown = process.argv.slice(2).find((option) => option !== '--fresh');
try {
  if (unknown) throw new Stop(`Unknown option ${unknown}. Use: bin/demo [--fresh]`);
  if (process.env.DATABASE_URL && fresh)
    throw new Stop('--fresh empties the local data only; empty the database behind DATABASE_URL yourself.');
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
await launch({
  env: { MOZLE_DEMO: '1' },
  fresh,
  onReady: async ({ at, database }) => {
    const { demoAccounts, demoClass } = await accounts();
    say(`\nMozle is ready after ${((Date.now() - started) / 1000).toFixed(1)} s:  http://localhost:${at}\n`);
    for (const { role, name, password } of demoAccounts) say(`  ${role.padEnd(13)} name ${name}, password ${password}`);
    const [first] = demoClass.benches;
    say(`  ${'group'.padEnd(13)} join code ${demoClass.joinCode}, bench ${first.name}, PIN ${first.pin}`);
    if (!process.env.DATABASE_URL) say(`\n  database      ${database}`);
    say('\nThe sign-in page offers all three by one tap. Ctrl-C stops everything; the data stay in data/.');
  },
});

/** The demo's accounts are data of the app; the TypeScript loader reads them here too. */
async function accounts() {
  const { register } = await import('tsx/esm/api');
  const unregister = register();
  const found = await import('../../src/data/demo.ts');
  await unregister();
  return found;
}
