import type { Role } from '@wrightonic/core';

/*
 * What the mails say.
 */

interface Mail {
  subject: string;
  body: string;
}

const roleNames: Readonly<Record<Role, string>> = {
  owner: 'an owner',
  instructor: 'an instructor',
  assistant: 'an assistant',
};

export const invitationMail = (
  { name, academy, by, role }: { name: string; academy: string; by: string; role: Role },
  url: string,
): Mail => ({
  subject: `${academy} invites you to Wrightonic`,
  body: [
    `Hello ${name},`,
    `${by} invites you to work at ${academy} as ${roleNames[role]}. Open this link within seven days and choose a password:`,
    url,
    'The link works once. If you did not expect it, you can ignore this mail.',
  ].join('\n\n'),
});

export const resetMail = ({ name, academy }: { name: string; academy: string }, url: string): Mail => ({
  subject: 'A new password for Wrightonic',
  body: [
    `Hello ${name},`,
    `Somebody asked for a new password for your account at ${academy}. Open this link within one hour to choose one:`,
    url,
    'The link works once. If it was not you, you can ignore this mail: your password stays as it is.',
  ].join('\n\n'),
});

export const weekMail = (
  { givenName, academy }: { givenName: string; academy: string },
  text: string,
): Mail => ({
  subject: `${givenName}’s week at ${academy}`,
  body: text,
});
