/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  linksRunInCircle: (cycle: readonly string[]) => `The links run in a circle: ${cycle.join(' → ')}`,
  isNoCheckpointOf: (discipline: string) => `not a checkpoint, limit or symptom of ${discipline}`,
  mustBeAGrade: 'must be 0, 1, 2 or 3',
  thereIsNo: (cause: string) => `there is no “${cause}”`,
  causesNothing: (name: string) => `“${name}” is what the ball shows; it causes nothing`,
  limitHasNoCause: (name: string) => `“${name}” is a limit of the body; the delivery does not cause it`,
  isTactical: (name: string) => `“${name}” is tactical and is never traced`,
  nothingIsItsOwnCause: 'nothing is its own cause',
  areOfTwoDeliveries: (name: string, toName: string) => `“${name}” and “${toName}” are of two deliveries`,
  mustBeWithin: (leastWeight: number, mostWeight: number) =>
    `must be a number from ${leastWeight} to ${mostWeight}`,
  thisWouldCloseCircle: (cycle: string) => `This would close a circle: ${cycle}.`,
  isUnknownIn: (id: string, discipline: string) => `${id} is unknown in ${discipline}`,
  isNoLimit: 'is not a limit of the body',
  isNoCheckpoint: (id: string) => `${id} is not a checkpoint, limit or symptom`,
};
