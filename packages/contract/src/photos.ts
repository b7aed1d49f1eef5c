/** Of a picture of an athlete, as it is sent; the device makes it small first, bytes and pixels. */
export const largestPhoto = 400_000;
export const photoSide = 320;
