import { dayAt } from '@wrightonic/core';
import type { EventOf, ScreenRecord, ScreenTryRecord } from '@wrightonic/contract';
import { parsed, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { ScreensRow } from './tables';

export const storeScreen = {
  'screen-begun': (academy: Academy, event: EventOf<'screen-begun'>, by: string) =>
    academy.add('screens', {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      zone: event.zone,
      date: dayAt(new Date(event.at), event.zone),
    }),
  'screen-try': (academy: Academy, event: EventOf<'screen-try'>, by: string) =>
    academy.add('screen_tries', {
      ...loggedBy(event, by),
      screen_id: event.screenId,
      test: event.test,
      side: event.side,
      n: event.n,
      value: event.value,
      pain: event.pain,
      tool: event.tool ?? null,
      parts: event.parts ? JSON.stringify(event.parts) : null,
      retest: event.retest ?? false,
    }),
  'screen-finished': (academy: Academy, event: EventOf<'screen-finished'>, by: string) =>
    academy.add('screen_ends', { ...loggedBy(event, by), screen_id: event.screenId }),
};

/** Newest first; of each try the newest entry. */
export async function screensOf(academy: Academy, athleteId: string, limit = 50): Promise<ScreenRecord[]> {
  const query = academy.from('screens', 's').where({ 's.athlete_id': athleteId });
  academy.join(query, 'people', 'p', 'id', 's.by_person');
  const rows = await query
    .leftJoin({ e: 'screen_ends' }, (join) =>
      join.on('e.academy_id', 's.academy_id').andOn('e.screen_id', 's.id'),
    )
    .orderBy([
      { column: 's.at', order: 'desc' },
      { column: 's.id', order: 'desc' },
    ])
    .limit(limit)
    .select('s.id', 's.date', 'p.name as by', 'e.id as ended');
  if (rows.length === 0) return [];
  const ids = rows.map((row: { id: string }) => row.id);
  const entries = await academy.from('screen_tries').whereIn('screen_id', ids).orderBy('id');
  const byScreen = new Map<string, Map<string, ScreenTryRecord>>(
    ids.map((id: string) => [id, new Map<string, ScreenTryRecord>()]),
  );
  for (const { screen_id, test, side, n, value, pain, tool, parts: read, retest } of entries)
    byScreen.get(screen_id)!.set(`${test} ${side} ${n} ${retest}`, {
      test,
      side,
      n,
      value,
      pain: Boolean(pain),
      ...(tool ? { tool } : {}),
      ...(read ? { parts: parsed<[number, number]>(read) } : {}),
      ...(retest ? { retest: true as const } : {}),
    });
  return rows.map((row: ScreensRow & { by: string; ended: string | null }) => ({
    id: row.id,
    date: row.date,
    by: row.by,
    finished: row.ended !== null,
    tries: [...byScreen.get(row.id)!.values()].filter(({ value, pain }) => value !== null || pain),
  }));
}
