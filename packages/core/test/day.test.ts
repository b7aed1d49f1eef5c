import {
  addDays,
  ageOn,
  dayAt,
  dayNumber,
  dayOfNumber,
  daysBetween,
  isDay,
  isTime,
  typedInstant,
  venueInstant,
} from '../src';

describe('the day at a venue', () => {
  it.each([
    // Half past nine in the evening in New York is tomorrow in Greenwich.
    ['2026-05-24T01:30:00.000Z', 'America/New_York', '2026-05-23'],
    ['2026-05-23T23:30:00.000Z', 'Europe/London', '2026-05-24'],
    ['2026-03-01T05:30:00.000Z', 'America/Los_Angeles', '2026-02-28'],
    ['2028-02-29T12:00:00.000Z', 'Pacific/Auckland', '2028-03-01'],
  ])('%s in %s is %s', (instant, zone, day) => {
    expect(dayAt(instant, zone)).toBe(day);
    expect(dayAt(new Date(instant), zone)).toBe(day);
  });
  it('refuses a zone that nobody knows', () =>
    expect(() => dayAt(new Date(), 'Mars/Base')).toThrow(RangeError));
});

describe('the instant of a day and a time', () => {
  it.each([
    ['2026-11-01', '16:30', 'America/New_York', '2026-11-01T21:30:00.000Z'],
    ['2026-10-31', '16:30', 'America/New_York', '2026-10-31T20:30:00.000Z'],
    // A time that the night skips is an hour later.
    ['2026-03-29', '01:30', 'Europe/London', '2026-03-29T01:30:00.000Z'],
    ['2028-02-29', '00:00', 'Europe/London', '2028-02-29T00:00:00.000Z'],
  ])('%s %s in %s is %s', (date, time, zone, instant) =>
    expect(venueInstant(date, time, zone).toISOString()).toBe(instant),
  );
  it('refuses what is no day or no time, or says nothing of what was typed so', () => {
    expect(() => venueInstant('2026-02-30', '16:30', 'Europe/London')).toThrow(/^date/);
    expect(() => venueInstant('2026-02-28', '24:00', 'Europe/London')).toThrow(/^time/);
    expect(typedInstant('2026-02-30', '16:30', 'Europe/London')).toBeNull();
    expect(typedInstant('2026-02-28', '7:30', 'Europe/London')).toBeNull();
    expect(typedInstant('2026-02-28', '07:30', 'Europe/London')).toBe('2026-02-28T07:30:00.000Z');
    expect([isTime('23:59'), isTime('23:60')]).toEqual([true, false]);
  });
});

it('counts days over months, leap days and the nights on which clocks change', () => {
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(addDays('2027-02-28', 1)).toBe('2027-03-01');
  expect(addDays('2026-03-29', 1)).toBe('2026-03-30');
  expect(addDays('2026-01-01', -1)).toBe('2025-12-31');
  expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2);
  expect([isDay('2028-02-29'), isDay('2027-02-29'), isDay('2026-2-1')]).toEqual([true, false, false]);
  expect(dayOfNumber(dayNumber('2026-05-01'))).toBe('2026-05-01');
});

it.each([
  ['2012-02-29', '2013-02-28', 0],
  ['2012-02-29', '2013-03-01', 1],
  ['2012-02-29', '2016-02-29', 4],
  ['2011-05-23', '2026-05-22', 14],
  ['2011-05-23', '2026-05-23', 15],
])('born on %s is on %s aged %i', (born, on, age) => expect(ageOn(born, on)).toBe(age));
