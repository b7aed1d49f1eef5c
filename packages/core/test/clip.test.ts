import {
  angleAt,
  bodyPoints,
  clipIntervals,
  clipMeasures,
  clipOffers,
  derivedMeasures,
  drawnDoubts,
  seenFrom,
  drawnValue,
  flaws,
  joints,
  phases,
  posed,
  postureOf,
  tiltOf,
  eventGrades,
  eventOffers,
} from '../src';

describe('angles and lengths on a picture', () => {
  it('do not depend on its shape', () => {
    expect(angleAt([0, 0], [0, 0.5], [0.5, 0.5], 16 / 9)).toBeCloseTo(90, 9);
    // A square on a picture twice as wide as high.
    expect(angleAt([0.1, 0.5], [0.1, 0.1], [0.3, 0.5], 2)).toBeCloseTo(45, 9);
    expect(tiltOf([0.5, 0.8], [0.6, 0.6], 2)).toBeCloseTo(45, 9);
    expect(angleAt([0.5, 0.5], [0.5, 0.5], [1, 1], 1)).toBeNaN();
  });
  it('measure a length only with a scale', () => {
    const length = {
      type: 'length',
      points: [
        [0, 0],
        [0.5, 0],
      ],
      lengthCm: null,
    } as const;
    const scale = {
      type: 'scale',
      points: [
        [0.1, 0],
        [0.1, 0.9],
      ],
      lengthCm: 180,
    } as const;
    expect(drawnValue(length, 2, undefined)).toBeNull();
    // Ground that falls to the right by one in ten, whichever end was tapped first.
    for (const points of [
      [
        [0.2, 0.5],
        [0.7, 0.6],
      ],
      [
        [0.7, 0.6],
        [0.2, 0.5],
      ],
    ] as const)
      expect(drawnValue({ type: 'ground', points, lengthCm: null }, 2, undefined)).toEqual({
        value: expect.closeTo((Math.atan(0.1) * 180) / Math.PI, 9),
        unit: 'deg',
      });
    expect(drawnValue(length, 2, scale)).toEqual({ value: expect.closeTo(200, 9), unit: 'cm' });
  });
});

describe('times between events', () => {
  it('are of the camera, not of the file, in slow motion', () => {
    const [interval] = clipIntervals({ plant: 1, release: 2 }, { fps: 30, captureFps: 240 });
    expect(interval).toEqual({
      from: 'plant',
      to: 'release',
      ms: 125,
      plusMinusMs: 1000 / 240,
      needsAboveFps: null,
    });
  });
  it('say when the camera is too coarse, and how fast it would have to be', () => {
    const clock = { fps: 30, captureFps: 30 };
    expect(clipIntervals({ 'hips-turn': 1, 'trunk-turn': 1 + 1 / 30 }, clock)[0]!.needsAboveFps).toBeCloseTo(
      60,
      6,
    );
    expect(clipIntervals({ 'hips-turn': 1, 'trunk-turn': 1 + 2 / 30 }, clock)[0]!.needsAboveFps).toBeCloseTo(
      30,
      6,
    );
    expect(clipIntervals({ 'hips-turn': 1, 'trunk-turn': 1.1 }, clock)[0]!.needsAboveFps).toBeNull();
    expect(clipIntervals({ 'hips-turn': 1, 'trunk-turn': 1 }, clock)[0]!.needsAboveFps).toBe(Infinity);
  });
  it('hold plant to release even with something marked between', () =>
    expect(
      clipIntervals({ plant: 1, 'lay-back': 1.1, release: 1.15 }, { fps: 60, captureFps: 60 }).map(
        ({ from, to }) => [from, to],
      ),
    ).toEqual([
      ['plant', 'lay-back'],
      ['lay-back', 'release'],
      ['plant', 'release'],
    ]));
});

describe('what a clip offers', () => {
  const whom = { discipline: 'overhand', level: 'high-school' } as const;
  it('comes from named drawings, in the unit of the measure', () => {
    const measures = derivedMeasures(
      { stride: 120, 'knee-at-plant': 135, 'knee-at-release': 130 },
      178,
      'side',
    );
    expect(measures).toEqual(
      expect.arrayContaining([
        { checkpoint: 'oh.short-stride', value: expect.closeTo(67.4, 1) },
        { checkpoint: 'oh.no-post', value: -5 },
      ]),
    );
    const offers = clipOffers(measures, whom, '2026-05-01');
    expect(Object.fromEntries(offers.map(({ node, severity }) => [node, severity]))).toEqual({
      'oh.short-stride': 2,
      'oh.no-post': 2,
      'oh.lead-leg-soft': 1,
    });
  });
  it('is no stride without a height', () =>
    expect(derivedMeasures({ stride: 120 }, null, 'side')).toEqual([]));
});

describe('the body', () => {
  it('has a figure for every flaw, unlike the sound posture', () => {
    for (const { id } of flaws) {
      const figure = posed(id)!;
      expect([
        id,
        figure.parts.length > 0,
        JSON.stringify(figure.wrong) !== JSON.stringify(figure.clean),
      ]).toEqual([id, true, true]);
    }
    expect(posed('lim.balance')).toBeNull();
  });
  it('stands on the ground in every phase, with bones of one length', () => {
    const far = (a: readonly number[], b: readonly number[]) => Math.hypot(...a.map((v, i) => v - b[i]!));
    for (const discipline of ['overhand', 'windmill'] as const)
      for (const phase of phases[discipline]) {
        const pose = postureOf(discipline, phase);
        const points = bodyPoints(pose);
        const lowest = Math.min(...joints.map((joint) => points[joint][2]));
        expect([phase, lowest]).toEqual([phase, expect.closeTo(pose.air, 6)]);
        expect(far(points.leadHip, points.leadKnee)).toBeCloseTo(0.245, 9);
        expect(far(points.trailShoulder, points.throwingElbow)).toBeCloseTo(0.165, 9);
      }
  });
});

describe('what a clip cannot show', () => {
  it('is a turn about the vertical, from the side, the front or behind', () => {
    const drawn = { separation: 40, 'hips-at-release': 45 };
    for (const view of ['side', 'front', 'behind'] as const)
      expect(derivedMeasures(drawn, 178, view)).toEqual([]);
    expect(derivedMeasures(drawn, 178, 'above').map(({ checkpoint }) => checkpoint)).toEqual([
      'oh.low-separation',
      'wm.hips-slam',
    ]);
    const offered = (view: 'side' | 'above') =>
      clipMeasures.overhand.filter((each) => seenFrom(each, view)).map(({ id }) => id);
    expect(offered('side')).not.toContain('separation');
    expect(offered('above')).toContain('separation');
  });
});

describe('what is asked before a drawing counts', () => {
  const knee = clipMeasures.overhand.find(({ id }) => id === 'knee-at-plant')!;
  const clip = { marks: { plant: 1 }, fps: 100 };
  const kinds = (time: number, value: number | null, of = clip as Parameters<typeof drawnDoubts>[2]) =>
    drawnDoubts(knee, { time, value }, of).map(({ kind, marked }) => [kind, marked]);
  it('is another frame than that of its event, or an event that is not marked', () => {
    expect(kinds(1.004, 120)).toEqual([]);
    expect(kinds(1.01, 120)).toEqual([['event', 1]]);
    expect(kinds(0.99, 120)).toEqual([['event', 1]]);
    expect(kinds(1, 120, { marks: {}, fps: 100 })).toEqual([['event', null]]);
    const shin = clipMeasures.overhand.find(({ id }) => id === 'back-shin')!;
    expect(drawnDoubts(shin, { time: 3, value: 30 }, clip)).toEqual([]);
  });
  it('is a figure that no body shows', () => {
    expect(kinds(1, 60)).toEqual([]);
    expect(kinds(1, 59.9)).toEqual([['range', null]]);
    expect(kinds(1, 180)).toEqual([]);
    expect(kinds(1, null)).toEqual([]);
  });
});

describe('marked moments', () => {
  const at = (ms: number) => ({ 'hand-top': 1, plant: 1 + ms / 1000 });
  const clock = { fps: 240, captureFps: 240 };
  const graded = (ms: number, more = clock) => eventGrades(at(ms), more, 'overhand')[0];
  it.each([
    [60, 0],
    [61, 1],
    [110, 1],
    [111, 2],
    [160, 2],
    [161, 3],
    [-40, 0],
  ])('grade a hand at its top %d ms before plant as %d', (ms, severity) =>
    expect(graded(ms)).toMatchObject({ checkpoint: 'oh.early-hand', severity, error: 1000 / 240 }),
  );
  it('give no grade where the time is smaller than its own error, and count slow motion', () => {
    expect(graded(30, { fps: 30, captureFps: 30 })!.severity).toBeNull();
    expect(graded(34, { fps: 30, captureFps: 30 })!.severity).toBe(0);
    expect(graded(480, { fps: 30, captureFps: 240 })).toMatchObject({ severity: 0, error: 1000 / 240 });
    expect(graded(480, { fps: 30, captureFps: 240 })!.value).toBeCloseTo(60, 9);
  });
  it('say nothing without both marks, or of another delivery', () => {
    expect(eventGrades({ plant: 1 }, clock, 'overhand')).toEqual([]);
    expect(eventGrades(at(200), clock, 'windmill')).toEqual([]);
  });
  it('are offered with their frame error', () => {
    expect(eventOffers([graded(120)!], '2026-05-01')).toMatchObject([
      {
        node: 'oh.early-hand',
        severity: 2,
        from: 'clip',
        why: '120 ms ± 4 from hand at its top before plant',
      },
    ]);
    expect(eventOffers([graded(3)!], '2026-05-01')).toEqual([]);
  });
});
