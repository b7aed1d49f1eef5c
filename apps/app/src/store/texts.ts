/** Every text of store. */
export const texts = {
  noConnectionWhatYou: 'No connection. What you typed is still here; try again.',
  theServerDidNot: 'The server did not answer as it should. What you typed is still here; try again.',
};
