/** What people read of this folder; another language is one more table. */
export const texts = {
  mailServerRefused: (responseCode: number | undefined, code: string | undefined) =>
    `The mail server refused it (${responseCode ?? code ?? 'no answer'}).`,
};
