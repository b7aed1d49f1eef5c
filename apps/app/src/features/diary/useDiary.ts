import type { Lesson } from '@wrightonic/contract';
import { useMemo } from 'react';
import { withLessonChanges } from '../../offline/lessons';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppSelector } from '../../store/store';
import { selectEntries } from '../../store/selectors';

/** Lessons of some days, with what was changed on this device. */
export function useDiary(from: string, days: number) {
  const { data, error, refetch } = lazyEndpoints.useDiaryQuery({ from, days }, { skip: from === '' });
  const entries = useAppSelector(selectEntries);
  const lessons = useMemo(
    (): Lesson[] | undefined => data && withLessonChanges(data, entries),
    [data, entries],
  );
  return { lessons, error, again: () => void refetch() };
}
