import { config } from '@/server/config';
import { addAccount, disableAccount, linkFor, listAccounts, resetAccount } from '@/server/accounts';
import { forgetName } from '@/server/authorNames';
import { database } from '@/server/database';
import { settingOf } from '@/server/settings';

// Accounts of the staff, for whoever runs Mozle: bin/account. Passwords are never typed here: a link is printed, for once.
const address = config.publicUrl.replace(/\/$/, '') || `http://localhost:${settingOf('PORT')}`;
const tell = (what: string, link: string) => console.log(`${what} Within two days, once:\n\n  ${address}${link}\n`);
const roles = ['coordinator', 'demonstrator'] as const;
const usage =
  'Usage: bin/account list | add NAME coordinator|demonstrator | password NAME | disable NAME | forget NAME\n       bin/account first';
const [what, name = '', given] = process.argv.slice(2);
const role = roles.find((one) => one === given);

try {
  if (what === 'list') {
    for (const { name: who, role: as, state } of await listAccounts()) console.log(`${who.padEnd(30)} ${as}, ${state}`);
  } else if (what === 'add' && name && role) {
    tell(`${name} is a ${role} now and chooses a password here.`, await addAccount(name, role));
  } else if (what === 'password' && name) {
    tell(`${name} is signed out everywhere and chooses a new password here.`, await resetAccount(name));
  } else if (what === 'disable' && name) {
    await disableAccount(name);
    console.log(`${name} can no longer sign in; what was written and signed stays.`);
  } else if (what === 'forget' && name) {
    const found = await forgetName(name);
    console.log(
      found > 0
        ? `${name} is forgotten: what was made under it stays and verifies, without the name.`
        : `Nothing was made under the name ${name}.`,
    );
    if (found === 0) process.exitCode = 1;
  } else if (what === 'first') {
    // At a start: whoever can sign in needs no link; where nobody can, the first coordinator gets one.
    const all = await listAccounts();
    const waits = all.find(({ role: as, state }) => as === 'coordinator' && state.startsWith('waits'));
    if (!all.some(({ role: as, state }) => as === 'coordinator' && state === 'can sign in'))
      tell(
        'Nobody can sign in yet. The first coordinator chooses a password here.',
        waits ? await linkFor(waits.name) : await addAccount('coordinator', 'coordinator'),
      );
  } else {
    console.error(usage);
    process.exitCode = 1;
  }
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
await database().close();
