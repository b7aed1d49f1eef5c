import { parseArgs } from 'node:util';
import { backUp, restore } from './backup/backup';
import { settingsOf } from './settings';
import { hashOf, newSecret } from './http/secrets';
import { UnscopedStore } from './store/academies';
import { addReset } from './store/accounts';
import { connect } from './store/database';
import { foundAcademy } from './store/founding';
import { migrate } from './store/migrate';

/*
 * What is done at the console of the server: `backup FILE`, `restore FILE`, `found --academy … --name … --email …`.
 */

const linkMs = 7 * 24 * 3_600_000;
const say = (text: string) => process.stdout.write(`${text}\n`);

async function found(url: string, given: readonly string[]): Promise<void> {
  const { values } = parseArgs({
    args: [...given],
    options: Object.fromEntries(
      ['academy', 'name', 'email', 'zone', 'units'].map((name) => [name, { type: 'string' as const }]),
    ),
  });
  const { academy, name, email, zone = 'UTC', units = 'us' } = values as Record<string, string | undefined>;
  for (const [option, value] of Object.entries({ academy, name, email }))
    if (!value?.trim())
      throw new Error(`--${option} is missing. Say: npm run found -- --academy … --name … --email …`);
  if (!/^[^\s@]+@[^\s@]+$/.test(email!)) throw new Error(`--email must be an e-mail address, not “${email}”`);
  if (!['us', 'metric'].includes(units)) throw new Error(`--units must be us or metric, not “${units}”`);
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
  } catch {
    throw new Error(`--zone must be a time zone such as Europe/London, not “${zone}”`);
  }
  const db = connect(url);
  try {
    await migrate(db);
    const unscoped = new UnscopedStore(db);
    if (await unscoped.personByEmail(email!))
      throw new Error(`--email: there is an account with ${email} already`);
    const metric = units === 'metric';
    const wish = {
      academy: academy!,
      zone,
      name: name!,
      email: email!,
      velocityUnit: metric ? ('km/h' as const) : ('mph' as const),
      sizeUnit: metric ? ('metric' as const) : ('us' as const),
    };
    // Nobody has a password until the link was opened.
    const owner = (await foundAcademy(unscoped, wish, '', true))!;
    const token = newSecret();
    await addReset(unscoped, owner, hashOf(token), new Date(Date.now() + linkMs));
    say(`${academy} is founded. ${name} chooses a password here within seven days:`);
    say(`${settingsOf(process.env).publicUrl}/reset/${token}`);
  } finally {
    await db.destroy();
  }
}

async function main([command, ...given]: string[]): Promise<void> {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL is not set');
  if (command === 'found') return found(url, given);
  const [file, ...more] = given;
  if (!file || more.length) throw new Error(`Say one file: npm run ${command} -- FILE`);
  const { backupPassphrase: passphrase } = settingsOf(process.env);
  if (command === 'backup') {
    await backUp(url, file, passphrase, new Date());
    say(`The backup is in ${file}${passphrase ? ', encrypted' : ''}.`);
  } else if (command === 'restore') {
    const { madeAt } = await restore(url, file, passphrase);
    say(`Restored as it was at ${madeAt}. Everybody signs in again.`);
  } else throw new Error(`There is no command ${command}`);
}

main(process.argv.slice(2)).catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
