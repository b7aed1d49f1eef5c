import {
  bareDrills,
  bookWith,
  buildLadders,
  catalogueBook,
  checkWords,
  cueIn,
  drawScene,
  drills,
  drillsFor,
  faultsOf,
  flaws,
  houseBook,
  isBare,
  itemThrows,
  jumpsOver,
  jumpWords,
  trace,
  waysRound,
  wholeDrill,
  type Discipline,
  type OwnDrill,
} from '../src';

const ours: OwnDrill = {
  ...wholeDrill('hip-first-lean'),
  id: 'own-fence-lean',
  name: 'Fence lean, our way',
  cue: 'Hip to the fence.',
};
const thrown: OwnDrill = { ...wholeDrill('full-delivery'), id: 'own-full', name: 'Full, our way' };
const kept = (drill: OwnDrill, retired = false) => ({ drill, retired });
const faults = (change: Partial<OwnDrill>, of = ours) =>
  faultsOf({ ...of, ...change }).map(({ field }) => field);

describe('a book', () => {
  const list = [kept(ours), kept(thrown, true)];
  const book = bookWith(list);
  it('holds the house’s drills and what is the academy’s own, and is the same for the same list', () => {
    expect(book.all.map(({ id }) => id)).toEqual([...houseBook.all.map(({ id }) => id), ours.id]);
    expect(bookWith(list)).toBe(book);
    expect(bookWith([])).toBe(houseBook);
    expect(catalogueBook.all).toBe(drills);
  });
  it('gives nothing that is retired, and still knows it', () => {
    expect(drillsFor('overhand', book).some(({ id }) => id === thrown.id)).toBe(false);
    expect(book.drill(thrown.id)).toMatchObject({ name: 'Full, our way' });
  });
  it('draws an own drill as the one that it names', () => {
    expect([book.figure(ours.id), book.figure('cross-tap'), catalogueBook.figure('cross-tap')]).toEqual([
      'hip-first-lean',
      'cross-tap',
      'cross-tap',
    ]);
  });
  it('does not let an own drill stand for one of the catalogue', () => {
    const false_ = bookWith([kept({ ...ours, id: 'cross-tap' })]);
    expect(false_.drill('cross-tap')!.name).toBe(catalogueBook.drill('cross-tap')!.name);
  });
});

describe('drills that need next to nothing', () => {
  const next = new Set(['wall', 'tape', 'tape line', 'phone']);
  it.each(flaws.filter(({ kind }) => kind === 'pattern').map(({ id }) => id))(
    '%s has a feel and a move drill with a wall, a tape or a phone at most',
    (flaw) => {
      for (const stage of ['feel', 'move'])
        expect(
          houseBook.all.some(
            (drill) =>
              drill.stage === stage &&
              drill.targets.includes(flaw) &&
              drill.equipment.every((any) => any.some((thing) => next.has(thing))),
          ),
        ).toBe(true);
    },
  );
  it.each(bareDrills.map((drill) => [drill.id, drill] as const))(
    '%s is told rightly and drawn',
    (id, bare) => {
      expect(faultsOf({ ...bare, id: 'own-try', figure: null })).toEqual([]);
      expect(bare.throws).toBe(0);
      expect(houseBook.figure(id)).toBe(bare.figure);
      const { discipline } = bare as { discipline: Discipline };
      if (bare.figure)
        expect(drawScene(id, { width: 90, height: 90, hand: 'R', discipline })?.length).toBeGreaterThan(5);
    },
  );

  const seen = trace({
    athlete: { discipline: 'overhand', throws: 'R', age: 14 },
    findings: { 'oh.hip-hike': 3, 'oh.lift-stall': 1 },
    runs: 0,
  });
  const feel = (equipment: string[], book = houseBook) =>
    buildLadders(
      { lower: 'oh.hip-hike', arm: null },
      { discipline: 'overhand', age: 14, equipment, book },
      seen,
    )[0]!.stages.find(({ stage }) => stage === 'feel')?.drills ?? [];
  it('fill in where no other drill for the focus fits, and only there', () => {
    expect(feel(['wall'])).toContain('bare-level-belt-lift');
    expect(feel(['wall', 'suspension strap'])).toContain('strap-lean');
    expect(feel(['wall', 'suspension strap']).filter(isBare)).toEqual([]);
    expect(feel(['wall'], catalogueBook).filter(isBare)).toEqual([]);
  });
});

describe('what asks the book', () => {
  const only = bookWith([kept({ ...ours, cues: { ...ours.cues, tags: ['push'] } }), kept(thrown)]);
  it('is told of own drills as of others', () => {
    expect(cueIn(ours.id, 'plain', only)).toBe('Hip to the fence.');
    expect(cueIn(ours.id, 'plain')).toBe('');
    expect(waysRound(ours.id, [], only)).toEqual(['oh.front-lean']);
    expect(itemThrows([{ date: '2026-06-08', drill: thrown.id, sets: 2 }], only)).toMatchObject([
      { count: 20 },
    ]);
    const [jump] = jumpsOver(
      [
        { stage: 'feel', drills: [ours.id] },
        { stage: 'move', drills: ['thumbs-down-break'] },
      ],
      only,
    );
    expect(jumpWords(jump!, only)).toContain('Fence lean, our way (feel) leaves out');
  });
  it('finds what pulls apart, and refuses a drill that is in no book', () => {
    const asked = { approach: { leave: 'fall' as const }, notes: [], drills: [ours.id] };
    expect(checkWords({ ...asked, book: only }).clashes).toHaveLength(1);
    expect(() => checkWords(asked)).toThrow('drills.0');
  });
  it('puts them into a ladder', () => {
    const athlete = { discipline: 'overhand' as const, throws: 'R' as const, age: 16 };
    const traced = trace({ athlete, findings: { 'oh.lift-stall': 3 } });
    const [ladder] = buildLadders(
      { lower: 'oh.lift-stall', arm: null },
      { ...athlete, equipment: ['fence'], book: bookWith([kept({ ...ours, targets: ['oh.lift-stall'] })]) },
      traced,
    );
    expect(ladder!.stages.find(({ stage }) => stage === 'feel')!.drills).toContain(ours.id);
  });
});

describe('an own drill', () => {
  it.each(drills.map(({ id }) => [id] as const))('may be what %s is, under another id', (id) => {
    expect(faultsOf({ ...wholeDrill(id), id: `own-${id}` })).toEqual([]);
  });
  it.each([
    ['id', { id: 'cross-tap' }],
    ['id', { id: 'Fence Lean' }],
    ['targets.1', { targets: ['oh.lift-stall', 'oh.nothing'] }],
    [
      'targets.0',
      { discipline: 'windmill', targets: ['oh.lift-stall'], page: { ...ours.page, workaround: null } },
    ],
    ['page.workaround.flaw', { page: { ...ours.page, workaround: { flaw: 'oh.none', seen: 'so' } } }],
    ['easier', { easier: 'own-fence-lean' }],
    ['harder', { harder: 'nowhere' }],
    ['figure', { figure: 'nowhere' }],
    ['page.leavesOut', { page: { ...ours.page, holds: ['stride'], leavesOut: 'stride' } }],
    ['dose', { dose: 'a few' }],
    ['effort', { effort: { from: 50, to: 60 } }],
  ] as const)('is refused for its %s', (field, change) => {
    expect(faults(change as Partial<OwnDrill>)).toContain(field);
  });
  it('may name another of the academy’s own as its neighbour', () => {
    const book = bookWith([kept(ours), kept(thrown)]);
    expect(faultsOf({ ...ours, harder: thrown.id }, book)).toEqual([]);
  });
});

describe('an own drill that is thrown', () => {
  it.each([
    ['throws', { throws: 19 }],
    ['throws', { dose: '2x30 s' }],
    ['effort', { effort: null }],
    ['effort.from', { effort: { from: 80, to: 70 } }],
    ['avoidWithPainIn', { avoidWithPainIn: ['elbow'] }],
    ['minAge', { effort: { from: 60, to: 95 }, minAge: 12 }],
    ['minAge', { equipment: [['ball'], ['stretch cord']], minAge: 12 }],
    ['minAge', { equipment: [['weighted balls']], minAge: 14 }],
  ] as const)('is refused for its %s: %o', (field, change) => {
    expect(faults(change as Partial<OwnDrill>, thrown)).toEqual([field]);
  });
  it.each([
    [{ effort: { from: 60, to: 95 }, minAge: 13 }],
    [{ effort: { from: 60, to: 90 }, minAge: 9 }],
    [{ equipment: [['weighted balls']], minAge: 15 }],
    [{ equipment: [['light band'], ['ball']], minAge: 9 }],
  ])('holds at %o', (change) => {
    expect(faults(change as Partial<OwnDrill>, thrown)).toEqual([]);
  });
});
