import { join } from 'node:path';
import { main, must, root } from './run.mjs';

/** Writes the types of the app's routes, as its folders say them, where the type check finds them. */
await main(() =>
  must('npx', ['expo', 'customize', 'tsconfig.json'], {
    cwd: join(root, 'apps', 'app'),
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
  }),
);
