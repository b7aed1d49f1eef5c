/** Every text of features, unsent. */
export const texts = {
  notSent: 'Not sent',
  back: 'Back',
  connectedWaitingEntriesAre: 'Connected. Waiting entries are being sent.',
  noConnectionEverything:
    'No connection. Everything is saved on this device and sent in order when you are connected again.',
  thisBrowserHasNo:
    'This browser has no room to keep entries: they exist only in this page. Leave it open until they are sent, or free some room on the device.',
  refused: 'Refused',
  notAccepted: (why: undefined | string) => `Not accepted: ${why}`,
  removeFromTheList: 'Remove from the list',
  waiting: (unsentCount: number) => `Waiting: ${unsentCount}`,
  wereLoggedBySomebody: (others: number) =>
    `${others} were logged by someone else and will be sent when they sign in on this device.`,
  andMore: (unsentCount: number) => `and ${unsentCount} more`,
  tryNow: 'Try now',
  everythingLoggedHereHas: 'Everything logged here has reached the server.',
};
