/** What people read when something beside the interface goes wrong. */
export const texts = {
  trackerIsNotHere:
    'The joint tracker is not on this server yet: it is fetched when the server starts with a connection. Events can be marked by hand.',
  trackerNotFetched:
    'The joint tracker could not be fetched. With a connection it is fetched once and kept on this device; until then mark events by hand.',
  cannotRunTracker: 'This browser cannot run the joint tracker. Mark events by hand, or use a newer browser.',
  cannotDecode:
    'This browser cannot decode the film. On the phone, set the camera to record “most compatible” (H.264) instead of “high efficiency” (HEVC), and film again. You can still mark by hand where the film plays.',
  hasNoPicture: (name: string) => `${name} has no picture.`,
  filmNotFollowed: 'The film could not be followed to its end. What was marked is kept; try again.',
};
