import { runScript } from './app.mjs';
import { settingOf } from './sources.mjs';
import { databaseAddress, Stop } from './system.mjs';

/** Ends a command as a program ended that did its work. */
export function exitWith({ code, output }) {
  console.log(output.trim());
  process.exit(code ?? 1);
}

/** A command that is one of the app's scripts, on the database that is named or runs here. */
export async function scriptOnDatabase(name, args = []) {
  try {
    const DATABASE_URL = databaseAddress(settingOf('MOZLE_DATA'));
    exitWith(await runScript(name, args, { ...process.env, DATABASE_URL }));
  } catch (error) {
    console.error(error instanceof Stop ? error.message : error);
    process.exit(1);
  }
}
