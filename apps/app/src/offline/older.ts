import type { AthletePage, AthletePart, HomeRecord, Lesson, SessionState } from '@wrightonic/contract';
import { answers } from './answers';
import type { Answer } from './shelf';

/*
 * What was kept by an earlier version of the app lacks what came later. It is what there is without a connection, so it
 * is filled up with nothing instead of being thrown away.
 */

const nothingAtHome: HomeRecord = { sets: [], pain: [], games: [] };

const later: Partial<Record<AthletePart, Partial<AthletePage>>> = {
  head: { norms: [] },
  build: { home: nothingAtHome, levels: {}, cues: [] },
  work: { home: nothingAtHome, levels: {}, cues: [], cueCounts: [], drillTotals: [] },
};

export const wholePart = (part: AthletePart, fields: Partial<AthletePage>): Partial<AthletePage> => ({
  ...later[part],
  ...fields,
});

const partOfAthlete = /^(athletes\/[^/]+)\/(look|trace|build|work|prove)$/;

/** An earlier version kept an athlete in one piece, in which every part is found. */
export async function keptByOlder(path: string): Promise<Answer | undefined> {
  const [, whole] = partOfAthlete.exec(path) ?? [];
  const kept = whole === undefined ? undefined : await answers.get(whole);
  return kept && 'looks' in (kept.data as object) ? kept : undefined;
}

/** Whoever is signed in, with the usual units and view where an earlier version knew none. */
export const wholeSession = (state: SessionState): SessionState =>
  state.me
    ? {
        ...state,
        me: { ...state.me, person: { ...usualViews, ...state.me.person } },
      }
    : state;

const usualViews = { sizeUnit: 'us', zoneView: 'pitcher' } as const;

const asPlanned = { instructorId: '', state: 'on', movedFrom: null, series: null, reason: '' } as const;

export const wholeLessons = (lessons: Lesson[]): Lesson[] =>
  lessons.map((lesson) => ({ ...asPlanned, ...lesson }));
