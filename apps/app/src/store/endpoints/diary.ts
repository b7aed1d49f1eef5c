import type { DayAlerts, Lesson, MadeFeed, NewLesson } from '@wrightonic/contract';
import { readingLessons } from '../../offline/acknowledged';
import type { Build, Made } from './build';

/** Lessons of all days, and what the day asks for. */
export const diaryEndpoints = (build: Build) => {
  return {
    addLesson: build.mutation<Made, NewLesson>({
      query: (body) => ({ url: 'lessons', method: 'POST', body }),
      invalidatesTags: ['Lessons'],
    }),
    diary: build.query<Lesson[], { from: string; days: number }>({
      query: ({ from, days }) => `lessons?from=${from}&days=${days}`,
      providesTags: ['Lessons'],
      onQueryStarted: readingLessons,
    }),
    day: build.query<DayAlerts, void>({
      query: () => 'day',
      providesTags: ['Roster'],
      keepUnusedDataFor: 0,
    }),
    makeFeed: build.mutation<MadeFeed, { id: string }>({
      query: (body) => ({ url: 'feeds', method: 'POST', body }),
    }),
  };
};
