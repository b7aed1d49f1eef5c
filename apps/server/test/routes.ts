import type { Express } from 'express';

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  name: string;
  handle: { stack?: Layer[] };
}

/** Every route that the server has, read from the server itself, so that none can be forgotten. */
export function routesOf(app: Express): [method: string, path: string][] {
  const walk = (stack: Layer[]): [string, string][] =>
    stack.flatMap(({ route, handle }) =>
      route
        ? Object.keys(route.methods).map((method): [string, string] => [
            method.toUpperCase(),
            String(route.path),
          ])
        : handle.stack
          ? walk(handle.stack)
          : [],
    );
  return walk((app as unknown as { router: { stack: Layer[] } }).router.stack);
}

const things: Record<string, string> = {
  plans: 'plan',
  looks: 'look',
  clips: 'clip',
  injuries: 'injury',
  pictures: 'picture',
  shares: 'share',
  reports: 'report',
  devices: 'device',
  radar: 'device',
  camps: 'camp',
  people: 'person',
  invitations: 'invitation',
  deletions: 'deletion',
};
/** What the id in a path is of, by its name among the things of the tests. */
export const thingIn = (path: string): string => things[path.split('/')[1]!] ?? 'athlete';
