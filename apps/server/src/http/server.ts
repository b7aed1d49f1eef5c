import { existsSync } from 'node:fs';
import express, { Router, type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import type { Knex } from 'knex';
import pino, { type Logger } from 'pino';
import { csrf, knowPerson, mustBeSignedIn, webSession } from '../auth/session';
import { Doorkeeper } from '../store/academies';
import { academyRoutes } from './academy';
import { athleteRoutes } from './athletes';
import { drillRoutes, schemaRoutes } from './drills';
import { gameRoutes } from './games';
import { Hub } from './hub';
import { ladderRoutes } from './ladders';
import { feedRoutes, lessonRoutes } from './lessons';
import { logRoutes } from './log';
import { measuredRoutes } from './measured';
import { newsRoutes } from './news';
import { planRoutes } from './plans';
import { profileRoutes } from './profile';
import { deviceDoor, radarRoutes } from './radar';
import { notHere, refusals } from './refused';
import { sessionRoutes } from './session';
import { sharedRoutes, shareRoutes } from './shares';
import { WeekSolver } from '../solver/weeks';
import { traceRoutes } from './traces';

export interface ServerOptions {
  db: Knex;
  secret: string;
  /** Folder of the built app; the API alone is served without one. */
  app?: string;
  log?: Logger;
}

const documents = express.json({ limit: '1mb' });
const tables = express.json({ limit: '6mb' });
const hashed = /[-.][0-9a-f]{32}\./;

function headers(): express.RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // React Native for Web writes its atomic rules into a style element.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // Clips are opened from the device.
        mediaSrc: ["'self'", 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        upgradeInsecureRequests: null,
      },
    },
    // On loopback there is no TLS to insist on; a proxy in front adds it.
    strictTransportSecurity: false,
  });
}

function page(app: string): Router {
  const routes = Router();
  routes.use(
    expressStaticGzip(app, {
      enableBrotli: true,
      orderPreference: ['br'],
      index: false,
      serveStatic: {
        cacheControl: false,
        setHeaders: (response, path) => {
          response.setHeader(
            'cache-control',
            hashed.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
          );
        },
      },
    }),
  );
  // Every other path is a screen of the app.
  routes.get(/^(?!\/api\/)[^.]*$/, (_request, response) => {
    response.setHeader('cache-control', 'no-cache');
    response.sendFile('index.html', { root: app });
  });
  return routes;
}

export function server({ db, secret, app, log = pino({ level: 'silent' }) }: ServerOptions): Express {
  const door = new Doorkeeper(db);
  // Its thread ends with the process.
  const solver = new WeekSolver();
  const hub = new Hub();
  const api = Router();
  api.use((_request, response, next) => {
    response.setHeader('cache-control', 'no-store');
    next();
  });
  // Instruments have a key and no session.
  api.use(deviceDoor(door, hub));
  api.use(
    // Whole tables are taken at once.
    (request, response, next) =>
      (request.path.endsWith('/import') ? tables : documents)(request, response, next),
    webSession(door, secret),
    knowPerson(door),
    csrf.csrfSynchronisedProtection,
  );
  api.use(sessionRoutes(door), sharedRoutes(door, hub), feedRoutes(door), schemaRoutes());
  api.use(
    mustBeSignedIn,
    athleteRoutes(),
    logRoutes(),
    planRoutes(solver),
    academyRoutes(door),
    drillRoutes(),
    gameRoutes(),
    ladderRoutes(),
    lessonRoutes(),
    shareRoutes(),
    traceRoutes(),
    measuredRoutes(),
    profileRoutes(),
    radarRoutes(hub),
    newsRoutes(hub),
    notHere,
  );

  const whole = express();
  whole.disable('x-powered-by');
  whole.use(headers());
  whole.get('/api/health', async (_request, response) => {
    await db.raw('select 1');
    response.json({ ok: true });
  });
  whole.use('/api', api);
  if (app && existsSync(app)) whole.use(page(app));
  whole.use(notHere, refusals(log));
  return whole;
}
