import {
  throwsASet,
  parseDose,
  type DayThrows,
  type DrillBook,
  dayAt,
  homeSetKey,
  nothingAtHome,
  withHome,
  type HomeEvent,
  type HomeEventOf,
  type HomeKind,
  type HomeRecord,
} from '@wrightonic/core';
import type { Academy } from './scope';
import type { HomeGamesRow, HomePainRow, HomeSetsRow } from './tables';

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
  academyRow: AtHome,
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
export async function storeHome(academyRow: AtHome, event: HomeEvent): Promise<void> {
  const received = new Date();
  // A device whose clock runs ahead does nothing in the future.
  const at = new Date(Math.min(Date.parse(event.at), received.getTime()));
  const written = {
    id: event.id,
    athlete_id: academyRow.athleteId,
    share_id: academyRow.shareId,
    at,
    received,
  };
  const store = stores[event.kind] as Store<HomeKind>;
  await store(academyRow, event as never, written, dayAt(at, academyRow.zone));
}

const common = (row: { id: string; at: Date }) => ({ id: row.id, at: row.at.toISOString() });
/** A set as it was ticked, or taken back. */
export const setEvent = (row: HomeSetsRow): HomeEvent => {
  const set = { ...common(row), date: row.date, drill: row.drill, set: row.set_n };
  return row.done
    ? { ...set, kind: 'set-ticked', clean: row.clean, missed: row.missed }
    : { ...set, kind: 'set-unticked' };
};
const painEvent = (row: HomePainRow): HomeEvent => ({
  ...common(row),
  kind: 'pain-marked',
  level: row.level,
  score: row.score,
  site: row.site,
});
const gameEvent = (row: HomeGamesRow): HomeEvent => ({
  ...common(row),
  kind: 'game-pitched',
  date: row.date,
  pitches: row.pitches,
  title: row.title,
});

/**
 * What was done at home from a day on: the record for people, and the throws of it for the limits. What the newest word
 * makes of all before it is said once, for the page behind a link and for here.
 */
export async function homeOf(
  academy: Academy,
  athleteId: string,
  since: string,
  zone: string,
): Promise<{ record: HomeRecord; throws: DayThrows[] }> {
  const rows = (table: 'home_sets' | 'home_pain' | 'home_games', from: string) =>
    academy
      .from(table)
      .where({ athlete_id: athleteId })
      .where(from, '>=', since)
      .orderBy([{ column: 'at' }, { column: 'received' }, { column: 'id' }]);
  const [ticked, pain, played]: [HomeSetsRow[], HomePainRow[], HomeGamesRow[]] = await Promise.all([
    rows('home_sets', 'done_on'),
    rows('home_pain', 'date'),
    rows('home_games', 'date'),
  ]);
  const record = withHome(
    nothingAtHome,
    [...ticked.map(setEvent), ...pain.map(painEvent), ...played.map(gameEvent)],
    (at) => dayAt(new Date(at), zone),
  );
  const cost = new Map(
    ticked.map((row) => [homeSetKey({ date: row.date, drill: row.drill, set: row.set_n }), row]),
  );
  return {
    record,
    throws: [
      ...record.sets.flatMap((set): DayThrows[] => {
        const { throws, effort } = cost.get(homeSetKey(set))!;
        return throws > 0 ? [{ date: set.doneOn, count: throws, kind: 'practice', effort }] : [];
      }),
      ...record.games.map(({ date, pitches }): DayThrows => ({ date, count: pitches, kind: 'game' })),
    ],
  };
}
