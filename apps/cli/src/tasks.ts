import {
  campInput,
  check,
  gateInput,
  limitsInput,
  planInput,
  screenInput,
  sequenceFlags,
  timingInput,
  traceInput,
  traceLine,
  wordsInput,
  type SequenceFlags,
  type TraceLine,
} from '@wrightonic/contract';
import {
  checkWords,
  effortCurve,
  fade,
  highOutliers,
  gate,
  missFigures,
  openThrows,
  planAthlete,
  inTime,
  planCamp,
  readCurves,
  readMisses,
  readThrows,
  screen,
  sequence,
  sessionGroups,
  throwLimits,
  timing,
  toMph,
  trace,
  velocityFigures,
  velocityTrend,
} from '@wrightonic/core';
import { loadSolver } from '@wrightonic/solver';
import { InputError } from './input';
import { motionTasks } from './tasks.motion';
import { proveTasks } from './tasks.prove';
import { refuseRows, task } from './task';

function velocity(csv: string): unknown {
  const { rows, problems } = readThrows(csv, ['velocity_mph']);
  refuseRows(problems);
  const throws = rows.map(({ thrown }) => ({
    date: thrown.date,
    at: thrown.time,
    velocity: thrown.velocity,
    effort: thrown.effort,
    pitch: thrown.pitch,
    ball: thrown.ball ?? 0,
  }));
  const effort = effortCurve(throws);
  const trend = velocityTrend(throws);
  return {
    sessions: sessionGroups(throws).map(({ date, velocities }) => {
      const figures = velocityFigures(velocities);
      const flashed = highOutliers(velocities);
      const faded = fade(velocities);
      return {
        date,
        n: velocities.length,
        top: figures && toMph(figures.top),
        usual: figures && toMph(figures.usual),
        scatter: figures && toMph(figures.robustSd),
        flash: flashed && {
          gapMph: toMph(flashed.gap),
          count: flashed.count,
          severity: flashed.severity,
        },
        fade: faded && { ratio: faded.ratio, severity: faded.severity },
      };
    }),
    effort: effort && {
      ...effort,
      curve: effort.curve.map((point) => ({
        ...point,
        median: toMph(point.median),
        error: toMph(point.error),
      })),
      slopePer10: toMph(effort.slopePer10),
    },
    trend: trend && {
      ...trend,
      perMonth: toMph(trend.perMonth),
      low: toMph(trend.low),
      high: toMph(trend.high),
    },
  };
}

function flagsOf(flags: Record<string, string | undefined>): SequenceFlags {
  const read: Record<string, unknown> = { ...flags };
  for (const name of ['cutoff', 'plant', 'release'])
    if (flags[name] !== undefined) {
      const value = Number(flags[name]);
      read[name] = flags[name]!.trim() === '' || Number.isNaN(value) ? flags[name] : value;
    }
  const { value, problems } = check(sequenceFlags, read);
  if (problems) throw new InputError(problems[0]!.message);
  return value;
}

export const tasks = [
  task({
    name: 'trace',
    reads: 'json',
    about:
      'From findings to causes: roots with shares, focus, what to look at next, what to leave alone, how sure.\n' +
      'Findings are graded 0 clean, 1 slight, 2 obvious, 3 severe; an id that is absent was not looked at.\n' +
      'Measured limits may carry their value and what it may be off by, for how sure the trace is.',
    example:
      '{ "athlete": { "discipline": "overhand", "throws": "R", "age": 15 }, "findings": { "oh.lift-stall": 2, "oh.lead-leg-opens": 3 }, "struck": [["oh.lift-stall", "oh.jump"]], "results": { "strikes": 0.55, "velocityFalling": false }, "measured": { "lim.hip-ir.trail": { "value": 31, "error": 3 } }, "seed": 1 }',
    flags: [
      [
        '--batch',
        'JSON lines: one athlete a line, one answer a line; an “id” of the line comes back with its answer',
      ],
    ],
    schema: traceInput,
    line: traceLine,
    run: ({ id, struck = [], ...input }: TraceLine) => ({
      ...(id === undefined ? {} : { id }),
      ...trace({ ...input, removedLinks: struck }),
    }),
  }),
  task({
    name: 'screen',
    reads: 'json',
    about:
      'The physical screen: limits with grade and margin, what is to be referred, jump power against mass and level.\n' +
      'Of two tries the better one counts.',
    example:
      '{ "athlete": { "discipline": "overhand", "throws": "R", "age": 16 }, "tests": [{ "test": "hip-ir", "side": "trail", "tries": [31, 33] }, { "test": "vertical-jump", "side": "none", "tries": [51] }], "mass_kg": 72, "level": "high-school", "sex": "male" }',
    schema: screenInput,
    run: ({ athlete, tests, height_cm, mass_kg, level, sex }) => {
      const { limits, refer, power, differences } = screen({
        athlete,
        tests,
        heightCm: height_cm,
        massKg: mass_kg,
        level,
        sex,
      });
      return {
        limits,
        refer,
        power: power && { watts: power.watts, reference: power.reference, ratio: power.ratio },
        differences,
      };
    },
  }),
  task({
    name: 'limits',
    reads: 'json',
    about:
      'How much may be thrown on a day: maximum, what is left, until when hard throws rest and why, the week.\n' +
      'A game pitch, a throw at 80 % or more and one of unknown effort is hard; an easier one counts half.',
    example:
      '{ "discipline": "overhand", "birthdate": "2011-05-23", "league": { "max_per_day": 80 }, "throws": [{ "date": "2026-06-10", "count": 45, "kind": "game" }, { "date": "2026-06-11", "count": 20, "kind": "practice", "effort": 60 }], "on": "2026-06-11" }',
    schema: limitsInput,
    run: ({ league, ...input }) =>
      throwLimits({
        ...input,
        league: league ? { maxPerDay: league.max_per_day, maxPerGame: league.max_per_game } : null,
        allHard: false,
        pain: openThrows,
      }),
  }),
  task({
    name: 'gate',
    reads: 'json',
    about: 'Is it learned? Clean and missed reps of one drill, session by session, newest last.',
    example: '{ "sessions": [{ "clean": 8, "missed": 2, "pain": false }] }',
    schema: gateInput,
    run: ({ sessions, threshold }) => {
      const { repsNeeded, ...found } = gate(sessions, threshold);
      return { ...found, more: repsNeeded };
    },
  }),
  task({
    name: 'timing',
    reads: 'json',
    about: 'Frame numbers of events to intervals in ms, each with its ± from the frame rate.',
    example: '{ "fps": 240, "events": { "plant": 100, "release": 136 } }',
    schema: timingInput,
    run: ({ fps, events }) => timing(fps, events),
  }),
  task<string>({
    name: 'velocity',
    reads: 'csv',
    about:
      'Throws to velocity: usual, top and scatter of each session, flash, fade, the effort curve and the trend, in mph.\n' +
      'Columns: date, velocity_mph, and any of time, effort, pitch, ball_g, kind.',
    example:
      'date,time,velocity_mph,effort,pitch,ball_g,kind\n2026-05-01,16:30:00,68.2,90,fastball,145,practice',
    run: velocity,
  }),
  task<string>({
    name: 'misses',
    reads: 'csv',
    about: 'Aimed throws to the sides on which they miss. Columns: aim, result (hit or miss), side.',
    example: 'aim,result,side\nlow-away,miss,high+arm\nlow-away,hit,',
    run: (csv) => {
      const { rows, problems } = readMisses(csv);
      refuseRows(problems);
      return missFigures(rows);
    },
  }),
  task<string>({
    name: 'sequence',
    reads: 'csv',
    about:
      'Speed curves to peaks, order, gaps with their ±, gains, what was handed on, and evidence for flaws.\n' +
      'Columns: time_s and any of pelvis, trunk, glove, arm, hand in deg/s; pelvis_lin and trunk_lin in m/s.',
    example: 'time_s,pelvis,trunk,arm,hand\n0.000,12.1,8.4,20.2,30.1',
    flags: [
      ['--cutoff <HZ>', 'of the low-pass, at most 0.4 of the sampling rate; 20 when left out'],
      ['--discipline <NAME>', 'overhand or windmill; overhand when left out'],
      ['--level <NAME>', 'youth, 13-14, high-school, college, professional'],
      ['--plant <SECONDS>', 'full front-foot contact'],
      ['--release <SECONDS>', 'when left out, the peak of the hand'],
    ],
    run: (csv, flags) => {
      const found = sequence(readCurves(csv), flagsOf(flags as Record<string, string>));
      const { smoothed: _, linear, peaks, ...rest } = found;
      const reported = (all: typeof peaks) =>
        all.map(({ segment, value, time }) => ({ segment, value, time_s: time }));
      return {
        peaks: reported(peaks),
        ...rest,
        ...(linear
          ? { linear: { peaks: reported(linear.peaks), order: linear.order, gaps: linear.gaps } }
          : {}),
      };
    },
  }),
  task({
    name: 'camp',
    reads: 'json',
    about:
      'From stations, slots and athletes to who is where: the least served as well as can be, then as much need as can be,\n' +
      'with a proven bound. Modes: routes (each their own) and groups (which rotate). previous and fixedBefore plan anew.',
    example:
      '{ "mode": "routes", "seed": 1, "slots": [{ "id": "s1", "day": "2031-07-14", "start": "09:00", "minutes": 25 }, { "id": "s2", "day": "2031-07-14", "start": "09:30", "minutes": 25 }], "stations": [{ "id": "hips", "treats": ["oh.lift-stall"], "capacity": 6, "minimum": 2, "throwHeavy": false }, { "id": "mound", "treats": [], "capacity": 6, "minimum": 2, "throwHeavy": true }], "athletes": [{ "id": "a", "age": 14, "discipline": "overhand", "throws": "R", "needs": { "hips": 3 } }, { "id": "b", "age": 15, "discipline": "overhand", "throws": "L", "findings": { "oh.lift-stall": 2 } }], "rules": { "ageSpan": 4 }, "seconds": 2 }',
    schema: campInput,
    run: async (input) => {
      const solve = await loadSolver();
      const began = performance.now();
      const { limitedBy, ...plan } = planCamp(
        input,
        solve,
        inTime(input.seconds, () => performance.now()),
      );
      return { mode: input.mode, ...plan, ms: Math.round(performance.now() - began), held: limitedBy };
    },
  }),
  task({
    name: 'plan',
    reads: 'json',
    about:
      'From findings to a week: the ladder of each focus, and the sets of each drill on each day that are worth most\n' +
      'within minutes, throws, days of rest, equipment and place. Kinds of days: lesson, home, team, bullpen, game, off.\n' +
      'May hold league, struck, results, history, stages of the threads, pins (drill, date, least sets; 0 keeps it out),\n' +
      'done and before (for planning anew), week_throws and build_up_weeks.',
    example:
      '{ "athlete": { "discipline": "overhand", "throws": "R", "age": 15 }, "findings": { "oh.lift-stall": 2, "oh.lead-leg-opens": 3 }, "days": [{ "date": "2026-06-08", "kind": "home", "minutes": 30, "equipment": ["wall", "light band"], "place": "home" }, { "date": "2026-06-09", "kind": "lesson", "minutes": 60, "equipment": ["ball", "net", "suspension strap"], "place": ["cage", "mound"] }, { "date": "2026-06-13", "kind": "game", "minutes": 0, "equipment": [], "place": "field" }], "throws": [{ "date": "2026-06-06", "count": 61, "kind": "game" }], "stages": { "lower": "move" } }',
    schema: planInput,
    run: async ({ days, league, week_throws, build_up_weeks, struck = [], ...input }) => {
      const { threads, limitedBy, ...week } = planAthlete(
        {
          ...input,
          removedLinks: struck,
          days: days.map(({ place, ...each }) => ({ ...each, places: place })),
          league: league && { maxPerDay: league.max_per_day, maxPerGame: league.max_per_game },
          weekThrows: week_throws,
          buildUpWeeks: build_up_weeks,
        },
        await loadSolver(),
      );
      return { threads, ...week, held: limitedBy };
    },
  }),
  task({
    name: 'words',
    reads: 'json',
    about:
      'The word check: which of the things that an athlete was told pull apart, who said them, and the plan’s own word.\n' +
      'Notes are tagged by a small lexicon; “never push” asks not to push.',
    example:
      '{ "approach": { "leave": "fall" }, "notes": [{ "by": "team coach", "text": "Push hard off the rubber" }, { "by": "Isla", "text": "Never push" }], "drills": ["flat-ground-fall"] }',
    schema: wordsInput,
    run: (input) => checkWords(input),
  }),
  ...motionTasks,
  ...proveTasks,
] as const;
