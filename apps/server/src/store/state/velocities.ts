import { areAlike, betweenSessions, type SpanEnds } from '@wrightonic/core';
import { sessionVelocities, type SessionVelocity } from '@wrightonic/core/velocity';
import { inBatches, type Academy } from '../scope';
import type { ThrowsRow, VelocityDaysRow } from '../tables';

/** A throw as far as it is counted and measured. */
export type CountedThrow = Pick<ThrowsRow, 'date' | 'velocity' | 'effort' | 'pitch' | 'ball_g' | 'source'> & {
  kind: 'game' | 'practice';
};

/** What sessions have in common that can be set against each other. */
const keyOf = ({ effort, pitch, ball }: SessionVelocity['like']): string => `${effort} ${ball} ${pitch}`;

const velocityOf = ({
  date,
  n,
  top,
  usual,
  robust_sd,
  step,
  simulated,
  effort,
  pitch,
  ball_g,
}: VelocityDaysRow): SessionVelocity => ({
  date,
  n,
  top,
  usual,
  robustSd: robust_sd,
  step,
  simulated,
  like: { effort, pitch, ball: ball_g },
});

/** Velocity of each day on which it was measured, by athlete and in order of the days; of some athletes or of all. */
export async function velocityDays(
  academy: Academy,
  { athletes, since, until }: { athletes?: readonly string[]; since?: string; until?: string },
): Promise<Map<string, SessionVelocity[]>> {
  const query = academy.from('velocity_days');
  if (athletes) query.whereIn('athlete_id', athletes as string[]);
  if (since) query.where('date', '>=', since);
  if (until) query.where('date', '<=', until);
  const rows: VelocityDaysRow[] = await query.orderBy(['athlete_id', 'date']);
  const byAthlete = new Map<string, SessionVelocity[]>();
  for (const row of rows) {
    const days = byAthlete.get(row.athlete_id) ?? [];
    days.push(velocityOf(row));
    byAthlete.set(row.athlete_id, days);
  }
  return byAthlete;
}

/** Keeps anew how far the sessions of an athlete wander, of those that have something in common. */
async function keepWander(academy: Academy, athleteId: string, keys: ReadonlySet<string>): Promise<void> {
  if (keys.size === 0) return;
  const own = { athlete_id: athleteId };
  await academy
    .counted('velocity_wander')
    .where(own)
    .whereIn('like_key', [...keys])
    .delete();
  const rows: VelocityDaysRow[] = await academy
    .from('velocity_days')
    .where({ ...own, alike: true })
    .whereIn('like_key', [...keys])
    .orderBy('date');
  const byKey = new Map<string, SessionVelocity[]>();
  for (const row of rows) byKey.set(row.like_key, [...(byKey.get(row.like_key) ?? []), velocityOf(row)]);
  await inBatches(
    academy,
    'velocity_wander',
    [...byKey].map(([like_key, sessions]) => ({
      ...own,
      like_key,
      between_sessions: betweenSessions(sessions),
    })),
  );
}

/**
 * Keeps the velocity of an athlete's days anew.
 *
 * @param throws of those days, in time order
 * @param days all of them when left out
 */
export async function keepVelocities(
  academy: Academy,
  athleteId: string,
  throws: readonly CountedThrow[],
  days?: readonly string[],
): Promise<void> {
  const own = { athlete_id: athleteId };
  const before = academy.from('velocity_days').where(own);
  const gone = academy.counted('velocity_days').where(own);
  if (days) for (const query of [before, gone]) query.whereIn('date', days as string[]);
  const keys = new Set<string>(await before.distinct().pluck('like_key'));
  if (keys.size) await gone.delete();
  const sessions = sessionVelocities(
    throws.map(({ ball_g, source, ...row }) => ({ ...row, ball: ball_g, simulated: source === 'simulated' })),
  );
  await inBatches(
    academy,
    'velocity_days',
    sessions.map(({ date, robustSd, like, ...figures }) => ({
      ...own,
      date,
      ...figures,
      robust_sd: robustSd,
      effort: like.effort,
      pitch: like.pitch,
      ball_g: like.ball,
      like_key: keyOf(like),
      alike: areAlike({ ...figures, robustSd }),
    })),
  );
  for (const { like } of sessions) keys.add(keyOf(like));
  await keepWander(academy, athleteId, keys);
}

interface Span {
  athlete_id: string;
  like_key: string;
  first: string;
  last: string;
  n: number;
  simulated: number;
}

/** So many days are looked up in one question. */
const lookedUp = 500;

/**
 * What is compared of each athlete's velocity over a span, and how many sessions of it are alike. Of all the rows only
 * those at both ends are read.
 */
export async function spanEndsOf(
  academy: Academy,
  from: string,
  to: string,
): Promise<Map<string, SpanEnds & { sessions: number }>> {
  const newestDay = academy.from('velocity_days').where('date', '<=', to).groupBy('athlete_id');
  const newest: Pick<VelocityDaysRow, 'athlete_id' | 'like_key'>[] = await academy
    .from('velocity_days', 'v')
    .join(newestDay.select('athlete_id').max({ date: 'date' }).as('m'), (join) =>
      join.on('m.athlete_id', 'v.athlete_id').andOn('m.date', 'v.date'),
    )
    .select('v.athlete_id', 'v.like_key');
  const spans: Span[] = await academy
    .from('velocity_days')
    .where({ alike: true })
    .whereBetween('date', [from, to])
    .groupBy('athlete_id', 'like_key')
    .select('athlete_id', 'like_key')
    .min({ first: 'date' })
    .max({ last: 'date' })
    .count({ n: '*' })
    .sum({ simulated: 'simulated' });
  const wander: { athlete_id: string; like_key: string; between_sessions: number }[] = await academy
    .from('velocity_wander')
    .select('athlete_id', 'like_key', 'between_sessions');
  const key = (row: { athlete_id: string; like_key: string }) => `${row.athlete_id} ${row.like_key}`;
  const spanOf = new Map(spans.map((span) => [key(span), span]));
  const wanderOf = new Map(wander.map((row) => [key(row), row.between_sessions]));
  const compared = newest.flatMap((row) => spanOf.get(key(row)) ?? []);
  const wanted = compared.flatMap(({ athlete_id, first, last }) => [
    [athlete_id, first],
    ...(last === first ? [] : [[athlete_id, last]]),
  ]);
  const ends = new Map<string, SessionVelocity>();
  for (let n = 0; n < wanted.length; n += lookedUp) {
    const rows: VelocityDaysRow[] = await academy
      .from('velocity_days')
      .whereIn(['athlete_id', 'date'], wanted.slice(n, n + lookedUp) as never);
    for (const row of rows) ends.set(`${row.athlete_id} ${row.date}`, velocityOf(row));
  }
  return new Map(
    compared.map((span) => [
      span.athlete_id,
      {
        first: ends.get(`${span.athlete_id} ${span.first}`) ?? null,
        last: ends.get(`${span.athlete_id} ${span.last}`) ?? null,
        simulated: Number(span.simulated),
        between: wanderOf.get(key(span)) ?? betweenSessions([]),
        sessions: Number(span.n),
      },
    ]),
  );
}
