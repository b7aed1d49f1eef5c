/**
 * Puts the clock of a process so many milliseconds ahead (`CLOCK_AHEAD`), for tests that must hold on any day. Loaded
 * before anything else; does nothing where nothing is asked for.
 */
const ahead = Number(process.env.CLOCK_AHEAD ?? 0);

if (ahead && !globalThis.Date.ahead) {
  const Real = globalThis.Date;
  globalThis.Date = class Date extends Real {
    static ahead = ahead;

    constructor(...given) {
      if (given.length) super(...given);
      else super(Real.now() + ahead);
    }

    static now() {
      return Real.now() + ahead;
    }
  };

  // Node dates its answers by a clock of its own.
  const { ServerResponse } = require('node:http');
  const { writeHead } = ServerResponse.prototype;
  ServerResponse.prototype.writeHead = function dated(...given) {
    if (!this.hasHeader('date')) this.setHeader('date', new Date().toUTCString());
    return writeHead.apply(this, given);
  };
}
