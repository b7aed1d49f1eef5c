import type { Request } from 'express';
import { fieldError, HttpError } from './httpError';
import { texts } from './texts';

const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
const mostPixelsUsual = 4096;

/** What a PNG says of itself in its first chunk; null for anything else. */
function pngSize(bytes: unknown): { width: number; height: number } | null {
  if (!Buffer.isBuffer(bytes) || bytes.length < 33 || !bytes.subarray(0, 8).equals(signature)) return null;
  if (bytes.toString('latin1', 12, 16) !== 'IHDR') return null;
  return { width: bytes.readUInt32BE(16), height: bytes.readUInt32BE(20) };
}

/** The PNG that was sent, held to what it says of its size. */
export function png(request: Request, mostPixels = mostPixelsUsual): Buffer {
  const size = pngSize(request.body);
  if (!size) throw fieldError('picture', texts.isNoPng);
  if (size.width < 1 || size.height < 1 || size.width > mostPixels || size.height > mostPixels)
    throw new HttpError(422, texts.pictureIsTooLarge(mostPixels));
  return request.body as Buffer;
}
