// Beside a server that is measured: writes on a signal how long its event loop stood still at most since the last one, ms.
const { writeFileSync } = require('node:fs');
const { monitorEventLoopDelay } = require('node:perf_hooks');

const delay = monitorEventLoopDelay({ resolution: 5 });
delay.enable();
process.on('SIGUSR2', () => {
  writeFileSync(process.env.LAG_FILE, (delay.max / 1e6).toFixed(1));
  delay.reset();
});
