import { runScript } from './app.mjs';
import { settingOf } from './sources.mjs';
import { databaseAddress, Stop } from './system.mjs';

/** Ends a command as a program ended that did its work. */
export function exitWith({ code, output }) {
  console.log(output.trim());
  process.exit(code ?? 1);
}

/**
 * A command that is one of the app's scripts, on the database that is named or runs here.
 *
 * @param brokenBefore what the command found wrong itself
 */
export async function scriptOnDatabase(name, args = [], brokenBefore = 0) {
  try {
    const DATABASE_URL = databaseAddress(settingOf('MOZLE_DATA'));
    const { code, output } = await runScript(name, args, { ...process.env, DATABASE_URL });
    exitWith({ code: brokenBefore > 0 ? 1 : code, output });
  } catch (error) {
    console.error(error instanceof Stop ? error.message : error);
    process.exit(1);
  }
}
