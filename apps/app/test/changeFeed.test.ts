import { changesRepeated } from '@wrightonic/contract';
import { unheard } from '../src/ui/ChangeFeed/unheard';

it('reads again what is not told again: whatever is older than what the server repeats, or of a clock put back', () => {
  const now = 1_000_000;
  expect(unheard(now - changesRepeated, now)).toBe(false);
  expect(unheard(now - changesRepeated - 1, now)).toBe(true);
  expect(unheard(now, now)).toBe(false);
  expect(unheard(now + 1, now)).toBe(true);
  expect(unheard(-Infinity, now)).toBe(true);
});
