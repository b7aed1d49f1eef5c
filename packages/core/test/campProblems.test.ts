import { campProblems, longestWithoutBreak, usualSetup, type CampMember, type CampSetup } from '../src';
import { campMember as member, head } from './samples';

let n = 0;
const newId = () => `id${n++}`;
const setup: CampSetup = usualSetup(head, newId);
const members = Array.from({ length: 12 }, (_, m) => member(`a${m}`));
const words = (of: CampSetup, who: readonly CampMember[] = members, zone = 'Europe/London') =>
  campProblems(of, who, zone).map(({ words: said }) => said);
const coach = (id: string, more: Partial<CampSetup['staff'][number]> = {}) => ({
  id,
  name: id,
  skills: [],
  hours: [{ day: '2031-07-14', from: '09:00', to: '12:30' }],
  ...more,
});

describe('what is wrong with a camp', () => {
  it('is nothing with the usual one', () => expect(words(setup)).toEqual([]));
  it.each<[string, Partial<CampSetup>, RegExp]>([
    ['days', { lastDay: '2031-07-13' }, /last day is before the first/],
    ['days', { lastDay: '2031-07-28' }, /lasts 14 days at most; this one has 15/],
    ['blocks', { blocks: [] }, /No slot yet/],
    ['stations', { stations: [] }, /No station yet/],
    [
      'areas',
      { areas: setup.areas.map((area) => ({ ...area, capacity: 15 })) },
      /Cage have 16 places together; the area holds 15/,
    ],
    [
      'skills',
      { staff: [coach('x')], stations: setup.stations.map((s) => ({ ...s, skill: 'windmill' })) },
      /No one on the staff can lead Sit and glide, which needs windmill/,
    ],
    [
      'minimum',
      { stations: setup.stations.map((s) => ({ ...s, minimum: 9 })) },
      /8 places and opens for 9 or more/,
    ],
    [
      'names',
      { stations: [...setup.stations, { ...setup.stations[0]!, id: 'x', capacity: 3 }] },
      /two stations Sit and glide/,
    ],
  ])('%s: %#', (_, more, said) => expect(words({ ...setup, ...more }).join(' ')).toMatch(said));

  it('overlaps by a minute, and not by none', () => {
    const first = { id: 'x', day: '2031-07-14', start: '20:00', minutes: 30, kind: 'break' } as const;
    const at = (start: string) =>
      words({ ...setup, blocks: [...setup.blocks, first, { ...first, id: 'y', start }] });
    expect(at('20:29').join()).toMatch(/20:29 begins before the one at 20:00 has ended/);
    expect(at('20:30')).toEqual([]);
  });
  it('ends after midnight, and not at midnight', () => {
    const late = (minutes: number) =>
      words({
        ...setup,
        blocks: [...setup.blocks, { id: 'x', day: '2031-07-14', start: '23:00', minutes, kind: 'lunch' }],
      });
    expect([late(60), late(61).length]).toEqual([[], 1]);
  });
  it('asks for water after its longest time without a break', () => {
    const long = (minutes: number) =>
      words({ ...setup, blocks: [{ ...setup.blocks[1]!, minutes }] }).filter((said) =>
        /water and shade/.test(said),
      );
    expect([long(longestWithoutBreak), long(longestWithoutBreak + 1).length]).toEqual([[], 1]);
  });
  it('has fewer places than athletes, by one', () => {
    const few = { ...setup, stations: setup.stations.map((s) => ({ ...s, capacity: 3 })) };
    const crowd = (count: number) => Array.from({ length: count }, (_, m) => member(`b${m}`));
    expect(words(few, crowd(18))).toEqual([]);
    expect(words(few, crowd(19))[0]).toMatch(/18 places for 19 athletes/);
  });
  it('has too few adults, by one', () => {
    const led = {
      ...setup,
      staff: Array.from({ length: 6 }, (_, s) => coach(`s${s}`)),
      athletesPerAdult: 2,
      blocks: setup.blocks.slice(0, 2),
    };
    expect(words(led)).toEqual([]);
    expect(words({ ...led, athletesPerAdult: 1 })[0]).toMatch(/6 adults for 12 athletes/);
  });
  it('names friends who are to be apart, and whoever may be nowhere', () => {
    expect(words({ ...setup, together: [['a0', 'a1']], apart: [['a1', 'a0']] })[0]).toMatch(
      /a1 and a0 are to be together and apart/,
    );
    const barred = setup.stations.map(({ id }) => id);
    expect(words(setup, [...members, member('z', { barred })])[0]).toMatch(/^z may be at no station/);
    expect(words(setup, [])).toEqual(['No athletes yet. Add some.']);
    expect(
      words(
        setup,
        Array.from({ length: 401 }, (_, m) => member(`c${m}`)),
      )[0],
    ).toMatch(/400 athletes at most/);
  });
  it('names friends whose ages keep them apart, from one year too many on', () => {
    const rule = { ...setup, ageSpan: 4, together: [['a0', 'a1']] };
    const born = (age: number) => [
      { ...member('a0'), age: 10 },
      { ...member('a1'), age },
      ...members.slice(2),
    ];
    expect(words(rule, born(14))).toEqual([]);
    expect(words(rule, born(15))).toEqual([
      'a0 and a1 are to be together and are 5 years apart; those at a station may be 4 apart at most. They cannot be together.',
    ]);
    expect(campProblems(rule, born(15), 'Europe/London')[0]!.stops).toBe(false);
  });
  it('says that the clocks change in a night of it', () => {
    const spring = usualSetup({ ...head, firstDay: '2031-03-29', lastDay: '2031-03-30' }, newId);
    expect(words(spring)).toEqual([expect.stringMatching(/clocks go forward in the night to 2031-03-30/)]);
    const autumn = usualSetup({ ...head, firstDay: '2031-10-25', lastDay: '2031-10-26' }, newId);
    expect(words(autumn)[0]).toMatch(/go back/);
    expect(words(autumn, members, 'Asia/Tokyo')).toEqual([]);
  });
});
