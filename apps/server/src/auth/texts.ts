/** What people read of this folder; another language is one more table. */
export const texts = {
  pageIsOutOfDate: 'This page is out of date. Load it again.',
  signInFirst: 'Sign in first.',
  forOneCamp: 'This account is for one camp, and sees nothing else.',
  onlyOnDaysOfCamp: 'This account works only on the days of its camp.',
  tooManySigningIn: 'Too many people are signing in. Try again in a moment.',
};
