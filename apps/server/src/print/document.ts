import type PDFDocument from 'pdfkit';

const fonts = {
  text: require.resolve('@expo-google-fonts/atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf'),
  bold: require.resolve('@expo-google-fonts/atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf'),
  heading: require.resolve('@expo-google-fonts/barlow-condensed/600SemiBold/BarlowCondensed_600SemiBold.ttf'),
};

// A4, points.
export const page = { width: 595.28, height: 841.89, margin: 34 };

/** An ISO day in words. */
export const written = (date: string, parts: Intl.DateTimeFormatOptions): string =>
  new Intl.DateTimeFormat('en-GB', { ...parts, timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`));

export type Pdf = InstanceType<typeof PDFDocument>;

/** Loaded when the first document is printed; whoever starts a server can ask for it before. */
export const printer = async () => (await import('pdfkit')).default;

/** A document of A4 pages with the product's fonts, as bytes. */
export async function pdfOf(
  { title, author }: { title: string; author: string },
  draw: (pdf: Pdf) => void | Promise<void>,
): Promise<Buffer> {
  const Document = await printer();
  const pdf = new Document({
    size: 'A4',
    margin: 0,
    autoFirstPage: true,
    info: { Title: title, Author: author },
  });
  const parts: Buffer[] = [];
  pdf.on('data', (part: Buffer) => parts.push(part));
  const ended = new Promise<void>((done) => pdf.on('end', () => done()));
  for (const [name, file] of Object.entries(fonts)) pdf.registerFont(name, file);
  await draw(pdf);
  pdf.end();
  await ended;
  return Buffer.concat(parts);
}
