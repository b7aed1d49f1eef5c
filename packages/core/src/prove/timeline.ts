import { nodeName, severityNames, threadNames, type PainSite } from '../catalogue';
import type { SessionVelocity } from '../measure/velocity';
import { addDays, sayLength, sayMass, velocityIn, type SizeUnit, type VelocityUnit } from '../units';
import type { BodySize, DatedScreen } from './bodyWith';
import type { StageSpan } from './course';
import type { DatedLook, Moved } from './history';
import type { HomeWeek } from './homeWork';
import type { Break } from './presence';
import type { ThrowWeek } from './throwWeeks';
import { texts } from './texts';

/** What stands on one axis of time, lane below lane. */
export const lanes = [
  'velocity',
  'stages',
  'looks',
  'checkpoints',
  'screens',
  'away',
  'camps',
  'size',
  'throws',
  'home',
] as const;
export type Lane = (typeof lanes)[number];

export const laneNames: Readonly<Record<Lane, string>> = {
  velocity: 'Velocity',
  stages: 'Plan stages',
  looks: 'Looks',
  checkpoints: 'Checkpoints',
  screens: 'Screens',
  away: texts.breaksAndInjuries,
  camps: 'Camps',
  size: texts.heightAndWeight,
  throws: texts.throwsPerWeek,
  home: texts.workAtHome,
};

/** A figure of an entry, in the unit in which it is said. */
export interface EntryValue {
  name: string;
  value: number;
  unit: string;
}

/** Something that happened on a day, or over some. */
export interface TimelineEntry {
  lane: Lane;
  from: string;
  /** The last day; null while it lasts. */
  to: string | null;
  text: string;
  values: EntryValue[];
  /** The same where there is little room. */
  short?: string;
  /** Entries of one row stand beside each other, below those of the row before. */
  row?: number;
}

export interface TimelineInput {
  sessions: readonly SessionVelocity[];
  looks: readonly DatedLook[];
  /** What moved between them, in the order of its rows. */
  moved: readonly Moved[];
  stages: readonly StageSpan[];
  screens: readonly DatedScreen[];
  sizes: readonly BodySize[];
  injuries: readonly { site: PainSite; what: string; from: string; to: string | null }[];
  pains: readonly { date: string; site: PainSite | null }[];
  camps: readonly { name: string; from: string; to: string }[];
  breaks: readonly Break[];
  throwWeeks: readonly ThrowWeek[];
  homeWeeks: readonly HomeWeek[];
}

interface Units {
  velocity: VelocityUnit;
  size: SizeUnit;
}

const rounded = (value: number): number => Math.round(value * 10) / 10;

function sessionEntry(
  { date, n, usual, top, simulated }: SessionVelocity,
  unit: VelocityUnit,
): TimelineEntry {
  const [u, t] = [rounded(velocityIn(usual, unit)), rounded(velocityIn(top, unit))];
  return {
    lane: 'velocity',
    from: date,
    to: date,
    text: texts.sessionVelocity(u, t, unit, n, simulated),
    values: [
      { name: 'usual', value: u, unit },
      { name: 'top', value: t, unit },
      { name: 'throws', value: n, unit: '' },
    ],
  };
}

const gradesIn = (grades: Readonly<Record<string, number>>, from: number): string[] =>
  Object.entries(grades)
    .filter(([, grade]) => grade >= from)
    .sort(([, a], [, b]) => b - a)
    .map(([id, grade]) => `${nodeName(id)} (${severityNames[grade]})`);

/** So many are named; the others are counted. */
const mostNamed = 4;
const named = (all: readonly string[]): string =>
  all.length > mostNamed
    ? `${all.slice(0, mostNamed).join(', ')} and ${all.length - mostNamed} more`
    : all.join(', ');

function lookEntry({ date, findings }: DatedLook): TimelineEntry {
  const worked = gradesIn(findings, 2);
  const slight = gradesIn(findings, 1).length - worked.length;
  const looked = Object.keys(findings).length;
  const text = worked.length ? named(worked) : slight ? texts.nothingWorseThanSlight(slight) : 'all clean';
  return {
    lane: 'looks',
    from: date,
    to: date,
    text: texts.lookAt(looked, text),
    values: [
      { name: texts.obviousOrSevere, value: worked.length, unit: '' },
      { name: 'looked at', value: looked, unit: '' },
    ],
  };
}

/** So many checkpoints have a row of their own on the axis. */
const rowsAtMost = 6;

/** The grades of what changed, a row for each checkpoint; what stayed as it was all along says nothing here. */
const gradeEntries = (moved: readonly Moved[]): TimelineEntry[] =>
  moved
    .filter(({ grades }) => grades.some(({ severity }) => severity !== grades[0]!.severity))
    .slice(0, rowsAtMost)
    .flatMap(({ id, grades }, row) =>
      grades.map(({ date, severity }, n): TimelineEntry => {
        const was = n > 0 && grades[n - 1]!.severity !== severity ? grades[n - 1]!.severity : null;
        return {
          lane: 'checkpoints',
          from: date,
          to: date,
          row,
          short: nodeName(id),
          text: texts.gradedNow(
            nodeName(id),
            severityNames[severity],
            was === null ? null : severityNames[was],
          ),
          values: [{ name: 'severity', value: severity, unit: '' }],
        };
      }),
    );

function screenEntry({ date, grades, watts }: DatedScreen): TimelineEntry {
  const found = gradesIn(grades, 1);
  return {
    lane: 'screens',
    from: date,
    to: date,
    text: `Screen: ${found.length ? named(found) : 'nothing limits'}${watts === null ? '' : texts.jumpPower(watts)}`,
    values: [
      { name: 'limits', value: found.length, unit: '' },
      ...(watts === null ? [] : [{ name: 'jump power', value: watts, unit: 'W' }]),
    ],
  };
}

function sizeEntry({ date, heightCm, massKg }: BodySize, unit: SizeUnit): TimelineEntry {
  const parts = [
    ...(heightCm === null ? [] : [sayLength(heightCm, unit)]),
    ...(massKg === null ? [] : [sayMass(massKg, unit)]),
  ];
  return {
    lane: 'size',
    from: date,
    to: date,
    text: parts.join(', '),
    values: [
      ...(heightCm === null ? [] : [{ name: 'height', value: heightCm, unit: 'cm' }]),
      ...(massKg === null ? [] : [{ name: 'weight', value: massKg, unit: 'kg' }]),
    ],
  };
}

const counted = (name: string, value: number): EntryValue => ({ name, value, unit: '' });

/** What is told by the week, from its Monday to its Sunday. */
const ofWeek = (lane: Lane, week: string, text: string, values: EntryValue[]): TimelineEntry => ({
  lane,
  from: week,
  to: addDays(week, 6),
  text,
  values,
});

const awayEntries = ({ breaks, injuries, pains }: TimelineInput): TimelineEntry[] => [
  ...breaks.map(({ from, to, days }): TimelineEntry => ({
    lane: 'away',
    from,
    to,
    text: texts.awayForDays(days),
    values: [{ name: 'away', value: days, unit: 'days' }],
  })),
  ...injuries.map(({ site, what, from, to }): TimelineEntry => ({
    lane: 'away',
    from,
    to,
    text: `${site}: ${what}${to ? '' : ' (not cleared)'}`,
    values: [],
  })),
  ...pains.map(({ date, site }): TimelineEntry => ({
    lane: 'away',
    from: date,
    to: date,
    text: texts.painMarked(site),
    values: [],
  })),
];

/**
 * Everything that stands on an athlete's axis of time, entry by entry: what is drawn, told of a day and saved as a table.
 *
 * @param units in which velocities and sizes are said
 * @returns lane by lane, each in the order of its first days
 * @example timelineOf({ ...noCourse, looks: [{ date: '2026-05-01', findings: { 'oh.jump': 2 } }] }, { velocity: 'mph', size: 'metric' })[0].text // 'Look at 1 checkpoint: Jumps off the rubber (obvious)'
 */
export function timelineOf(input: TimelineInput, units: Units): TimelineEntry[] {
  const entries: TimelineEntry[] = [
    ...input.sessions.map((each) => sessionEntry(each, units.velocity)),
    ...input.stages.map(({ thread, focus, stage, from, to }): TimelineEntry => ({
      lane: 'stages',
      from,
      // On its last day the next one begins.
      to: to === null || to === from ? to : addDays(to, -1),
      row: thread === 'lower' ? 0 : 1,
      short: stage,
      text: `${threadNames[thread]}, ${stage}: ${nodeName(focus)}`,
      values: [],
    })),
    ...input.looks.map(lookEntry),
    ...gradeEntries(input.moved),
    ...input.screens.map(screenEntry),
    ...awayEntries(input),
    ...input.camps.map(({ name, from, to }): TimelineEntry => ({
      lane: 'camps',
      from,
      to,
      text: name,
      values: [],
    })),
    ...input.sizes.map((each) => sizeEntry(each, units.size)),
    ...input.throwWeeks.map(({ week, hard, easy }) =>
      ofWeek('throws', week, texts.throwsInTheWeek(hard, easy), [
        counted('hard', hard),
        counted('easy', easy),
      ]),
    ),
    ...input.homeWeeks.map(({ week, assigned, done, late }) =>
      ofWeek('home', week, texts.setsAtHome(done, assigned, late), [
        counted('assigned', assigned),
        counted('done', done),
        counted('late', late),
      ]),
    ),
  ];
  const order = new Map(lanes.map((lane, n) => [lane, n]));
  return entries.sort((a, b) => order.get(a.lane)! - order.get(b.lane)! || a.from.localeCompare(b.from));
}

/**
 * What holds on a day.
 *
 * @example entriesOn([{ lane: 'camps', from: '2026-05-01', to: null, text: '', values: [] }], '2026-06-01').length // 1
 */
export const entriesOn = (entries: readonly TimelineEntry[], day: string): TimelineEntry[] =>
  entries.filter(({ from, to }) => from <= day && (to === null || day <= to));
