import type { AuthSessionState, Me } from '@wrightonic/contract';
import { dayAt } from '@wrightonic/core';
import Bowser from 'bowser';
import type { Request } from 'express';
import { anonymousToken, csrf } from '../auth/authSession';
import type { AcademyRow, PersonRow, UnscopedStore } from '../store/academies';
import { note } from '../store/auditEvents';
import { removedSince } from '../store/removals';
import { Academy } from '../store/scope';
import { texts } from './texts';

/** A device that was away for longer has nothing left of what it kept, ms. */
const removalsTold = 400 * 24 * 3_600_000;

export const me = (person: PersonRow, academyRow: AcademyRow): Me => ({
  person: {
    id: person.id,
    name: person.name,
    role: person.role,
    campId: person.campId,
    hand: person.hand,
    velocityUnit: person.velocityUnit,
    sizeUnit: person.sizeUnit,
    zoneView: person.zoneView,
    dateOrder: person.dateOrder,
    hours: person.hours,
    goodStrikes: person.goodStrikes,
    approach: person.approach as Me['person']['approach'],
  },
  academy: { id: academyRow.id, name: academyRow.name, zone: academyRow.zone, demo: academyRow.demo },
});

/** The browser and what it runs on, in words; never the whole line, by which a device can be told from others. */
export function agentOf(request: Request): string {
  const { browser, os, platform } = Bowser.parse(request.get('user-agent') || 'unknown');
  return [browser.name, os.name ?? platform.type].filter(Boolean).join(' on ').slice(0, 60) || 'A browser';
}

/** Who is signed in, and the way in for whoever was let in. */
export class Entering {
  constructor(
    private readonly unscoped: UnscopedStore,
    private readonly demoAlways: boolean,
  ) {}

  private removed = (academyRow: AcademyRow): Promise<string[]> =>
    removedSince(new Academy(this.unscoped.db, academyRow.id), new Date(Date.now() - removalsTold));

  async state(request: Request): Promise<AuthSessionState> {
    const { signedIn } = request;
    return {
      me: signedIn ? me(signedIn.person, signedIn.academyRow) : null,
      csrf: signedIn ? csrf.generateToken(request) : anonymousToken,
      demo: (await this.unscoped.demoOwner(this.demoAlways)) !== null,
      unfounded: !signedIn && (await this.unscoped.isEmpty()),
      removed: signedIn ? await this.removed(signedIn.academyRow) : [],
      today: dayAt(new Date(), signedIn?.academyRow.zone ?? 'UTC'),
    };
  }

  /** Signs somebody in: in a session of its own, so that one that was laid under them is worth nothing. */
  async enter(request: Request, person: PersonRow): Promise<AuthSessionState> {
    await new Promise<void>((done, fail) =>
      request.session.regenerate((error) => (error ? fail(error as Error) : done())),
    );
    request.session.personId = person.id;
    request.session.academyId = person.academyId;
    request.session.since = Date.now();
    request.session.agent = agentOf(request);
    const academyRow = (await this.unscoped.academy(person.academyId))!;
    await note(new Academy(this.unscoped.db, academyRow.id), {
      kind: 'signed in',
      told: texts.signedInWith(request.session.agent),
      person: person.id,
    });
    return {
      me: me(person, academyRow),
      csrf: csrf.generateToken(request, true),
      demo: academyRow.demo,
      unfounded: false,
      removed: await this.removed(academyRow),
      today: dayAt(new Date(), academyRow.zone),
    };
  }
}
