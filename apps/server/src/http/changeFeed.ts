import { Router } from 'express';
import type { EventBus } from '../peers/eventBus';
import { currentUser } from './input';
import type { Streams } from './streams';

const topicOf = (academyId: string): string => `change-feed ${academyId}`;

/** Something of an athlete changed without anybody of the academy doing it. */
export const publishChange = (events: EventBus, academyId: string, athleteId: string): void =>
  events.publish(topicOf(academyId), athleteId);

const campTopicOf = (academyId: string): string => `camps ${academyId}`;

/** A camp was changed or planned anew: whoever has its board before them reads it again. */
export const publishCamp = (events: EventBus, academyId: string, campId: string): void =>
  events.publish(campTopicOf(academyId), campId);

const personTopicOf = (personId: string): string => `person ${personId}`;

/** What somebody may do changed: their devices ask anew. */
export const publishPerson = (events: EventBus, personId: string): void =>
  events.publish(personTopicOf(personId), personId);

/** Says of whom something changed; what it is is read as ever. */
export function changeFeedRoutes(events: EventBus, streams: Streams): Router {
  const routes = Router();
  routes.get('/change-feed/stream', async (request, response) => {
    const { academy, person } = currentUser(request);
    const stream = await streams.start(request, response);
    const leave = events.subscribe<string>(topicOf(academy.id), (athleteId) => {
      if (stream.isConnected) stream.push({ athleteId }, 'athlete');
    });
    const leaveCamps = events.subscribe<string>(campTopicOf(academy.id), (campId) => {
      if (stream.isConnected) stream.push({ campId }, 'camp');
    });
    const leavePerson = events.subscribe<string>(personTopicOf(person.id), () => {
      if (stream.isConnected) stream.push({}, 'me');
    });
    stream.once('disconnected', () => {
      leave();
      leaveCamps();
      leavePerson();
    });
  });
  return routes;
}
