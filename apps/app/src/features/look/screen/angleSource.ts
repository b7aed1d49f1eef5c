/** Whatever tells an angle over time, in degrees; a phone laid along a limb, or something that pretends to be one. */
export interface AngleSource {
  /** Begins to tell; answers with a way to stop. */
  listen: (tell: (degrees: number) => void) => () => void;
  simulated: boolean;
}

const everyMs = 80;

/**
 * A pretend phone: rises to an angle over two seconds, then trembles about it as a hand does. Plainly marked as
 * simulated wherever it is used.
 */
export const simulatedAngle = (toward: number): AngleSource => ({
  simulated: true,
  listen: (tell) => {
    let ticks = 0;
    const timer = setInterval(() => {
      ticks++;
      const risen = Math.min(1, (ticks * everyMs) / 2000);
      const tremble = Math.sin(ticks * 0.9) * 0.6 + Math.sin(ticks * 0.37) * 0.4;
      tell(Math.round((toward * risen * (2 - risen) + tremble) * 10) / 10);
    }, everyMs);
    return () => clearInterval(timer);
  },
});
