import type { HomeEvent, HomeEventOf, HomeKind, HomeRecord } from '@wrightonic/contract';
import { throwsASet, parseDose, type DayThrows, type DrillBook } from '@wrightonic/core';
import type { Academy } from './scope';
import { venueDay } from './venueDay';

/** Whose page it is, and by which link. */
export interface AtHome {
  academy: Academy;
  athleteId: string;
  shareId: string;
  zone: string;
  book: DrillBook;
  /** Doses of the assigned week, by drill and day. */
  doseOf: (drill: string, date: string) => string | undefined;
}

type Common = Record<string, unknown> & { athlete_id: string };
type Store<K extends HomeKind> = (
  home: AtHome,
  event: HomeEventOf<K>,
  common: Common,
  day: string,
) => Promise<void>;

const setRow = (event: Pick<HomeEventOf<'set-ticked'>, 'date' | 'drill' | 'set'>) => ({
  date: event.date,
  drill: event.drill,
  set_n: event.set,
});

const stores: { [K in HomeKind]: Store<K> } = {
  'set-ticked': ({ academy, book, doseOf }, event, common, day) => {
    const drill = book.drill(event.drill);
    const dose = parseDose(doseOf(event.drill, event.date) ?? drill?.dose ?? '1x1');
    return academy.add('home_sets', {
      ...common,
      ...setRow(event),
      done: true,
      clean: event.clean,
      missed: event.missed,
      done_on: day,
      throws: drill ? throwsASet(drill, dose) : 0,
      effort: drill?.effort?.to ?? null,
    });
  },
  'set-unticked': ({ academy }, event, common, day) =>
    academy.add('home_sets', { ...common, ...setRow(event), done: false, done_on: day, throws: 0 }),
  'pain-marked': ({ academy }, { level, score, site }, common, day) =>
    academy.add('home_pain', { ...common, date: day, level, score, site }),
  'game-pitched': ({ academy }, { date, pitches, title }, common) =>
    academy.add('home_games', { ...common, date, pitches, title }),
};

/** Stores what was logged at home; sending it twice adds nothing. */
export async function storeHome(home: AtHome, event: HomeEvent): Promise<void> {
  const received = new Date();
  // A device whose clock runs ahead does nothing in the future.
  const at = new Date(Math.min(Date.parse(event.at), received.getTime()));
  const common = { id: event.id, athlete_id: home.athleteId, share_id: home.shareId, at, received };
  const store = stores[event.kind] as Store<HomeKind>;
  await store(home, event as never, common, venueDay(at, home.zone));
}

type Row = Record<string, any>;
const newestOf = (rows: readonly Row[], key: (row: Row) => string): Row[] => [
  ...new Map(rows.map((row) => [key(row), row])).values(),
];

/** Sets as the newest word on each leaves them; one whose reps were counted later was done when it was ticked first. */
function doneSets(rows: readonly Row[]): Row[] {
  const sets = new Map<string, Row>();
  for (const row of rows) {
    const key = `${row['date']} ${row['drill']} ${row['set_n']}`;
    const before = sets.get(key);
    if (!row['done']) sets.delete(key);
    else sets.set(key, before ? { ...row, at: before['at'], done_on: before['done_on'] } : row);
  }
  return [...sets.values()];
}

/** What was done at home from a day on: the record for people, and the throws of it for the limits. */
export async function homeOf(
  academy: Academy,
  athleteId: string,
  since: string,
): Promise<{ record: HomeRecord; throws: DayThrows[] }> {
  const rows = (table: string, from: string): Promise<Row[]> =>
    academy
      .from(table)
      .where({ athlete_id: athleteId })
      .where(from, '>=', since)
      .orderBy([{ column: 'at' }, { column: 'received' }, { column: 'id' }]);
  const [ticked, pain, played] = await Promise.all([
    rows('home_sets', 'done_on'),
    rows('home_pain', 'date'),
    rows('home_games', 'date'),
  ]);
  const sets = doneSets(ticked);
  const games = newestOf(played, (row) => `${row['date']} ${row['title']}`).filter(
    (row) => row['pitches'] > 0,
  );
  return {
    record: {
      sets: sets.map((row) => ({
        date: row['date'],
        drill: row['drill'],
        set: row['set_n'],
        clean: row['clean'],
        missed: row['missed'],
        at: row['at'].toISOString(),
        doneOn: row['done_on'],
        late: row['done_on'] > row['date'],
      })),
      pain: pain.map((row) => ({
        date: row['date'],
        at: row['at'].toISOString(),
        level: row['level'],
        score: row['score'],
        site: row['site'],
      })),
      games: games.map((row) => ({ date: row['date'], pitches: row['pitches'], title: row['title'] })),
    },
    throws: [
      ...sets
        .filter((row) => row['throws'] > 0)
        .map((row): DayThrows => ({
          date: row['done_on'],
          count: row['throws'],
          kind: 'practice',
          effort: row['effort'],
        })),
      ...games.map((row): DayThrows => ({ date: row['date'], count: row['pitches'], kind: 'game' })),
    ],
  };
}
