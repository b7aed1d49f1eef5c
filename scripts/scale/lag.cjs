// Beside a server that is measured: says on a signal how long its event loop stood still at most since the last one.
const { monitorEventLoopDelay } = require('node:perf_hooks');

const delay = monitorEventLoopDelay({ resolution: 5 });
delay.enable();
process.on('SIGUSR2', () => {
  process.stderr.write(`stood still ${(delay.max / 1e6).toFixed(1)}\n`);
  delay.reset();
});
