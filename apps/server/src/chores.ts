import type { Logger } from 'pino';
import type { UnscopedStore } from './store/academies';
import { forgetOldAudit } from './store/auditEvents';
import { dueDeletions } from './store/deletions';
import { forgetOldMail } from './store/mails';
import { Academy } from './store/scope';
import { eraseAthlete } from './store/whole/erase';

const every = 10 * 60_000;

/** What a server does by itself, on whichever of several it falls: deletes what is due, forgets what is old enough. */
export async function doChores(unscoped: UnscopedStore, now: Date): Promise<{ deleted: number }> {
  let deleted = 0;
  for (const { academyId, athleteId } of await dueDeletions(unscoped, now))
    if (await eraseAthlete(unscoped, new Academy(unscoped.db, academyId), athleteId, now)) deleted++;
  await forgetOldAudit(unscoped, now);
  await forgetOldMail(unscoped, now);
  return { deleted };
}

/** @returns what ends them */
export function startChores(unscoped: UnscopedStore, log: Logger): () => void {
  const round = () =>
    doChores(unscoped, new Date()).catch((error: unknown) =>
      log.warn({ code: (error as { code?: string }).code }, 'chores wait for the next round'),
    );
  void round();
  const timer = setInterval(() => void round(), every).unref();
  return () => clearInterval(timer);
}
