import { dayAt } from '@wrightonic/core';
import type {
  ClipRecord,
  DrawingRecord,
  EventOf,
  MotionTaken,
  PictureQuery,
  PictureRecord,
} from '@wrightonic/contract';
import type { ClipEvent } from '@wrightonic/core';
import { v7 } from 'uuid';
import { parsed, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type {
  ClipDrawingsRow,
  ClipMarksRow,
  ClipMotionsRow,
  ClipPicturesRow,
  ClipSettingsRow,
  ClipsRow,
} from './tables';

type Told = Pick<EventOf<'clip-told'>, 'fps' | 'captureFps' | 'view' | 'square'>;
const settings = ({ fps, captureFps, view, square }: Told) => ({
  fps,
  capture_fps: captureFps,
  view,
  square,
});

export const storeClip = {
  'clip-opened': (academy: Academy, event: EventOf<'clip-opened'>, by: string) =>
    academy.transaction(async (trx) => {
      const { id, name, size, hash, seconds, width, height, athleteId, zone, at } = event;
      const known = await trx.from('clips').where({ id }).first('id');
      if (known) return;
      const date = dayAt(new Date(at), zone);
      await trx.add('clips', {
        ...loggedBy(event, by),
        athlete_id: athleteId,
        zone,
        date,
        name,
        size,
        hash,
        seconds,
        width,
        height,
      });
      await trx.add('clip_settings', { ...loggedBy({ id: v7(), at }, by), clip_id: id, ...settings(event) });
    }),
  'clip-told': (academy: Academy, event: EventOf<'clip-told'>, by: string) =>
    academy.add('clip_settings', { ...loggedBy(event, by), clip_id: event.clipId, ...settings(event) }),
  'clip-mark': (academy: Academy, event: EventOf<'clip-mark'>, by: string) =>
    academy.add('clip_marks', {
      ...loggedBy(event, by),
      clip_id: event.clipId,
      event: event.event,
      time_s: event.time,
    }),
  'clip-drawing': (academy: Academy, event: EventOf<'clip-drawing'>, by: string) =>
    academy.add('clip_drawings', {
      ...loggedBy(event, by),
      clip_id: event.clipId,
      drawing: event.drawing,
      kind: event.type,
      time_s: event.time,
      points: event.points && JSON.stringify(event.points),
      measure: event.measure,
      length_cm: event.lengthCm,
    }),
  'clip-motion': (academy: Academy, event: EventOf<'clip-motion'>, by: string) =>
    academy.transaction(async (trx) => {
      const { clipId, throws, offers, figures, motion, markers } = event;
      const body: MotionTaken = { throws, offers, figures, motion };
      await trx.add('clip_motions', { ...loggedBy(event, by), clip_id: clipId, body: JSON.stringify(body) });
      if (markers)
        await trx.add('marker_sheets', { ...loggedBy(event, by), markers: JSON.stringify(markers) });
    }),
};

const motionOf = (row: ClipMotionsRow | undefined): MotionTaken | null => (row ? JSON.parse(row.body) : null);

/** Newest first, each with its newest marks and drawings. */
export async function clipsOf(academy: Academy, athleteId: string, limit = 100): Promise<ClipRecord[]> {
  const query = academy.from('clips', 'c').where({ 'c.athlete_id': athleteId });
  academy.join(query, 'people', 'p', 'id', 'c.by_person');
  const rows = await query
    .orderBy([
      { column: 'c.at', order: 'desc' },
      { column: 'c.id', order: 'desc' },
    ])
    .limit(limit)
    .select('c.*', 'p.name as by');
  if (rows.length === 0) return [];
  const ids = rows.map((row: { id: string }) => row.id);
  const allOf = (table: 'clip_settings' | 'clip_marks' | 'clip_drawings' | 'clip_motions') =>
    academy.from(table).whereIn('clip_id', ids).orderBy('id');
  const [recorded, marks, drawings, motions]: [
    ClipSettingsRow[],
    ClipMarksRow[],
    ClipDrawingsRow[],
    ClipMotionsRow[],
  ] = await Promise.all([
    allOf('clip_settings'),
    allOf('clip_marks'),
    allOf('clip_drawings'),
    allOf('clip_motions'),
  ]);
  const of = <R extends { clip_id: string }>(list: readonly R[], id: string): R[] =>
    list.filter((row) => row.clip_id === id);
  return rows.map((row: ClipsRow & { by: string }) => {
    const newest = of(recorded, row.id).at(-1)!;
    const marked: Partial<Record<ClipEvent, number>> = {};
    for (const { event, time_s } of of(marks, row.id) as { event: ClipEvent; time_s: number | null }[])
      if (time_s === null) delete marked[event];
      else marked[event] = time_s;
    const drawn = new Map<string, DrawingRecord>();
    for (const each of of(drawings, row.id))
      if (each.points === null) drawn.delete(each.drawing);
      else
        drawn.set(each.drawing, {
          id: each.drawing,
          type: each.kind,
          time: each.time_s,
          points: parsed(each.points),
          measure: each.measure,
          lengthCm: each.length_cm,
        });
    return {
      id: row.id,
      date: row.date,
      by: row.by,
      name: row.name,
      size: Number(row.size),
      hash: row.hash,
      seconds: row.seconds,
      width: row.width,
      height: row.height,
      fps: newest['fps'],
      captureFps: newest['capture_fps'],
      view: newest['view'],
      square: Boolean(newest['square']),
      marks: marked,
      drawings: [...drawn.values()],
      motion: motionOf(of(motions, row.id).at(-1)),
    };
  });
}

export const clip = async (academy: Academy, id: string): Promise<{ id: string } | null> =>
  (await academy.from('clips').where({ id }).first('id')) ?? null;

export const addPicture = (
  academy: Academy,
  clipId: string,
  { id, time, note }: PictureQuery,
  png: Buffer,
  by: string,
): Promise<void> =>
  academy.add('clip_pictures', {
    ...loggedBy({ id, at: new Date().toISOString() }, by),
    clip_id: clipId,
    time_s: time,
    note,
    png,
  });

export async function pictureBytes(academy: Academy, id: string): Promise<Buffer | null> {
  const row = await academy.from('clip_pictures').where({ id }).first('png');
  return row?.png ?? null;
}

export const showPicture = (academy: Academy, id: string, shown: boolean): Promise<number> =>
  academy.change('clip_pictures', id, { shown });

/** Without their bytes, newest first. */
export async function picturesOf(academy: Academy, athleteId: string): Promise<PictureRecord[]> {
  const query = academy.from('clip_pictures', 'x');
  academy.join(query, 'clips', 'c', 'id', 'x.clip_id');
  const rows = await query
    .where({ 'c.athlete_id': athleteId })
    .orderBy('x.id', 'desc')
    .select('x.id', 'x.clip_id', 'x.time_s', 'x.note', 'x.shown', 'c.date');
  return rows.map((row: ClipPicturesRow & { date: string }) => ({
    id: row.id,
    clipId: row.clip_id,
    time: row.time_s,
    note: row.note,
    shown: Boolean(row.shown),
    date: row.date,
  }));
}
