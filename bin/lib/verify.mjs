import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runScript } from './app.mjs';
import { accountFaults } from './databaseAccounts.mjs';
import { serverFile } from './mariadb.mjs';
import { exitWith, scriptOnDatabase } from './onDatabase.mjs';
import { settingOf } from './sources.mjs';
import { databaseAddress, Stop } from './system.mjs';

const [file] = process.argv.slice(2);
// A record file verifies on its own.
if (file) exitWith(await runScript('verifyRecords', [file], process.env));
try {
  const faults = await ownServerFaults();
  for (const fault of faults) console.log(`BROKEN   the database: ${fault}`);
  await scriptOnDatabase('verifyRecords', [], faults.length);
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}

/** What is wrong with the doors of the own database, where it is that which is verified. */
async function ownServerFaults() {
  const folder = settingOf('MOZLE_DATA');
  const found = join(folder, serverFile);
  if (!existsSync(found)) return [];
  const { port, socket } = JSON.parse(readFileSync(found, 'utf8'));
  const address = new URL(databaseAddress(folder));
  return address.hostname === '127.0.0.1' && Number(address.port) === port ? accountFaults(socket) : [];
}
