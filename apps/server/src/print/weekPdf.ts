import {
  drawScene,
  levelWords,
  type Shape,
  lockedAtHomeWords,
  notMedical,
  stopForPain,
  type SheetItem,
  type WeekSheet,
} from '@wrightonic/core';
import QRCode from 'qrcode';
import { page, pdfOf, written, type Pdf } from './document';
import { texts } from './texts';

/** Printed on white, so that little ink is used. */
const inks: Record<Shape['ink'], string> = {
  body: '#1D2B2F',
  far: '#6A767A',
  wrong: '#A8492A',
  ball: '#A8492A',
  thing: '#274B6D',
  ground: '#C9C1B0',
  paper: '#FFFFFF',
};
const { body: ink, ground: line } = inks;

const inner = page.width - 2 * page.margin;
const figure = { width: 74, height: 50 };
const drillWidth = 252;
const tallestRow = 58;
const footHeight = 104;

function drawFigure(pdf: Pdf, sheet: WeekSheet, drill: string, x: number, y: number): void {
  pdf.save().translate(x, y).lineCap('round').lineJoin('round');
  for (const { path, width, ink: colour, dashed } of drawScene(drill, {
    ...figure,
    hand: sheet.throws,
    discipline: sheet.discipline,
  }) ?? []) {
    if (!path) continue;
    pdf.path(path);
    if (width === 0) pdf.fill(inks[colour]);
    else {
      if (dashed) pdf.dash(2.5, { space: 2.5 });
      else pdf.undash();
      pdf.lineWidth(width);
      if (colour === 'ball') pdf.fillAndStroke(inks.paper, inks.ball);
      else pdf.stroke(inks[colour]);
    }
  }
  pdf.undash().restore();
}

/** Text that gets smaller until it fits, and ends in dots where it never does. */
function fit(
  pdf: Pdf,
  text: string,
  x: number,
  y: number,
  width: number,
  height: number,
  size: number,
): void {
  let points = size;
  while (points > 6.5 && pdf.fontSize(points).heightOfString(text, { width }) > height) points -= 0.5;
  pdf.fontSize(points).text(text, x, y, { width, height, ellipsis: true });
}

function head(pdf: Pdf, sheet: WeekSheet): number {
  const { margin } = page;
  pdf.font('heading').fontSize(26).fillColor(ink);
  pdf.text(`${sheet.givenName}’s week`, margin, margin, { lineBreak: false });
  const days = sheet.days.map(({ date }) => date);
  const span = days.length
    ? `${written(days[0]!, { day: 'numeric', month: 'long' })} to ${written(days.at(-1)!, { day: 'numeric', month: 'long', year: 'numeric' })}`
    : '';
  pdf.font('text').fontSize(10);
  pdf.text(`${sheet.academy}   ${span}`, margin, margin + 30);
  if (sheet.focus.length) pdf.font('bold').text(sheet.focus.join(' '), margin, margin + 44, { width: inner });
  if (!sheet.lock) return margin + 64;
  pdf
    .font('bold')
    .fontSize(11)
    .text(lockedAtHomeWords(sheet.lock), margin, margin + 60, { width: inner });
  return pdf.y + 8;
}

/** One box to tick for each set. */
function boxes(pdf: Pdf, item: SheetItem, x: number, y: number, width: number): void {
  const size = 8;
  const perRow = Math.max(1, Math.floor((width - 4) / (size + 3)));
  for (let n = 0; n < item.sets; n++) {
    const left = x + 3 + (n % perRow) * (size + 3);
    pdf
      .rect(left, y + Math.floor(n / perRow) * (size + 3), size, size)
      .lineWidth(0.9)
      .stroke(ink);
  }
}

/** Where the days stand beside the drills. */
interface Columns {
  from: number;
  width: number;
}

const rule = (pdf: Pdf, y: number, width: number, colour: string): void => {
  pdf
    .moveTo(page.margin, y)
    .lineTo(page.width - page.margin, y)
    .lineWidth(width)
    .stroke(colour);
};

/** A text in the middle of the column of a day. */
const inColumn = (pdf: Pdf, columns: Columns, n: number, text: string, y: number): void => {
  pdf.text(text, columns.from + n * columns.width, y, { width: columns.width, align: 'center' });
};

function drillRow(pdf: Pdf, sheet: WeekSheet, drill: SheetItem, y: number, height: number): void {
  rule(pdf, y, 0.6, line);
  pdf
    .save()
    .translate(page.margin, y + 2)
    .scale(Math.min(1, (height - 4) / figure.height));
  if (drill.figure) drawFigure(pdf, sheet, drill.figure, 0, 0);
  pdf.restore();
  const left = page.margin + figure.width + 4;
  pdf.font('bold').fillColor(ink);
  fit(pdf, `${drill.name}  ·  ${drill.amount}`, left, y + 4, drillWidth - 10, 13, 10.5);
  pdf.font('text');
  const care = drill.caution ? `  Care: ${drill.caution}` : '';
  const level = drill.level ? `  ${levelWords(drill.level)}` : '';
  fit(pdf, `“${drill.cue}”${level}${care}`, left, y + 17, drillWidth - 10, height - 19, 9);
}

/** Every drill once, with the days on which it is done beside it. */
function grid(pdf: Pdf, sheet: WeekSheet, top: number): void {
  const { margin } = page;
  const days = sheet.days.filter(({ items }) => items.length);
  const first = new Map<string, SheetItem>();
  for (const item of days.flatMap(({ items }) => items))
    if (!first.has(item.drill)) first.set(item.drill, item);
  const from = margin + figure.width + drillWidth;
  const columns = { from, width: days.length ? (page.width - margin - from) / days.length : 0 };
  const bottom = page.height - margin - footHeight;
  const rowHeight = Math.min(tallestRow, (bottom - top - 46) / Math.max(1, first.size));

  pdf.font('bold').fontSize(9).fillColor(ink);
  days.forEach(({ date }, n) => {
    inColumn(pdf, columns, n, written(date, { weekday: 'short' }), top);
    inColumn(pdf, columns, n, written(date, { day: 'numeric', month: 'numeric' }), top + 11);
  });
  let y = top + 26;
  for (const drill of first.values()) {
    drillRow(pdf, sheet, drill, y, rowHeight);
    days.forEach(({ items }, n) => {
      const item = items.find((each) => each.drill === drill.drill);
      if (!item) return;
      pdf.font('bold').fontSize(9).fillColor(ink);
      inColumn(pdf, columns, n, `${item.sets} ×`, y + 5);
      boxes(pdf, item, columns.from + n * columns.width + 2, y + 18, columns.width - 4);
    });
    y += rowHeight;
  }
  if (first.size === 0) {
    const none = texts.nothingAssigned;
    pdf
      .font('text')
      .fontSize(12)
      .text(none, margin, y + 10);
    y += 40;
  }
  rule(pdf, y, 1, ink);
  // While throws are locked the sheet names none.
  if (sheet.lock) return;
  pdf
    .font('bold')
    .fontSize(9)
    .fillColor(ink)
    .text(texts.throwsInAll, margin, y + 5);
  days.forEach(({ throws }, n) => inColumn(pdf, columns, n, String(Math.round(throws)), y + 5));
}

/** The line on pain, and a code that leads to the athlete's page. */
async function foot(pdf: Pdf, url: string): Promise<void> {
  const { margin } = page;
  const code = 84;
  const top = page.height - margin - code;
  const width = inner - code - 18;
  const image = await QRCode.toBuffer(url, { margin: 0, width: 336, errorCorrectionLevel: 'M' });
  pdf.image(image, page.width - margin - code, top, { width: code });
  pdf.font('bold').fontSize(10).fillColor(ink).text(stopForPain, margin, top, { width });
  const counts = texts.everyThrowCounts(notMedical);
  pdf
    .font('text')
    .fontSize(9)
    .text(counts, margin, pdf.y + 4, { width });
  pdf
    .fontSize(7.5)
    .fillColor(inks.far)
    .text(url, margin, page.height - margin - 9, { width, lineBreak: false });
}

/**
 * The week on one side of A4: every drill once with its mirrored figure and its one cue, the days beside it with a
 * box for each set, what is thrown each day, the line on pain, and a code that leads to the athlete's page.
 *
 * @param url what the code leads to
 */
export function weekPdf(sheet: WeekSheet, url: string): Promise<Buffer> {
  return pdfOf({ title: `${sheet.givenName}’s week`, author: sheet.academy }, async (pdf) => {
    grid(pdf, sheet, head(pdf, sheet));
    await foot(pdf, url);
  });
}
