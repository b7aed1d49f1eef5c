const hashed = 1_000_000;

/** SHA-256 of the first megabyte: enough to know a clip again, and quick for a long one. */
export async function hashOf(file: File): Promise<string> {
  const bytes = await file.slice(0, hashed).arrayBuffer();
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Hands a file to the person, as the browser saves it. */
export function saveFile(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
