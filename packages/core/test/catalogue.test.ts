import {
  approachSides,
  causeGraph,
  drills,
  drillOf,
  drillsFor,
  flaws,
  flawsFor,
  limits,
  links,
  nodeName,
  nodeOf,
  norms,
  parseDose,
  phases,
  pitchLimits,
  quickLook,
  stages,
  symptoms,
  type Discipline,
} from '../src';

const disciplines: Discipline[] = ['overhand', 'windmill'];
const doubles = (ids: readonly string[]) => ids.filter((id, n) => ids.indexOf(id) !== n);

it('is whole', () => {
  expect({
    flaws: flaws.length,
    limits: limits.length,
    symptoms: symptoms.length,
    links: links.length,
    drills: drills.length,
  }).toEqual({ flaws: 72, limits: 16, symptoms: 8, links: 253, drills: 107 });
  expect(norms.length).toBeGreaterThan(20);
});

it('has every id once', () => {
  expect(doubles([...flaws, ...limits, ...symptoms].map(({ id }) => id))).toEqual([]);
  expect(doubles(drills.map(({ id }) => id))).toEqual([]);
  expect(doubles(links.map(({ cause, effect }) => `${cause} ${effect}`))).toEqual([]);
});

it('names everything in words of its own', () => {
  for (const node of [...flaws, ...symptoms]) {
    expect(node.name.length).toBeGreaterThan(3);
    expect(node.see).toMatch(/\w.*\w/);
  }
  for (const drill of drills) {
    expect(drill.what).toMatch(/\.$/);
    expect(drill.cue.length).toBeGreaterThan(5);
    expect(drill.cue.length).toBeLessThan(70);
  }
  expect(nodeName('gone.one')).toBe('gone.one');
});

it('never says left or right: sides follow from the hand that throws', () => {
  const texts = [
    ...flaws.flatMap(({ name, see }) => [name, see]),
    ...drills.flatMap(({ name, what, cue }) => [name, what, cue]),
  ];
  for (const text of texts)
    expect(text).not.toMatch(/\b(left|right)[ -](arm|leg|foot|hand|hip|knee|side|shoulder|elbow|handed)/i);
});

describe('links', () => {
  it('run from something known to something known, with a weight between 0 and 1', () => {
    for (const { cause, effect, weight } of links) {
      expect(nodeOf(cause)).toBeDefined();
      expect(nodeOf(effect)).toBeDefined();
      expect(nodeOf(cause)!.type).not.toBe('symptom');
      expect(weight).toBeGreaterThan(0);
      expect(weight).toBeLessThan(1);
    }
  });

  it.each(disciplines)('run in no circle in %s', (discipline) => {
    const { order, nodes, causes } = causeGraph(discipline);
    const place = new Map(order.map((at, n) => [at, n]));
    nodes.forEach((_, at) => {
      for (const cause of causes[at]!) expect(place.get(cause.at)!).toBeGreaterThan(place.get(at)!);
    });
  });
});

describe.each(disciplines)('%s', (discipline) => {
  it('has every flaw in one of its phases', () => {
    for (const { phase } of flawsFor(discipline)) expect(phases[discipline]).toContain(phase);
  });

  it('looks quickly at a few checkpoints of its own in every phase', () => {
    const ids = quickLook[discipline];
    expect(doubles(ids)).toEqual([]);
    const own = new Map(flawsFor(discipline).map((flaw) => [flaw.id, flaw.phase]));
    for (const id of ids) expect(own.has(id)).toBe(true);
    for (const phase of phases[discipline]) {
      const here = ids.filter((id) => own.get(id) === phase).length;
      expect(here).toBeGreaterThan(0);
      expect(here).toBeLessThanOrEqual(5);
    }
  });

  it('has for every pattern flaw drills that reach blend and deliver', () => {
    for (const { id, kind } of flawsFor(discipline)) {
      if (kind !== 'pattern') continue;
      const serving = drillsFor(discipline).filter(
        ({ targets }) => targets.includes('*') || targets.includes(id),
      );
      const reached = new Set(serving.map(({ stage }) => stage));
      expect([id, reached.has('blend'), reached.has('deliver')]).toEqual([id, true, true]);
    }
  });

  it('limits throws at every age, more with age, and asks for more rest after more throws', () => {
    const rows = pitchLimits.filter((row) => row.discipline === discipline);
    expect(rows[0]!.ageFrom).toBeLessThanOrEqual(8);
    rows.slice(1).forEach((row, n) => {
      expect(row.ageFrom).toBe(rows[n]!.ageTo + 1);
      expect(row.maxPerDay).toBeGreaterThanOrEqual(rows[n]!.maxPerDay);
    });
    for (const { restUpTo } of rows) expect([...restUpTo]).toEqual([...restUpTo].sort((a, b) => a - b));
  });
});

describe('drills', () => {
  it('aim at something known and stand on a stage', () => {
    for (const { targets, stage } of drills) {
      expect(stages).toContain(stage);
      for (const target of targets) expect(target === '*' || nodeOf(target)).toBeTruthy();
    }
  });

  it('have neighbours that are drills', () => {
    for (const { easier, harder } of drills)
      for (const neighbour of [easier, harder]) if (neighbour) expect(drillOf(neighbour)).toBeDefined();
  });

  it('have a dose that can be read, and throws that fit it', () => {
    for (const { id, dose, throws } of drills) {
      const { sets, reps } = parseDose(dose);
      if (!throws) continue;
      expect([id, throws <= sets * (reps?.to ?? 0)]).toEqual([id, true]);
    }
  });

  it('ask for effort exactly where something is thrown', () => {
    for (const { id, throws, effort } of drills) expect([id, effort !== null]).toEqual([id, throws > 0]);
  });

  it('keep tethers and maximal effort away from children', () => {
    for (const { minAge, effort, id } of drills) {
      if (id.includes('tether')) expect(minAge).toBeGreaterThanOrEqual(13);
      if (effort && effort.to >= 100) expect([id, minAge >= 11]).toEqual([id, true]);
    }
  });
});

it('has two sides to every approach', () => {
  for (const sides of Object.values(approachSides)) expect(new Set(sides).size).toBe(2);
});

it('grades limits in order of their thresholds', () => {
  for (const { slight, clear, severe, worseWhen } of limits) {
    if (slight === null || clear === null || severe === null) continue;
    const rising = worseWhen === 'above' ? [slight, clear, severe] : [severe, clear, slight];
    expect(rising).toEqual([...rising].sort((a, b) => a - b));
  }
});
