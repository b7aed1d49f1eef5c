import type { PainSite } from '../catalogue';
import { isHard } from '../safety';
import type { SheetDay } from './sheet';

interface Logged {
  id: string;
  at: string;
}

/** What is logged on the page behind a link: by the athlete, or whoever is at home. Nobody is signed in there. */
export type HomeEvent =
  | (Logged & {
      kind: 'set-ticked';
      /** The day for which the set was assigned. */
      date: string;
      drill: string;
      /** From 1. */
      set: number;
      /** Reps, where somebody counted them. */
      clean: number | null;
      missed: number | null;
    })
  | (Logged & { kind: 'set-unticked'; date: string; drill: string; set: number })
  | (Logged & {
      kind: 'pain-marked';
      level: 'none' | 'soreness' | 'pain';
      /** 0 to 10, for soreness. */
      score: number | null;
      site: PainSite | null;
    })
  /** Pitches of a game, of whatever team; the newest word on a day and a name counts. */
  | (Logged & { kind: 'game-pitched'; date: string; pitches: number; title: string });

export type HomeKind = HomeEvent['kind'];
export type HomeEventOf<K extends HomeKind> = Extract<HomeEvent, { kind: K }>;

/** A set that was done at home. */
export interface HomeSet {
  date: string;
  drill: string;
  set: number;
  clean: number | null;
  missed: number | null;
  at: string;
  /** The day on which it was done. */
  doneOn: string;
  /** It was done after its day. */
  late: boolean;
}

export interface HomePain {
  date: string;
  at: string;
  level: 'none' | 'soreness' | 'pain';
  score: number | null;
  site: PainSite | null;
}

export interface HomeGame {
  date: string;
  pitches: number;
  title: string;
}

/** What was done at home lately, oldest first. */
export interface HomeRecord {
  sets: HomeSet[];
  pain: HomePain[];
  games: HomeGame[];
}

export const nothingAtHome: HomeRecord = { sets: [], pain: [], games: [] };

/**
 * Names a set: the newest word on it counts.
 *
 * @example homeSetKey({ date: '2026-05-01', drill: 'hip-snap', set: 2 }) // '2026-05-01 hip-snap 2'
 */
export const homeSetKey = ({ date, drill, set }: Pick<HomeSet, 'date' | 'drill' | 'set'>): string =>
  `${date} ${drill} ${set}`;

/**
 * A record with more events laid over it, in their order.
 *
 * @param dayOf the day at the venue on which something happened
 * @example withHome(nothingAtHome, [], (at) => at) // { sets: [], pain: [], games: [] }
 */
export function withHome(
  record: HomeRecord,
  events: readonly HomeEvent[],
  dayOf: (at: string) => string,
): HomeRecord {
  const sets = new Map(record.sets.map((set) => [homeSetKey(set), set]));
  const games = new Map(record.games.map((game) => [`${game.date} ${game.title}`, game]));
  const pain = [...record.pain];
  for (const event of events)
    switch (event.kind) {
      case 'set-ticked': {
        const { date, drill, set, clean, missed, at } = event;
        // Reps that are counted later change nothing about when it was done.
        const { at: doneAt, doneOn } = sets.get(homeSetKey(event)) ?? { at, doneOn: dayOf(at) };
        sets.set(homeSetKey(event), {
          date,
          drill,
          set,
          clean,
          missed,
          at: doneAt,
          doneOn,
          late: doneOn > date,
        });
        break;
      }
      case 'set-unticked':
        sets.delete(homeSetKey(event));
        break;
      case 'pain-marked': {
        const { at, level, score, site } = event;
        pain.push({ date: dayOf(at), at, level, score, site });
        break;
      }
      case 'game-pitched': {
        const { date, pitches, title } = event;
        games.set(`${date} ${title}`, { date, pitches, title });
      }
    }
  return { sets: [...sets.values()], pain, games: [...games.values()].filter(({ pitches }) => pitches > 0) };
}

/**
 * What was ticked and entered here for today and is not in the page’s own figure, hard and easy throws apart.
 *
 * @example throwsAtHome({ home: nothingAtHome, days: [] }, nothingAtHome, monday) // { hard: 0, easy: 0 }
 */
export function throwsAtHome(
  page: { home: HomeRecord; days: readonly SheetDay[] },
  home: HomeRecord,
  today: string,
): { hard: number; easy: number } {
  const known = new Set(page.home.sets.map(({ date, drill, set }) => `${date} ${drill} ${set}`));
  const items = new Map(
    page.days.flatMap(({ date, items }) => items.map((item) => [`${date} ${item.drill}`, item] as const)),
  );
  const sum = { hard: 0, easy: 0 };
  for (const { date, drill, set, doneOn } of home.sets) {
    const item = items.get(`${date} ${drill}`);
    if (!item || doneOn !== today || known.has(`${date} ${drill} ${set}`)) continue;
    sum[isHard({ effort: item.effort, kind: 'practice' }) ? 'hard' : 'easy'] += item.throws / item.sets;
  }
  const pitches = (of: HomeRecord) =>
    of.games.filter(({ date }) => date === today).reduce((all, game) => all + game.pitches, 0);
  return {
    hard: Math.round(sum.hard) + pitches(home) - pitches(page.home),
    easy: Math.round(sum.easy),
  };
}
