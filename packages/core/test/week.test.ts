import {
  addDays,
  buildUpOn,
  drillOf,
  effortChoices,
  openThrows,
  parseDose,
  type BuildUp,
  type DayKind,
  type Drill,
} from '../src';
import { unfit } from '../src/build/week/day';

const from = '2026-06-08';

describe('a build-up', () => {
  const after = (days: number, on = from, weeks?: number) =>
    buildUpOn([addDays(from, -days), addDays(from, -days - 9), addDays(from, 3)], from, on, weeks);
  it.each([
    [20, null],
    [21, 2],
    [34, 2],
    [35, 3],
    [76, 5],
    [77, 6],
    [200, 6],
  ])('after %d days takes %s weeks', (days, weeks) => expect(after(days)?.of ?? null).toBe(weeks));
  it('goes from half effort to nine tenths, week by week', () => {
    expect(after(42)).toMatchObject({ week: 1, of: 3, effort: 50, share: 0.25, layOff: 42 });
    expect(after(42, addDays(from, 6))).toMatchObject({ week: 1 });
    expect(after(42, addDays(from, 7))).toMatchObject({ week: 2, effort: 70, share: 0.5 });
    expect(after(42, addDays(from, 20))).toMatchObject({ week: 3, effort: 90, share: 0.75 });
    expect(after(42, addDays(from, 21))).toBeNull();
    expect(after(42, addDays(from, -1))).toBeNull();
    expect(after(42, from, 1)).toMatchObject({ of: 1, effort: 90 });
    expect(buildUpOn([], from)).toBeNull();
  });
});

describe('a drill on a day', () => {
  const why = (drill: Drill, kind: DayKind, buildUp: BuildUp | null = null) =>
    unfit(
      { drill, lessonOnly: false },
      {
        date: from,
        kind,
        minutes: 60,
        equipment: drill.equipment.flat(),
        places: ['home', 'field', 'cage', 'mound'],
      },
      { days: [], buildUp, pain: openThrows, allHard: false },
    );
  const warmUp = drillOf('warm-up-flow')!;
  const thrown = drillOf('full-delivery')!;
  it('is prep without throws where there is a game', () => {
    expect(why(warmUp, 'game')).toBeNull();
    expect(why({ ...warmUp, throws: 1 }, 'game')?.words).toContain('prep without throws only');
    expect(why(drillOf('hip-first-lean')!, 'game')).not.toBeNull();
    expect(why(warmUp, 'off')?.words).toBe('the day is off');
  });
  it('asks for no more than the build-up allows', () => {
    const step = { week: 1, of: 2, effort: thrown.effort!.to, share: 0.3, layOff: 30 };
    expect(why(thrown, 'lesson', step)).toBeNull();
    expect(why(thrown, 'lesson', { ...step, effort: step.effort - 1 })).toMatchObject({ kind: 'limit' });
    expect(why({ ...thrown, throws: 0 }, 'lesson', { ...step, effort: 10 })).toBeNull();
    expect(parseDose(thrown.dose).sets).toBeGreaterThan(0);
  });
});

it('asks nobody under 13 for everything', () => {
  expect(effortChoices(12, 50, 100)).not.toContain(100);
  expect(effortChoices(13, 50, 100)).toContain(100);
});
