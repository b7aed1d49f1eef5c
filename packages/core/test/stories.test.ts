import { addDays, breaksOf, changeOver, historyOf, nodesFor, reportWords, shortRelook } from '../src';
import { sessionVelocities } from '../src/measure/velocity';
import { pretendLooks, pretendThrows, saltmarshRoster, sessionDays, type Story } from '../src/simulate';

/** What is told of each of the demo's stories must be what the story is. */
describe('stories of the demo', () => {
  const today = '2026-11-30';
  const ago = (days: number) => addDays(today, -days);
  const told = saltmarshRoster.map((athlete, n) => {
    const looks = pretendLooks(athlete, 100 + n).map(({ daysAgo, findings }) => ({
      date: ago(daysAgo),
      findings,
    }));
    const days = sessionDays(athlete, 100 + n);
    const throws = days.flatMap((daysAgo) =>
      pretendThrows(athlete, daysAgo, 100 + n).map((thrown) => ({
        ...thrown,
        date: ago(daysAgo),
        pitch: 'fastball',
        ball: 145,
      })),
    );
    const history = historyOf(
      looks,
      nodesFor(athlete.discipline).map(({ id }) => id),
    );
    const breaks = breaksOf([...days.map(ago), ...looks.map(({ date }) => date)], today);
    return {
      story: athlete.story,
      name: athlete.givenName,
      history,
      velocity: changeOver(sessionVelocities(throws), ago(200), today).verdict,
      relook: shortRelook(
        breaks,
        looks.map(({ date }) => date),
        history.kept,
      ),
      movement: reportWords({
        givenName: athlete.givenName,
        discipline: athlete.discipline,
        before: looks[0] ?? null,
        after: looks.at(-1) ?? null,
        velocity: changeOver([], today, today),
        unit: 'mph',
        home: [],
      }).movement,
    };
  });
  const of = (story: Story) => told.filter((each) => each.story === story);

  it('whoever improves is faster and moves better', () => {
    for (const { velocity, movement, history } of of('improves')) {
      expect(velocity).toBe('faster');
      expect(movement).toMatch(/is better|are better/);
      expect(history.backAgain).toEqual([]);
    }
  });
  it('whoever slips back is told so, and no faster', () => {
    for (const { velocity, history, relook } of of('slips-back')) {
      expect(velocity).toBe('unchanged');
      expect(history.backAgain.length).toBeGreaterThan(0);
      // Somebody has looked since.
      expect(relook).toBeNull();
    }
  });
  it('whoever moves well and gains nothing has no real change', () => {
    for (const { velocity } of of('flat')) expect(velocity).toBe('unchanged');
  });
  it('whoever comes back after an absence is asked for a short look at what was kept', () => {
    expect(of('returns')).toHaveLength(1);
    for (const { relook, history } of of('returns')) {
      expect(relook?.away.days).toBeGreaterThanOrEqual(21);
      expect(relook?.ids).toEqual(history.kept);
    }
  });
  it('whoever is new is measured nowhere', () => {
    for (const { velocity, movement } of of('new')) {
      expect(velocity).toBe('not measured');
      expect(movement).toMatch(/has not been looked at yet/);
    }
  });
});
