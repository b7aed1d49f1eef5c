/** What people read when something beside the interface goes wrong. */
export const texts = {
  trackerEnded: 'The joint tracker ended. What was marked is kept; try again.',
  fileCouldNotBeRead: 'The file could not be read.',
  couldNotBeWorkedOut: 'It could not be worked out how sure this is.',
};
