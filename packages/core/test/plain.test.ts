import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { catalogueBook, flaws, isWarmUp, limits, nodeName, saidOf, thrownWords, weekSheet } from '../src';

/** The grade of school at which a text is read, by the usual formula. */
const gradeOf = (text: string): number =>
  fleschKincaid({
    sentence: text.split(/[.!?]+/).filter((part) => part.trim()).length,
    word: text.split(/\s+/).filter(Boolean).length,
    syllable: syllable(text),
  });
const worked = [...flaws.filter(({ kind }) => kind !== 'tactical'), ...limits].flatMap(({ id }) => {
  const said = saidOf(id);
  return said ? [[id, said.plain] as const] : [];
});

describe('what a child is told', () => {
  it.each(worked)('%s, in ten words at most: %s', (_, plain) => {
    expect(plain.split(/\s+/).length).toBeLessThanOrEqual(10);
  });
  it('reads at grade six or below', () => {
    expect(worked.length).toBeGreaterThan(60);
    expect(gradeOf(worked.map(([, plain]) => plain).join(' '))).toBeLessThanOrEqual(6);
    // Long words alone make the formula climb: no sentence needs more than a child of twelve can read.
    const hard = worked.filter(([, plain]) => gradeOf(plain) > 9);
    expect(hard).toEqual([]);
  });
  it('names no flaw unless the instructor wants it', () => {
    const athlete = { givenName: 'Wren', throws: 'R', discipline: 'overhand', voice: 'plain' } as const;
    const plan = { threads: [{ focus: 'oh.lift-stall' }] };
    const rest = { plan, assignment: null, academy: 'The barn', lock: null, levels: {}, cues: [] };
    expect(weekSheet(athlete, rest).focus).toEqual(['This week: Keep your hips moving toward the plate.']);
    expect(weekSheet(athlete, { ...rest, names: true }).focus).toEqual([
      `Working on: ${nodeName('oh.lift-stall')}.`,
    ]);
  });
});

describe('one count of a thing', () => {
  it.each([
    [0, 0, ''],
    [7, 0, '7 thrown'],
    [0, 7, '7 thrown (count as 3.5)'],
    [2, 1, '3 thrown (count as 2.5)'],
  ])('%p hard and %p easy: %s', (hard, easy, words) => {
    expect(thrownWords({ hard, easy, counted: hard + easy / 2 })).toBe(words);
  });
  it('a warm-up is done or not, and throws are counted in any stage', () => {
    expect(isWarmUp(catalogueBook.drill('warm-up-flow')!)).toBe(true);
    expect(isWarmUp(catalogueBook.drill('easy-catch')!)).toBe(false);
    expect(isWarmUp(catalogueBook.drill('hip-first-lean')!)).toBe(false);
  });
});
