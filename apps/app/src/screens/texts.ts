/** Every text of screens. */
export const texts = {
  oneMoment: 'One moment',
};
