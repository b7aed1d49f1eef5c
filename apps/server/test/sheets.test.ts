import { addDays } from '@wrightonic/core';
import { createHash } from 'node:crypto';
import ICAL from 'ical.js';
import { v7 } from 'uuid';
import { fixtures, weekOf } from './fixtures';
import { browser } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
let athlete: string;
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
  athlete = set.theirs['athlete']!;
  const { plan } = (await set.owner.whole(athlete)).body;
  const drills = plan.threads[0].stages
    .slice(0, 3)
    .flatMap(({ drills: each }: { drills: { drill: string }[] }) => each.map(({ drill }) => drill));
  await set.owner.post(
    `/plans/${plan.id}/assignments`,
    weekOf(today, [today, addDays(today, 2)], [...new Set(drills)] as string[]),
  );
});
afterAll(() => set.here.end());

const share = async (days = 30) =>
  (await set.owner.post(`/athletes/${athlete}/shares`, { id: v7(), days })).body as {
    id: string;
    token: string;
  };

describe('a link', () => {
  it('opens one athlete’s week without signing in, and tells nothing else', async () => {
    const { token } = await share();
    expect(Buffer.from(token, 'base64url').length).toBe(24);
    const stranger = browser(set.here);
    const { status, body } = await stranger.get(`/shared/${token}`);
    expect(status).toBe(200);
    expect(body).toMatchObject({ givenName: 'Wren', throws: 'R', academy: expect.any(String), from: today });
    expect(body.days.filter(({ items }: { items: object[] }) => items.length)).toHaveLength(2);
    const text = JSON.stringify(body);
    for (const secret of ['Ablethorpe', 'birthdate', 'guardians', 'history', athlete])
      expect(text).not.toContain(secret);
  });

  it('keeps no secret in the database that would open it', async () => {
    const { id, token } = await share();
    const row = await set.here.db('shares').where({ id }).first();
    expect(JSON.stringify(row)).not.toContain(token);
    expect(row!.token_hash).toBe(createHash('sha256').update(token).digest('hex'));
    expect((await set.owner.post(`/athletes/${athlete}/shares`, { id, days: 30 })).status).toBe(409);
  });

  it('leads nowhere when it was taken back, ran out, or was guessed', async () => {
    const { id, token } = await share();
    const stranger = browser(set.here);
    expect((await set.owner.post(`/shares/${id}/end`, { id: v7() })).status).toBe(201);
    const late = await share();
    await set.here
      .db('shares')
      .where({ id: late.id })
      .update({ expires_at: new Date(Date.now() - 1000) });
    for (const dead of [token, late.token, 'x'.repeat(32)]) {
      for (const path of ['', '/app.webmanifest', '/week.pdf', '/week.ics'])
        expect([
          dead,
          path,
          (await stranger.get(`/shared/${encodeURIComponent(dead)}${path}`)).status,
        ]).toEqual([dead, path, 404]);
    }
    const open = (await set.owner.get(`/athletes/${athlete}/shares`)).body;
    expect(open.find((each: { id: string }) => each.id === id)).toMatchObject({ ended: true });
  });

  it.each([0, 181, 1.5, '30'])('for %p days is refused', async (days) => {
    const answer = await set.owner.post(`/athletes/${athlete}/shares`, { id: v7(), days });
    expect([answer.status, answer.body.fields[0].field]).toEqual([422, 'days']);
  });
});

describe('the week on paper and in a calendar', () => {
  it('is one page', async () => {
    const { token } = await share();
    const answer = await browser(set.here).raw(`/shared/${token}/week.pdf`);
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const text = Buffer.from(await answer.arrayBuffer()).toString('latin1');
    expect(text.slice(0, 5)).toBe('%PDF-');
    expect(text.match(/\/Type \/Page\b/g)).toHaveLength(1);
  });

  it('is an entry for each day with drills, the same whenever it is asked for', async () => {
    const { token } = await share();
    const calendar = async () => (await browser(set.here).raw(`/shared/${token}/week.ics`)).text();
    const events = new ICAL.Component(ICAL.parse(await calendar()))
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));
    expect(events.map(({ startDate }) => startDate.toString())).toEqual([today, addDays(today, 2)]);
    expect(events[0]!.summary).toMatch(/^Wren: \d+ drills/);
    expect(events[0]!.description).toContain('Stop for pain.');
    const again = new ICAL.Component(ICAL.parse(await calendar())).getAllSubcomponents('vevent');
    expect(again.map((each) => new ICAL.Event(each).uid)).toEqual(events.map(({ uid }) => uid));
  });
});

describe('games of a calendar', () => {
  const event = (n: number, start: string, more = '') =>
    `BEGIN:VEVENT\r\nUID:g${n}\r\nDTSTART${start}\r\nSUMMARY:Otters at Terns ${n}\r\n${more}END:VEVENT\r\n`;
  const file = (...events: string[]) =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${events.join('')}END:VCALENDAR\r\n`;
  const read = (text: string) => set.owner.post(`/athletes/${athlete}/games/import`, { text });
  const plain = (day: string) => day.replaceAll('-', '');

  it('are read, kept once, and make the day a game day', async () => {
    const text = file(
      event(1, `;VALUE=DATE:${plain(addDays(today, 3))}`),
      event(2, `:${plain(addDays(today, 4))}T230000Z`),
      event(3, `;VALUE=DATE:${plain(addDays(today, 5))}`, 'STATUS:CANCELLED\r\n'),
      event(4, `;VALUE=DATE:${plain(addDays(today, -5))}`),
    );
    const { games, passedOver } = (await read(text)).body;
    expect(games.map(({ uid }: { uid: string }) => uid)).toEqual(['g1', 'g2']);
    expect(passedOver).toEqual({ before: 1, after: 0, cancelled: 1, unreadable: 0, beyond: 0 });
    const body = { games: games.map((game: object) => ({ id: v7(), ...game })) };
    for (let n = 0; n < 2; n++)
      expect((await set.owner.post(`/athletes/${athlete}/games`, body)).status).toBe(201);
    const twice = { games: games.map((game: object) => ({ id: v7(), ...game })) };
    await set.owner.post(`/athletes/${athlete}/games`, twice);
    const { upcoming } = (await set.owner.whole(athlete)).body;
    expect(upcoming.filter(({ kind }: { kind: string }) => kind === 'game')).toHaveLength(2);
  });

  it('repeat, and 5,000 of them are read', async () => {
    const weekly = file(
      event(1, `;VALUE=DATE:${plain(addDays(today, 1))}`, 'RRULE:FREQ=WEEKLY;COUNT=4\r\n'),
      // The second of them is moved by a day.
      event(
        1,
        `;VALUE=DATE:${plain(addDays(today, 9))}`,
        `RECURRENCE-ID;VALUE=DATE:${plain(addDays(today, 8))}\r\n`,
      ),
    );
    expect((await read(weekly)).body.games.map(({ date }: { date: string }) => date)).toEqual(
      [1, 9, 15, 22].map((n) => addDays(today, n)),
    );
    const many = file(
      ...Array.from({ length: 5000 }, (_, n) => event(n, `;VALUE=DATE:${plain(addDays(today, n % 360))}`)),
    );
    const { status, body } = await read(many);
    expect([status, body.games.length, body.passedOver.beyond]).toEqual([200, 400, 4600]);
  });

  it.each([
    ['an empty one', '', 'text'],
    ['a letter', 'Dear league', 'is not an iCalendar file'],
    ['half of one', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID', 'broken'],
  ])('are refused in words from %s', async (_, text, words) => {
    const { status, body } = await read(text);
    expect([status, body.fields[0].field]).toEqual([422, 'text']);
    expect(body.error).toContain(words);
  });

  it('leave out an event that cannot be read, and take the others', async () => {
    const { body } = await read(
      file(event(1, ':sometime'), event(2, `;VALUE=DATE:${plain(addDays(today, 2))}`)),
    );
    expect(body.games.map(({ uid }: { uid: string }) => uid)).toEqual(['g2']);
  });
});
