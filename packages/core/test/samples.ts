import {
  addDays,
  buildLadders,
  campTable,
  emptySetup,
  type CampMember,
  catalogueGraph,
  cleaned,
  keptMotion,
  drillOf,
  drills,
  firstStage,
  motionOf,
  openThrows,
  postureOf,
  sequence,
  trace,
  weekCandidates,
  type Drill,
  type ScreenResult,
  type SessionVelocity,
  type TimedThrow,
  type WeekDay,
  type WeekInput,
} from '../src';
import { pretendCamp, pretendCurves, pretendFilm, pretendTrc, saltmarshRoster } from '../src/simulate';
import { sessionVelocities } from '../src/measure/velocity';
import { Timetable } from '../src/camp/cost';
import { Leeway, type Freedom } from '../src/camp/freedom';
import { blame, noScores, scoresOf } from '../src/trace/blame';
import { layOut } from '../src/build/week/layout';
import type { usualWeek } from '../src/build/week/usualWeek';

/*
 * What the examples of docstrings may name: one athlete with one look, trace, ladder and week, so that an example shows
 * the call and not the making of what it is called with.
 */

/** An overhand pitcher of fifteen who stops at the top and pulls the glove. */
export const findings = {
  'oh.lift-stall': 3,
  'oh.lead-leg-opens': 2,
  'oh.glove-pull': 2,
  'oh.short-stride': 0,
} as const;
export const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
export const traced = trace({ athlete, findings, runs: 0 });
export const graph = catalogueGraph('overhand');
/** By position of the graph: what was found, and -1 for what was not looked at. */
export const grades = graph.nodes.map(({ id }) => (findings as Record<string, number>)[id] ?? -1);
export const severity = grades.map((grade) => Math.max(0, grade));
export const blamed = blame(graph, severity);
export const walked = {
  ...scoresOf(graph, Float64Array.from(severity), graph.weights, noScores(graph)),
  severity,
  weights: graph.weights,
};
export const lift = graph.at.get('oh.lift-stall')!;

export const things = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];
export const whom = { discipline: 'overhand', age: 15, equipment: things } as const;
export const ladders = buildLadders(traced.focus, whom, traced);
export const climbed = ladders.map((ladder) => ({ ...ladder, stage: firstStage(ladder.stages) }));
export const candidates = weekCandidates(climbed, traced, whom);
/** Dry, and worked on the hips. */
export const hipSnap: Drill = drillOf('hip-snap')!;
export const candidate = candidates.find(({ drill }) => drill.throws === 0)!;

/** From a Monday on, all of it at home, with a game on Saturday. */
export const monday = '2026-06-08';
export const days: WeekDay[] = [0, 1, 2, 3, 4, 5, 6].map((n) => ({
  date: addDays(monday, n),
  kind: n === 5 ? 'game' : 'home',
  minutes: 30,
  equipment: things,
  places: ['home', 'field'],
}));
export const week: WeekInput = {
  discipline: 'overhand',
  birthdate: '2011-05-23',
  league: null,
  allHard: false,
  pain: openThrows,
  throws: [],
  candidates,
  days,
  focuses: [{ id: ladders[0]!.focus, left: [] }],
};
export const layout = layOut(week, false);
export const item = { date: monday, drill: candidate.drill.id, sets: 2 };
/** What is known of a week before it is planned. */
export const expected: Parameters<typeof usualWeek>[0] = {
  athlete: { equipment: ['wall'], days: [] },
  academy: { equipment: ['net'] },
  plan: null,
  upcoming: [{ date: '2026-06-13', kind: 'game', minutes: null }],
};

/** Six fastballs at 90 percent on each of five days, a little faster each time, m/s. */
export const throwsOfMay: TimedThrow[] = ['01', '08', '15', '22', '29'].flatMap((day, n) =>
  [30, 30.4, 30.8, 31.2, 31.6, 31.1].map((velocity) => ({
    date: `2026-05-${day}`,
    velocity: velocity + 0.5 * n,
    effort: 90,
    pitch: 'fastball',
    ball: 145,
  })),
);
export const sessionsOfMay: SessionVelocity[] = sessionVelocities(throwsOfMay);

export const curves = pretendCurves({ discipline: 'overhand', fps: 500, noise: 0 }).curves;
export const reading = sequence(curves, { discipline: 'overhand' });
export const wren = saltmarshRoster[0]!;
export const stance = postureOf('overhand', 'setup');
export const frame = { width: 200, height: 220, hand: 'R', view: 'side' } as const;
export const screened: Pick<ScreenResult, 'limits'> = {
  limits: [
    { id: 'lim.balance', test: 'balance', value: 9, severity: 2, margin: 1, error: null, side: 'lead' },
  ],
};

/** A camp of 24 athletes, 6 stations and 5 slots. */
export const campInput = pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.2 });
export const camp = campTable(campInput);
/** A timetable of it in which nobody is anywhere, and cells that may be changed: none. */
export const timetable = () =>
  new Timetable(
    camp,
    camp.athletes.map(() => 0),
  );
export const nobody: Freedom = { athlete: new Int16Array(0), slot: new Int16Array(0), stations: [] };
export const leeway = new Leeway(nobody, timetable());

export const head = { name: 'Summer', venue: 'The barn', firstDay: '2031-07-14', lastDay: '2031-07-15' };
/** A camp of which nothing is settled yet but its days. */
export const campSetup = emptySetup(head);

export const campMember = (id: string, more: Partial<CampMember> = {}): CampMember => ({
  id,
  age: 14,
  discipline: 'overhand',
  throws: 'R',
  needs: {},
  from: null,
  to: null,
  barred: [],
  heavyADay: 4,
  ...more,
});

/** A right-hander without a flaw, filmed from the side by a tracker without an error. */
export const filmed = pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, noise: 0 });
export const pitched = motionOf(filmed.clip, cleaned(filmed.clip));
export const kept = keptMotion(filmed.clip, { plant: 1.6 });
/** The same, from a motion lab. */
export const trc = pretendTrc({ discipline: 'overhand', throws: 'R' }, 200);

/** An axis of time on which nothing stands. */
export const noCourse = {
  sessions: [],
  looks: [],
  moved: [],
  stages: [],
  screens: [],
  sizes: [],
  injuries: [],
  pains: [],
  camps: [],
  breaks: [],
  throwWeeks: [],
  homeWeeks: [],
};
