import type { AthletePage, HomeRecord, Lesson, SessionState } from '@wrightonic/contract';

/*
 * What was kept by an earlier version of the app lacks what came later. It is what there is without a connection, so it
 * is filled up with nothing instead of being thrown away.
 */

const nothingAtHome: HomeRecord = { sets: [], pain: [], games: [] };

const later = {
  home: nothingAtHome,
  levels: {},
  cues: [],
  cueCounts: [],
  drillTotals: [],
  norms: [],
} satisfies Partial<AthletePage>;

export const wholePage = (page: AthletePage): AthletePage => ({ ...later, ...page });

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
