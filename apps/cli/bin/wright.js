#!/usr/bin/env node
// The core is TypeScript source without a build step, so the loader comes first.
require('tsx/cjs');

require('../src/main.ts')
  .main(process.argv.slice(2))
  .then((code) => {
    process.exitCode = code;
  });
