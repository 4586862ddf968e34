import { runScript } from './app.mjs';
import { databaseAddress, Stop } from './system.mjs';
import { settingOf } from './sources.mjs';

try {
  const DATABASE_URL = databaseAddress(settingOf('MOZLE_DATA'));
  const { code, output } = await runScript('accounts', process.argv.slice(2), { ...process.env, DATABASE_URL });
  console.log(output.trim());
  process.exit(code ?? 1);
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}
