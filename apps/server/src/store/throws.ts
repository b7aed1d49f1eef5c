import type { EventOf, ImportedThrow, ThrowRecord } from '@wrightonic/contract';
import {
  missOf,
  type Flight,
  type Hand,
  type Missed,
  type MissSide,
  dayAt,
  venueInstant,
} from '@wrightonic/core';
import { inBatches, missingParent, notUndone, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { SpotEventsRow, ThrowsRow } from './tables';

export async function storePitch(academy: Academy, event: EventOf<'pitch'>, by: string): Promise<void> {
  const athlete = await academy.from('athletes').where({ id: event.athleteId }).first('throws');
  if (!athlete) throw missingParent('no athlete');
  const { aim, arrived } = event;
  const sides =
    aim && arrived
      ? missOf({ x: aim[0], y: aim[1] }, { x: arrived[0], y: arrived[1] }, athlete.throws as Hand)
      : null;
  await academy.add('throws', {
    ...loggedBy(event, by),
    athlete_id: event.athleteId,
    session_id: null,
    date: dayAt(new Date(event.at), event.zone),
    drill: null,
    velocity: event.velocity,
    effort: event.effort,
    pitch: event.pitch,
    ball_g: event.ballG,
    kind: event.type,
    source: 'chart',
    distance_m: event.distanceM,
    aim_x: aim?.[0] ?? null,
    aim_y: aim?.[1] ?? null,
    arrived_x: arrived?.[0] ?? null,
    arrived_y: arrived?.[1] ?? null,
    sides: sides && sides.join('+'),
    ...flightColumns(event.flight),
  });
}

/** Takes a whole table or nothing of it; sending it twice adds nothing. */
export async function importThrows(
  academy: Academy,
  athleteId: string,
  throws: readonly ImportedThrow[],
  zone: string,
  by: string,
): Promise<void> {
  await academy.transaction((trx) =>
    inBatches(
      trx,
      'throws',
      throws.map((thrown, n) => {
        const at = venueInstant(thrown.date, (thrown.time || '12:00').slice(0, 5), zone);
        // Rows without a time, or of the same minute, keep their order.
        const seconds = Number(thrown.time.slice(6, 8) || 0);
        return {
          id: thrown.id,
          at: new Date(at.getTime() + seconds * 1000 + (n % 1000)),
          by_person: by,
          athlete_id: athleteId,
          session_id: null,
          date: thrown.date,
          drill: null,
          velocity: thrown.velocity,
          effort: thrown.effort,
          pitch: thrown.pitch,
          ball_g: thrown.ballG,
          kind: thrown.kind,
          source: 'import',
          sides: thrown.sides && thrown.sides.join('+'),
          ...flightColumns(thrown.flight),
        };
      }),
    ),
  );
}

/** Spin and movement as columns, and back. */
export const flightColumns = ({ spinRpm, spinAxis, armCm, upCm }: Flight = {}) => ({
  spin_rpm: spinRpm ?? null,
  spin_axis: spinAxis ?? null,
  break_h_cm: armCm ?? null,
  break_v_cm: upCm ?? null,
});

export function flightOfRow(row: Pick<ThrowsRow, keyof ReturnType<typeof flightColumns>>): Flight | null {
  const flight: Flight = {
    ...(row.spin_rpm === null ? {} : { spinRpm: row.spin_rpm }),
    ...(row.spin_axis === null ? {} : { spinAxis: row.spin_axis }),
    ...(row.break_h_cm === null ? {} : { armCm: row.break_h_cm }),
    ...(row.break_v_cm === null ? {} : { upCm: row.break_v_cm }),
  };
  return Object.keys(flight).length ? flight : null;
}

/** The sides to which a row missed, as they are kept: joined, and empty for a hit. */
export const sidesOf = ({ sides }: Pick<ThrowsRow, 'sides'>): MissSide[] =>
  (sides as string).split('+').filter(Boolean) as MissSide[];

const place = (x: number | null, y: number | null): [number, number] | null =>
  x === null || y === null ? null : [x, y];

const columns = [
  'id',
  'session_id',
  'at',
  'date',
  'velocity',
  'effort',
  'pitch',
  'ball_g',
  'kind',
  'distance_m',
  'aim_x',
  'aim_y',
  'arrived_x',
  'arrived_y',
  'sides',
  'source',
  'rep_id',
  'spin_rpm',
  'spin_axis',
  'break_h_cm',
  'break_v_cm',
].map((column) => `t.${column}`);

/** What was thrown from a day on and not taken back, in time order. */
export async function throwsOf(academy: Academy, athleteId: string, since: string): Promise<ThrowRecord[]> {
  const query = academy.from('throws', 't').where({ 't.athlete_id': athleteId }).where('t.date', '>=', since);
  const charted = academy.from('spot_events', 'c');
  academy
    .join(charted, 'sessions', 's', 'id', 'c.session_id')
    .where({ 's.athlete_id': athleteId })
    .where('s.date', '>=', since);
  const [rows, spots] = await Promise.all([
    notUndone(query, 't').orderBy(['t.at', 't.id']).select(columns),
    notUndone(charted, 'c').orderBy(['c.at', 'c.id']).select('c.rep_id', 'c.sides'),
  ]);
  // A throw at a called spot says where it went by its rep.
  const bySpot = new Map<string, Missed[]>(spots.map((row: SpotEventsRow) => [row.rep_id, sidesOf(row)]));
  return rows.map((row: ThrowsRow) => ({
    id: row.id,
    session: row.session_id,
    at: row.at.toISOString(),
    date: row.date,
    velocity: row.velocity,
    effort: row.effort,
    pitch: row.pitch,
    ball: row.ball_g,
    kind: row.kind,
    simulated: row.source === 'simulated',
    distanceM: row.distance_m,
    aim: place(row.aim_x, row.aim_y),
    arrived: place(row.arrived_x, row.arrived_y),
    sides: row.sides === null ? (row.rep_id && bySpot.get(row.rep_id)) || null : sidesOf(row),
    flight: flightOfRow(row),
  }));
}

export type PlainThrow = Pick<
  ThrowRecord,
  'date' | 'velocity' | 'effort' | 'pitch' | 'ball' | 'kind' | 'simulated' | 'arrived'
>;

/** The same, with what figures need and nothing else: a page reads thousands of them. */
export async function plainThrowsOf(
  academy: Academy,
  athleteId: string,
  since: string,
): Promise<PlainThrow[]> {
  const query = academy.from('throws', 't').where({ 't.athlete_id': athleteId }).where('t.date', '>=', since);
  const rows = await notUndone(query, 't')
    .orderBy(['t.at', 't.id'])
    .select(
      't.date',
      't.velocity',
      't.effort',
      't.pitch',
      't.ball_g as ball',
      't.kind',
      't.source',
      't.arrived_x',
      't.arrived_y',
    );
  return rows.map(({ arrived_x, arrived_y, source, ...row }: ThrowsRow) => ({
    ...row,
    simulated: source === 'simulated',
    arrived: place(arrived_x, arrived_y),
  }));
}

/** How many throws of a day have a pretend velocity. */
export async function simulatedOn(academy: Academy, athleteId: string, date: string): Promise<number> {
  const query = academy
    .from('throws', 't')
    .where({ 't.athlete_id': athleteId, 't.date': date, 't.source': 'simulated' });
  const row = await notUndone(query, 't').count({ n: '*' }).first();
  return Number(row?.n ?? 0);
}
