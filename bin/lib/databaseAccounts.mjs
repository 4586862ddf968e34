import { userInfo } from 'node:os';
import { run, Stop } from './system.mjs';

// Who may enter the own database: the operator by the socket, whose folder is theirs alone, and the app's account over TCP. Nobody else,
// and nobody reads or writes files through it.
const appAccount = 'mozle@127.0.0.1';
const operator = userInfo().username;
const bySocket = [...new Set([`${operator}@localhost`, 'root@localhost'])];
// Owns views of the server itself; locked.
const ofTheServer = ['mariadb.sys@localhost', 'PUBLIC@'];

/** Asks the server by its socket, as the operator. */
export const askBySocket = (socket, sql, { user = operator, timeout = 60_000 } = {}) =>
  run('mariadb', ['--no-defaults', '-N', '-u', user, `--socket=${socket}`, '-e', sql], {
    timeout,
    killSignal: 'SIGKILL',
  });

const quoted = (account) =>
  account
    .split(/@(?=[^@]*$)/)
    .map((part) => `'${part.replace(/['\\]/g, '\\$&')}'`)
    .join('@');

async function answer(socket, sql, user) {
  const { code, output } = await askBySocket(socket, sql, { user });
  if (code !== 0) throw new Stop(`The accounts of the database could not be set: ${output.trim().split('\n').at(-1)}`);
  return output
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t'));
}

const accountsSql = `SELECT CONCAT(User, '@', Host), COALESCE(JSON_VALUE(Priv, '$.plugin'), ''), COALESCE(JSON_VALUE(Priv, '$.account_locked'), 0)
  FROM mysql.global_priv`;
const fileSql =
  "SELECT REPLACE(GRANTEE, '\\'', '') FROM information_schema.USER_PRIVILEGES WHERE PRIVILEGE_TYPE = 'FILE'";

/**
 * Brings the accounts of a running server to what they should be. The operator's way by the socket is made before any other is taken
 * away, and each step may be the last of an interrupted start: the next one goes on.
 */
export async function lockAccounts(socket) {
  // Installations of before have root without a password; it gives the operator an account of their own.
  const known = await askBySocket(socket, 'SELECT 1');
  const as = known.code === 0 ? operator : 'root';
  const accounts = new Map((await answer(socket, accountsSql, as)).map(([name, plugin]) => [name, plugin]));
  for (const name of bySocket) {
    if (accounts.get(name) === 'unix_socket') continue;
    await answer(
      socket,
      `CREATE USER IF NOT EXISTS ${quoted(name)}; GRANT ALL ON *.* TO ${quoted(name)} WITH GRANT OPTION`,
      as,
    );
    await answer(socket, `ALTER USER ${quoted(name)} IDENTIFIED VIA unix_socket`, as);
  }
  // From here on as the operator: what was just made has to hold before anything else goes.
  for (const name of accounts.keys())
    if (/^(root@|@)/.test(name) && !bySocket.includes(name))
      await answer(socket, `DROP USER IF EXISTS ${quoted(name)}`);
  // The own account last: whoever has not the right cannot take it from others.
  const withFile = (await answer(socket, fileSql)).map(([name]) => name);
  const own = `${operator}@localhost`;
  for (const name of [...withFile.filter((one) => one !== own), ...withFile.filter((one) => one === own)])
    await answer(socket, `REVOKE FILE ON *.* FROM ${quoted(name)}`);
}

/** The app's own account, for databases whose name begins with mozle. */
export async function makeAppAccount(socket, password) {
  await answer(
    socket,
    `CREATE USER ${quoted(appAccount)} IDENTIFIED BY '${password}'; GRANT ALL ON \`mozle%\`.* TO ${quoted(appAccount)}; CREATE DATABASE mozle CHARACTER SET utf8mb4`,
  );
}

/** Accounts, rights and settings of a running server that should not be, each in a sentence. */
export async function accountFaults(socket) {
  const accounts = await answer(socket, accountsSql);
  const strangers = accounts
    .filter(([name]) => ![...bySocket, appAccount, ...ofTheServer].includes(name))
    .map(([name]) => `The account ${name} should not be.`);
  const doors = accounts
    .filter(([name, plugin]) => bySocket.includes(name) && plugin !== 'unix_socket')
    .map(([name]) => `The account ${name} is not bound to the socket.`);
  const unlocked = accounts
    .filter(([name, , locked]) => name === 'mariadb.sys@localhost' && !['1', 'true'].includes(locked))
    .map(([name]) => `The account ${name} is not locked.`);
  const files = (await answer(socket, fileSql)).map(([name]) => `The account ${name} may read and write files.`);
  const rights = await answer(
    socket,
    `SELECT 'everything', PRIVILEGE_TYPE FROM information_schema.USER_PRIVILEGES WHERE GRANTEE = "'mozle'@'127.0.0.1'" AND PRIVILEGE_TYPE <> 'USAGE'
     UNION SELECT TABLE_SCHEMA, PRIVILEGE_TYPE FROM information_schema.SCHEMA_PRIVILEGES WHERE GRANTEE = "'mozle'@'127.0.0.1'" AND TABLE_SCHEMA NOT LIKE 'mozle%'`,
  );
  const ofTheApp = [...new Set(rights.map(([where]) => where))].map(
    (where) => `The account ${appAccount} has rights on ${where}; it needs its own databases alone.`,
  );
  const [[infile, folder] = []] = await answer(socket, "SELECT @@local_infile, COALESCE(@@secure_file_priv, 'NULL')");
  const settings = [
    ...(infile === '0' ? [] : ['The server lets its clients send it files.']),
    ...(folder ? [] : ['The server reads files of any folder.']),
  ];
  return [...strangers, ...doors, ...unlocked, ...files, ...ofTheApp, ...settings];
}
