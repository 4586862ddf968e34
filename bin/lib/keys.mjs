import { readKeys, rotateKeys, settingOf } from './sources.mjs';

// A new key seals from now on; what an old one sealed goes on being verified with it, so that none may be lost.
const data = settingOf('MOZLE_DATA');
const [what = 'list', ...rest] = process.argv.slice(2);
if (rest.length > 0 || !['list', 'rotate'].includes(what)) {
  console.error('Usage: bin/keys list | bin/keys rotate');
  process.exit(1);
}
const { current, keys, foundAt } = what === 'rotate' ? rotateKeys(data) : readKeys(data);
for (const name of Object.keys(keys))
  console.log(`${name}${name === current ? '  seals from now on' : '  verifies what it sealed'}`);
if (foundAt) console.log(`records of before were sealed as found ${foundAt}`);
console.log(`in ${data}/keys.json: keep a copy apart from the backups, never in the database`);
