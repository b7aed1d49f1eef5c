import {
  bookWith,
  buildLadders,
  catalogueBook,
  checkWords,
  cueIn,
  drills,
  drillsFor,
  faultsOf,
  itemThrows,
  jumpsOver,
  jumpWords,
  trace,
  waysRound,
  wholeDrill,
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
  it('holds the catalogue and what is the academy’s own, and is the same for the same list', () => {
    expect(book.all.map(({ id }) => id)).toEqual([...drills.map(({ id }) => id), ours.id]);
    expect(bookWith(list)).toBe(book);
    expect(bookWith([])).toBe(catalogueBook);
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
