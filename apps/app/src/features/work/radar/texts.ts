/** Every text of features, work, radar. */
export const texts = {
  ladderDone: 'Ladder done',
  ladderThrowAt: (effort: number) => `Ladder: throw at ${effort} %`,
  throwsEach: (throwsEach: number, done: string) => `${throwsEach} throws each. ${done}`,
  velocityAgainstEffort: (medians: string) => `Velocity against effort: ${medians}`,
  closeTheLadder: 'Close the ladder',
  stopTheLadder: 'Stop the ladder',
  openingTheRadarLine: 'Opening the radar line',
  radarIsReady: 'Radar is ready',
  radarLineLostTrying: 'Radar line lost; trying again',
  radar: 'Radar',
  velocityOfTheNewest: 'Velocity of the newest throw',
  discardReading: 'Discard reading',
  unclaimed: (velocity: string, part: string) => `${velocity} unclaimed${part}`,
  moreWaiting: (pendingCount: number) => ` (${pendingCount} more waiting)`,
  countAsThrow: 'Count as throw',
};
