/** Every text of features, signIn. */
export const texts = {
  signIn: 'Sign in',
  wrightonic: 'Wrightonic',
  anExample: 'An example of a delivery',
  findTheCauseDrill: 'Find the cause, drill it, count it, prove the gain.',
  lookAroundTheDemo: 'Look around the demo academy',
  eMail: 'E-mail',
  password: 'Password',
  code: 'Code of your authenticator app, or a recovery code',
  forgotPassword: 'Forgot your password?',
  wrightonicHelpsToPlan:
    'Wrightonic helps to plan practice. It is not a medical device and gives no diagnosis of an injury: with pain, stop and ask a licensed clinician.',
  signingOut: 'Signing out',
  opening: 'Opening',
};
