import { v7 } from 'uuid';
import { TableError, type SizeUnit } from '@wrightonic/core';
import {
  athleteForm,
  check,
  gateInput,
  logBatch,
  logEvent,
  newAssignment,
  newPlan,
  readRoster,
  signIn,
  timingInput,
  emptyAthlete,
  newLinkEdit,
  traceInput,
  weekWish,
  type AthleteForm,
} from '../src';

const athlete: AthleteForm = {
  ...emptyAthlete,
  givenName: 'Wren',
  familyName: 'Ablethorpe',
  birthdate: '2011-05-23',
  heightCm: 178.5,
  equipment: ['wall'],
  approach: { ...emptyAthlete.approach, lift: 'drift' },
};
/** The fields that are complained about. */
const wrong = (schema: Parameters<typeof check>[0], value: unknown) =>
  (check(schema, value).problems ?? []).map(({ field }) => field);

describe('an athlete', () => {
  it('passes', () => expect(check(athleteForm, athlete).value).toEqual(athlete));
  it.each([
    ['givenName', ''],
    ['givenName', 'x'.repeat(61)],
    ['familyName', '   '],
    ['discipline', 'sidearm'],
    ['throws', 'B'],
    ['birthdate', '2011-02-30'],
    ['birthdate', '23.05.2011'],
    ['birthdate', '1900-01-01'],
    ['heightCm', 79],
    ['heightCm', '178'],
    ['massKg', 201],
    ['equipment', 'wall'],
    ['note', 7],
  ])('with %s %p is refused by that name', (field, value) => {
    expect(wrong(athleteForm, { ...athlete, [field]: value })).toEqual([field]);
  });
  it('names a side that an approach does not have, and a field that nobody knows', () => {
    expect(wrong(athleteForm, { ...athlete, approach: { ...athlete.approach, lift: 'stop' } })).toEqual([
      'approach.lift',
    ]);
    expect(wrong(athleteForm, { ...athlete, role: 'owner' })).toEqual(['role']);
  });
  it('names every problem at once', () => {
    expect(wrong(athleteForm, { ...athlete, givenName: '', massKg: 1, throws: '' })).toEqual([
      'givenName',
      'throws',
      'massKg',
    ]);
  });
});

describe('signing in', () => {
  it.each([
    [{}],
    [{ email: 'nobody', password: 'x' }],
    [{ email: 'a@b.example', password: '' }],
    ['text'],
    [null],
  ])('refuses %j', (value) => expect(check(signIn, value).problems!.length).toBeGreaterThan(0));
});

describe('an event', () => {
  const base = { id: v7(), at: '2026-05-01T17:30:00.000Z' };
  const rep = { ...base, kind: 'rep', sessionId: v7(), drill: 'hip-first-lean', outcome: 'clean' };
  it.each([
    [rep],
    [{ ...base, kind: 'finding', lookId: v7(), node: 'oh.lift-stall', severity: null }],
    [{ ...base, kind: 'pain', sessionId: v7(), moment: 'before', level: 'soreness', score: 4, site: 'hip' }],
    [{ ...base, kind: 'undo', sessionId: v7(), of: v7() }],
  ])('passes: %j', (event) => expect(check(logEvent, event).value).toEqual(event));
  it.each([
    ['outcome', { ...rep, outcome: 'good' }],
    ['drill', { ...rep, drill: 'juggling' }],
    ['sessionId', { ...rep, sessionId: '1' }],
    ['kind', { ...rep, kind: 'dance' }],
    ['at', { ...rep, at: 'yesterday' }],
    ['id', { ...rep, id: '0190-nothing' }],
    ['severity', { ...base, kind: 'finding', lookId: v7(), node: 'oh.lift-stall', severity: 4 }],
    ['node', { ...base, kind: 'finding', lookId: v7(), node: 'oh.nothing', severity: 1 }],
    [
      'score',
      { ...base, kind: 'pain', sessionId: v7(), moment: 'before', level: 'pain', score: 11, site: null },
    ],
    ['zone', { ...base, kind: 'look-begun', athleteId: v7(), look: 'quick', zone: 'Mars/Base', place: '' }],
  ])('with a bad %s is refused in words', (field, event) => {
    expect(check(logEvent, event).problems![0]!.message).toContain(field);
  });
  it('comes in batches of one to 500', () => {
    expect(check(logBatch, { events: [rep] }).problems).toBeUndefined();
    expect(wrong(logBatch, { events: [] })).toEqual(['events']);
    expect(wrong(logBatch, { events: Array(501).fill(rep) })).toEqual(['events']);
  });
});

describe('plans', () => {
  const plan = { id: v7(), traceId: v7(), startsOn: '2026-05-01', weeks: 6 };
  it.each([1, 9, 2.5, '6'])('of %p weeks are refused', (weeks) =>
    expect(wrong(newPlan, { ...plan, weeks })).toEqual(['weeks']),
  );
  const open = {
    date: '2026-05-01',
    kind: 'home',
    minutes: 30,
    equipment: [],
    places: ['home'],
    pitches: null,
  };
  const item = { date: '2026-05-01', drill: 'hip-first-lean', sets: 3 };
  const week = { id: v7(), from: '2026-05-01', days: [open], items: [item], reason: '' };
  it.each([
    ['days', { ...week, days: [] }],
    ['days.1', { ...week, days: [open, open] }],
    ['days.0.kind', { ...week, days: [{ ...open, kind: 'holiday' }] }],
    ['days.0.minutes', { ...week, days: [{ ...open, minutes: -5 }] }],
    ['days.0.places.0', { ...week, days: [{ ...open, places: ['moon'] }] }],
    ['days.0.pitches', { ...week, days: [{ ...open, pitches: 251 }] }],
    ['items', { ...week, items: [] }],
    ['items.0.sets', { ...week, items: [{ ...item, sets: 0 }] }],
    ['items.0.drill', { ...week, items: [{ ...item, drill: 'nothing' }] }],
    ['items.1', { ...week, items: [item, { ...item, sets: 1 }] }],
    ['from', { ...week, from: '1 May' }],
  ])('assigned with bad %s are refused', (field, value) =>
    expect(wrong(newAssignment, value)).toEqual([field]),
  );
  it('may pin a drill off a day when a week is asked for, but not assign it so', () => {
    const wish = { from: '2026-05-01', days: [open], pins: [{ ...item, sets: 0 }], before: null };
    expect(wrong(weekWish, wish)).toEqual([]);
    expect(wrong(weekWish, { ...wish, pins: [{ ...item, sets: -1 }] })).toEqual(['pins.0.sets']);
    expect(wrong(weekWish, { ...wish, before: [{ ...item, sets: 0 }] })).toEqual(['before.0.sets']);
  });
});

describe('the command line', () => {
  it.each([
    ['athlete.throws', traceInput, { athlete: { discipline: 'overhand', age: 12 }, findings: {} }],
    [
      'findings.oh.wobble',
      traceInput,
      { athlete: { discipline: 'overhand', throws: 'R', age: 12 }, findings: { 'oh.wobble': 5 } },
    ],
    ['sessions.0.missed', gateInput, { sessions: [{ clean: 1 }] }],
    ['fps', timingInput, { fps: 0, events: {} }],
    ['events.lunch', timingInput, { fps: 60, events: { lunch: 3 } }],
  ])('names %s', (field, schema, value) => expect(wrong(schema, value)).toEqual([field]));
  it('takes a session without a word on pain as one without pain', () => {
    expect(check(gateInput, { sessions: [{ clean: 1, missed: 0 }] }).value).toEqual({
      sessions: [{ clean: 1, missed: 0, pain: false }],
    });
  });
});

describe('a roster from a table', () => {
  const header = 'given_name,family_name,discipline,throws,birthdate,height_cm,teams,days,shirt';
  const read = (...rows: string[]) => readRoster([header, ...rows].join('\n'), () => v7(), 'metric');
  it('reads what people write, and names what it leaves out', () => {
    const { rows, problems, leftOut } = read(
      'Bex,Sandgrove,Softball,left,2013-02-28,"150,5",Otters; Terns,Monday; fri,7',
    );
    expect(problems).toEqual([]);
    expect(rows[0]!.athlete).toMatchObject({
      discipline: 'windmill',
      throws: 'L',
      heightCm: 150.5,
      teams: ['Otters', 'Terns'],
      days: ['mon', 'fri'],
      voice: 'plain',
    });
    expect(leftOut).toEqual(['shirt']);
  });
  it('says per row and column what is wrong, and takes no half row', () => {
    const good = 'Wren,Ablethorpe,overhand,R,2011-05-23,,,,';
    const { rows, problems } = read(good, 'Bex,,overhand,R,2013-02-30,400,,,', good, 'Short,row');
    expect(rows.map(({ row }) => row)).toEqual([2]);
    expect(problems.map(({ row, field }) => `${row} ${field}`)).toEqual([
      '3 family_name',
      '3 birthdate',
      '3 height_cm',
      '4 row',
      '5 row',
    ]);
  });
  it('refuses a table that is no roster', () => {
    expect(() => readRoster('name\nWren', () => v7(), 'us')).toThrow(TableError);
    expect(() => readRoster('', () => v7(), 'us')).toThrow(/empty/);
  });

  const sized = (unit: SizeUnit, columns: string, cells: string) =>
    readRoster(
      `given_name,family_name,discipline,throws,birthdate,${columns}\nBex,Sandgrove,windmill,L,2013-02-28,${cells}`,
      () => v7(),
      unit,
    );
  it.each<[SizeUnit, string, string, number | null, number | null]>([
    ['us', 'height,weight', `5'4",121 lb`, 162.56, 54.88],
    ['us', 'Height,Weight', `"5'4""",121`, 162.56, 54.88],
    ['us', 'height,weight', '64,55 kg', 162.56, 55],
    ['us', 'height,weight', '163 cm,', 163, null],
    ['metric', 'height,weight', '163,55', 163, 55],
    ['metric', 'height,weight', '5 ft 4 in,121 lbs', 162.56, 54.88],
    ['metric', 'height,weight', '1.63 m,"55,5 kg"', 163, 55.5],
    ['us', 'height_cm,mass_kg', '163,55', 163, 55],
    ['us', 'height_cm,height', ',5-4', 162.56, null],
    ['metric', 'height,weight', '80,15', 80, 15],
    ['us', 'height,weight', '230 cm,440.9 lb', 230, 199.99],
  ])('reads sizes as they are written: %s %s %s', (unit, columns, cells, heightCm, massKg) => {
    const { rows, problems } = sized(unit, columns, cells);
    expect(problems).toEqual([]);
    expect(rows[0]!.athlete).toMatchObject({ heightCm, massKg });
  });
  it.each<[SizeUnit, string, string, string]>([
    ['us', 'height', '163', `height must be less than or equal to 7'6.5"; 163 was read as 13'7"`],
    ['us', 'height', '79.9 cm', `height must be greater than or equal to 2'7.5"`],
    ['metric', 'height', '79.9', 'height must be greater than or equal to 80; 79.9 was read as 79.9 cm'],
    ['us', 'height', 'tall', `height write it as 6'1", or 185 cm`],
    ['us', 'weight', '450', 'weight must be less than or equal to 441 lb; 450 was read as 450 lb'],
    ['us', 'mass_kg', '121 stone', 'mass_kg write it in kg, such as 75'],
    ['us', 'height,height_cm', '5-4,163', 'height is in height_cm too; fill in only one of them'],
  ])('names a size that is none: %s %s %s', (unit, columns, cells, problem) => {
    const { rows, problems } = sized(unit, columns, cells);
    expect(rows).toEqual([]);
    expect(problems.map(({ field, message }) => `${field} ${message}`)).toEqual([problem]);
  });
});

describe('a word on a link', () => {
  const edit = {
    id: '01a210b1-c4ba-75f8-827b-5a7a3a511b35',
    cause: 'oh.lift-stall',
    effect: 'oh.jump',
    weight: 0.4,
    reason: 'Film',
  };
  it.each([
    ['weight', 0],
    ['weight', 1],
    ['weight', '0.4'],
    ['weight', undefined],
    ['cause', 'oh.nobody'],
    ['effect', ''],
    ['reason', ''],
    ['reason', 'x'.repeat(301)],
    ['id', 'mine'],
  ])('is refused with %s %j', (field, value) => {
    expect(wrong(newLinkEdit, { ...edit, [field]: value })).toEqual([field]);
  });
  it('may switch off', () => expect(wrong(newLinkEdit, { ...edit, weight: null })).toEqual([]));
});
