import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { addDays, drills } from '@wrightonic/core';
import { columns, Table, type ScaleTable } from './tables';
import { reading, screenTries, templates, type Template } from './templates';

export const dayMs = 86_400_000;
export const zone = 'Europe/London';
const daysBetweenSessions = 5;
const repsASession = 38;
const throwsASession = 9.45;
const daysBetweenLooks = 21;
const homeSetsAWeek = 2;
const lessonsAhead = 12;
const noJson = '\\N';

let serial = 0;
/** An id of version 7: in order of time, and of making within a millisecond. */
export function id(ms: number): string {
  const time = ms.toString(16).padStart(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-${(serial++).toString(16).padStart(12, '0')}`;
}
const instant = (ms: number): string => new Date(ms).toISOString().replace('T', ' ').slice(0, -1);
const dayOf = (ms: number): string => instant(ms).split(' ')[0]!;

interface RunningPlan {
  id: string;
  /** Drills of the stage at which the athlete works, with what plans call them. */
  drills: { id: string; drill: string; throws: boolean }[];
}
const throwing = new Set(drills.filter((drill) => drill.throws > 0).map((drill) => drill.id));
const json = (value: unknown): string => JSON.stringify(value).replaceAll('\\', '\\\\');

/** Rows of one academy, day by day. */
export class Academy {
  readonly tables = {} as Record<ScaleTable, Table>;
  readonly athletes: { id: string; n: number; share: string; template: Template; plan?: RunningPlan }[] = [];
  constructor(
    folder: string,
    readonly people: string[],
    private readonly today: number,
  ) {
    mkdirSync(folder, { recursive: true });
    for (const name of Object.keys(columns) as ScaleTable[])
      this.tables[name] = new Table(join(folder, `${name}.tsv`));
  }

  found(size: number, start: number): void {
    const { tables } = this;
    for (let n = 0; n < size; n++) {
      const template = templates[n % templates.length]!;
      const athlete = id(start);
      const born = `${2008 + (n % 8)}-0${1 + (n % 9)}-1${n % 10}`;
      const [given, family] = [`Given${n}`, `Family${n % 97}`];
      tables.athletes.add(
        athlete,
        given,
        family,
        template.discipline,
        n % 4 ? 'R' : 'L',
        born,
        170,
        64,
        json(['wall', 'floor', 'phone', 'chair']),
        json({ leave: null, lift: null, teach: null, hips: null }),
      );
      tables.body_sizes.add(id(start), athlete, dayOf(start), 170, 64, instant(start));
      const share = id(start);
      tables.shares.add(
        share,
        athlete,
        (serial++).toString(16).padStart(64, '0'),
        instant(this.today + 365 * dayMs),
        instant(start),
      );
      this.athletes.push({ id: athlete, n, share, template });
    }
    for (let n = 0; n < 3; n++) {
      const device = id(start);
      tables.devices.add(device, `Gun ${n}`, (serial++).toString(16).padStart(64, '0'), instant(start));
      for (let reading = 0; reading < 20_000; reading++) {
        const at = start + Math.floor((reading / 20_000) * (this.today - start));
        tables.readings.add(id(at), device, 30 + (reading % 10), instant(at), instant(at));
      }
    }
  }

  day(ms: number, age: number): void {
    for (const athlete of this.athletes) {
      const turn = age + athlete.n;
      if (turn % daysBetweenLooks === 0)
        this.look(athlete, ms, Math.floor(turn / daysBetweenLooks) % 2 === 0);
      if (turn % 7 === 3 && athlete.plan) this.week(athlete, athlete.plan, ms);
      if (turn % daysBetweenSessions === 0) this.practice(athlete, ms);
      if (turn % 180 === 90) this.screen(athlete, ms);
    }
  }

  private look(athlete: Academy['athletes'][number], ms: number, plans: boolean): void {
    const { tables } = this;
    const { template } = athlete;
    const [at, look] = [instant(ms), id(ms)];
    tables.looks.add(look, athlete.id, 'quick', zone, dayOf(ms), 'Cage 2', at, at);
    for (const [node, severity] of Object.entries(template.findings))
      tables.findings.add(id(ms), look, node, severity, at);
    // The newest looks of some are still open.
    if (this.today - ms < 10 * dayMs && athlete.n % 20 === 0) return;
    tables.look_ends.add(id(ms), look, at);
    if (!plans) return;
    const { lower, arm } = template.focus;
    const trace = id(ms);
    const focus = [lower ?? noJson, arm ?? noJson];
    tables.traces.add(
      trace,
      athlete.id,
      look,
      '2',
      template.result.replaceAll('\\', '\\\\'),
      ...focus,
      ...focus,
      json(template.findings),
      '',
      at,
    );
    athlete.plan = this.plan(athlete, trace, ms);
  }

  private plan(
    { id: athleteId, template }: Academy['athletes'][number],
    trace: string,
    ms: number,
  ): RunningPlan {
    const { tables } = this;
    const [at, date, plan] = [instant(ms), dayOf(ms), id(ms)];
    const running: RunningPlan = { id: plan, drills: [] };
    tables.plans.add(plan, athleteId, trace, date, addDays(date, 56), addDays(date, 14), at);
    for (const ladder of template.ladders) {
      const thread = id(ms);
      tables.plan_threads.add(
        thread,
        plan,
        ladder.thread,
        ladder.focus,
        ladder.share,
        json(ladder.skipped),
        json(ladder.limitedBy),
      );
      const works =
        ladder.stages.find(({ stage }) => stage === 'connect') ?? ladder.stages[1] ?? ladder.stages[0]!;
      ladder.stages.forEach((rung, position) => {
        const stage = id(ms);
        tables.plan_stages.add(stage, thread, rung.stage, position);
        rung.drills.forEach((drill, place) => {
          const planned = id(ms);
          tables.plan_drills.add(planned, stage, drill, ladder.doses[drill]!, place, at);
          if (rung === works && running.drills.length < 4)
            running.drills.push({ id: planned, drill, throws: throwing.has(drill) });
        });
      });
      tables.stage_moves.add(id(ms), thread, works.stage, 0, '', at);
    }
    return running;
  }

  private week(athlete: Academy['athletes'][number], plan: RunningPlan, ms: number): void {
    const { tables } = this;
    const [at, from, assignment] = [instant(ms), dayOf(ms), id(ms)];
    const days = [0, 2, 4, 6].map((n) => addDays(from, n));
    const weekDays = days.map((date) => ({
      date,
      kind: 'home',
      minutes: 30,
      equipment: [],
      places: ['home', 'field'],
      pitches: null,
    }));
    tables.assignments.add(assignment, athlete.id, plan.id, from, json(days), json(weekDays), '', at);
    for (const date of days)
      plan.drills.forEach((planned, position) =>
        tables.assignment_items.add(id(ms), assignment, date, planned.drill, planned.id, 3, position),
      );
    for (let set = 1; set <= homeSetsAWeek; set++)
      tables.home_sets.add(
        id(ms),
        athlete.id,
        athlete.share,
        from,
        plan.drills[0]?.drill ?? 'hip-first-lean',
        set,
        1,
        6,
        2,
        from,
        0,
        at,
        at,
      );
  }

  private practice(athlete: Academy['athletes'][number], ms: number): void {
    const { tables } = this;
    const start = ms + 3_600_000 + (athlete.n % 40) * 600_000;
    const [date, begun, session] = [dayOf(start), instant(start), id(start)];
    tables.sessions.add(session, athlete.id, athlete.plan?.id ?? noJson, date, zone, begun);
    const lesson = id(start);
    const instructor = this.people[athlete.n % this.people.length]!;
    tables.lessons.add(lesson, athlete.id, instructor, begun, zone, 30, 'Cage 2', noJson);
    if (serial % 30 === 0) tables.lesson_changes.add(id(start), lesson, 0, 'rained-off', 'Rain', begun);
    const hurts = serial % 997 === 0;
    tables.pain_reports.add(
      id(start),
      session,
      'before',
      hurts ? 'pain' : 'none',
      hurts ? 'knee' : noJson,
      begun,
    );
    const works = athlete.plan?.drills ?? [];
    const hour = begun.split(':')[0]!;
    const atMost = Math.floor(throwsASession * (serial % 2 ? 1.05 : 0.95));
    for (let rep = 0; rep < repsASession; rep++) {
      const drill = works[Math.floor((rep * works.length) / repsASession)];
      const two = (n: number) => String(n).padStart(2, '0');
      const at = `${hour}:${two(Math.floor(rep / 3) + 10)}:${two((rep % 3) * 20)}.000`;
      const each = id(start + 60_000 * rep);
      tables.rep_events.add(
        each,
        session,
        drill?.drill ?? 'hip-first-lean',
        (rep * 7 + athlete.n + serial) % 5 ? 'clean' : 'missed',
        at,
      );
      if (serial % 211 === 0) tables.undone.add(id(start), session, each, at);
      if (rep >= repsASession - atMost) {
        // Around what is usual on the day, so that days can be set against each other.
        const off = ((serial * 13) % 17) / 10 + (((rep * 7) % 11) - 5) / 10;
        const velocity = (28 + (athlete.n % 10) + off).toFixed(2);
        const sides = rep % 3 === 0 ? 'high' : '';
        tables.throws.add(
          id(start + 60_000 * rep),
          athlete.id,
          session,
          date,
          drill?.drill ?? 'easy-catch',
          velocity,
          90,
          'fastball',
          145,
          each,
          sides,
          at,
        );
      }
    }
    tables.session_ends.add(id(start), session, '', begun);
  }

  private screen(athlete: Academy['athletes'][number], ms: number): void {
    const { tables } = this;
    const [at, screen] = [instant(ms), id(ms)];
    tables.screens.add(screen, athlete.id, dayOf(ms), zone, at);
    for (const [test, side, value] of screenTries)
      for (const n of [1, 2]) tables.screen_tries.add(id(ms), screen, test, side, n, value, 0, at);
    tables.screen_ends.add(id(ms), screen, at);
    tables.curve_readings.add(id(ms), athlete.id, dayOf(ms), zone, 'curves.csv', json(reading), at);
  }

  /** Lessons of the weeks to come, one a week for each athlete in a series. */
  upcoming(): void {
    for (const athlete of this.athletes) {
      const series = id(this.today);
      for (let week = 0; week < lessonsAhead; week++) {
        const starts = this.today + (7 * week + (athlete.n % 7)) * dayMs + 9 * 3_600_000;
        this.tables.lessons.add(
          week === 0 ? series : id(this.today),
          athlete.id,
          this.people[athlete.n % this.people.length]!,
          instant(starts + (athlete.n % 10) * 1_800_000),
          zone,
          30,
          'Cage 2',
          series,
        );
      }
    }
  }

  async flush(): Promise<void> {
    for (const table of Object.values(this.tables)) await table.flush();
  }
  async end(): Promise<void> {
    for (const table of Object.values(this.tables)) await table.end();
  }
}
