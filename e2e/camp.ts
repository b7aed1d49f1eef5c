import { emptyAthlete } from '@wrightonic/contract';
import { addDays, timeOfMinutes, usualSetup, type CampSetup } from '@wrightonic/core';
import { v7 } from 'uuid';
import type { App } from './app';

const needs: Record<string, number>[] = [
  { 'oh.shoulders-early': 3 },
  { 'oh.lead-leg-soft': 3 },
  { 'oh.quad-load': 3 },
  { 'oh.late-hand': 3 },
  { 'oh.wobble': 2 },
];

interface Wanted {
  athletes: number;
  /** Places at a station. */
  capacity?: number;
  minimum?: number;
  more?: (setup: CampSetup) => CampSetup;
}

/**
 * A camp of today and tomorrow with new athletes and a plan. There is a slot every two hours and one in the last
 * minute, so that one is always to come, whatever the time of day.
 */
export async function runningCamp(
  app: App,
  { athletes, capacity = 8, minimum = 1, more = (s) => s }: Wanted,
) {
  const { today } = await app.read<{ today: string }>('/session');
  const head = { name: 'Pretend camp', venue: 'The barn', firstDay: today, lastDay: addDays(today, 1) };
  const usual = usualSetup(head, () => v7());
  const setup = more({
    ...usual,
    areas: usual.areas.map((area) => ({ ...area, capacity: 400 })),
    blocks: [head.firstDay, head.lastDay].flatMap((day) =>
      [
        ...Array.from({ length: 12 }, (_, n) => [120 * n, n === 11 ? 119 : 120] as const),
        [1439, 1] as const,
      ].map(([start, minutes]) => ({
        id: v7(),
        day,
        start: timeOfMinutes(start),
        minutes,
        kind: 'slot' as const,
      })),
    ),
    stations: usual.stations.map((station) => ({ ...station, capacity, minimum })),
  });
  const people = Array.from({ length: athletes }, (_, n) => ({
    id: v7(),
    givenName: `Camper${String(n).padStart(3, '0')}`,
  }));
  await app.post('/athletes/import', {
    athletes: people.map((person) => ({
      ...emptyAthlete,
      ...person,
      familyName: 'Testwell',
      birthdate: '2012-05-23',
    })),
  });
  const event = (kind: string, rest: object) => ({ id: v7(), at: new Date().toISOString(), kind, ...rest });
  const looks = people.flatMap(({ id: athleteId }, n) => {
    const begun = event('look-begun', { athleteId, look: 'quick', zone: 'Europe/London', place: '' });
    const graded = Object.entries(needs[n % needs.length]!).map(([node, severity]) =>
      event('finding', { lookId: begun.id, node, severity }),
    );
    return [begun, ...graded, event('look-finished', { lookId: begun.id })];
  });
  for (let n = 0; n < looks.length; n += 300) await app.post('/log', { events: looks.slice(n, n + 300) });
  const id = v7();
  const [first, setupId] = [v7(), v7()];
  await app.post('/camps', { ...head, id, setupId: first, from: 'nothing', copyOf: null });
  await app.put(`/camps/${id}/setup`, { id: setupId, before: first, setup });
  await app.post(`/camps/${id}/members`, {
    members: people.map((person) => ({
      id: v7(),
      athleteId: person.id,
      coming: true,
      from: null,
      to: null,
      barred: [],
      restriction: '',
    })),
  });
  await app.post(`/camps/${id}/plans`, {
    id: v7(),
    before: null,
    anew: true,
    seconds: 2,
    pinned: [],
    change: null,
  });
  return { id, setup, people, today };
}
