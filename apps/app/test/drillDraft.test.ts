import type { OwnDrillRecord } from '@wrightonic/contract';
import { bookWith, catalogueBook, drills, houseBook, wholeDrill, type OwnDrill } from '@wrightonic/core';
import { broughtWords, fileOf } from '../src/features/drills/drillFile';
import { draftOf, drillOfDraft, emptyDraft, idFor } from '../src/features/drills/drillDraft';
import { drillsThat } from '../src/features/drills/filter';

const ours: OwnDrill = { ...wholeDrill('full-delivery'), id: 'own-full', name: 'Full, our way' };
const kept = (drill: OwnDrill, retired = false): OwnDrillRecord => ({ drill, retired, at: '', by: '' });

describe('a drill that is typed', () => {
  it.each(drills.map(({ id }) => [id] as const))('is the drill that it began as: %s', (id) => {
    const whole = { ...wholeDrill(id), id: `own-${id}` };
    expect(drillOfDraft(draftOf(whole), catalogueBook)).toEqual({ drill: whole });
  });
  it('names what is missing where it is typed', () => {
    const { problems } = drillOfDraft({ ...emptyDraft, id: 'own-x' }, catalogueBook);
    expect(problems).toMatchObject({
      name: 'Fill this in',
      targets: 'must hold at least 1',
      what: 'Fill this in',
      setUp: 'Fill this in',
      steps: 'must hold at least 1',
      good: 'Fill this in',
      cue: 'Fill this in',
      feel: 'Fill this in',
      target: 'Fill this in',
    });
  });
  it.each([
    ['minAge', { minAge: 'nine' }, /must be a number/],
    ['minAge', { minAge: '3' }, /at least 5/],
    ['effortTo', { effortTo: '120' }, /at most 100/],
    ['effortFrom', { effortFrom: '90', effortTo: '80' }, /above/],
    ['throws', { throws: '3' }, /2x10 is 20/],
    ['dose', { dose: 'some' }, /not a dose/],
    ['avoid', { avoid: [] }, /elbow/],
    ['needs', { needs: 'x'.repeat(41) }, /letters/],
    ['roundSeen', { roundFlaw: 'oh.front-lean', roundSeen: '' }, /Fill this in/],
  ] as const)('says what is wrong with %s beside it: %o', (field, change, words) => {
    const { problems } = drillOfDraft({ ...draftOf(ours), ...change } as typeof emptyDraft, catalogueBook);
    expect(problems![field]).toMatch(words);
  });
  it('is found by an id of its own, made of its name', () => {
    expect(idFor('  Ébène: the “Lean”! ', catalogueBook)).toBe('own-ebene-the-lean');
    expect(idFor('Full', bookWith([kept(ours)]))).toBe('own-full-2');
    expect(idFor('…', catalogueBook)).toBe('own-drill');
  });
});

it('hands on what is not retired, in the form that is read again', () => {
  const other = { ...ours, id: 'own-other' };
  const file = JSON.parse(fileOf([kept(ours), kept(other, true)]));
  expect(file).toEqual({ format: 'wrightonic-drills', version: 1, drills: [ours] });
});

it('says what a file would bring', () => {
  expect(broughtWords({ fresh: [ours], changed: [], same: ['own-a'] })).toBe(
    'New: Full, our way. 1 is here already, unchanged.',
  );
});

it('shows only the academy’s own when asked', () => {
  const all = bookWith([kept(ours)]).all;
  const any = { search: '', thread: null, stage: null, target: null, atHand: null };
  expect(drillsThat({ ...any, ours: true }, all).map(({ id }) => id)).toEqual(['own-full']);
  expect(drillsThat(any, all)).toHaveLength(houseBook.all.length + 1);
});
