import { dayAt, type CampSetup } from '@wrightonic/core';
import { v7 } from 'uuid';
import { campers, newCamp, planWish, plannedCamp, smallSetup } from './campFixtures';
import { fixtures } from './fixtures';
import { logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let athletes: string[];
beforeAll(async () => {
  set = await fixtures();
  athletes = await campers(set.owner);
});
afterAll(() => set.here.end());

const record = async (id: string) => (await set.owner.get(`/camps/${id}`)).body;

describe('a camp', () => {
  it('is made from nothing, from the usual one, or as a copy on other days', async () => {
    const usual = newCamp();
    expect((await set.owner.post('/camps', usual)).status).toBe(201);
    // Sent twice it is one camp.
    await set.owner.post('/camps', usual);
    const copy = newCamp({ from: 'copy', copyOf: usual.id, firstDay: '2032-07-12', lastDay: '2032-07-12' });
    await set.owner.post('/camps', copy);
    const [of, copied] = [await record(usual.id), await record(copy.id)];
    expect(of.setup.stations).toHaveLength(6);
    expect(copied.setup.stations.map(({ name }: { name: string }) => name)).toEqual(
      of.setup.stations.map(({ name }: { name: string }) => name),
    );
    // The second day is beyond the copy's last, and nothing bears an id of the first camp.
    expect(new Set(copied.setup.blocks.map(({ day }: { day: string }) => day))).toEqual(
      new Set(['2032-07-12']),
    );
    expect(copied.setup.stations[0].id).not.toBe(of.setup.stations[0].id);
    const camps = (await set.owner.get('/camps')).body.map(({ id }: { id: string }) => id);
    expect(camps.filter((id: string) => id === usual.id)).toHaveLength(1);
  });

  it.each([
    ['lastDay', { lastDay: '2031-07-13' }],
    ['name', { name: '' }],
    ['copyOf', { from: 'copy', copyOf: null }],
  ])('is refused for %s', async (field, more) => {
    const { status, body } = await set.owner.post('/camps', newCamp(more));
    expect([status, body.fields[0].field]).toEqual([422, field]);
  });

  it('tells whoever changes a setup that somebody did meanwhile', async () => {
    const { id, setupId, setup } = await plannedCamp(set.owner, athletes.slice(0, 3));
    const first = { id: v7(), before: setupId, setup: { ...setup, name: 'First' } };
    expect((await set.owner.put(`/camps/${id}/setup`, first)).status).toBe(200);
    const second = { id: v7(), before: setupId, setup: { ...setup, name: 'Second' } };
    expect((await set.owner.put(`/camps/${id}/setup`, second)).status).toBe(409);
    // The first one, sent again, is the one that stands.
    expect((await set.owner.put(`/camps/${id}/setup`, first)).status).toBe(200);
    expect((await record(id)).setup.name).toBe('First');
  });
});

describe('a plan', () => {
  it('keeps the rules, is the same for the same seed, and names who leads what', async () => {
    const staff = ['Isla', 'Jory'].map((name) => ({
      id: v7(),
      name,
      skills: [],
      hours: ['2031-07-14', '2031-07-15'].map((day) => ({ day, from: '08:00', to: '18:00' })),
    }));
    const setup = smallSetup({ staff, athletesPerAdult: 4 });
    const { plan } = await plannedCamp(set.owner, athletes, setup);
    const again = await plannedCamp(set.owner, athletes, setup);
    expect(plan.routes).toEqual(again.plan.routes);
    expect(plan.gap).toBeLessThanOrEqual(0.03);
    // Two coaches lead two stations: nobody is at a third.
    for (const [t, slot] of plan.slots.entries()) {
      const open = new Set(plan.routes.map(({ stations }: { stations: string[] }) => stations[t]));
      open.delete(null as never);
      expect(Object.keys(plan.coaches[slot])).toEqual(expect.arrayContaining([...open]));
      expect(open.size).toBeLessThanOrEqual(2);
    }
  });

  it('names everything that stops it, and nothing is stored', async () => {
    const setup = smallSetup();
    const tight: CampSetup = {
      ...setup,
      stations: setup.stations.map((station) => ({ ...station, capacity: 1 })),
      blocks: [...setup.blocks, { ...setup.blocks[1]!, id: v7() }],
    };
    const { id, plan } = await plannedCamp(set.owner, athletes, tight);
    expect(plan.error).toMatch(/begins before the one at 09:20 has ended/);
    const { blocks: _, ...rest } = tight;
    const fixed = { ...rest, blocks: setup.blocks };
    const { setupId } = await record(id);
    await set.owner.put(`/camps/${id}/setup`, { id: v7(), before: setupId, setup: fixed });
    const { status, body } = await set.owner.post(`/camps/${id}/plans`, planWish(null));
    expect([status, body.fields[0].field]).toEqual([422, 'stations']);
    expect(body.error).toMatch(/6 places for 8 athletes/);
    expect((await record(id)).plan).toBeNull();
  });

  it('is changed by hand under every rule, pinned, and taken back', async () => {
    const { id, plan, setup } = await plannedCamp(set.owner, athletes);
    const [one] = plan.routes as { athlete: string; stations: string[] }[];
    const other = setup.stations.find(
      (station) => !station.throwHeavy && station.id !== one!.stations[0] && station.id !== one!.stations[1],
    )!;
    const routes = plan.routes.map((route: typeof one) =>
      route === one ? { ...one, stations: [other.id, ...one!.stations.slice(1)] } : route,
    );
    const pinned = [{ athlete: one!.athlete, slot: plan.slots[0], station: other.id }];
    const wish = { id: v7(), before: plan.id, why: 'Moved by hand', routes, pinned };
    const { status, body: moved } = await set.owner.put(`/camps/${id}/plans`, wish);
    expect([
      status,
      moved.routes.find(({ athlete }: { athlete: string }) => athlete === one!.athlete).stations[0],
    ]).toEqual([200, other.id]);
    // A new plan keeps the pin.
    const { body: next } = await set.owner.post(`/camps/${id}/plans`, planWish(moved.id, { pinned }));
    expect(next.routes.find(({ athlete }: { athlete: string }) => athlete === one!.athlete).stations[0]).toBe(
      other.id,
    );
    // Everybody at one station is more than it holds.
    const crowd = next.routes.map((route: { stations: string[] }) => ({
      ...route,
      stations: [setup.stations[0]!.id, ...route.stations.slice(1)],
    }));
    const crowded = { ...setup, stations: setup.stations.map((station) => ({ ...station, capacity: 2 })) };
    const { setupId } = await record(id);
    await set.owner.put(`/camps/${id}/setup`, { id: v7(), before: setupId, setup: crowded });
    const refused = await set.owner.put(`/camps/${id}/plans`, {
      ...wish,
      id: v7(),
      before: next.id,
      routes: crowd,
      pinned: [],
    });
    expect([refused.status, refused.body.fields[0].field]).toEqual([422, 'routes']);
    expect(refused.body.error).toMatch(/Sit and glide in 2031-07-14, 09:20: 8 of 2/);
    // Made of a plan that does not hold any more.
    expect((await set.owner.put(`/camps/${id}/plans`, { ...wish, id: v7() })).status).toBe(409);
    const back = { id: v7(), of: plan.id, before: next.id };
    expect((await set.owner.post(`/camps/${id}/plans/restore`, back)).body.routes).toEqual(plan.routes);
  });

  it('goes on without a no-show, and tells who moves', async () => {
    const { id, plan } = await plannedCamp(set.owner, athletes);
    const [gone] = athletes;
    const change = { id: v7(), kind: 'away', subject: gone, slot: plan.slots[0], ends: null };
    const { status, body } = await set.owner.post(`/camps/${id}/plans`, planWish(plan.id, { change }));
    expect([status, body.why]).toEqual([201, 'Camper0 Ablethorpe is not here']);
    const ofGone = body.routes.find(({ athlete }: { athlete: string }) => athlete === gone).stations;
    // Away on the first day, back on the second.
    expect(ofGone.slice(0, 5)).toEqual([null, null, null, null, null]);
    expect(ofGone[5]).not.toBeNull();
    const others = body.moved.filter(({ athlete }: { athlete: string }) => athlete !== gone);
    expect(others.length).toBeLessThanOrEqual(0.1 * 7 * plan.slots.length);
    expect((await record(id)).changes).toHaveLength(1);
    const back = { ...change, id: v7(), ends: change.id };
    await set.owner.post(`/camps/${id}/plans`, planWish(body.id, { change: back }));
    expect((await record(id)).changes).toEqual([]);
    // Late, and then later still: the newest word counts.
    for (const t of [2, 4]) {
      const { plan: now } = await record(id);
      const late = { id: v7(), kind: 'late', subject: gone, slot: plan.slots[t], ends: null };
      await set.owner.post(`/camps/${id}/plans`, planWish(now.id, { change: late }));
    }
    expect((await record(id)).changes.map(({ slot }: { slot: string }) => slot)).toEqual([plan.slots[4]]);
    const nobody = { ...change, id: v7(), subject: v7() };
    const refused = await set.owner.post(
      `/camps/${id}/plans`,
      planWish((await record(id)).plan.id, { change: nobody }),
    );
    expect(refused.body.fields[0].field).toBe('change.subject');
  });

  it('asks nobody for more throws than a day leaves them', async () => {
    const setup = smallSetup();
    // More than 20 hard throws on the first day ask for rest on the second.
    const hard = {
      ...setup,
      stations: setup.stations.map((station) =>
        station.throwHeavy ? { ...station, throws: 20, effort: 90 } : station,
      ),
    };
    const { plan } = await plannedCamp(set.owner, athletes, hard);
    for (const { counted, left } of plan.throws) expect(counted).toBeLessThanOrEqual(left);
    expect(plan.throws.some(({ counted }: { counted: number }) => counted > 0)).toBe(true);
  });

  it('needs throws that are not locked: pain keeps an athlete from every station with throws', async () => {
    const sore = athletes[1]!;
    const session = logs.session(sore, null, dayAt(new Date(), 'Europe/London'));
    const pain = logs.event('pain', {
      sessionId: session.id,
      moment: 'before',
      level: 'pain',
      score: null,
      site: 'elbow',
    });
    await set.owner.post('/log', { events: [session, pain] });
    const { id, plan, setup } = await plannedCamp(set.owner, athletes);
    const throwing = new Set(setup.stations.filter(({ throws }) => throws > 0).map((station) => station.id));
    const route = plan.routes.find(({ athlete }: { athlete: string }) => athlete === sore).stations;
    expect(route.some((station: string) => throwing.has(station))).toBe(false);
    expect((await record(id)).members.find((member: { id: string }) => member.id === sore).lock.site).toBe(
      'elbow',
    );
  });
});
