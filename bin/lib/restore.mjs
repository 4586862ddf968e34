import { createReadStream, existsSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { prepareDatabase } from './app.mjs';
import { check, connection, data, through } from './dump.mjs';
import { takeAnchors } from './sources.mjs';
import { ensureDebianPackages, run, say, Stop } from './system.mjs';

async function restore(file, asFound) {
  const { url, name, args, env } = connection();
  if (!existsSync(file)) throw new Stop(`There is no ${file}.`);
  const anchors = await check(file, asFound);
  const client = (sql) => run('mariadb', [...args, '-N', '-e', sql, name], { env });
  const tables = `SELECT table_name FROM information_schema.tables WHERE table_schema = '${name}'`;
  const { code, output } = await client(tables);
  if (code !== 0) throw new Stop(output.trim().split('\n').at(-1));
  if (output.trim() !== '')
    throw new Stop(`The database ${name} is not empty: a backup is brought into an empty one only.`);
  try {
    if (!asFound) takeAnchors(data, anchors);
    await through(
      'mariadb',
      // The client's own commands, which reach files and the shell, are off whatever the file says.
      [...args, '--sandbox', '--batch', '--default-character-set=utf8mb4', name],
      env,
      ['pipe', 'ignore', 'pipe'],
      (child) => pipeline(createReadStream(file), createGunzip(), child.stdin),
    );
    // A backup of an older version is brought up to date; demo data are never added.
    const prepared = { ...process.env, DATABASE_URL: url, MOZLE_DEMO: '' };
    for (const line of await prepareDatabase(prepared, ['--restored', ...(asFound ? ['--as-found'] : [])])) say(line);
    const verified = await run('bin/verify', [], { env: prepared });
    say(verified.output.trim());
    if (verified.code !== 0) throw new Stop('Not every record of the backup is what was stored.');
  } catch (error) {
    const { output: there } = await client(tables);
    const names = there
      .trim()
      .split('\n')
      .filter((one) => /^\w+$/.test(one));
    const drop = names.length > 0 ? `DROP TABLE ${names.map((one) => `\`${one}\``).join(', ')};` : '';
    await client(`SET FOREIGN_KEY_CHECKS = 0; ${drop}`);
    throw new Stop(`${error.message} The database is empty again.`);
  }
}

const [file, option] = process.argv.slice(2);
try {
  if (!file || ![undefined, '--as-found'].includes(option))
    throw new Stop('Usage: bin/restore FILE.sql.gz [--as-found]');
  ensureDebianPackages(['mariadb']);
  await restore(file, option === '--as-found');
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}
