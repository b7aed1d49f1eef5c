import { whomOf } from '@wrightonic/core';
import { type AthletePage } from '@wrightonic/contract';
import { useMemo } from 'react';
import { useStoredAthlete } from '../../store/useAthlete';

const noEdits: AthletePage['norms'] = [];

/** Whom the values of the athlete of the path are set against, in the academy's own table. */
export function useWhom(athlete: AthletePage['athlete']): ReturnType<typeof whomOf> {
  const { page } = useStoredAthlete('head');
  const edits = page?.norms ?? noEdits;
  return useMemo(() => whomOf(athlete, edits), [athlete, edits]);
}
