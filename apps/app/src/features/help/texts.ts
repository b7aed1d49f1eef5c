/** Every text of features, help. */
export const texts = {
  searchTheGuide: 'Search the guide',
  nothingInTheGuide: 'Nothing in the guide matches these words.',
  readTheSeam: 'Read the seam',
  help: 'Help',
  back: 'Back',
};
