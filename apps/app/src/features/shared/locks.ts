import type { HomeRecord, SharedPage, SheetItem } from '@wrightonic/contract';
import { isHard, throwsLocked } from '@wrightonic/core';

/** Pain that was marked today and not taken back by a later “nothing hurts”. */
export const painToday = (
  { pain }: Pick<HomeRecord, 'pain'>,
  today: string,
): HomeRecord['pain'][number] | null => {
  const last = pain.filter(({ date }) => date === today).at(-1);
  return last && last.level !== 'none' ? last : null;
};

/** Why a drill is not for today; null when it is. */
export function lockedAtHome(
  { throws, avoid }: Pick<SheetItem, 'throws' | 'avoid'>,
  home: Pick<HomeRecord, 'pain'>,
  today: string,
): string | null {
  // Pain in an arm does not go away by marking something else afterwards: only an instructor opens throws again.
  const locking = home.pain.find((pain) => pain.date === today && throwsLocked(pain));
  if (locking && throws > 0) return `Throws are locked today: pain in the ${locking.site}.`;
  const pain = painToday(home, today);
  return pain?.level === 'pain' && pain.site && avoid.includes(pain.site)
    ? `Not with pain in the ${pain.site}.`
    : null;
}

/** What was ticked and entered here for today and is not in the page’s own figure: hard throws, and half of the easy ones. */
export function throwsAtHome(page: SharedPage, home: HomeRecord, today: string): number {
  const known = new Set(page.home.sets.map(({ date, drill, set }) => `${date} ${drill} ${set}`));
  const cost = new Map(
    page.days.flatMap(({ date, items }) =>
      items.map((item) => {
        const each = item.throws / item.sets;
        const hard = isHard({ effort: item.effort, kind: 'practice' });
        return [`${date} ${item.drill}`, hard ? each : each / 2];
      }),
    ),
  );
  const sets = home.sets
    .filter(({ doneOn }) => doneOn === today)
    .filter(({ date, drill, set }) => !known.has(`${date} ${drill} ${set}`))
    .reduce((sum, { date, drill }) => sum + (cost.get(`${date} ${drill}`) ?? 0), 0);
  const pitches = (of: HomeRecord) =>
    of.games.filter(({ date }) => date === today).reduce((sum, game) => sum + game.pitches, 0);
  return Math.round((sets + pitches(home) - pitches(page.home)) * 2) / 2;
}
