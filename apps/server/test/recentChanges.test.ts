import { changesRepeated } from '@wrightonic/contract';
import { RecentChanges, type Change } from '../src/http/recentChanges';

const athlete = (athleteId: string): Change => ({ to: 'academy', event: 'athlete', data: { athleteId } });

it('tells a change once more for ten seconds, however often it was told', () => {
  let now = 0;
  const recent = new RecentChanges(() => now);
  recent.add(athlete('a'));
  recent.add(athlete('b'));
  now = 1;
  recent.add(athlete('a'));
  expect(recent.all()).toEqual([athlete('b'), athlete('a')]);
  now = changesRepeated;
  expect(recent.all()).toEqual([athlete('b'), athlete('a')]);
  now = changesRepeated + 1;
  expect(recent.all()).toEqual([athlete('a')]);
  now = changesRepeated + 2;
  expect(recent.all()).toEqual([]);
});
