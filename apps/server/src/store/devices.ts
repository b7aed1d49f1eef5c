import type { DeviceReading, DeviceRecord, NewDevice, RadarReading } from '@wrightonic/contract';
import { flightOf, readingVelocity } from '@wrightonic/contract';
import type { Flight } from '@wrightonic/core';
import { v7 } from 'uuid';
import type { Academy } from './scope';
import { flightColumns, flightOfRow } from './throws';
import type { DevicesRow, ReadingsRow } from './tables';

export const addDevice = (
  academy: Academy,
  { id, name }: NewDevice,
  keyHash: string,
  by: string,
): Promise<void> => academy.add('devices', { id, name, key_hash: keyHash, at: new Date(), by_person: by });

export const endDevice = (academy: Academy, device: string, id: string, by: string): Promise<void> =>
  academy.add('device_ends', { id, device_id: device, at: new Date(), by_person: by });

export async function deviceById(
  academy: Academy,
  id: string,
): Promise<{ id: string; ended: boolean } | undefined> {
  const row = await academy
    .from('devices', 'd')
    .leftJoin({ e: 'device_ends' }, (join) =>
      join.on('e.academy_id', 'd.academy_id').andOn('e.device_id', 'd.id'),
    )
    .where({ 'd.id': id })
    .first('d.id', 'e.id as end');
  return row && { id: row.id, ended: row.end !== null };
}

/** Newest first. */
export async function devicesOf(academy: Academy): Promise<DeviceRecord[]> {
  const query = academy.from('devices', 'd');
  const rows = await academy
    .join(query, 'people', 'p', 'id', 'd.by_person')
    .leftJoin({ e: 'device_ends' }, (join) =>
      join.on('e.academy_id', 'd.academy_id').andOn('e.device_id', 'd.id'),
    )
    .orderBy('d.at', 'desc')
    .select('d.id', 'd.name', 'd.at', 'p.name as by', 'e.id as ended')
    .select(
      academy.raw(
        '(select r.at from readings r where r.academy_id = d.academy_id and r.device_id = d.id order by r.at desc limit 1) as heard',
      ),
    );
  return rows.map((row: DevicesRow & { by: string; ended: string | null; heard: Date | null }) => ({
    id: row.id,
    name: row.name,
    at: row.at.toISOString(),
    by: row.by,
    ended: row.ended !== null,
    heard: row.heard?.toISOString() ?? null,
  }));
}

const withFlight = (flight: Flight | null | undefined): { flight?: Flight } => (flight ? { flight } : {});

/** Keeps readings in order; answers with those that are new. */
export async function addReadings(
  academy: Academy,
  deviceId: string,
  readings: readonly DeviceReading[],
): Promise<RadarReading[]> {
  const at = new Date();
  const made = readings.map((reading) => ({ reading, id: v7() }));
  const fresh = await academy.addNew(
    'readings',
    made.map(({ reading, id }) => ({
      id,
      device_id: deviceId,
      velocity: readingVelocity(reading),
      read_at: reading.at ? new Date(reading.at) : at,
      at,
      device_ref: reading.ref ?? null,
      ...flightColumns(flightOf(reading)),
    })),
  );
  return made
    .filter(({ id }) => fresh.has(id))
    .map(({ reading, id }) => ({
      id,
      velocity: readingVelocity(reading),
      at: reading.at ?? at.toISOString(),
      ...withFlight(flightOf(reading)),
    }));
}

/** Readings of a device that came after one, no older than a moment, oldest first. */
export async function readingsAfter(
  academy: Academy,
  deviceId: string,
  after: string,
  since: Date,
): Promise<RadarReading[]> {
  const rows = await academy
    .from('readings')
    .where({ device_id: deviceId })
    .where('at', '>=', since)
    .orderBy(['at', 'id']);
  // Ids of version 7 are in order as they are written; how a database orders its own type is its affair.
  return rows
    .map((row: ReadingsRow) => ({
      id: row.id,
      velocity: row.velocity,
      at: row.read_at.toISOString(),
      ...withFlight(flightOfRow(row)),
    }))
    .filter(({ id }: RadarReading) => id > after);
}
