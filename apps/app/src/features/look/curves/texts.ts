/** Every text of features, look, curves. */
export const texts = {
  noFlawShows: 'No flaw shows in what could be judged.',
  notInTheFile: (missing: string) => `Not in the file: ${missing}.`,
  forwardSpeeds: 'Forward speeds',
  plantMustBe: 'Plant must be a time in seconds, or empty.',
  releaseMustBe: 'Release must be a time in seconds, or empty.',
  theCutOffMust: 'The cut-off must be above 0 Hz.',
  nothingWasImported: (name: string, wrong: string) => `${name}: ${wrong}. Nothing was imported.`,
  plantAtS: 'Plant at, s',
  releaseAtS: 'Release at, s',
  lowPassHz: 'Low-pass, Hz',
  readingTheCurves: 'Reading the curves',
  speedCurves: 'Speed curves',
  openSpeedCurvesOr: 'Open speed curves or markers',
  readAgain: (name: string) => `Read ${name} again`,
  stop: 'Stop',
  theFileStays: 'The file stays on this device; the figures are kept.',
  saveAndOffer: 'Save and offer to the next look',
  goToLook: 'Go to Look and apply it',
  aMotionFileAs:
    'A motion file as CSV: time_s, and any of pelvis, trunk, glove, arm, hand in degrees a second; or the markers of a lab as TRC. It shows which part peaks when, and how speed is passed on.',
};
