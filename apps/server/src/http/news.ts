import { Router } from 'express';
import type { Hub } from './hub';
import { who } from './input';
import type { Streams } from './streams';

const topicOf = (academyId: string): string => `news ${academyId}`;

/** Something of an athlete changed without anybody of the academy doing it. */
export const tellNews = (hub: Hub, academyId: string, athleteId: string): void =>
  hub.tell(topicOf(academyId), athleteId);

/** Says of whom there is news; what it is is read as ever. */
export function newsRoutes(hub: Hub, streams: Streams): Router {
  const routes = Router();
  routes.get('/news/stream', async (request, response) => {
    const { academy } = who(request);
    const stream = await streams.start(request, response);
    const leave = hub.listen<string>(topicOf(academy.id), (athleteId) => {
      if (stream.isConnected) stream.push({ athleteId }, 'athlete');
    });
    stream.once('disconnected', leave);
  });
  return routes;
}
