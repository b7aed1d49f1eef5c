import { dayOrderIn, isoDays } from '../src';

const table = (...days: string[]) => ['name,Birthdate', ...days.map((day) => `"Ann, A",${day}`)].join('\n');

it.each([
  ['iso', ['2011-05-23', '']],
  ['month-day', ['5/1/2011', '12/13/2011']],
  ['day-month', ['5/1/2011', '13/12/2011']],
  ['either', ['5/1/2011', '12/12/2011']],
  ['day-month', ['23.5.2011']],
] as const)('finds that days are written %s', (order, days) => {
  expect(dayOrderIn(table(...days), 'birthdate')).toBe(order);
});

it('writes the days of a column anew, and leaves what is none in that order', () => {
  const read = (order: 'month-day' | 'day-month') =>
    isoDays(table('5/1/2011', '2011-05-23', '23/5/2011', '2/30/2011'), 'birthdate', order)
      .split('\r\n')
      .slice(1)
      .map((line) => line.split(',').at(-1));
  expect(read('month-day')).toEqual(['2011-05-01', '2011-05-23', '23/5/2011', '2/30/2011']);
  expect(read('day-month')).toEqual(['2011-01-05', '2011-05-23', '2011-05-23', '2/30/2011']);
  expect(isoDays('a,b\n1,2', 'birthdate', 'day-month')).toBe('a,b\n1,2');
});
