import { flawCases, historyOf, nodesFor, type Discipline, type FlawCase } from '@wrightonic/core';
import { looksOf } from '../looks';
import { inBatches, type Academy } from '../scope';
import type { FlawCasesRow } from '../tables';

/** Finds the cases of an athlete's flaws anew, by the finished looks as they stand. */
export async function findCases(academy: Academy, athleteId: string): Promise<void> {
  const athlete: { discipline: Discipline } | undefined = await academy
    .from('athletes')
    .where({ id: athleteId })
    .first('discipline');
  if (!athlete) return;
  const looks = (await looksOf(academy, athleteId)).filter(({ finished }) => finished);
  const flaws = nodesFor(athlete.discipline).filter(({ type }) => type === 'flaw');
  const { timeline } = historyOf(
    looks,
    flaws.map(({ id }) => id),
  );
  await academy.counted('flaw_cases').where({ athlete_id: athleteId }).delete();
  await inBatches(
    academy,
    'flaw_cases',
    flawCases(timeline).map(({ flaw, seenOn, clearedOn, lastOn }) => ({
      athlete_id: athleteId,
      flaw,
      seen_on: seenOn,
      cleared_on: clearedOn,
      last_on: lastOn,
    })),
  );
}

/** All cases of an academy, athlete by athlete. */
export async function casesOf(academy: Academy): Promise<(FlawCase & { athlete: string })[]> {
  const rows: FlawCasesRow[] = await academy.from('flaw_cases').orderBy(['athlete_id', 'flaw']);
  return rows.map(({ athlete_id, flaw, seen_on, cleared_on, last_on }) => ({
    athlete: athlete_id,
    flaw,
    seenOn: seen_on,
    clearedOn: cleared_on,
    lastOn: last_on,
  }));
}
