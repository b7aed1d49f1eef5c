import { existsSync } from 'node:fs';
import compression from 'compression';
import express, { Router, type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import type { Knex } from 'knex';
import pino, { type Logger } from 'pino';
import { v4 } from 'uuid';
import { csrfProtection, knowPerson, mustBeSignedIn, authSessions } from '../auth/authSession';
import { campHelpersOnly } from '../auth/campHelper';
import { allowedOnly } from '../auth/routeActs';
import { startChores } from '../chores';
import { Mailer } from '../mail/mailer';
import { Parser } from '../parse/parser';
import { settingsOf, type Settings } from '../settings';
import { UnscopedStore } from '../store/academies';
import { upToDate } from '../store/database';
import { keepNothing, keptOf } from '../store/kept';
import { academyRoutes } from './academy';
import { athleteRoutes } from './athletes';
import { campAfterRoutes } from './camps/after';
import { campRoutes } from './camps/camps';
import { campLinkRoutes, openCampRoutes } from './camps/links';
import { drillRoutes, schemaRoutes } from './drills';
import { gameRoutes } from './games';
import { Limits } from './limits';
import { ladderRoutes } from './ladders';
import { feedRoutes, lessonRoutes } from './lessons';
import { logRoutes } from './log';
import { measuredRoutes, pictureRoutes } from './measured';
import { changeFeedRoutes } from './changeFeed';
import { planRoutes } from './plans';
import { provingRoutes } from './proving';
import { photoRoutes } from './photos';
import { profileRoutes } from './athleteProfile';
import { deviceDoor, radarRoutes } from './radar';
import { notHere, refusals } from './httpError';
import { Metrics } from './observed';
import { openReportRoutes, reportRoutes } from './reports';
import { accountRoutes, secondFactorRoutes } from './account';
import { archiveRoutes } from './archives';
import { audited, auditRoutes } from './audit';
import { authSessionRoutes } from './authSession';
import { Entering } from './entering';
import { foundingRoutes, type FoundingOptions } from './founding';
import { removalRoutes } from './removal';
import { invitationRoutes, staffRoutes } from './staff';
import { wayInRoutes } from './wayIn';
import { weeklyLineRoutes } from './weeklyLine';
import { sharedRoutes, shareRoutes } from './shares';
import { Streams } from './streams';
import { peersOf, type Peers } from '../peers/peers';
import { traceRoutes } from './traces';
import { texts } from './texts';

declare module 'express-serve-static-core' {
  interface Request {
    requestId?: string;
  }
}

export interface ServerOptions {
  db: Knex;
  secret: string;
  /** Folder of the built app; the API alone is served without one. */
  app?: string;
  log?: Logger;
  settings?: Settings;
  /** How the first academy is founded. */
  founding?: FoundingOptions;
}

/** A fast level: an answer is small, and whoever waits for it waits for this too. A stream is sent as it comes. */
const compressed = compression({
  level: 3,
  filter: (request, response) => !request.path.endsWith('/stream') && compression.filter(request, response),
});

const documents = express.json({ limit: '1mb' });
const tables = express.json({ limit: '6mb' });
/** Files whose name changes with them, and the joint tracker under its version. */
const hashed = /[-.][0-9a-f]{32}\.|\/tracker\/\d/;

function headers(): express.RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        // The joint tracker is WebAssembly.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        // React Native for Web writes its atomic rules into a style element.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // Clips are opened from the device.
        mediaSrc: ["'self'", 'blob:'],
        fontSrc: ["'self'"],
        // A module of the joint tracker that was kept on the device.
        connectSrc: ["'self'", 'blob:'],
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

/** Each request has an id under which it stands in the log. */
const named: express.RequestHandler = (request, response, next) => {
  request.requestId = v4();
  response.setHeader('x-request-id', request.requestId);
  next();
};

/** An answer that takes longer is given up; a stream is open for as long as it is looked at. */
const longest = 60_000;
const inTime: express.RequestHandler = (request, response, next) => {
  if (!request.path.endsWith('/stream'))
    response.setTimeout(longest, () => {
      if (!response.headersSent) response.status(503).json({ error: texts.tookTooLong });
    });
  next();
};

/** A check of health answers at once, whatever the database does, ms. */
const healthPatience = 800;
const within = <T>(work: Promise<T>, ms: number): Promise<T> =>
  Promise.race([
    work,
    new Promise<never>((_, fail) => setTimeout(() => fail(new Error('late')), ms).unref()),
  ]);

/** How the server stands, for whoever watches over it: it needs no session, and tells nothing of anybody. */
function standing({ db }: UnscopedStore, metrics: express.RequestHandler): Router {
  const routes = Router();
  routes.get('/api/metrics', metrics);
  // Whether requests may be sent here: a server whose tables are of another version waits for them.
  routes.get('/api/ready', async (_request, response) => {
    const ready = await within(upToDate(db), healthPatience).catch(() => false);
    response.status(ready ? 200 : 503).json({ ready });
  });
  routes.get('/api/health', async (_request, response) => {
    const ok = await within(db.raw('select 1'), healthPatience).then(
      () => true,
      () => false,
    );
    response.status(ok ? 200 : 503).json({ ok });
  });
  return routes;
}

/** A server that has not begun to listen. */
export interface Served {
  web: Express;
  /** Ends its threads and what it does by itself; for after the last request. */
  close: () => Promise<void>;
}

interface Parts extends Pick<Peers, 'events' | 'jobs'> {
  unscoped: UnscopedStore;
  limits: Limits;
  streams: Streams;
  parser: Parser;
  metrics: Metrics;
  mailer: Mailer;
  publicUrl: string;
}

/** Everything for whoever is signed in. */
const signedInRoutes = ({
  unscoped,
  events,
  streams,
  jobs,
  limits,
  parser,
  metrics,
  mailer,
  publicUrl,
}: Parts): Router[] => [
  athleteRoutes(),
  logRoutes(metrics.events),
  planRoutes(jobs),
  academyRoutes(unscoped),
  campRoutes(jobs, events),
  campAfterRoutes(),
  campLinkRoutes(),
  drillRoutes(),
  gameRoutes(parser),
  ladderRoutes(),
  lessonRoutes(),
  shareRoutes(),
  traceRoutes(),
  measuredRoutes(),
  pictureRoutes(),
  photoRoutes(),
  profileRoutes(),
  provingRoutes(),
  reportRoutes(),
  radarRoutes(events, streams),
  changeFeedRoutes(events, streams),
  accountRoutes(unscoped, events, limits),
  secondFactorRoutes(limits),
  staffRoutes(unscoped, events),
  invitationRoutes(unscoped, mailer, publicUrl),
  auditRoutes(),
  archiveRoutes(unscoped, parser, events),
  removalRoutes(),
  weeklyLineRoutes(mailer),
];

export async function server({
  db,
  secret,
  app,
  log = pino({ level: 'silent' }),
  settings = settingsOf({}),
  founding = { code: null, loadDemo: async () => undefined },
}: ServerOptions): Promise<Served> {
  const unscoped = new UnscopedStore(db);
  const {
    several,
    events,
    jobs,
    countsOf,
    close: leave,
  } = await peersOf(settings.busUrl, (code) => log.warn({ code }, texts.redisUnreachable));
  // Listens from here on, so that no write goes by unheard; of other servers it hears nothing.
  if (several) keepNothing(db);
  else keptOf(db);
  const limits = new Limits(countsOf);
  const parser = new Parser();
  const streams = new Streams(unscoped, events);
  const metrics = new Metrics(unscoped);
  const mailer = new Mailer(unscoped, settings, log);
  const entering = new Entering(unscoped, settings.demoAlways);
  const endChores = startChores(unscoped, log);
  const { publicUrl } = settings;
  const sessions = authSessions(unscoped, secret, settings.publicUrl.startsWith('https:'));
  const api = Router();
  api.use((_request, response, next) => {
    response.setHeader('cache-control', 'no-store');
    next();
  }, compressed);
  // Instruments have a key and no session.
  api.use(deviceDoor(unscoped, events, limits));
  api.use(
    // Whole tables are taken at once.
    (request, response, next) =>
      (request.path.endsWith('/import') ? tables : documents)(request, response, next),
    sessions.handler,
    knowPerson(unscoped),
    csrfProtection,
  );
  api.use(
    authSessionRoutes(unscoped, events, limits, entering, settings.demoAlways),
    foundingRoutes(unscoped, limits, entering, founding),
    wayInRoutes({ unscoped, events, limits, mailer, entering, publicUrl }),
    sharedRoutes(unscoped, events, limits, publicUrl),
    feedRoutes(unscoped, limits),
    openCampRoutes(unscoped, events, limits),
    openReportRoutes(unscoped, limits),
    schemaRoutes(),
  );
  api.use(
    mustBeSignedIn,
    allowedOnly,
    campHelpersOnly,
    audited(log),
    ...signedInRoutes({ unscoped, events, jobs, limits, streams, parser, metrics, mailer, publicUrl }),
    notHere,
  );

  const web = express();
  web.disable('x-powered-by');
  web.set('trust proxy', settings.trustProxy);
  web.use(named, metrics.observe(log), inTime, headers());
  web.use(standing(unscoped, metrics.answer(settings.metricsToken)));
  web.use('/api', api);
  if (app && existsSync(app)) web.use(page(app));
  web.use(notHere, refusals(log));
  const close = async () => {
    sessions.close();
    endChores();
    await Promise.all([leave(), parser.close(), mailer.close()]);
  };
  return { web, close };
}
