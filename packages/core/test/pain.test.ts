import {
  addDays,
  allowedWith,
  easyOnlyOn,
  limitsAfter,
  limitsUnder,
  lockedAtHome,
  lockedBecause,
  lockWords,
  locksThrows,
  openThrows,
  painOn,
  painSites,
  throwStateOf,
  withClearance,
  withReport,
  type PainReport,
} from '../src';

const date = '2026-05-10';
const at = (hour: number) => `${date}T${String(hour).padStart(2, '0')}:00:00.000Z`;
const report = (hour: number, more: Partial<PainReport> = {}): PainReport => ({
  at: at(hour),
  date,
  level: 'pain',
  site: 'elbow',
  by: 'Isla',
  ...more,
});
const clearance = (hour: number, on = date) => ({ at: at(hour), date: on });

describe('a lock of throws', () => {
  it.each(painSites)('by pain in the %s', (site) => {
    const locks = site === 'elbow' || site === 'shoulder';
    expect(locksThrows({ level: 'pain', site })).toBe(locks);
    expect(throwStateOf([report(10, { site })], []).lock !== null).toBe(locks);
  });
  it('is never made by soreness, nothing, or pain without a place', () => {
    for (const more of [{ level: 'soreness' }, { level: 'none', site: null }, { site: null }] as const)
      expect(throwStateOf([report(10, more)], []).lock).toBeNull();
  });
  it('says since when, where and who, and is not undone by “nothing hurts”', () => {
    const { lock } = throwStateOf([report(10), report(12, { level: 'none', site: null }), report(11)], []);
    expect(lock).toEqual({ since: date, at: at(10), site: 'elbow', saidBy: 'Isla' });
    expect(lockWords(lock!)).toContain('since 2026-05-10: pain in the elbow, marked by Isla');
  });
  it('ends with a clearance, and comes back with pain after it', () => {
    expect(throwStateOf([report(10)], [clearance(10)])).toEqual({ lock: null, cleared: clearance(10) });
    expect(throwStateOf([report(11)], [clearance(10)]).lock).not.toBeNull();
    expect(throwStateOf([report(11)], [clearance(12), clearance(10)]).lock).toBeNull();
  });
  it('is the same event by event, on the device that shows it', () => {
    const locked = withReport(openThrows, report(10));
    expect(locked).toEqual(throwStateOf([report(10)], []));
    expect(withReport(locked, report(12))).toBe(locked);
    expect(withReport(openThrows, report(9, { level: 'soreness' }))).toBe(openThrows);
    const open = withClearance(locked, clearance(11));
    expect(open).toEqual({ lock: null, cleared: clearance(11) });
    // What was marked before the clearance and is told again locks nothing.
    expect(withReport(open, report(11))).toBe(open);
    expect(withReport(open, report(12)).lock).not.toBeNull();
    expect(withClearance(withReport(open, report(12)), clearance(11)).lock).not.toBeNull();
    expect(withClearance(withReport(openThrows, report(12)), clearance(11)).lock).not.toBeNull();
  });
  it('is followed by easy throws alone, on its day and the next', () => {
    const state = { lock: null, cleared: clearance(10) };
    expect([-1, 0, 1, 2].map((n) => easyOnlyOn(state, addDays(date, n)))).toEqual([false, true, true, false]);
    expect(easyOnlyOn(openThrows, date)).toBe(false);
  });
  it('takes what is left of the day', () => {
    const day = {
      maxToday: 95,
      thrownToday: 10.5,
      restUntil: null,
      leftToday: 84,
      lock: null,
      easyOnly: false,
    };
    const locked = throwStateOf([report(10)], []);
    expect(limitsUnder(day, locked, date)).toMatchObject({ leftToday: 0, lock: locked.lock });
    const open = withClearance(locked, clearance(11));
    expect(limitsUnder(day, open, date)).toMatchObject({ leftToday: 84, lock: null, easyOnly: true });
    expect(limitsUnder({ ...day, restUntil: addDays(date, 1) }, open, date).leftToday).toBe(0);
  });
  it('count what was thrown since: easy throws by half, and nothing is left under a lock or on a day of rest', () => {
    const counts = { hardToday: 10, easyToday: 2, thrownToday: 11 };
    const read = { maxToday: 95, ...counts, restUntil: null, leftToday: 84, lock: null };
    const thrown = [80, 79, 79, null].map((effort) => ({ effort, kind: 'practice' as const }));
    expect(limitsAfter(read, [], false)).toBe(read);
    expect(limitsAfter(read, thrown, false)).toMatchObject({
      hardToday: 12,
      easyToday: 4,
      thrownToday: 14,
      leftToday: read.maxToday - 14,
    });
    expect(limitsAfter(read, thrown, true)).toMatchObject({ hardToday: 14, thrownToday: 15 });
    expect(limitsAfter({ ...read, maxToday: 13 }, thrown, false).leftToday).toBe(0);
    expect(limitsAfter({ ...read, restUntil: addDays(date, 1) }, thrown, false).leftToday).toBe(0);
    expect(limitsAfter({ ...read, lock: throwStateOf([report(10)], []).lock }, thrown, false).leftToday).toBe(
      0,
    );
  });
});

describe('drills with pain', () => {
  const drills = [{ drill: 'full-delivery' }, { drill: 'hip-first-lean' }, { drill: 'arm-band-care' }];
  const { lock } = throwStateOf([report(10)], []);
  const closed = (...given: Parameters<typeof allowedWith>) =>
    allowedWith(...given).closed.map(({ drill, why }) => [drill.id, why]);
  it('that throw are closed by the lock, whatever is answered today', () => {
    for (const pain of [null, { level: 'none', site: null }] as const)
      expect(closed(pain, drills, { lock })).toEqual([
        ['full-delivery', 'throws are locked since 2026-05-10: pain in the elbow'],
      ]);
    expect(closed(null, drills, { lock: null })).toEqual([]);
    expect(lockedBecause({ throws: 0 }, lock)).toBeNull();
    expect(lockedBecause({ throws: 1 }, lock)).not.toBeNull();
  });
  it('that load the place are closed by what hurts now', () => {
    const elbow = { level: 'pain', site: 'elbow' } as const;
    expect(closed(elbow, drills, { lock })).toEqual([
      ['full-delivery', expect.stringContaining('locked')],
      ['arm-band-care', 'not with pain in the elbow'],
    ]);
    // Cleared by name: throws are open, care of a sore place is not.
    expect(closed(elbow, drills, { lock: null })).toEqual([['arm-band-care', 'not with pain in the elbow']]);
    const knee = { level: 'pain', site: 'knee' } as const;
    expect(closed(knee, [{ drill: 'post-up-throw' }], { lock: null })).toHaveLength(1);
    expect(closed({ ...knee, level: 'soreness' }, [{ drill: 'post-up-throw' }], { lock: null })).toEqual([]);
  });
  it('that are barred are closed first', () =>
    expect(closed(null, drills.slice(0, 1), { lock, barred: () => 'no' })).toEqual([
      ['full-delivery', 'no'],
    ]));
});

describe('at home', () => {
  const state = throwStateOf([report(10)], []);
  it('no throw is made while throws are locked, on that day and later', () => {
    expect(lockedAtHome({ throws: 1, avoid: [] }, state, [], addDays(date, 9))).toContain('elbow');
    expect(lockedAtHome({ throws: 0, avoid: [] }, state, [], date)).toBeNull();
    expect(lockedAtHome({ throws: 1, avoid: [] }, openThrows, [], date)).toBeNull();
  });
  it('a drill that loads a place waits while it hurts on that day', () => {
    const knee = report(10, { site: 'knee' });
    expect(lockedAtHome({ throws: 0, avoid: ['knee'] }, openThrows, [knee], date)).toContain('knee');
    expect(lockedAtHome({ throws: 0, avoid: ['hip'] }, openThrows, [knee], date)).toBeNull();
    expect(lockedAtHome({ throws: 0, avoid: ['knee'] }, openThrows, [knee], addDays(date, 1))).toBeNull();
    expect(painOn([knee, report(11, { level: 'none', site: null })], date)).toBeNull();
    // Soreness is shown and closes nothing.
    const sore = report(11, { site: 'knee', level: 'soreness' });
    expect(painOn([knee, sore], date)).toBe(sore);
    expect(lockedAtHome({ throws: 0, avoid: ['knee'] }, openThrows, [sore], date)).toBeNull();
  });
});
