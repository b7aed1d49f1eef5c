import { setTimeout as wait } from 'node:timers/promises';
import type { Knex } from 'knex';
import { v4 } from 'uuid';
import { endedForOthers } from './again';

/** Whoever waits for another gives up after so long, s. */
const patience = 600;
/** In a cluster whoever works says so again and again; after so long without it they count as gone, s. */
const leaseSeconds = 15;
const renewEvery = 4_000;
const lookEvery = 250;

/** Another process did not get done. */
export class NotAlone extends Error {}

/** Whether the database is a node of a cluster: there a lock of the server holds on one node alone. */
const isNode = async (db: Knex): Promise<boolean> => {
  const [rows] = await db.raw("show variables like 'wsrep_on'");
  return rows[0]?.Value === 'ON';
};

const table = `create table if not exists leases (
  name varchar(120) not null primary key, holder char(36) not null, until datetime(3) not null)`;
const claim = `insert into leases (name, holder, until) values (:name, :holder, now(3) + interval ${leaseSeconds} second)
  on duplicate key update
    holder = if(until < now(3), values(holder), holder),
    until = if(holder = values(holder), values(until), until)`;

/**
 * Does work under a row that one process of all nodes holds: of two that claim it at once, one is refused when it is
 * certified. Where the holder was killed, the next waits until the row has run out.
 *
 * @throws NotAlone when the others do not get done in ten minutes
 */
export async function leased<T>(db: Knex, name: string, work: () => Promise<T>): Promise<T> {
  const holder = v4();
  await db.raw(table);
  const claimed = async (): Promise<boolean> => {
    try {
      await db.raw(claim, { name, holder });
      return (await db('leases').where({ name }).first('holder'))?.holder === holder;
    } catch (error) {
      if (endedForOthers(error)) return false;
      throw error;
    }
  };
  const last = Date.now() + 1000 * patience;
  while (!(await claimed())) {
    if (Date.now() > last) throw new NotAlone(`Another process has been at it for ten minutes: ${name}`);
    await wait(lookEvery);
  }
  const timer = setInterval(() => void claimed().catch(() => undefined), renewEvery);
  try {
    return await work();
  } finally {
    clearInterval(timer);
    await db('leases')
      .where({ name, holder })
      .delete()
      .catch(() => undefined);
  }
}

/**
 * Does work that only one process at a time may do on this database, whichever node of a cluster each of them is at.
 * Where several come, the others wait. A process that is killed holds up nobody, or in a cluster for a quarter of a minute.
 *
 * @throws NotAlone when the others do not get done in ten minutes
 */
export async function alone<T>(db: Knex, name: string, work: () => Promise<T>): Promise<T> {
  return db.transaction(async (held) => {
    const lock = `concat('wrightonic ${name} ', database())`;
    const [[{ got }]] = await held.raw(
      `set statement max_statement_time = 0 for select get_lock(${lock}, ${patience}) as got`,
    );
    if (got !== 1) throw new NotAlone(`Another process has been at it for ten minutes: ${name}`);
    try {
      return (await isNode(db)) ? await leased(db, name, work) : await work();
    } finally {
      await held.raw(`select release_lock(${lock})`);
    }
  });
}
