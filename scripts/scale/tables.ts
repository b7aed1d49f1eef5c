import { createWriteStream, type WriteStream } from 'node:fs';

/** Columns of each table in the order in which its rows are written; academy and writer are said when it is loaded. */
export const columns = {
  athletes: 'id given_name family_name discipline throws birthdate height_cm mass_kg equipment approach',
  body_sizes: 'id athlete_id date height_cm mass_kg at',
  lessons: 'id athlete_id instructor_id starts_at zone minutes place series_id',
  lesson_changes: 'id lesson_id rest state reason at',
  looks: 'id athlete_id kind zone date place looked_at at',
  look_ends: 'id look_id at',
  findings: 'id look_id node severity at',
  traces:
    'id athlete_id look_id catalogue result chosen_lower chosen_arm proposed_lower proposed_arm findings reason at',
  plans: 'id athlete_id trace_id starts_on ends_on relook_on at',
  plan_threads: 'id plan_id thread focus share skipped held',
  plan_stages: 'id plan_thread_id stage position',
  plan_drills: 'id plan_stage_id drill dose position at',
  stage_moves: 'id plan_thread_id stage stays reason at',
  assignments: 'id athlete_id plan_id from_date days week_days reason at',
  assignment_items: 'id assignment_id date drill plan_drill_id sets position',
  sessions: 'id athlete_id plan_id date zone at',
  session_ends: 'id session_id note at',
  pain_reports: 'id session_id moment level site at',
  rep_events: 'id session_id drill outcome at',
  undone: 'id session_id of at',
  throws: 'id athlete_id session_id date drill velocity effort pitch ball_g rep_id sides at',
  screens: 'id athlete_id date zone at',
  screen_tries: 'id screen_id test side n value pain at',
  screen_ends: 'id screen_id at',
  curve_readings: 'id athlete_id date zone name result at',
  shares: 'id athlete_id token_hash expires_at at',
  home_sets: 'id athlete_id share_id date drill set_n done clean missed done_on throws at received',
  devices: 'id name key_hash at',
  readings: 'id device_id velocity read_at at',
} as const;
export type ScaleTable = keyof typeof columns;
const withoutWriter = new Set<ScaleTable>([
  'athletes',
  'lessons',
  'plan_threads',
  'plan_stages',
  'assignment_items',
  'home_sets',
  'readings',
]);

/** A file of rows that waits when the disk does. */
export class Table {
  private rows: string[] = [];
  private size = 0;
  private readonly out: WriteStream;
  constructor(path: string) {
    this.out = createWriteStream(path);
  }
  add(...values: (string | number)[]): void {
    const line = values.join('\t');
    this.rows.push(line);
    this.size += line.length;
  }
  async flush(atLeast = 4_000_000): Promise<void> {
    if (this.size < atLeast) return;
    const more = this.out.write(`${this.rows.join('\n')}\n`);
    this.rows = [];
    this.size = 0;
    if (!more) await new Promise<void>((done) => this.out.once('drain', () => done()));
  }
  async end(): Promise<void> {
    await this.flush(1);
    await new Promise<void>((done) => this.out.end(() => done()));
  }
}

/** How a table is loaded for one academy. */
export const loading = (file: string, table: ScaleTable, academy: string, person: string): string => {
  const list = columns[table].split(' ');
  const set = [`academy_id = '${academy}'`, ...(withoutWriter.has(table) ? [] : [`by_person = '${person}'`])];
  return `load data local infile '${file}' into table ${table} character set utf8mb4 (${list
    .map((column) => `\`${column}\``)
    .join(', ')}) set ${set.join(', ')};`;
};
