import {
  bookWith,
  drillOf,
  fromKept,
  positionOfStage,
  reachesDelivery,
  wholeDrill,
  type Ladder,
  type Stage,
} from '../src';

const rungs = (...stages: Stage[]) => stages.map((stage, position) => ({ stage, position }));

describe('a stage that a ladder skipped', () => {
  it.each([
    ['between its neighbours', rungs('prep', 'feel', 'blend'), 'move', 1.5],
    ['before the first', rungs('move', 'blend'), 'feel', -1],
    ['after the last', rungs('feel', 'move'), 'compete', 2],
    ['alone', [], 'feel', 0],
  ] as const)('opens %s', (_, there, stage, position) => {
    expect(positionOfStage(there, stage, 'instruct')).toBe(position);
  });
  it('opens where the approach climbs it, whether or not its neighbour is there', () => {
    const there = rungs('feel', 'move', 'connect');
    expect(positionOfStage(there, 'constrain', 'instruct')).toBe(1.5);
    // Constrained first: right behind feel, before move.
    expect(positionOfStage(there, 'constrain', 'constrain')).toBe(0.5);
  });
});

it('reaches the delivery with blend and deliver, not with either', () => {
  expect(reachesDelivery(rungs('feel', 'blend', 'deliver'))).toBe(true);
  expect(reachesDelivery(rungs('feel', 'blend', 'compete'))).toBe(false);
  expect(reachesDelivery(rungs('deliver'))).toBe(false);
});

describe('a ladder that was kept', () => {
  const fitted: Ladder = {
    thread: 'lower',
    focus: 'oh.lift-stall',
    share: 0.6,
    stages: [{ stage: 'feel', drills: ['cross-tap'] }],
    skipped: ['compete'],
    reachesDelivery: false,
    limitedBy: ['The body first.'],
    left: [],
  };
  const kept = {
    thread: 'lower' as const,
    stages: [
      { stage: 'feel' as const, drills: [{ drill: 'hip-first-lean', dose: '2x5' }] },
      { stage: 'blend' as const, drills: [{ drill: 'gone', dose: '1x1' }] },
      { stage: 'deliver' as const, drills: [{ drill: 'full-delivery', dose: '1x10' }] },
    ],
  };
  const who = { discipline: 'overhand' as const, age: 15, equipment: [] };

  it('keeps the focus of the athlete and the drills and doses of the ladder, and names what stays out', () => {
    const ladder = fromKept(fitted, kept, who);
    expect(ladder).toMatchObject({
      focus: 'oh.lift-stall',
      share: 0.6,
      stages: [
        { stage: 'feel', drills: ['hip-first-lean'] },
        { stage: 'deliver', drills: ['full-delivery'] },
      ],
      skipped: [],
      reachesDelivery: false,
      limitedBy: ['gone stays out: is not given any more.'],
    });
    expect(ladder.doses).toMatchObject({ 'hip-first-lean': '2x5', 'full-delivery': '1x10' });
  });
  it('leaves out an own drill that was retired', () => {
    const own = { ...wholeDrill('hip-first-lean'), id: 'own-lean' };
    const stages = [{ stage: 'feel' as const, drills: [{ drill: own.id, dose: '2x5' }] }];
    const with_ = (retired: boolean) =>
      fromKept(fitted, { ...kept, stages }, { ...who, book: bookWith([{ drill: own, retired }]) });
    expect(with_(false).stages[0]!.drills).toEqual(['own-lean']);
    expect(with_(true).limitedBy).toEqual(['own-lean stays out: is not given any more.']);
  });
  it('leaves out what age, delivery or an injury rules out', () => {
    const stages = [
      {
        stage: 'move' as const,
        drills: ['straight-line-stride', 'full-delivery'].map((drill) => ({
          drill,
          dose: '1x5',
        })),
      },
    ];
    const first = drillOf('full-delivery')!.minAge;
    const barred = ({ id }: { id: string }) => (id === 'straight-line-stride' ? 'not cleared' : null);
    const young = fromKept(fitted, { ...kept, stages }, { ...who, age: first - 1, barred });
    expect(young.limitedBy).toContain(`Full delivery, flat ground stays out: from age ${first} on.`);
    const hurt = fromKept(fitted, { ...kept, stages }, { ...who, barred });
    expect(hurt.limitedBy).toEqual([`${drillOf('straight-line-stride')!.name} stays out: not cleared.`]);
  });
});
