const hashed = 1_000_000;

/** SHA-256 of the first megabyte: enough to know a clip again, and quick for a long one. */
export async function hashOf(file: File): Promise<string> {
  const bytes = await file.slice(0, hashed).arrayBuffer();
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Markers of a motion lab. */
export const isMarkers = ({ name }: { name: string }): boolean => /\.trc$/i.test(name);
/** Points without a film. */
export const isPoints = ({ name }: { name: string }): boolean => /\.json$/i.test(name);

/** A film stays where it is; what is on disk is all that is read of it. */
export const maxFilmBytes = 20_000_000_000;
/** As the browser filters films by. */
export const films = 'video/mp4,video/webm,video/quicktime,.mp4,.webm,.mov';
