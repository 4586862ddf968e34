import { scriptOnDatabase } from './onDatabase.mjs';

await scriptOnDatabase('accounts', process.argv.slice(2));
