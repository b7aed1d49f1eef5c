import { athlete, json, wright } from './wright';

describe('camp', () => {
  const camp = (more: object = {}) => ({
    mode: 'routes',
    slots: ['09:00', '09:30', '10:00'].map((start, t) => ({
      id: `t${t}`,
      day: '2031-07-14',
      start,
      minutes: 25,
    })),
    stations: ['hips', 'mound', 'glove'].map((id) => ({
      id,
      treats: [],
      capacity: 4,
      minimum: 2,
      throwHeavy: id === 'mound',
    })),
    athletes: Array.from({ length: 8 }, (_, a) => ({
      id: `a${a}`,
      ...athlete,
      needs: a % 2 ? { hips: 3, mound: 1 } : { glove: 2, hips: 1 },
    })),
    rules: { ageSpan: null },
    seconds: 1,
    ...more,
  });
  it('gives everybody a route, with a floor and a bound', async () => {
    const { status, stdout, stderr } = await wright(['camp'], json(camp()));
    expect([status, stderr]).toEqual([0, '']);
    const plan = JSON.parse(stdout);
    expect(Object.keys(plan).sort()).toEqual(
      ['bound', 'floor', 'gap', 'held', 'mode', 'moved', 'ms', 'objective', 'routes', 'served'].sort(),
    );
    expect(plan.routes).toHaveLength(8);
    expect(plan.routes.every(({ stations }: { stations: unknown[] }) => stations.length === 3)).toBe(true);
    expect(plan.objective).toBeLessThanOrEqual(plan.bound);
  });
  it.each([
    [
      'slots.1.start',
      {
        slots: [
          { id: 'a', day: '2031-07-14', start: '09:00', minutes: 25 },
          { id: 'b', day: '2031-07-14', start: '09:10', minutes: 25 },
        ],
      },
    ],
    ['athletes', { athletes: [] }],
    [
      'athletes',
      { athletes: Array.from({ length: 2000 }, (_, a) => ({ id: `a${a}`, ...athlete, needs: {} })) },
    ],
    ['slots.0.minutes', { slots: [{ id: 'a', day: '2031-07-14', start: '09:00', minutes: 0 }] }],
    ['rules.groups', { mode: 'groups' }],
  ])('names %s where it cannot be', async (field, more) => {
    const { status, stdout, stderr } = await wright(['camp'], json(camp(more)));
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr).toContain(field);
  });
});
