// Writes the paths of just the icons that are used; the whole set is far too large to ship.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './run.mjs';

const used = [
  'account',
  'account-group',
  'alert-outline',
  'arrow-down',
  'arrow-up',
  'calendar-export',
  'calendar-plus',
  'camera',
  'chart-bell-curve',
  'check',
  'chevron-down',
  'chevron-left',
  'chevron-right',
  'chevron-up',
  'close',
  'cloud-off-outline',
  'dots-vertical',
  'drag',
  'dumbbell',
  'flag-checkered',
  'human',
  'magnify',
  'minus',
  'movie-open',
  'lock',
  'lock-open-outline',
  'content-copy',
  'pencil',
  'pin',
  'play',
  'plus',
  'pin-outline',
  'printer',
  'share-variant',
  'speedometer',
  'target',
  'timer-outline',
  'tray-arrow-down',
  'tune-variant',
  'undo-variant',
  'weather-sunny',
];

const all = await import('@mdi/js');
const nameOf = (icon) => `mdi${icon.replace(/(^|-)(.)/g, (_, __, letter) => letter.toUpperCase())}`;
const lines = used.map((icon) => {
  const path = all[nameOf(icon)];
  if (!path) throw new Error(`There is no icon ${icon}`);
  return `  '${icon}': '${path}',`;
});
writeFileSync(
  join(root, 'apps', 'app', 'src', 'ui', 'iconPaths.ts'),
  `// Written by scripts/icons.mjs.\nexport const iconPaths = {\n${lines.join('\n')}\n} as const;\n`,
);
