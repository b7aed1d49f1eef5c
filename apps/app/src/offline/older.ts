import type { AthletePage, HomeRecord, Lesson } from '@wrightonic/contract';

/*
 * What was kept by an earlier version of the app lacks what came later. It is what there is without a connection, so it
 * is filled up with nothing instead of being thrown away.
 */

const nothingAtHome: HomeRecord = { sets: [], pain: [], games: [] };

export const wholePage = (page: AthletePage): AthletePage => ({ ...page, home: page.home ?? nothingAtHome });

const asPlanned = { instructorId: '', state: 'on', movedFrom: null, series: null, reason: '' } as const;

export const wholeLessons = (lessons: Lesson[]): Lesson[] =>
  lessons.map((lesson) => ({ ...asPlanned, ...lesson }));
