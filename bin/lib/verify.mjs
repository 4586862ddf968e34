import { runScript } from './app.mjs';
import { exitWith, scriptOnDatabase } from './onDatabase.mjs';

const [file] = process.argv.slice(2);
// A record file verifies on its own.
if (file) exitWith(await runScript('verifyRecords', [file], process.env));
else await scriptOnDatabase('verifyRecords');
