import type { CampMemberRecord, CampPaper, CampRecord } from '@wrightonic/contract';
import {
  blocksInOrder,
  drillOf,
  nodeName,
  notMedical,
  slotsOf,
  stopForPain,
  timeOfMinutes,
  minutesOf,
  type CampBlock,
  type CampChangeOf,
} from '@wrightonic/core';
import { page, pdfOf, written, type Pdf } from './document';
import { texts } from './texts';

const ink = '#1D2B2F';
const line = '#C9C1B0';
const inner = page.width - 2 * page.margin;
const bottom = page.height - page.margin - 24;

/** A camp as it is printed, and whatever its papers say beside it. */
export interface PrintedCamp {
  camp: CampRecord;
  academy: string;
  /** How an athlete is called: by the given name alone where the camp says so. */
  called: (id: string) => string;
  outcome: ReadonlyMap<string, CampChangeOf>;
  notes: ReadonlyMap<string, readonly string[]>;
  /** A velocity, m/s, in words. */
  said: (velocity: number) => string;
}

const dayWords = (day: string): string => written(day, { weekday: 'long', day: 'numeric', month: 'long' });
const span = ({ start, minutes }: CampBlock): string =>
  `${start}–${timeOfMinutes(Math.min(minutesOf(start) + minutes, 1439))}`;

/** Pages of rows under a title that is repeated when a page is full. */
class Sheet {
  private y = 0;
  private fresh = true;
  private title = '';

  constructor(
    private readonly pdf: Pdf,
    private readonly foot: string,
  ) {}

  begin(title: string, under: string): void {
    this.title = title;
    if (!this.fresh) this.pdf.addPage();
    this.fresh = false;
    const { pdf } = this;
    pdf.font('heading').fontSize(26).fillColor(ink).text(title, page.margin, page.margin, { width: inner });
    pdf.font('text').fontSize(10).text(under, { width: inner });
    pdf
      .fontSize(8)
      .text(this.foot, page.margin, page.height - page.margin - 10, { width: inner, lineBreak: false });
    this.y = page.margin + 58;
  }

  /** One row; the first cell bold. */
  row(cells: readonly string[], widths: readonly number[], size = 10): void {
    const { pdf } = this;
    const width = (n: number) => widths[n]! * inner - 6;
    const heights = cells.map((cell, n) =>
      pdf
        .font(n ? 'text' : 'bold')
        .fontSize(size)
        .heightOfString(cell || ' ', { width: width(n) }),
    );
    const height = Math.max(...heights) + 8;
    if (this.y + height > bottom) this.begin(this.title, 'continued');
    pdf
      .moveTo(page.margin, this.y)
      .lineTo(page.width - page.margin, this.y)
      .lineWidth(0.6)
      .stroke(line);
    let x = page.margin;
    cells.forEach((cell, n) => {
      pdf
        .font(n ? 'text' : 'bold')
        .fontSize(size)
        .fillColor(ink);
      pdf.text(cell, x, this.y + 4, { width: width(n) });
      x += widths[n]! * inner;
    });
    this.y += height;
  }

  heading(text: string): void {
    if (this.y + 60 > bottom) this.begin(this.title, 'continued');
    this.pdf
      .font('heading')
      .fontSize(16)
      .fillColor(ink)
      .text(text, page.margin, this.y + 8, { width: inner });
    this.y += 34;
  }
}

const rightFoot = `${stopForPain} ${notMedical}`;

/** Who is at each station in each slot, a page a station; names can be ticked. */
function stationSheets(sheet: Sheet, { camp, called }: PrintedCamp): void {
  const { setup, plan } = camp;
  const staff = new Map(setup.staff.map(({ id, name }) => [id, name]));
  for (const station of setup.stations) {
    const area = setup.areas.find(({ id }) => id === station.areaId)?.name ?? '';
    const drills = station.drills.map((id) => drillOf(id)?.name ?? id).join(', ');
    sheet.begin(station.name, [area, drills].filter(Boolean).join('   '));
    let day = '';
    slotsOf(setup).forEach((slot) => {
      const t = plan!.slots.indexOf(slot.id);
      if (slot.day !== day) sheet.heading(dayWords(slot.day));
      day = slot.day;
      const there = plan!.routes
        .filter(({ stations }) => stations[t] === station.id)
        .map(({ athlete }) => called(athlete));
      const coach = staff.get(plan!.coaches[slot.id]?.[station.id] ?? '') ?? '';
      sheet.row(
        [
          span(slot),
          coach,
          there
            .sort()
            .map((name) => `[  ] ${name}`)
            .join('   ') || 'closed',
        ],
        [0.16, 0.2, 0.64],
      );
    });
  }
}

/** Where everyone goes: by group where groups rotate, else athlete by athlete. */
function groupLists(sheet: Sheet, { camp, called }: PrintedCamp): void {
  const { setup, plan } = camp;
  const stations = new Map(setup.stations.map(({ id, name }) => [id, name]));
  const slots = slotsOf(setup);
  for (const day of [...new Set(slots.map((slot) => slot.day))]) {
    sheet.begin(texts.whereEveryoneGoes, dayWords(day));
    const way = (route: readonly (string | null)[]) =>
      slots
        .flatMap((slot) => {
          const at = route[plan!.slots.indexOf(slot.id)] ?? null;
          return slot.day === day ? [`${slot.start} ${at ? stations.get(at) : '–'}`] : [];
        })
        .join('   ');
    if (plan!.groups.length)
      for (const { group, athletes, stations: route } of plan!.groups) {
        sheet.row([`Group ${group}`, way(route)], [0.16, 0.84]);
        sheet.row(['', athletes.map(called).sort().join(', ')], [0.16, 0.84], 9);
      }
    else
      for (const { athlete, stations: route } of [...plan!.routes].sort((a, b) =>
        called(a.athlete).localeCompare(called(b.athlete)),
      ))
        sheet.row([called(athlete), way(route)], [0.22, 0.78], 9);
  }
}

/** What each of the staff leads, and the rest of their day. */
function coachSchedules(sheet: Sheet, { camp }: PrintedCamp): void {
  const { setup, plan } = camp;
  const stations = new Map(setup.stations.map((station) => [station.id, station]));
  const areas = new Map(setup.areas.map(({ id, name }) => [id, name]));
  for (const { id, name } of setup.staff) {
    sheet.begin(name, setup.name);
    let day = '';
    for (const block of blocksInOrder(setup.blocks)) {
      if (block.day !== day) sheet.heading(dayWords(block.day));
      day = block.day;
      const led = Object.entries(plan!.coaches[block.id] ?? {}).find(([, coach]) => coach === id)?.[0];
      const station = led ? stations.get(led) : undefined;
      const t = plan!.slots.indexOf(block.id);
      const there = station ? plan!.routes.filter((route) => route.stations[t] === station.id).length : 0;
      const what =
        block.kind !== 'slot'
          ? block.kind
          : station
            ? `${station.name} (${areas.get(station.areaId) ?? ''}), ${there} athletes`
            : texts.free;
      sheet.row([span(block), what], [0.2, 0.8]);
    }
  }
}

const labels = { across: 2, down: 7, gap: 8 };

/** Name labels to cut out: the given name large, and the first day's way. */
function nameLabels(pdf: Pdf, { camp, called }: PrintedCamp): void {
  const { setup, plan, members } = camp;
  const width = (inner - labels.gap) / labels.across;
  const height = (page.height - 2 * page.margin - (labels.down - 1) * labels.gap) / labels.down;
  const stations = new Map(setup.stations.map(({ id, name }) => [id, name]));
  const slots = slotsOf(setup);
  members.forEach((member, n) => {
    const place = n % (labels.across * labels.down);
    if (place === 0 && n > 0) pdf.addPage();
    const x = page.margin + (place % labels.across) * (width + labels.gap);
    const y = page.margin + Math.floor(place / labels.across) * (height + labels.gap);
    pdf.rect(x, y, width, height).lineWidth(0.6).dash(3, { space: 3 }).stroke(line).undash();
    pdf
      .font('heading')
      .fontSize(28)
      .fillColor(ink)
      .text(called(member.id), x + 10, y + 8, { width: width - 20, height: 34, ellipsis: true });
    const route = plan?.routes.find(({ athlete }) => athlete === member.id)?.stations ?? [];
    const way = slots
      .filter(({ day }) => day === setup.firstDay)
      .map((slot) => `${slot.start} ${stations.get(route[plan!.slots.indexOf(slot.id)] ?? '') ?? '–'}`)
      .join('  ');
    pdf
      .font('text')
      .fontSize(8.5)
      .text(way, x + 10, y + 44, { width: width - 20, height: height - 50, ellipsis: true });
  });
}

const verdictWords: Record<CampChangeOf['verdict'], string> = {
  up: texts.faster,
  down: texts.slower,
  within: texts.noChange,
  untested: texts.tooFewThrows,
};

/** The report card of one athlete. */
function card(sheet: Sheet, printed: PrintedCamp, member: CampMemberRecord): void {
  const { camp, outcome, notes, said } = printed;
  const { setup, plan } = camp;
  const name = setup.surnames ? `${member.givenName} ${member.familyName}` : member.givenName;
  sheet.begin(
    name,
    `${setup.name}, ${dayWords(setup.firstDay)} to ${dayWords(setup.lastDay)}   ${printed.academy}`,
  );
  const of = outcome.get(member.id);
  sheet.heading(texts.velocityFirstAndLast);
  const figure = (which: 'first' | 'last') => {
    const session = of?.[which];
    return session
      ? texts.usualTopThrows(said(session.usual), said(session.top), session.n)
      : texts.notMeasuredEnough;
  };
  sheet.row([dayWords(setup.firstDay), figure('first')], [0.35, 0.65]);
  sheet.row([dayWords(setup.lastDay), figure('last')], [0.35, 0.65]);
  if (of?.change !== null && of?.change !== undefined)
    sheet.row(
      [
        'Change',
        texts.changeOf(of.change, said(Math.abs(of.change)), verdictWords[of.verdict], said(of.needed!)),
      ],
      [0.35, 0.65],
    );
  sheet.heading(texts.whatWasWorkedOn);
  const visits = new Map<string, number>();
  for (const at of plan?.routes.find(({ athlete }) => athlete === member.id)?.stations ?? [])
    if (at) visits.set(at, (visits.get(at) ?? 0) + 1);
  for (const station of setup.stations) {
    const n = visits.get(station.id) ?? 0;
    if (n)
      sheet.row(
        [
          station.name,
          `${n === 1 ? 'once' : `${n} times`}: ${station.drills.map((id) => drillOf(id)?.name ?? id).join(', ')}`,
        ],
        [0.35, 0.65],
      );
  }
  const seen = Object.entries(member.needs).sort((a, b) => b[1] - a[1]);
  const own = notes.get(member.id) ?? [];
  if (own.length) {
    sheet.heading(texts.whatCoachesNoted);
    for (const note of own) sheet.row(['', note], [0.05, 0.95]);
  }
  if (seen.length) {
    sheet.heading('Next');
    const most = setup.stations.find(({ id }) => id === seen[0]![0]);
    const flaws = most?.treats.slice(0, 3).map(nodeName).join(', ');
    if (most) sheet.row([most.name, texts.atHome(flaws)], [0.35, 0.65]);
  }
}

/**
 * A paper of a camp, for when the phone is wet.
 *
 * @param only the card of one athlete, instead of all
 */
export function campPdf(printed: PrintedCamp, what: CampPaper, only: string | null = null): Promise<Buffer> {
  const { camp, academy } = printed;
  return pdfOf({ title: camp.setup.name, author: academy }, (pdf) => {
    const sheet = new Sheet(pdf, rightFoot);
    if (what === 'stations') stationSheets(sheet, printed);
    else if (what === 'groups') groupLists(sheet, printed);
    else if (what === 'coaches') coachSchedules(sheet, printed);
    else if (what === 'labels') nameLabels(pdf, printed);
    else for (const member of camp.members) if (!only || member.id === only) card(sheet, printed, member);
  });
}
