import { extname, join } from 'node:path';

const ending = extname(__filename);

/**
 * The file of a thread, which lies beside whoever starts it: as a source, or as the script that was made of it.
 *
 * @param folder of whoever starts it
 * @param name without its ending
 */
export const threadFile = (folder: string, name: string): string => join(folder, `${name}${ending}`);

/** What Node needs to read it. */
export const threadArgs = ending === '.ts' ? ['--require', require.resolve('tsx/cjs')] : [];
