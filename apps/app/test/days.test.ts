import { clockAt, dayWords, longDay, readDaysAs, timeAt } from '../src/ui/words/days';

afterEach(() => readDaysAs({ dateOrder: 'auto', hours: 'auto' }));
const evening = '2026-05-23T15:30:00.000Z';

describe('days and times as a person reads them', () => {
  it('American', () => {
    readDaysAs({ dateOrder: 'month-day', hours: '12' });
    expect(dayWords('2026-05-23', '2026-06-01')).toBe('May 23');
    expect(dayWords('2025-05-23', '2026-06-01')).toBe('May 23, 2025');
    expect(longDay('2026-05-23')).toBe('Saturday, May 23');
    expect(timeAt(evening, 'Europe/London')).toMatch(/^4:30\sPM$/);
  });
  it('British', () => {
    readDaysAs({ dateOrder: 'day-month', hours: '24' });
    expect(dayWords('2026-05-23', '2026-06-01')).toBe('23 May');
    expect(longDay('2026-05-23')).toBe('Saturday 23 May');
    expect(timeAt(evening, 'Europe/London')).toBe('16:30');
  });
  it('one does not decide over the other, and fields keep theirs', () => {
    readDaysAs({ dateOrder: 'month-day', hours: '24' });
    expect([dayWords('2026-05-23', '2026-06-01'), timeAt(evening, 'Europe/London')]).toEqual([
      'May 23',
      '16:30',
    ]);
    readDaysAs({ dateOrder: 'day-month', hours: '12' });
    expect(clockAt(evening, 'Europe/London')).toBe('16:30');
    expect(clockAt('2026-05-23T23:05:00.000Z', 'Europe/London')).toBe('00:05');
  });
});
