import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Color from 'color';
import { day, lights } from '../src/theme/colours';

const contrast = (one: string, other: string): number => Color(one).contrast(Color(other));
const grounds = ['ground', 'surface', 'sunk', 'amberSunk'] as const;
const texts = ['ink', 'inkSoft', 'dusk', 'grass', 'clay'] as const;

it.each(texts.flatMap((text) => grounds.map((ground) => [text, ground] as const)))(
  'in the sun %s is read on %s',
  (text, ground) => {
    expect(contrast(day[text], day[ground])).toBeGreaterThanOrEqual(7);
  },
);

it.each(texts.flatMap((text) => grounds.map((ground) => [text, ground] as const)))(
  'under lights %s is read on %s',
  (text, ground) => {
    expect(contrast(lights[text], lights[ground])).toBeGreaterThanOrEqual(4.5);
  },
);

it.each(
  [day, lights].flatMap((colours) => (['ground', 'surface', 'sunk'] as const).map((on) => colours[on])),
)('where the keyboard is stands out on %s', (ground) => {
  const page = readFileSync(join(__dirname, '../public/index.html'), 'utf8');
  const ring = /:focus-visible[^{]*\{\s*outline: 3px solid (#[0-9a-f]{6})/.exec(page)![1]!;
  expect(contrast(ring, ground)).toBeGreaterThanOrEqual(3);
});
