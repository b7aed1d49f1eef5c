import { hash, verify } from '@node-rs/argon2';

/** Argon2id with the library's defaults, which follow current guidance. */
export const hashPassword = (password: string): Promise<string> => hash(password);

let unknown: Promise<string> | undefined;

/** Takes as long for an unknown e-mail as for a wrong password, so that neither can be told from outside. */
export async function passwordFits(stored: string | null, password: string): Promise<boolean> {
  unknown ??= hashPassword('nobody has this password');
  const fits = await verify(stored ?? (await unknown), password);
  return stored !== null && fits;
}
