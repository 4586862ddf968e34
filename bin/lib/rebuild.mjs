import { scriptOnDatabase } from './onDatabase.mjs';

await scriptOnDatabase('rebuildResults');
