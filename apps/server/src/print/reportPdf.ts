import type { Report } from '@wrightonic/contract';
import {
  addDays,
  dayNumber,
  findingsAlong,
  notMedical,
  phaseNames,
  severityNames,
  stopForPain,
  velocityIn,
  type Change,
} from '@wrightonic/core';
import { allStitches, seamLayout } from '@wrightonic/core/seam';
import { scaleLinear } from 'd3-scale';
import { page, pdfOf, written, type Pdf } from './document';
import { texts } from './texts';

const ink = '#1D2B2F';
const faint = '#6A767A';
const line = '#C9C1B0';
const clay = '#A8492A';
const dusk = '#274B6D';
const grass = '#2F6B4A';
const inner = page.width - 2 * page.margin;

const longDay = (day: string): string => written(day, { day: 'numeric', month: 'long', year: 'numeric' });
const shortDay = (day: string): string => written(day, { day: 'numeric', month: 'short' });
const withDays = (text: string): string => text.replace(/\b\d{4}-\d\d-\d\d\b/g, (day) => longDay(day));

function heading(pdf: Pdf, text: string, y: number): number {
  pdf.font('heading').fontSize(16).fillColor(ink).text(text, page.margin, y, { width: inner });
  return pdf.y + 4;
}

function paragraph(pdf: Pdf, text: string, y: number, size = 11): number {
  pdf.font('text').fontSize(size).fillColor(ink).text(withDays(text), page.margin, y, { width: inner });
  return pdf.y + 5;
}

const seamHeight = 78;

/** A look along the seam, with the names of the phases below. */
function seam(pdf: Pdf, report: Report, which: 'before' | 'after', y: number): number {
  const look = report[which];
  if (!look) return y;
  const layout = seamLayout(report.discipline, findingsAlong(report.discipline, look.grades), {
    width: inner,
    height: seamHeight,
  });
  pdf
    .font('bold')
    .fontSize(10)
    .fillColor(ink)
    .text(`${which === 'before' ? 'Before' : 'After'}, ${longDay(look.date)}`, page.margin, y);
  const stitches = allStitches(layout.stitches, 5);
  pdf
    .save()
    .translate(page.margin, y + 12)
    .lineCap('round');
  pdf.path(layout.line).lineWidth(1).stroke(line);
  if (stitches.holes) pdf.path(stitches.holes).lineWidth(0.8).stroke(faint);
  if (stitches.tight) pdf.path(stitches.tight).lineWidth(1.5).stroke(ink);
  if (stitches.torn) pdf.path(stitches.torn).fill(clay);
  if (stitches.loose) pdf.path(stitches.loose).lineWidth(1.5).stroke(clay);
  pdf.restore();
  pdf.font('text').fontSize(8.5).fillColor(ink);
  for (const { phase, from, to } of layout.zones)
    pdf.text(phaseNames[phase]!, page.margin + from, y + 14 + seamHeight, {
      width: to - from,
      align: 'center',
    });
  return y + seamHeight + 34;
}

const chart = { left: 34, bottom: 22, height: 260 };

/** Usual and top over time, with the target. */
function velocityLine(pdf: Pdf, { velocity, unit, target }: Report, top: number): number {
  if (velocity.length === 0) return paragraph(pdf, texts.noVelocityYet, top);
  const value = (metres: number) => velocityIn(metres, unit);
  const days = velocity.map(({ date }) => dayNumber(date));
  const all = velocity.flatMap((each) => [value(each.usual), value(each.top)]);
  if (target) all.push(value(target.velocity));
  const room = Math.max(0.5, (Math.max(...all) - Math.min(...all)) * 0.1);
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const x = scaleLinear()
    .domain(first === last ? [first - 1, last + 1] : [first, last])
    .range([page.margin + chart.left, page.width - page.margin - 40]);
  const y = scaleLinear()
    .domain([Math.min(...all) - room, Math.max(...all) + room])
    .nice(4)
    .range([top + chart.height - chart.bottom, top + 6]);
  pdf.font('text').fontSize(8.5);
  for (const tick of y.ticks(4)) {
    pdf.moveTo(x.range()[0]!, y(tick)).lineTo(x.range()[1]!, y(tick)).lineWidth(0.5).stroke(line);
    pdf
      .fillColor(ink)
      .text(String(tick), page.margin, y(tick) - 5, { width: chart.left - 6, align: 'right' });
  }
  const named = [...new Set([velocity[0]!.date, velocity.at(-1)!.date])];
  for (const date of named)
    pdf.text(shortDay(date), x(dayNumber(date)) - 30, top + chart.height - 14, {
      width: 60,
      align: 'center',
    });
  const drawn = (of: 'usual' | 'top') =>
    velocity
      .map(
        (each, n) => `${n ? 'L' : 'M'}${x(dayNumber(each.date)).toFixed(1)} ${y(value(each[of])).toFixed(1)}`,
      )
      .join('');
  pdf.save().lineJoin('round');
  pdf.path(drawn('top')).dash(4, { space: 3 }).lineWidth(1).stroke(clay);
  pdf.undash().path(drawn('usual')).lineWidth(1.8).stroke(dusk);
  for (const each of velocity) pdf.circle(x(dayNumber(each.date)), y(value(each.usual)), 2.2).fill(dusk);
  if (target) {
    const at = y(value(target.velocity));
    pdf
      .moveTo(x.range()[0]!, at)
      .lineTo(x.range()[1]!, at)
      .dash(1.5, { space: 3 })
      .lineWidth(1)
      .stroke(grass);
    pdf
      .undash()
      .fillColor(grass)
      .text('target', x.range()[1]! + 4, at - 5, { lineBreak: false });
  }
  pdf.restore();
  const end = velocity.at(-1)!;
  pdf.fillColor(dusk).text('usual', x.range()[1]! + 4, y(value(end.usual)) - 5, { lineBreak: false });
  const apart = y(value(end.usual)) - y(value(end.top)) > 10;
  if (apart) pdf.fillColor(clay).text('top', x.range()[1]! + 4, y(value(end.top)) - 5, { lineBreak: false });
  pdf.fillColor(ink).text(unit, page.margin, top - 6, { lineBreak: false });
  return top + chart.height + 8;
}

const changeWords: Record<Change, string> = {
  better: 'Better',
  slipped: 'Slipped',
  new: texts.lookedAtFirst,
  same: 'Same',
  'not-looked-at': texts.notLookedAtThisTime,
};
/** So many lines of a kind of change; more would push the next steps off the page. */
const mostNamed = 9;

function changes(pdf: Pdf, { changes: all }: Report, y: number): number {
  if (all.length === 0) return y;
  let at = heading(pdf, texts.whatChanged, y);
  const grade = (value: number | null) => (value === null ? texts.notLookedAt : severityNames[value]!);
  for (const kind of ['better', 'slipped', 'same', 'new'] as const) {
    const some = all.filter(({ change, before, after }) => change === kind && (before || after));
    if (some.length === 0) continue;
    pdf
      .font('bold')
      .fontSize(10)
      .fillColor(ink)
      .text(changeWords[kind], page.margin, at + 2);
    at = pdf.y + 1;
    for (const { name, before, after } of some.slice(0, mostNamed)) {
      pdf
        .font('text')
        .fontSize(9.5)
        .text(`${name}: ${grade(before)}, now ${grade(after)}`, page.margin + 10, at);
      at = pdf.y + 1;
    }
    if (some.length > mostNamed) {
      pdf.text(`and ${some.length - mostNamed} more`, page.margin + 10, at);
      at = pdf.y + 1;
    }
  }
  return at + 6;
}

/** Newest weeks of work at home: as long as what was assigned, filled as far as it was done. */
const weeksShown = 10;
function homeWork(pdf: Pdf, { home, words }: Report, y: number): number {
  if (!words.home) return y;
  let at = paragraph(pdf, words.home, heading(pdf, texts.workAtHome, y));
  const weeks = home.slice(-weeksShown);
  const most = Math.max(...weeks.map(({ assigned }) => assigned), 1);
  const room = inner - 190;
  for (const { week, assigned, done, late } of weeks) {
    pdf
      .font('text')
      .fontSize(9)
      .fillColor(ink)
      .text(`${shortDay(week)} to ${shortDay(addDays(week, 6))}`, page.margin, at + 1);
    pdf
      .rect(page.margin + 100, at, (room * assigned) / most, 9)
      .lineWidth(0.8)
      .stroke(faint);
    if (done) pdf.rect(page.margin + 100, at, (room * done) / most, 9).fill(grass);
    const said = `${done} of ${assigned}${late ? `, ${late} late` : ''}`;
    pdf.fillColor(ink).text(said, page.margin + 108 + room, at + 1, { lineBreak: false });
    at += 15;
  }
  return at + 6;
}

function foot(pdf: Pdf, n: number): void {
  const y = page.height - page.margin - 26;
  pdf
    .font('text')
    .fontSize(8)
    .fillColor(faint)
    .text(`${stopForPain} ${notMedical}`, page.margin, y, { width: inner - 60, height: 30 });
  pdf.text(`${n} of 2`, page.width - page.margin - 40, y, { width: 40, align: 'right', lineBreak: false });
}

/** A progress report on two pages of A4: the summary, both seams and the velocity; what changed, the work, what is next. */
export function reportPdf(report: Report): Promise<Buffer> {
  const { givenName, academy, on, words, next } = report;
  return pdfOf({ title: `${givenName}’s progress`, author: academy }, (pdf) => {
    pdf.font('heading').fontSize(28).fillColor(ink).text(`${givenName}’s progress`, page.margin, page.margin);
    pdf
      .font('text')
      .fontSize(10)
      .text(`${academy}   ${longDay(on)}`, page.margin, page.margin + 34);
    let y = paragraph(pdf, words.movement, page.margin + 58, 12.5);
    y = paragraph(pdf, words.velocity, y, 12.5);
    if (report.before || report.after) {
      y = heading(pdf, texts.alongTheSeam, y + 10);
      y = seam(pdf, report, 'before', y);
      y = seam(pdf, report, 'after', y);
      y = paragraph(pdf, texts.seamLegend, y, 8.5);
    }
    y = heading(pdf, texts.velocityBySession, y + 10);
    velocityLine(pdf, report, y + 8);
    foot(pdf, 1);
    pdf.addPage();
    y = changes(pdf, report, page.margin);
    y = homeWork(pdf, report, y);
    y = heading(pdf, 'Next', y);
    for (const step of next) y = paragraph(pdf, `•  ${step}`, y);
    foot(pdf, 2);
  });
}
