import type { AuditKind } from '@wrightonic/contract';
import type { Role } from '@wrightonic/core';

export const roleNames: Readonly<Record<Role, string>> = {
  owner: 'Owner',
  instructor: 'Instructor',
  assistant: 'Assistant',
};

export const auditKindNames: Readonly<Record<AuditKind, string>> = {
  saw: 'Opened an athlete',
  changed: 'Changed something',
  exported: 'Took something out',
  invited: 'Invited someone',
  cleared: 'Cleared after pain or injury',
  deleted: 'Deletions',
  'signed in': 'Signed in',
  refused: 'Could not sign in',
};

const people = (n: number): string => (n === 1 ? 'one athlete' : `${n} athletes`);
const lessons = (n: number): string => (n === 1 ? 'one lesson' : `${n} lessons`);

/** Every text of features, office, staff. */
export const texts = {
  back: 'Back',
  cancel: 'Cancel',
  read: 'Read',

  readingTheAccount: 'Reading the account',
  youSignInWith: (email: string) => `You sign in with ${email}.`,
  demoAccountsStay: 'Everybody may look around the demo academy, so its passwords cannot be changed here.',
  password: 'Password',
  passwordIsChanged: 'The password is changed. Wherever else you were signed in, you are signed out.',
  changeThePassword: 'Change the password',
  whereYouAreSignedIn: 'Where you are signed in',
  aBrowser: 'A browser',
  sessionSince: (agent: string, day: string, here: boolean) =>
    `${agent}, since ${day}${here ? ' (this one)' : ''}`,
  signOut: 'Sign out',
  signOutThere: (agent: string) => `Sign out ${agent}`,
  wrightonicHelpsToPlan:
    'Wrightonic helps to plan practice. It is not a medical device and gives no diagnosis of an injury: with pain, stop and ask a licensed clinician.',
  secondFactor: 'Second factor',
  secondFactorIsOn: (left: number) =>
    `On: you also enter six digits of your authenticator app. ${left} recovery codes are left.`,
  secondFactorIsOff:
    'Off. With it, you also enter six digits of an authenticator app when you sign in, so a stolen password is not enough.',
  turnItOn: 'Turn it on',
  turnItOff: 'Turn it off',
  goOn: 'Go on',
  scanThisCode: 'Scan this code with an authenticator app, then enter the six digits that it shows.',
  codeForTheApp: 'Code for the authenticator app',
  orTypeThis: 'Or type this into the app:',
  sixDigits: 'Six digits from the app',
  keepTheseCodes:
    'Keep these recovery codes on paper. Each works once, for the day on which the phone is lost. They are shown only now.',
  copyTheCodes: 'Copy the codes',
  iHaveKeptThem: 'I have kept them',

  people: 'People',
  readingThePeople: 'Reading the people',
  you: (name: string) => `${name} (you)`,
  deactivated: 'Deactivated',
  helpsAtACamp: 'Helps at a camp',
  secondFactorOn: 'Second factor on',
  lastSignedIn: (day: string) => `Last signed in ${day}`,
  roleOf: (name: string) => `Role of ${name}`,
  deactivate: (name: string) => `Deactivate ${name}`,
  deactivateAsk: (name: string) =>
    `${name} is signed out everywhere at once and cannot sign in any more. Everything ${name} recorded stays.`,
  activate: (name: string) => `Activate ${name} again`,
  lessonsToCome: (n: number) => `${n === 1 ? 'One lesson' : `${n} lessons`} to come.`,
  handThemOverTo: 'Hand them over to',
  nobody: 'Choose someone',
  handOverLessons: (n: number) => `Hand over ${lessons(n)}`,
  inviteSomebody: 'Invite someone',
  linkIsShownOnce:
    'The invitation goes out by mail. You can also pass this link on; it is shown only now, works once and for seven days.',
  copyTheLink: 'Copy the link',
  iHaveCopiedIt: 'I have copied it',
  invite: 'Invite',
  openInvitations: 'Open invitations',
  invited: (name: string, email: string, role: string, until: string, over: boolean) =>
    `${name}, ${email}, as ${role}. ${over ? 'Expired' : 'Valid until'} ${until}.`,
  takeBack: 'Take back',
  takeBackOf: (name: string) => `Withdraw the invitation of ${name}`,
  whatEachRoleMayDo: 'What each role may do',
  ownerInstructorAssistant: 'Owner, instructor, assistant',

  mail: 'Mail',
  readingTheMail: 'Reading the mail',
  mailIsSimulated:
    'No mail server is set up, so mail is simulated: nothing leaves this server. You can read here what would have been sent; the links in it work.',
  noMailYet: 'No mail yet. Invitations, new passwords and weekly lines to parents show up here.',
  mailTo: (to: string, day: string) => `To ${to}, ${day}`,
  simulated: 'Simulated: not sent',
  sent: 'Sent',
  waitsToBeSent: 'Waits to be sent',
  readMail: (subject: string) => `Read “${subject}”`,

  audit: 'Who did what',
  keptForAYear: 'Who opened, changed, exported and cleared what, and who signed in. Kept for a year.',
  what: 'What',
  who: 'Who',
  everything: 'Everything',
  everybody: 'Everybody',
  fromDay: 'From',
  toDay: 'To',
  saveAsCsv: 'Save as CSV',
  readingTheAudit: 'Reading the list',
  nothingOfThatKind: 'Nothing of that kind was recorded. Choose other days or someone else.',
  olderOnesToo: 'There are older entries. Choose a last day to see them, or save the CSV.',
  theServer: 'The server',
  auditLine: (by: string, told: string, athlete: string | null) =>
    `${by}: ${told}${athlete ? `: ${athlete}` : ''}`,
  atOn: (day: string, time: string) => `${day}, ${time}`,

  takeAlong: 'Archive',
  tablesForASpreadsheet: 'Tables for a spreadsheet',
  tableNames: { athletes: 'Athletes', throws: 'Throws', reps: 'Reps', looks: 'Looks', screens: 'Screens' },
  theWholeAcademy: 'The whole academy',
  everythingOf: (academy: string) =>
    `Everything of ${academy} as a ZIP of CSV tables with their description, photos and frames included. Passwords are not in it.`,
  saveTheAcademy: 'Save the academy',
  oneAthleteInProfile: 'One athlete is saved in their profile.',
  bringIn: 'Import',
  whatComesIn:
    'An athlete from another academy, or a whole academy into one without athletes. You see what is coming before anything is saved.',
  chooseArchive: 'Choose an archive',
  readingTheArchive: 'Reading the archive',
  athletesCameIn: (n: number) => `${n === 1 ? 'One athlete' : `${n} athletes`} came in.`,
  bringInAthletes: (n: number) => `Import ${people(n)}`,
  anAthleteOf: (academy: string) => `An athlete of ${academy}`,
  takenOut: (day: string) => `Taken out ${day}.`,
  rowsOfTables: (rows: number, tables: number) => `${rows} rows in ${tables} tables`,
  nothingCanBeBroughtIn: 'Nothing can be imported until this is fixed:',
  problemIn: (table: string, row: number | null, message: string) =>
    `${table}${row === null ? '' : `, row ${row}`}: ${message}`,

  archivedAndDeleted: 'Archived and deleted',
  readingTheList: 'Reading the list',
  deletions: 'Deletions',
  aDeletionTakes:
    'A deletion is requested in an athlete’s profile. A second person confirms it; after 14 days everything is gone for good. Until then it can be undone.',
  noneUnderWay: 'No deletion is under way.',
  askedBy: (by: string, day: string, reason: string) => `Requested by ${by}, ${day}: ${reason}`,
  confirmedUntil: (by: string, day: string) => `Confirmed by ${by}. Gone for good ${day}.`,
  waitsForYou: 'It waits for your confirmation.',
  confirmDeletionOf: (name: string) => `Confirm: delete ${name}`,
  keepAthlete: (name: string) => `Keep ${name}`,
  archivedAthletes: 'Archived athletes',
  archivedAreKept: 'Off the lists, everything kept.',
  archivedOn: (name: string, day: string) => `${name}, ${day}`,
  backToTheRoster: 'Back to the roster',
  backToTheRosterOf: (name: string) => `Back to the roster: ${name}`,
  nobodyIsArchived: 'Nobody is archived.',
  withoutContact: 'Without contact for long',
  proposeAfter: 'Propose athletes for deletion after',
  never: 'Never',
  years: (n: number) => (n === 1 ? '1 year' : `${n} years`),
  nobodyIsProposed: 'Nobody is proposed for deletion.',
  proposedAfter: (n: number) => `Athletes are proposed after ${n === 1 ? '1 year' : `${n} years`}.`,
  lastContact: (name: string, day: string | null) =>
    `${name}, ${day ? `last contact ${day}` : 'no contact yet'}`,
  openTheProfile: 'Open the profile',
  profileOf: (name: string) => `Open the profile of ${name}`,
};
