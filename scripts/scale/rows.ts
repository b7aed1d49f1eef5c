/**
 * Rows of an academy as it is after years, as tables that MariaDB loads: 1,000 athletes over three years, 2.07 million
 * throws, 8.6 million reps, and 20 small academies beside it. Nothing in it is random: the same day gives the same rows.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hashPassword } from '../../apps/server/src/auth/password';
import { connect } from '../../apps/server/src/store/database';
import { migrate } from '../../apps/server/src/store/migrate';
import { Academy, dayMs, id, zone } from './academy';
import { columns, loading, type ScaleTable } from './tables';
import { everything } from './templates';

const years = 3;
const others = 20;

async function main([folder, url]: string[]): Promise<void> {
  if (!folder || !url) throw new Error('a folder and the address of a database are needed');
  const db = connect(url);
  await migrate(db);
  const midnight = Math.floor(Date.now() / dayMs) * dayMs;
  const start = midnight - years * 365 * dayMs;
  const hash = await hashPassword('years-of-practice');
  const academies: { academy: Academy; id: string; days: number }[] = [];
  for (let n = 0; n <= others; n++) {
    const academyId = id(start);
    await db('academies').insert({
      id: academyId,
      name: n ? `Small Barn ${n}` : 'The Large Barn',
      zone,
      demo: false,
      equipment: JSON.stringify(everything),
    });
    const people = Array.from({ length: n ? 1 : 12 }, () => id(start));
    for (const [p, person] of people.entries())
      await db('people').insert({
        academy_id: academyId,
        id: person,
        email: `person${p}@barn${n}.example`,
        name: `Person ${p}`,
        password_hash: hash,
        role: p ? 'instructor' : 'owner',
        hand: 'R',
        velocity_unit: 'mph',
        approach: JSON.stringify({ leave: null, lift: null, teach: null, hips: null }),
      });
    const academy = new Academy(join(folder, String(n)), people, midnight);
    academy.found(n ? 10 : 1000, start);
    academies.push({ academy, id: academyId, days: n ? 150 : years * 365 });
  }
  await db.destroy();
  for (let day = 0; day < years * 365; day++)
    for (const { academy, days } of academies) {
      if (years * 365 - day > days) continue;
      academy.day(start + day * dayMs, day);
      await academy.flush();
    }
  const statements: Record<string, string[]> = {};
  for (const [n, { academy, id: academyId }] of academies.entries()) {
    academy.upcoming();
    await academy.end();
    for (const table of Object.keys(columns) as ScaleTable[])
      (statements[table] ??= []).push(
        loading(join(folder, String(n), `${table}.tsv`), table, academyId, academy.people[0]!),
      );
  }
  writeFileSync(join(folder, 'load.json'), JSON.stringify(statements));
}

main(process.argv.slice(2)).catch((error: unknown) => {
  process.stderr.write(`${(error as Error).stack}\n`);
  process.exit(1);
});
