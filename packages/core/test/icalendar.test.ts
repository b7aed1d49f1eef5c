import { readGames } from '../src/formats/icalendar';

const window = { from: '2026-06-01', until: '2027-05-31', zone: 'America/Chicago' };
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const calendar = (...parts: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...parts, 'END:VCALENDAR', ''].join('\r\n');
const read = (...parts: string[]) => readGames(calendar(...parts), window);
const days = (...parts: string[]) => read(...parts).games.map(({ date }) => date);

/** Five hours behind the world's time, all year. */
const zone = [
  'BEGIN:VTIMEZONE',
  'TZID:League',
  'BEGIN:STANDARD',
  'DTSTART:19700101T000000',
  'TZOFFSETFROM:-0500',
  'TZOFFSETTO:-0500',
  'END:STANDARD',
  'END:VTIMEZONE',
].join('\r\n');

it.each([
  [
    'a late game in the world’s time is on the evening before at the venue',
    'DTSTART:20260610T023000Z',
    '2026-06-09',
  ],
  ['a time without a zone is taken as it is written', 'DTSTART:20260610T233000', '2026-06-10'],
  ['a whole day is that day', 'DTSTART;VALUE=DATE:20260610', '2026-06-10'],
  ['a zone that the file brings is followed', 'DTSTART;TZID=League:20260610T003000', '2026-06-10'],
])('%s', (_, start, date) => {
  expect(days(zone, event('UID:1', 'SUMMARY:Away', start))).toEqual([date]);
});

it('does not follow a zone that only another calendar brought', () => {
  const late = event('UID:1', 'DTSTART;TZID=League:20260610T233000');
  expect(days(zone.replaceAll('-0500', '+0900'), late)).toEqual(['2026-06-10']);
  expect(
    days(zone.replaceAll('-0500', '+0900'), event('UID:1', 'DTSTART;TZID=League:20260610T030000')),
  ).toEqual(['2026-06-09']);
  expect(days(event('UID:1', 'DTSTART;TZID=League:20260610T030000'))).toEqual(['2026-06-10']);
});

describe('an event that repeats', () => {
  const weekly = ['UID:w', 'SUMMARY:Home', 'DTSTART:20260606T150000Z', 'RRULE:FREQ=WEEKLY;COUNT=4'];
  const one = (...lines: string[]) => event('UID:w', 'RECURRENCE-ID:20260613T150000Z', ...lines);

  it('is every one of its days', () => {
    expect(days(event(...weekly))).toEqual(['2026-06-06', '2026-06-13', '2026-06-20', '2026-06-27']);
  });
  it('leaves out what was taken out, moves what was moved, and passes over what was called off', () => {
    expect(days(event(...weekly, 'EXDATE:20260620T150000Z'))).toEqual([
      '2026-06-06',
      '2026-06-13',
      '2026-06-27',
    ]);
    const moved = days(event(...weekly), one('DTSTART:20260615T150000Z'));
    expect(moved).toEqual(['2026-06-06', '2026-06-15', '2026-06-20', '2026-06-27']);
    const off = read(event(...weekly), one('DTSTART:20260613T150000Z', 'STATUS:CANCELLED'));
    expect(off.games.map(({ date }) => date)).toEqual(['2026-06-06', '2026-06-20', '2026-06-27']);
    expect(off.passedOver.cancelled).toBe(1);
  });
  it('ends with the window, however long it goes on', () => {
    const endless = read(event('UID:d', 'DTSTART:20260501T150000Z', 'RRULE:FREQ=WEEKLY'));
    expect(endless.passedOver.before).toBe(5);
    expect(endless.games.at(-1)!.date).toBe('2027-05-28');
  });
  it('keeps a single day whose whole event is not in the file', () => {
    expect(days(one('DTSTART:20260613T150000Z'))).toEqual(['2026-06-13']);
  });
});

it('counts what it passes over', () => {
  const { games, passedOver } = read(
    event('UID:1', 'DTSTART:20260101T100000Z'),
    event('UID:2', 'DTSTART:20280101T100000Z'),
    event('UID:3', 'DTSTART:20260701T100000Z', 'STATUS:CANCELLED'),
    event('UID:4', 'SUMMARY:No start'),
    ...Array.from({ length: 401 }, (_, n) => event(`UID:g${n}`, 'DTSTART:20260801T100000Z')),
  );
  expect(games).toHaveLength(400);
  expect(passedOver).toEqual({ before: 1, after: 1, cancelled: 1, unreadable: 1, beyond: 1 });
});

it.each(['', 'nothing', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nEND:VCALENDAR'])(
  'refuses what is no calendar: %j',
  (text) => {
    expect(() => readGames(text, window)).toThrow(/iCalendar file/);
  },
);
