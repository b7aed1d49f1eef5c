/** Every text of features, prove, axis. */
export const texts = {
  theChosenDay: 'The chosen day',
  previousDayWith: 'Previous day with an entry',
  nextDayWith: 'Next day with an entry',
  since: (day: string) => `, since ${day}`,
  nothingWasRecorded: 'Nothing was recorded on this day.',
  target: (one: string) => `Target ${one}`,
  obviousOrSevere: 'obvious or severe',
  targetForUsualVelocity: (unit: string) => `Target for usual velocity, ${unit}`,
  targetVelocityTo: (velocityIn: string, velocityIn2: string, unit: string) =>
    `Target velocity: ${velocityIn} to ${velocityIn2} ${unit}.`,
  setTarget: 'Set target',
  removeTarget: 'Remove target',
  cancel: 'Cancel',
  everything: 'Everything',
  aYear: 'A year',
  months: '3 months',
  planStagesLowerHalf: 'Plan stages: lower half, arm',
  overTime: 'Over time',
  changeTarget: 'Change target',
  setATarget: 'Set a target',
  lanesOf: (openCount: number, thereCount: number) => `Lanes: ${openCount} of ${thereCount}`,
  lanesThatAreOpen: 'Lanes that are open',
  axisOfTimeFrom: (day: string) =>
    `Axis of time from ${day}: arrow keys move it, plus and minus zoom, Home shows everything. The days can be read below, one by one.`,
  lineWithDotsUsual: (real: boolean) =>
    `Line with dots: usual of each session. Thin line: top. Dashed, with its band: the trend${real ? '; beyond today it is a projection' : ', which is not real yet'}.`,
  lineWithDotsUsualOfEach: 'Line with dots: usual of each session. Thin line: top.',
  tapTheAxis: 'Tap the axis to see the day.',
};
