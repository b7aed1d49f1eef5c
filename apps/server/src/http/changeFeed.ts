import { Router } from 'express';
import type { EventBus } from '../peers/eventBus';
import { currentUser } from './input';
import { RecentChanges, type Change } from './recentChanges';
import type { Streams } from './streams';

const topic = 'change feed';

const publish = (events: EventBus, change: Change): void => events.publish(topic, change);

/** Something of an athlete changed without anybody of the academy doing it. */
export const publishChange = (events: EventBus, academyId: string, athleteId: string): void =>
  publish(events, { to: academyId, event: 'athlete', data: { athleteId } });

/** A camp was changed or planned anew: whoever has its board before them reads it again. */
export const publishCamp = (events: EventBus, academyId: string, campId: string): void =>
  publish(events, { to: academyId, event: 'camp', data: { campId } });

/** What somebody may do changed: their devices ask anew. */
export const publishPerson = (events: EventBus, personId: string): void =>
  publish(events, { to: personId, event: 'me', data: {} });

/**
 * Says of whom something changed; what it is is read as ever. A page reads before its stream is open: what was told in
 * between is told to it once more.
 */
export function changeFeedRoutes(events: EventBus, streams: Streams): Router {
  const routes = Router();
  const recent = new RecentChanges();
  events.subscribe<Change>(topic, (change) => recent.add(change));
  routes.get('/change-feed/stream', async (request, response) => {
    const { academy, person } = currentUser(request);
    const stream = await streams.start(request, response);
    const tell = ({ to, event, data }: Change): void => {
      if ((to === academy.id || to === person.id) && stream.isConnected) stream.push(data, event);
    };
    recent.all().forEach(tell);
    stream.once('disconnected', events.subscribe(topic, tell));
  });
  return routes;
}
