import {
  check,
  deviceEnd,
  deviceReadings,
  newDevice,
  simulatedLine,
  simulatedWish,
  type MadeDevice,
  type RadarReading,
} from '@wrightonic/contract';
import { addDays, dayAt, fromMph } from '@wrightonic/core';
import { rng, pretendThrow, type RadarModel } from '@wrightonic/core/simulate';
import type { Session } from 'better-sse';
import express, { Router } from 'express';
import { v7 } from 'uuid';
import type { SignedIn } from '../auth/authSession';
import type { UnscopedStore } from '../store/academies';
import { athlete } from '../store/athletes';
import { addDevice, addReadings, deviceById, devicesOf, endDevice, readingsAfter } from '../store/devices';
import { Academy } from '../store/scope';
import { velocityDays } from '../store/state/velocities';
import { lookBack } from './athletePage';
import type { EventBus } from '../peers/eventBus';
import { body, orNotFound, pathId, currentUser } from './input';
import { HttpError } from './httpError';
import type { Streams } from './streams';
import type { Limits } from './limits';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

/** Older readings are of throws that were logged by hand long ago, ms. */
const stillFresh = 120_000;
/** A pretend athlete throws every so often, ms. */
const usualPause = 9_000;

const topicOf = (academyId: string, device: string): string => `readings ${academyId} ${device}`;

/** The open door for instruments: one JSON document a line, with the key of the device. Nobody is signed in here. */
export function deviceDoor(unscoped: UnscopedStore, events: EventBus, limits: Limits): Router {
  const routes = Router();
  routes.post(
    '/readings',
    limits.misses('readings', texts.tooManyBadReadings),
    express.text({ type: () => true, limit: '64kb' }),
    async (request, response) => {
      const [, key] = /^Bearer (\S{20,100})$/.exec(request.get('authorization') ?? '') ?? [];
      const device = key && (await unscoped.device(hashOf(key)));
      if (!device) throw new HttpError(401, texts.sendTheKey);
      const read = deviceReadings(typeof request.body === 'string' ? request.body : '');
      if (read.problems)
        throw new HttpError(422, read.problems.map(({ message }) => message).join('; '), read.problems);
      const fresh = await addReadings(new Academy(unscoped.db, device.academyId), device.id, read.readings);
      for (const reading of fresh) events.publish(topicOf(device.academyId, device.id), reading);
      response.status(201).json({ taken: fresh.length });
    },
  );
  return routes;
}

const send = (stream: Session, reading: RadarReading): unknown =>
  stream.isConnected && stream.push(reading, 'reading', reading.id);

/** Passes on what a device sends, and first what was missed while the line was down. */
async function follow(
  { academy }: SignedIn,
  device: string,
  events: EventBus,
  stream: Session,
): Promise<void> {
  const waiting: RadarReading[] = [];
  let caughtUp = false;
  const leave = events.subscribe<RadarReading>(topicOf(academy.id, device), (reading) =>
    caughtUp ? send(stream, reading) : waiting.push(reading),
  );
  stream.once('disconnected', leave);
  const sent = new Set<string>();
  if (stream.lastId)
    for (const reading of await readingsAfter(
      academy,
      device,
      stream.lastId,
      new Date(Date.now() - stillFresh),
    )) {
      sent.add(reading.id);
      send(stream, reading);
    }
  caughtUp = true;
  for (const reading of waiting) if (!sent.has(reading.id)) send(stream, reading);
}

/** How an athlete throws lately; somebody of whom nothing is known throws as a beginner. */
async function profileOf({ academy, academyRow }: SignedIn, athleteId: string): Promise<RadarModel> {
  const since = addDays(dayAt(new Date(), academyRow.zone), -lookBack);
  const newest = (await velocityDays(academy, { athletes: [athleteId], since })).get(athleteId)?.at(-1);
  return newest
    ? { usual: newest.usual, robustSd: Math.max(newest.robustSd, fromMph(0.6)) }
    : { usual: fromMph(45), robustSd: fromMph(1.5) };
}

/** Throws for as long as somebody looks, and now and then the line drops out. */
function pretend(radarModel: RadarModel, effort: number, every: number, stream: Session, end: () => void) {
  const random = rng(Date.now() & 0x7fffffff);
  const running = new Set<NodeJS.Timeout>();
  const later = (ms: number, work: () => void) => {
    const timer = setTimeout(() => {
      running.delete(timer);
      work();
    }, ms);
    running.add(timer);
  };
  const next = (): void => {
    const { readings, dropsOut } = pretendThrow(radarModel, effort, random);
    for (const { after, velocity } of readings)
      later(Math.min(after, every / 2), () =>
        send(stream, { id: v7(), velocity, at: new Date().toISOString() }),
      );
    later(every * (0.8 + 0.4 * random.unit()), dropsOut ? end : next);
  };
  later(every / 3, next);
  stream.once('disconnected', () => {
    for (const timer of running) clearTimeout(timer);
  });
}

/** Devices, and the lines along which their readings come. */
export function radarRoutes(events: EventBus, streams: Streams): Router {
  const routes = Router();
  routes.get('/devices', async (request, response) => {
    response.json(await devicesOf(currentUser(request).academy));
  });
  routes.post('/devices', async (request, response) => {
    const { academy, person } = currentUser(request);
    const device = body(request, newDevice);
    if (await deviceById(academy, device.id)) throw new HttpError(409, texts.deviceIsKnown);
    const key = newSecret();
    await addDevice(academy, device, hashOf(key), person.id);
    const made: MadeDevice = { id: device.id, key };
    response.status(201).json(made);
  });
  routes.post('/devices/:id/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = body(request, deviceEnd);
    const device = orNotFound(await deviceById(academy, pathId(request)), 'device');
    await endDevice(academy, device.id, id, person.id);
    response.status(201).json({ id });
  });
  routes.get(`/radar/${simulatedLine}/stream`, async (request, response) => {
    const signedIn = currentUser(request);
    // Pretend throws must never stand among real ones.
    if (!signedIn.academyRow.demo) throw new HttpError(404, texts.simulatedLineIsOnly);
    const { value, problems } = check(simulatedWish, request.query);
    if (problems) throw new HttpError(422, problems.map(({ message }) => message).join('; '), problems);
    const { id } = orNotFound(await athlete(signedIn.academy, value.athlete), 'athlete');
    const radarModel = await profileOf(signedIn, id);
    const every = value.every ? Number(value.every) : usualPause;
    pretend(radarModel, Number(value.effort), every, await streams.start(request, response), () =>
      response.end(),
    );
  });
  routes.get('/radar/:id/stream', async (request, response) => {
    const signedIn = currentUser(request);
    const device = orNotFound(await deviceById(signedIn.academy, pathId(request)), 'device');
    if (device.ended) throw new HttpError(404, texts.deviceWasTakenOut);
    await follow(signedIn, device.id, events, await streams.start(request, response));
  });
  return routes;
}
