import { createSession, type Session } from 'better-sse';
import type { Request, Response } from 'express';
import type { UnscopedStore } from '../store/academies';
import { authSessionEnded, type EventBus } from '../peers/eventBus';
import { currentUser } from './input';
import { HttpError } from './httpError';
import { texts } from './texts';

/** Pages that one person may keep open at once. */
const mostOfPerson = 12;
/** How often an open stream asks whether its session still is, ms. */
const lookAgain = 60_000;
/** After what a line that dropped out is tried again, ms. */
const retry = 2_000;

/** Streams of those who are signed in: they end with the session that opened them, and each person has only so many. */
export class Streams {
  private readonly open = new Map<string, number>();

  constructor(
    private readonly unscoped: UnscopedStore,
    private readonly events: EventBus,
    private readonly every = lookAgain,
  ) {}

  /** @throws Refused when this person has too many open */
  async start(request: Request, response: Response): Promise<Session> {
    const { person } = currentUser(request);
    const sid = request.sessionID;
    const count = this.open.get(person.id) ?? 0;
    if (count >= mostOfPerson) throw new HttpError(429, texts.tooManyPages);
    this.open.set(person.id, count + 1);
    // A browser gives up a stream that is ended; signed out it is not let in again.
    const end = () => response.end();
    const leave = this.events.subscribe<string>(authSessionEnded, (ended) => {
      if (ended === sid) end();
    });
    // A page whose stream opens again reads again what it shows.
    const leaveGaps = this.events.onGap(end);
    const timer = setInterval(() => {
      // A database that is away for a moment ends nobody's stream.
      this.unscoped.sessionLives(sid).then(
        (lives) => lives || end(),
        () => undefined,
      );
    }, this.every);
    response.once('close', () => {
      clearInterval(timer);
      leave();
      leaveGaps();
      const left = (this.open.get(person.id) ?? 1) - 1;
      if (left > 0) this.open.set(person.id, left);
      else this.open.delete(person.id);
    });
    return createSession(request, response, { retry, headers: { 'x-accel-buffering': 'no' } });
  }
}
