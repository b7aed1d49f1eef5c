import type { MailRecord } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { UnscopedStore } from './academies';
import type { Academy } from './scope';
import type { MailsRow } from './tables';

/** A mail as somebody wants it sent. */
export interface NewMail {
  id?: string;
  to: string;
  kind: 'invitation' | 'reset' | 'week';
  subject: string;
  body: string;
  athleteId?: string;
  by?: string;
}

export const addMail = (academy: Academy, mail: NewMail, simulated: boolean): Promise<void> => {
  const at = new Date();
  return academy.add('mails', {
    id: mail.id ?? v7(),
    to_address: mail.to,
    kind: mail.kind,
    subject: mail.subject,
    body: mail.body,
    athlete_id: mail.athleteId ?? null,
    by_person: mail.by ?? null,
    at,
    next_at: simulated ? null : at,
    simulated,
  });
};

export const mailById = (academy: Academy, id: string): Promise<{ id: string } | undefined> =>
  academy.from('mails').where({ id }).first('id');

/** Newest first. */
export async function mails(academy: Academy, atMost: number): Promise<MailRecord[]> {
  const rows: MailsRow[] = await academy.from('mails').orderBy('at', 'desc').limit(atMost);
  return rows.map((row) => ({
    id: row.id,
    to: row.to_address,
    subject: row.subject,
    body: row.body,
    at: row.at.toISOString(),
    sentAt: row.sent_at?.toISOString() ?? null,
    simulated: Boolean(row.simulated),
    problem: row.problem,
  }));
}

const minute = 60_000;
/** An invitation works for so long, and no other link that is mailed works longer, days. */
const bodyDays = 7;
/** As long as one process has for a mail that it took, before another may try. */
const claim = 5 * minute;
/** After so many failures nobody tries any more: about two days. */
const mostTries = 10;

/** What is due, taken so that no other process takes it too. */
export async function takeDue({ db }: UnscopedStore, now: Date, atMost = 20): Promise<MailsRow[]> {
  const due = await db('mails')
    .whereNull('sent_at')
    .where('next_at', '<=', now)
    .orderBy('next_at')
    .limit(atMost);
  const taken: MailsRow[] = [];
  for (const row of due) {
    const mine = await db('mails')
      .where({ academy_id: row.academy_id, id: row.id, tries: row.tries })
      .whereNull('sent_at')
      .update({ next_at: new Date(now.getTime() + claim), tries: row.tries + 1 });
    if (mine) taken.push(row);
  }
  return taken;
}

/** What simulated mails said is kept no longer than the links in them work. */
export const forgetOldMail = ({ db }: UnscopedStore, now: Date): Promise<number> =>
  db('mails')
    .where({ simulated: 1 })
    .whereNot({ body: '' })
    .where('at', '<', new Date(now.getTime() - bodyDays * 24 * 60 * minute))
    .update({ body: '' });

type Key = Pick<MailsRow, 'academy_id' | 'id'>;

/** It went out: what it said is not kept here as well. */
export const sent = ({ db }: UnscopedStore, { academy_id, id }: Key): Promise<number> =>
  db('mails').where({ academy_id, id }).update({ sent_at: new Date(), next_at: null, body: '', problem: '' });

/** It did not go out: tried again after twice as long each time, and given up at last. */
export const failed = (
  { db }: UnscopedStore,
  { academy_id, id, tries }: Pick<MailsRow, 'academy_id' | 'id' | 'tries'>,
  problem: string,
  now: Date,
): Promise<number> =>
  db('mails')
    .where({ academy_id, id })
    .update({
      problem: problem.slice(0, 200),
      next_at: tries + 1 >= mostTries ? null : new Date(now.getTime() + minute * 2 ** (tries + 1)),
    });
