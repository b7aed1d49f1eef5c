import type { Role } from '@wrightonic/core';

export const roleWords: Readonly<Record<Role, string>> = {
  owner: 'an owner',
  instructor: 'an instructor',
  assistant: 'an assistant',
};

/** Every text of features, wayIn. */
export const texts = {
  foundAnAcademy: 'Set up your academy',
  thereIsOne: 'There is an academy here already.',
  signIn: 'Sign in',
  theServerPrinted:
    'The server printed a code when it started. Enter it here, then your academy and the first account, which is yours.',
  suchAsZone: 'Such as Europe/London or America/Chicago',
  mph: 'mph',
  kmh: 'km/h',
  feetAndPounds: 'ft, in and lb',
  metric: 'cm and kg',
  foundTheAcademy: 'Set up the academy',
  orLookAround:
    'Would you rather look around first? The demo academy has 24 invented athletes. Enter the code above and load it.',
  loadTheDemo: 'Load the demo academy',
  invitation: 'Invitation',
  opening: 'Opening',
  welcomeTo: (academy: string) => `Welcome to ${academy}`,
  invitesYou: (by: string, role: string) => `${by} invites you to work here as ${role}.`,
  youSignInWith: (email: string) => `You sign in with ${email}. Choose a password for it.`,
  createTheAccount: 'Create the account',
  forgotPassword: 'Forgot your password?',
  weSendALink: 'Enter your e-mail address. You will get a link that opens for one hour.',
  sendTheLink: 'Send the link',
  ifThereIsAnAccount:
    'If there is an account with this address, a link is on its way. It opens for one hour. Where no mail server is set up, an owner finds it in Office, Mail.',
  newPassword: 'New password',
  passwordIsSet: 'The new password is set. Sign in with it.',
  askForAnother: 'Ask for another link',
  youAreSignedOut: 'Wherever you are signed in now, you will be signed out.',
  setThePassword: 'Set the password',
};
