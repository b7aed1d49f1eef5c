import {
  calledSpot,
  calledSpots,
  cueCountWords,
  cueHistory,
  drills,
  drillStanding,
  levelCounts,
  levelNow,
  levelWords,
  liveCue,
  missOf,
  missTaps,
  missTapWords,
  parseDose,
  placeOfSpot,
  recentCounts,
  repSideWords,
  sideNow,
  spotHalf,
  stageProposal,
  zoneViews,
  armOnRight,
  type LevelCount,
  type UsedCue,
} from '../src';

const levels = [
  { name: 'arm set', change: 'Start with the throwing arm already up.' },
  { name: 'half break', change: 'Start with the hands half apart.' },
];
const at = (
  level: string | null,
  clean: number,
  missed: number,
  session = 's',
  pain = false,
): LevelCount => ({
  session,
  level,
  clean,
  missed,
  pain,
});

describe('levels of a drill', () => {
  it('stay where they were chosen, and begin at the first', () => {
    expect(levelNow({ levels }, undefined)).toBe('arm set');
    expect(levelNow({ levels }, 'half break')).toBe('half break');
    expect(levelNow({ levels }, 'taken out')).toBe('arm set');
    expect(levelNow({}, 'half break')).toBeNull();
    expect(levelWords(levels[1]!)).toBe('Level half break: start with the hands half apart.');
  });

  it('have a gate each; up goes to the next level before the next rung', () => {
    const first = drillStanding({ levels }, undefined, [at('arm set', 20, 0), at('half break', 2, 8)]);
    expect(first).toMatchObject({
      level: 'arm set',
      gate: { n: 20, decision: 'up' },
      move: { direction: 'up', to: 'half break' },
    });
    const second = drillStanding({ levels }, 'half break', [at('arm set', 20, 0), at('half break', 2, 8)]);
    expect(second).toMatchObject({
      gate: { n: 10, decision: 'back' },
      move: { direction: 'back', to: 'arm set' },
    });
    // At the ends there is no level to go to: the rung is next.
    expect(drillStanding({ levels }, 'half break', [at('half break', 20, 0)]).move).toBeNull();
    expect(drillStanding({ levels }, 'arm set', [at('arm set', 2, 8)]).move).toBeNull();
    expect(drillStanding({}, undefined, [at(null, 20, 0)])).toMatchObject({ level: null, move: null });
  });

  it('hurt where their own newest session did, whatever happened at another level', () => {
    const counts = [at('arm set', 9, 1, 'a'), at('half break', 3, 0, 'b', true)];
    expect(drillStanding({ levels }, 'arm set', counts).pain).toBe(false);
    expect(drillStanding({ levels }, 'half break', counts)).toMatchObject({
      pain: true,
      gate: { decision: 'back' },
    });
  });

  it('count reps from before levels as the first, and leave out a level that was taken out', () => {
    const counts = [at(null, 10, 0, 'a'), at('arm set', 5, 0, 'b'), at('gone', 0, 9, 'c')];
    expect(drillStanding({ levels }, undefined, counts).gate).toMatchObject({ n: 15, k: 15 });
  });

  it('hold the stage until the last level is locked in', () => {
    const stages = (move: 'up' | null) => [
      {
        stage: 'feel' as const,
        drills: [
          {
            ...drillStanding({ levels }, 'half break', [at('half break', 20, 0)]),
            ...(move ? { move: { direction: move, to: 'next' } } : {}),
          },
        ],
      },
      { stage: 'move' as const, drills: [] },
    ];
    expect(stageProposal(stages(null), 'feel')).toEqual({ direction: 'up', to: 'move' });
    expect(stageProposal(stages('up'), 'feel')).toBeNull();
  });

  it('take the counts of a session and level together, and remember four sessions of each', () => {
    expect(levelCounts([at('a', 3, 1), at('b', 1, 0), at('a', 2, 2)])).toEqual([
      at('a', 5, 3),
      at('b', 1, 0),
    ]);
    const many = ['1', '2', '3', '4', '5'].flatMap((session) => [
      at('a', 1, 0, session),
      at('b', 0, 1, session),
    ]);
    expect(recentCounts(many).map(({ session, level }) => session + level)).toEqual([
      '2a',
      '2b',
      '3a',
      '3b',
      '4a',
      '4b',
      '5a',
      '5b',
    ]);
  });

  it('have names that differ and fit on a button, wherever a drill has them', () => {
    const levelled = drills.filter((drill) => drill.levels);
    expect(levelled.length).toBeGreaterThan(30);
    for (const { id, levels: own } of levelled) {
      expect([id, own!.length > 1, new Set(own!.map(({ name }) => name)).size]).toEqual([
        id,
        true,
        own!.length,
      ]);
      for (const { name, change } of own!)
        expect([id, name.length <= 20, change.endsWith('.')]).toEqual([id, true, true]);
    }
    expect(drills.find(({ id }) => id === 'step-in-closed-throw')!.levels!.map(({ name }) => name)).toEqual([
      'arm set',
      'half break',
      'full break',
    ]);
  });
});

describe('each side', () => {
  const dose = parseDose('2x3 each');
  it.each([
    [0, 0, null, 'lead', 0, false],
    [2, 0, null, 'lead', 2, false],
    [3, 0, null, 'trail', 0, true],
    [3, 1, null, 'trail', 1, false],
    [3, 3, null, 'lead', 0, false],
    [4, 3, null, 'lead', 1, false],
    [0, 0, 'trail', 'trail', 0, false],
    [0, 3, 'trail', 'lead', 0, true],
    [1, 0, 'trail', 'trail', 0, false],
  ] as const)('with %d lead and %d trail, %s asked for: %s side', (lead, trail, chosen, side, rep, change) =>
    expect(sideNow(dose, { lead, trail }, chosen)).toEqual({ side, rep, reps: 3, change }),
  );
  it('is not asked of a dose without sides, and counts a timed set as one', () => {
    expect(sideNow(parseDose('2x3'), { lead: 0, trail: 0 }, null)).toBeNull();
    expect(sideNow(parseDose('2x30 s each'), { lead: 1, trail: 0 }, null)).toMatchObject({
      side: 'trail',
      reps: 1,
    });
  });
  it('is named from the throwing hand', () => {
    expect(repSideWords('lead', 'R', { sideWord: 'each side' })).toBe('left side');
    expect(repSideWords('lead', 'L', { sideWord: 'each side' })).toBe('right side');
    expect(repSideWords('trail', 'R', { sideWord: 'each way' })).toBe('to the right');
  });
});

describe('called spots', () => {
  it('go round in order, or come by luck with a seed, all four of them', () => {
    expect([0, 1, 2, 3, 4].map((n) => calledSpot('in order', n, 9))).toEqual([
      ...calledSpots,
      calledSpots[0],
    ]);
    const run = (seed: number) => Array.from({ length: 400 }, (_, n) => calledSpot('random', n, seed));
    expect(run(7)).toEqual(run(7));
    for (const spot of calledSpots) {
      const n = run(7).filter((each) => each === spot).length;
      expect([spot, n > 70, n < 130]).toEqual([spot, true, true]);
    }
  });
  it('are missed to the sides that the tap says, seen from the pitcher', () => {
    expect(placeOfSpot('high-arm', 'R')).toEqual({ x: 2 / 3, y: 2 / 3 });
    expect(placeOfSpot('low-glove', 'R')).toEqual({ x: -2 / 3, y: -2 / 3 });
    expect(placeOfSpot('low-glove', 'L')).toEqual({ x: 2 / 3, y: -2 / 3 });
    for (const hand of ['R', 'L'] as const) {
      const aim = placeOfSpot('low-arm', hand);
      const off = { x: aim.x + (hand === 'R' ? 1 : -1) * (spotHalf + 0.01), y: aim.y };
      expect(missOf(aim, off, hand)).toEqual(['arm']);
    }
    expect(missTaps).toHaveLength(9);
    expect(missTapWords(['low', 'arm'])).toBe('low, arm side');
    expect(missTapWords([])).toBe('on target');
  });
  it.each([
    ['R', 'pitcher', true],
    ['R', 'catcher', false],
    ['L', 'pitcher', false],
    ['L', 'catcher', true],
  ] as const)('a %s arm seen by the %s is on the right: %s', (hand, view, right) => {
    expect(zoneViews).toContain(view);
    expect(armOnRight(hand, view)).toBe(right);
  });
});

describe('live cues', () => {
  const cue = (id: string, text: string, whose: UsedCue['whose'] = 'instructor', drill = 'd'): UsedCue => ({
    id,
    drill,
    text,
    whose,
    at: `2026-05-0${id}T10:00:00.000Z`,
  });
  const cues = [
    cue('1', 'Knee to the target'),
    cue('2', 'Sit behind the ball', 'athlete'),
    cue('3', 'Other drill', 'instructor', 'e'),
    cue('4', 'knee  to the target'),
    cue('5', 'Own words', 'drill'),
  ];
  it('are gathered by their words, with the reps that followed each', () => {
    const lines = cueHistory(
      'd',
      cues,
      [
        { drill: 'd', cue: null, clean: 1, missed: 1 },
        { drill: 'd', cue: '1', clean: 3, missed: 7 },
        { drill: 'd', cue: '4', clean: 5, missed: 5 },
        { drill: 'd', cue: '2', clean: 17, missed: 3 },
        { drill: 'd', cue: 'taken back', clean: 9, missed: 0 },
        { drill: 'e', cue: '3', clean: 9, missed: 0 },
      ],
      'Own words',
    );
    expect(lines.map(({ text, whose, clean, missed, live }) => [text, whose, clean, missed, live])).toEqual([
      ['Own words', 'drill', 1, 1, true],
      ['Knee to the target', 'instructor', 8, 12, false],
      ['Sit behind the ball', 'athlete', 17, 3, false],
    ]);
    expect(lines[1]).toMatchObject({ since: '2026-05-01T10:00:00.000Z', share: 0.4 });
    expect(cueCountWords(lines[1]!)).toBe('8 of 20 clean (40 %, 24 to 58)');
    expect(cueCountWords({ ...lines[1]!, share: null })).toBe('no reps yet');
  });
  it('are the newest of a drill', () => {
    expect(liveCue('d', cues)?.id).toBe('5');
    expect(liveCue('f', cues)).toBeUndefined();
  });
});
