/** Every text of offline. */
export const texts = {
  theServerDidNot: 'The server did not accept it.',
};
