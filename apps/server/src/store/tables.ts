/* oxlint-disable max-lines */
import type { DrawingKind, FindingSource } from '@wrightonic/contract';
import type {
  CalledSpot,
  ClipView,
  CueOwner,
  Discipline,
  Hand,
  LessonState,
  Level,
  PainSite,
  RepSide,
  Role,
  ScreenSide,
  Severity,
  Sex,
  Stage,
  Thread,
  Voice,
  ZoneView,
} from '@wrightonic/core';
import type { Knex } from 'knex';

/*
 * Rows of all tables, as the migrations leave them. Written by `npm run tables`; a test holds it against the database.
 */

export interface AcademiesRow {
  id: string;
  name: string;
  zone: string;
  demo: number;
  equipment: string;
  week_throws: number | null;
  build_up_weeks: number | null;
  ramp_percent: number;
  all_hard: number;
  carry_days: number;
  growth_note: number;
  retention_years: number | null;
  turns: number;
}

export interface AssignmentsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  plan_id: string;
  from_date: string;
  days: string;
  reason: string;
  at: Date;
  by_person: string;
  week_days: string;
}

export interface AssignmentItemsRow {
  academy_id: string;
  id: string;
  assignment_id: string;
  date: string;
  drill: string;
  plan_drill_id: string | null;
  sets: number;
  position: number;
}

export interface AthletesRow {
  academy_id: string;
  id: string;
  given_name: string;
  family_name: string;
  discipline: Discipline;
  throws: Hand;
  birthdate: string;
  height_cm: Decimal | null;
  mass_kg: Decimal | null;
  equipment: string;
  approach: string;
  note: string;
  level: Level | null;
  sex: Sex | null;
  teams: string;
  days: string;
  voice: Voice;
  guardians: string;
  allergies: string;
  league: string;
  archived_at: Date | null;
}

export interface AthletePhotosRow {
  academy_id: string;
  athlete_id: string;
  png: Buffer | null;
  at: Date;
  by_person: string;
}

export interface AthleteStatesRow {
  academy_id: string;
  athlete_id: string;
  look_open: number;
  version: number;
  findings: string;
  looked_id: string | null;
  looked_on: string | null;
  clean: number;
  traced_look_id: string | null;
  trace_id: string | null;
  focus_lower: string | null;
  focus_arm: string | null;
  plan_id: string | null;
  planned_trace_id: string | null;
  relook_on: string | null;
  plan_ends_on: string | null;
  assigned_until: string | null;
  throw_lock: string | null;
  throw_clearance: string | null;
  moves: string;
  worked_on: string | null;
  moves_stale: number;
  incomplete: number;
  stage_lower: Stage | null;
  stage_arm: Stage | null;
  seen_on: string | null;
}

export interface AuditRow {
  academy_id: string;
  id: string;
  action: string;
  subject: string;
  was: string;
  at: Date;
  by_person: string;
}

export interface AuditEventsRow {
  academy_id: string;
  id: string;
  kind: string;
  told: string;
  subject: string | null;
  person_id: string | null;
  at: Date;
  day: string | null;
}

export interface BodySizesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  date: string;
  height_cm: Decimal | null;
  mass_kg: Decimal | null;
  at: Date;
  by_person: string;
}

export interface CampsRow {
  academy_id: string;
  id: string;
  at: Date;
  by_person: string;
}

export interface CampArchivingsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  archived: number;
  at: Date;
  by_person: string;
}

export interface CampChangesRow {
  academy_id: string;
  id: string;
  camp_id: string;
  kind: string;
  subject: string;
  slot: string;
  ends: string | null;
  at: Date;
  by_person: string;
}

export interface CampCheckInsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  athlete_id: string;
  date: string;
  state: string;
  restriction: string;
  picked_up_by: string;
  at: Date;
  by_person: string;
}

export interface CampLinksRow {
  academy_id: string;
  id: string;
  camp_id: string;
  kind: string;
  athlete_id: string | null;
  token_hash: string;
  expires_at: Date;
  at: Date;
  by_person: string;
}

export interface CampLinkEndsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  link_id: string;
  at: Date;
  by_person: string;
}

export interface CampMembersRow {
  academy_id: string;
  id: string;
  camp_id: string;
  athlete_id: string;
  coming: number;
  from_slot: string | null;
  to_slot: string | null;
  barred: string;
  restriction: string;
  at: Date;
  by_person: string;
}

export interface CampPlansRow {
  academy_id: string;
  id: string;
  camp_id: string;
  before: string | null;
  setup_id: string;
  why: string;
  body: string;
  at: Date;
  by_person: string;
}

export interface CampSetupsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  before: string | null;
  body: string;
  at: Date;
  by_person: string;
}

export interface CampSignUpsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  link_id: string;
  body: string;
  at: Date;
}

export interface CampSignUpEndsRow {
  academy_id: string;
  id: string;
  camp_id: string;
  sign_up_id: string;
  athlete_id: string | null;
  at: Date;
  by_person: string;
}

export interface ClearancesRow {
  academy_id: string;
  id: string;
  injury_id: string;
  cleared_by: string;
  date: string;
  restrictions: string;
  at: Date;
  by_person: string;
}

export interface ClipsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  date: string;
  zone: string;
  name: string;
  size: number;
  hash: string;
  seconds: number;
  width: number;
  height: number;
  at: Date;
  by_person: string;
}

export interface ClipDrawingsRow {
  academy_id: string;
  id: string;
  clip_id: string;
  drawing: string;
  kind: DrawingKind;
  time_s: number;
  points: string | null;
  measure: string;
  length_cm: number | null;
  at: Date;
  by_person: string;
}

export interface ClipMarksRow {
  academy_id: string;
  id: string;
  clip_id: string;
  event: string;
  time_s: number | null;
  at: Date;
  by_person: string;
}

export interface ClipMotionsRow {
  academy_id: string;
  id: string;
  clip_id: string;
  body: string;
  at: Date;
  by_person: string;
}

export interface ClipPicturesRow {
  academy_id: string;
  id: string;
  clip_id: string;
  time_s: number;
  note: string;
  shown: number;
  png: Buffer;
  at: Date;
  by_person: string;
}

export interface ClipSettingsRow {
  academy_id: string;
  id: string;
  clip_id: string;
  fps: number;
  capture_fps: number;
  view: ClipView;
  square: number;
  at: Date;
  by_person: string;
}

export interface ConstraintSetsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  drill: string;
  constraints: string;
  at: Date;
  by_person: string;
}

export interface CueChoicesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  drill: string;
  text: string;
  whose: CueOwner;
  at: Date;
  by_person: string;
}

export interface CurveReadingsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  date: string;
  zone: string;
  name: string;
  result: string;
  at: Date;
  by_person: string;
}

export interface DeletionsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  reason: string;
  at: Date;
  by_person: string;
}

export interface DeletionConfirmsRow {
  academy_id: string;
  id: string;
  deletion_id: string;
  due_at: Date;
  at: Date;
  by_person: string;
}

export interface DeletionEndsRow {
  academy_id: string;
  id: string;
  deletion_id: string;
  at: Date;
  by_person: string;
}

export interface DevicesRow {
  academy_id: string;
  id: string;
  name: string;
  key_hash: string;
  at: Date;
  by_person: string;
}

export interface DeviceEndsRow {
  academy_id: string;
  id: string;
  device_id: string;
  at: Date;
  by_person: string;
}

export interface FeedsRow {
  academy_id: string;
  id: string;
  person_id: string;
  token_hash: string;
  at: Date;
}

export interface FeedEndsRow {
  academy_id: string;
  id: string;
  feed_id: string;
  at: Date;
}

export interface FindingsRow {
  academy_id: string;
  id: string;
  look_id: string;
  node: string;
  severity: Severity | null;
  replaces: string | null;
  at: Date;
  by_person: string;
  value: number | null;
  derived: Severity | null;
  note: string | null;
  source: FindingSource | null;
  reason: string | null;
  error: number | null;
}

export interface FlawCasesRow {
  academy_id: string;
  athlete_id: string;
  flaw: string;
  seen_on: string;
  cleared_on: string | null;
  last_on: string;
}

export interface GamesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  uid: string;
  date: string;
  title: string;
  at: Date;
  by_person: string;
}

export interface HomeDaysRow {
  academy_id: string;
  athlete_id: string;
  date: string;
  assigned: number;
  done: number;
  late: number;
}

export interface HomeGamesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  share_id: string;
  at: Date;
  received: Date;
  date: string;
  pitches: number;
  title: string;
}

export interface HomePainRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  share_id: string;
  at: Date;
  received: Date;
  date: string;
  level: 'none' | 'soreness' | 'pain';
  score: number | null;
  site: PainSite | null;
}

export interface HomeSetsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  share_id: string;
  at: Date;
  received: Date;
  date: string;
  drill: string;
  set_n: number;
  done: number;
  clean: number | null;
  missed: number | null;
  done_on: string;
  throws: number;
  effort: number | null;
}

export interface InjuriesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  site: PainSite;
  what: string;
  since: string;
  surgery: number;
  at: Date;
  by_person: string;
}

export interface InstructionsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  told_by: string;
  text: string;
  at: Date;
  by_person: string;
}

export interface InvitationsRow {
  academy_id: string;
  id: string;
  email: string;
  name: string;
  role: Role;
  token_hash: string;
  expires_at: Date;
  at: Date;
  by_person: string;
}

export interface InvitationEndsRow {
  academy_id: string;
  id: string;
  invitation_id: string;
  person_id: string | null;
  at: Date;
}

export interface LessonsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  instructor_id: string;
  starts_at: Date;
  zone: string;
  minutes: number;
  place: string;
  series_id: string | null;
}

export interface LessonChangesRow {
  academy_id: string;
  id: string;
  lesson_id: string;
  rest: number;
  state: LessonState;
  starts_at: Date | null;
  place: string | null;
  reason: string;
  at: Date;
  by_person: string;
}

export interface LevelChoicesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  drill: string;
  level: string;
  at: Date;
  by_person: string;
}

export interface LexiconEditsRow {
  academy_id: string;
  id: string;
  tag: string;
  phrase: string;
  removed: number;
  at: Date;
  by_person: string;
}

export interface LinkEditsRow {
  academy_id: string;
  id: string;
  cause: string;
  effect: string;
  weight: number | null;
  reason: string;
  at: Date;
  by_person: string;
}

export interface LinkStrikesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  cause: string;
  effect: string;
  struck: number;
  reason: string;
  at: Date;
  by_person: string;
}

export interface LooksRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  kind: 'quick' | 'full';
  zone: string;
  date: string;
  place: string;
  at: Date;
  by_person: string;
  looked_at: Date | null;
  view: ClipView | null;
  thrown: string;
  looked_by: string;
}

export interface LookEndsRow {
  academy_id: string;
  id: string;
  look_id: string;
  at: Date;
  by_person: string;
}

export interface LookTellingsRow {
  academy_id: string;
  id: string;
  look_id: string;
  zone: string;
  looked_at: Date;
  place: string;
  view: ClipView | null;
  thrown: string;
  looked_by: string;
  at: Date;
  by_person: string;
}

export interface MailsRow {
  academy_id: string;
  id: string;
  to_address: string;
  kind: string;
  subject: string;
  body: string;
  athlete_id: string | null;
  by_person: string | null;
  at: Date;
  sent_at: Date | null;
  next_at: Date | null;
  tries: number;
  simulated: number;
  problem: string;
}

export interface MarkerSheetsRow {
  academy_id: string;
  id: string;
  markers: string;
  at: Date;
  by_person: string;
}

export interface NormEditsRow {
  academy_id: string;
  id: string;
  norm: string;
  low: number | null;
  high: number | null;
  basis: string;
  at: Date;
  by_person: string;
}

export interface OwnDrillsRow {
  academy_id: string;
  id: string;
  drill: string;
  body: string;
  retired: number;
  at: Date;
  by_person: string;
}

export interface PainClearancesRow {
  academy_id: string;
  id: string;
  session_id: string | null;
  cleared_by: string;
  reason: string;
  at: Date;
  by_person: string;
  athlete_id: string | null;
}

export interface PainReportsRow {
  academy_id: string;
  id: string;
  session_id: string;
  moment: 'before' | 'after';
  level: 'none' | 'soreness' | 'pain';
  score: number | null;
  site: PainSite | null;
  at: Date;
  by_person: string;
}

export interface PasswordResetsRow {
  academy_id: string;
  id: string;
  person_id: string;
  token_hash: string;
  expires_at: Date;
  at: Date;
  used_at: Date | null;
}

export interface PeopleRow {
  academy_id: string;
  id: string;
  email: string;
  name: string;
  password_hash: string;
  role: Role;
  hand: Hand;
  velocity_unit: 'mph' | 'km/h';
  approach: string;
  good_strikes: number;
  size_unit: 'us' | 'metric';
  zone_view: ZoneView;
  camp_id: string | null;
  date_order: 'auto' | 'month-day' | 'day-month';
  hours: 'auto' | '12' | '24';
  deactivated_at: Date | null;
  totp_secret: string | null;
  totp_step: number;
}

export interface PlansRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  trace_id: string;
  starts_on: string;
  ends_on: string;
  relook_on: string;
  at: Date;
  by_person: string;
}

export interface PlanDrillsRow {
  academy_id: string;
  id: string;
  plan_stage_id: string;
  drill: string;
  dose: string;
  position: number;
  replaces: string | null;
  at: Date;
  by_person: string;
}

export interface PlanDrillStatesRow {
  academy_id: string;
  id: string;
  plan_drill_id: string;
  position: number;
  locked: number;
  removed: number;
  at: Date;
  by_person: string;
}

export interface PlanStagesRow {
  academy_id: string;
  id: string;
  plan_thread_id: string;
  stage: Stage;
  position: number;
}

export interface PlanThreadsRow {
  academy_id: string;
  id: string;
  plan_id: string;
  thread: Thread;
  focus: string;
  share: number;
  skipped: string;
  held: string;
}

export interface ReadingsRow {
  academy_id: string;
  id: string;
  device_id: string;
  velocity: number;
  read_at: Date;
  at: Date;
  device_ref: string | null;
  spin_rpm: number | null;
  spin_axis: number | null;
  break_h_cm: number | null;
  break_v_cm: number | null;
}

export interface RecoveryCodesRow {
  academy_id: string;
  id: string;
  person_id: string;
  code_hash: string;
  at: Date;
  used_at: Date | null;
}

export interface RemovalsRow {
  academy_id: string;
  id: string;
  counts: string;
  at: Date;
}

export interface ReportsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  token_hash: string;
  expires_at: Date;
  body: string;
  at: Date;
  by_person: string;
}

export interface ReportEndsRow {
  academy_id: string;
  id: string;
  report_id: string;
  at: Date;
  by_person: string;
}

export interface RepCountsRow {
  academy_id: string;
  session_id: string;
  position: number;
  drill: string;
  level: string | null;
  cue_id: string | null;
  side: RepSide | null;
  clean: number;
  missed: number;
  pain: number;
}

export interface RepEventsRow {
  academy_id: string;
  id: string;
  session_id: string;
  drill: string;
  outcome: 'clean' | 'missed';
  at: Date;
  by_person: string;
  reason: string | null;
  level: string | null;
  side: RepSide | null;
  cue_id: string | null;
}

export interface RepExplanationsRow {
  academy_id: string;
  id: string;
  session_id: string;
  rep_id: string;
  reason: string;
  at: Date;
  by_person: string;
}

export interface ScreensRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  date: string;
  zone: string;
  at: Date;
  by_person: string;
}

export interface ScreenEndsRow {
  academy_id: string;
  id: string;
  screen_id: string;
  at: Date;
  by_person: string;
}

export interface ScreenTriesRow {
  academy_id: string;
  id: string;
  screen_id: string;
  test: string;
  side: ScreenSide;
  n: number;
  value: number | null;
  pain: number;
  at: Date;
  by_person: string;
  tool: string | null;
  parts: string | null;
  retest: number;
}

export interface SessionsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  plan_id: string | null;
  date: string;
  zone: string;
  at: Date;
  by_person: string;
}

export interface SessionEndsRow {
  academy_id: string;
  id: string;
  session_id: string;
  note: string;
  at: Date;
  by_person: string;
}

export interface SessionNotesRow {
  academy_id: string;
  id: string;
  session_id: string;
  drill: string | null;
  text: string;
  at: Date;
  by_person: string;
}

export interface SetEventsRow {
  academy_id: string;
  id: string;
  session_id: string;
  drill: string;
  constraints: string;
  clean: number;
  missed: number;
  workaround: string | null;
  at: Date;
  by_person: string;
}

export interface SharesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  token_hash: string;
  expires_at: Date;
  at: Date;
  by_person: string;
  names: number;
  for_whom: string;
}

export interface ShareEndsRow {
  academy_id: string;
  id: string;
  share_id: string;
  at: Date;
  by_person: string;
}

export interface SpotEventsRow {
  academy_id: string;
  id: string;
  session_id: string;
  drill: string;
  rep_id: string;
  spot: CalledSpot;
  sides: string;
  at: Date;
  by_person: string;
}

export interface StageMovesRow {
  academy_id: string;
  id: string;
  plan_thread_id: string;
  stage: Stage;
  reason: string;
  at: Date;
  by_person: string;
  stays: number;
}

export interface TemplatesRow {
  academy_id: string;
  id: string;
  name: string;
  discipline: Discipline;
  threads: string;
  at: Date;
  by_person: string;
}

export interface ThrowsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  session_id: string | null;
  date: string;
  drill: string | null;
  velocity: number | null;
  effort: number | null;
  pitch: string;
  ball_g: number;
  kind: string;
  at: Date;
  by_person: string;
  source: string;
  distance_m: number | null;
  aim_x: number | null;
  aim_y: number | null;
  arrived_x: number | null;
  arrived_y: number | null;
  sides: string | null;
  rep_id: string | null;
  spin_rpm: number | null;
  spin_axis: number | null;
  break_h_cm: number | null;
  break_v_cm: number | null;
}

export interface ThrowDaysRow {
  academy_id: string;
  athlete_id: string;
  date: string;
  hard: number;
  count: number;
}

export interface TracesRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  look_id: string;
  catalogue: string;
  result: string;
  chosen_lower: string | null;
  chosen_arm: string | null;
  reason: string;
  at: Date;
  by_person: string;
  proposed_lower: string | null;
  proposed_arm: string | null;
  findings: string | null;
}

export interface TraceCallsRow {
  academy_id: string;
  trace_id: string;
  by_person: string;
  lower: string | null;
  arm: string | null;
}

export interface UndoneRow {
  academy_id: string;
  id: string;
  session_id: string | null;
  of: string;
  at: Date;
  by_person: string;
}

export interface VelocityDaysRow {
  academy_id: string;
  athlete_id: string;
  date: string;
  n: number;
  top: number;
  usual: number;
  robust_sd: number;
  step: number;
  simulated: number;
  effort: number | null;
  pitch: string;
  ball_g: number;
  like_key: string;
  alike: number;
}

export interface VelocityTargetsRow {
  academy_id: string;
  id: string;
  athlete_id: string;
  velocity: number | null;
  by_date: string | null;
  at: Date;
  by_person: string;
}

export interface VelocityWanderRow {
  academy_id: string;
  athlete_id: string;
  like_key: string;
  between_sessions: number;
}

/** A figure of fixed places, which the driver gives as text. */
export type Decimal = `${number}`;

/** What may be written into a row: a flag as what it is, and what the database works out. */
export type Written<R> = {
  [K in keyof R]?:
    | R[K]
    | (NonNullable<R[K]> extends number ? boolean : NonNullable<R[K]> extends Decimal ? number : never)
    | Knex.Raw
    | Knex.Ref<string, object>;
};
type Table<R> = Knex.CompositeTableType<R, Written<R>, Written<R>>;

declare module 'knex/types/tables' {
  interface Tables {
    academies: Table<AcademiesRow>;
    assignments: Table<AssignmentsRow>;
    assignment_items: Table<AssignmentItemsRow>;
    athletes: Table<AthletesRow>;
    athlete_photos: Table<AthletePhotosRow>;
    athlete_states: Table<AthleteStatesRow>;
    audit: Table<AuditRow>;
    audit_events: Table<AuditEventsRow>;
    body_sizes: Table<BodySizesRow>;
    camps: Table<CampsRow>;
    camp_archivings: Table<CampArchivingsRow>;
    camp_changes: Table<CampChangesRow>;
    camp_check_ins: Table<CampCheckInsRow>;
    camp_links: Table<CampLinksRow>;
    camp_link_ends: Table<CampLinkEndsRow>;
    camp_members: Table<CampMembersRow>;
    camp_plans: Table<CampPlansRow>;
    camp_setups: Table<CampSetupsRow>;
    camp_sign_ups: Table<CampSignUpsRow>;
    camp_sign_up_ends: Table<CampSignUpEndsRow>;
    clearances: Table<ClearancesRow>;
    clips: Table<ClipsRow>;
    clip_drawings: Table<ClipDrawingsRow>;
    clip_marks: Table<ClipMarksRow>;
    clip_motions: Table<ClipMotionsRow>;
    clip_pictures: Table<ClipPicturesRow>;
    clip_settings: Table<ClipSettingsRow>;
    constraint_sets: Table<ConstraintSetsRow>;
    cue_choices: Table<CueChoicesRow>;
    curve_readings: Table<CurveReadingsRow>;
    deletions: Table<DeletionsRow>;
    deletion_confirms: Table<DeletionConfirmsRow>;
    deletion_ends: Table<DeletionEndsRow>;
    devices: Table<DevicesRow>;
    device_ends: Table<DeviceEndsRow>;
    feeds: Table<FeedsRow>;
    feed_ends: Table<FeedEndsRow>;
    findings: Table<FindingsRow>;
    flaw_cases: Table<FlawCasesRow>;
    games: Table<GamesRow>;
    home_days: Table<HomeDaysRow>;
    home_games: Table<HomeGamesRow>;
    home_pain: Table<HomePainRow>;
    home_sets: Table<HomeSetsRow>;
    injuries: Table<InjuriesRow>;
    instructions: Table<InstructionsRow>;
    invitations: Table<InvitationsRow>;
    invitation_ends: Table<InvitationEndsRow>;
    lessons: Table<LessonsRow>;
    lesson_changes: Table<LessonChangesRow>;
    level_choices: Table<LevelChoicesRow>;
    lexicon_edits: Table<LexiconEditsRow>;
    link_edits: Table<LinkEditsRow>;
    link_strikes: Table<LinkStrikesRow>;
    looks: Table<LooksRow>;
    look_ends: Table<LookEndsRow>;
    look_tellings: Table<LookTellingsRow>;
    mails: Table<MailsRow>;
    marker_sheets: Table<MarkerSheetsRow>;
    norm_edits: Table<NormEditsRow>;
    own_drills: Table<OwnDrillsRow>;
    pain_clearances: Table<PainClearancesRow>;
    pain_reports: Table<PainReportsRow>;
    password_resets: Table<PasswordResetsRow>;
    people: Table<PeopleRow>;
    plans: Table<PlansRow>;
    plan_drills: Table<PlanDrillsRow>;
    plan_drill_states: Table<PlanDrillStatesRow>;
    plan_stages: Table<PlanStagesRow>;
    plan_threads: Table<PlanThreadsRow>;
    readings: Table<ReadingsRow>;
    recovery_codes: Table<RecoveryCodesRow>;
    removals: Table<RemovalsRow>;
    reports: Table<ReportsRow>;
    report_ends: Table<ReportEndsRow>;
    rep_counts: Table<RepCountsRow>;
    rep_events: Table<RepEventsRow>;
    rep_explanations: Table<RepExplanationsRow>;
    screens: Table<ScreensRow>;
    screen_ends: Table<ScreenEndsRow>;
    screen_tries: Table<ScreenTriesRow>;
    sessions: Table<SessionsRow>;
    session_ends: Table<SessionEndsRow>;
    session_notes: Table<SessionNotesRow>;
    set_events: Table<SetEventsRow>;
    shares: Table<SharesRow>;
    share_ends: Table<ShareEndsRow>;
    spot_events: Table<SpotEventsRow>;
    stage_moves: Table<StageMovesRow>;
    templates: Table<TemplatesRow>;
    throws: Table<ThrowsRow>;
    throw_days: Table<ThrowDaysRow>;
    traces: Table<TracesRow>;
    trace_calls: Table<TraceCallsRow>;
    undone: Table<UndoneRow>;
    velocity_days: Table<VelocityDaysRow>;
    velocity_targets: Table<VelocityTargetsRow>;
    velocity_wander: Table<VelocityWanderRow>;
  }
}
