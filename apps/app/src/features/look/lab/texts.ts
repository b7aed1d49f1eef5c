/** Every text of features, look, lab. */
export const texts = {
  whichMarkerLiesWhere: 'Which marker lies where',
  whereSeveralLieAround:
    'If several lie around a joint, tick them all; their middle is used. The academy remembers it for the next file from this lab.',
  noneYet: 'none yet',
  done: 'Done',
  change: 'Change',
  stillWithoutAMarker: (without: string) => `Still without a marker: ${without}.`,
  readTheMarkers: 'Read the markers',
  itCouldNotBe: 'it could not be read',
  closeTheFile: 'Close the file',
  readingTheMarkers: 'Reading the markers',
  nothingWasImported: (name: string, wrong: string) => `${name}: ${wrong}. Nothing was imported.`,
  inSpace: 'In space',
  speedCurves: 'Speed curves',
  turningIs:
    'Turning is that of the line between two joints; the forearm is used for the hand. They are saved with the offers above.',
  markersOfThe: (jointName: string) => `Markers of the ${jointName}`,
  markersAroundThe: (jointName: string) => `Markers around the ${jointName}`,
};
