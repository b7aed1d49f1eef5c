import {
  addDays,
  isLook,
  lookThatHolds,
  presentStage,
  proposalsFor,
  type DrillBook,
  type Stage,
  type Thread,
} from '@wrightonic/core';
import type { RosterMove } from '@wrightonic/contract';
import { levelsChosen } from '../choices';
import { looksOf, type StoredLook } from '../looks';
import { throwState } from '../pain';
import { newestPlanState, type StoredPlan } from '../plans';
import { parsed, type Academy } from '../scope';
import { newestTrace } from '../traces';
import { wholePlans } from '../storedPlans';
import type { AthleteStatesRow } from '../tables';
import { drillCounts } from './counts';

/** What of an academy and of today a state hangs on. */
export interface StateOf {
  zone: string;
  /** How long a grade is carried, days. */
  carryDays: number;
  book: () => Promise<DrillBook>;
}

/** Parts of a state, each made of a history of its own. */
export const stateParts = ['look', 'trace', 'plan', 'week', 'pain', 'moves', 'seen'] as const;
export type StatePart = (typeof stateParts)[number];

/** As many looks back as the newest finished one usually is, and what it carries. */
const looksBack = 12;
/** Of a drill that nobody worked for so long nothing is proposed, days. */
const workedWithin = 90;

/** Looks of an athlete, oldest first, back to the newest finished one with what it carries. */
async function newestLooks(academy: Academy, athleteId: string, carryDays: number): Promise<StoredLook[]> {
  const some = await looksOf(academy, athleteId, looksBack);
  const finished = some.findLast((look) => look.finished && isLook(look.findings));
  const [oldest] = some;
  const enough = finished && oldest && oldest.date < addDays(finished.date, -carryDays);
  return some.length < looksBack || enough ? some : looksOf(academy, athleteId);
}

type Columns = Record<string, unknown>;

const parts: Record<StatePart, (academy: Academy, athleteId: string, of: StateOf) => Promise<Columns>> = {
  look: async (academy, athleteId, { carryDays }) => {
    const looks = await newestLooks(academy, athleteId, carryDays);
    const newest = looks.at(-1);
    const { look, clean } = lookThatHolds(looks, carryDays);
    return {
      look_open: newest?.finished === false,
      findings: JSON.stringify(newest?.findings ?? {}),
      looked_id: look?.id ?? null,
      looked_on: look?.date ?? null,
      clean,
    };
  },
  trace: async (academy, athleteId) => {
    const trace = await newestTrace(academy, athleteId);
    return {
      trace_id: trace?.id ?? null,
      traced_look_id: trace?.lookId ?? null,
      focus_lower: trace?.chosen.lower ?? null,
      focus_arm: trace?.chosen.arm ?? null,
    };
  },
  plan: async (academy, athleteId) => {
    const plan = await newestPlanState(academy, athleteId);
    return {
      plan_id: plan?.id ?? null,
      planned_trace_id: plan?.traceId ?? null,
      relook_on: plan?.relookOn ?? null,
      plan_ends_on: plan?.endsOn ?? null,
    };
  },
  week: async (academy, athleteId) => {
    const plan = await newestPlanState(academy, athleteId);
    const row = plan && (await newestDays(academy, plan.id));
    return { assigned_until: row ? (parsed<string[]>(row.days).sort().at(-1) ?? null) : null };
  },
  pain: async (academy, athleteId, { zone }) => {
    const { lock, cleared } = await throwState(academy, athleteId, zone);
    return {
      throw_lock: lock && JSON.stringify(lock),
      throw_clearance: cleared && JSON.stringify(cleared),
    };
  },
  moves: async (academy, athleteId, { book }) => {
    const newest = await newestPlanState(academy, athleteId);
    const [plan] = newest ? await wholePlans(academy, [newest]) : [];
    const worked = plan && (await newestSessionDay(academy, athleteId));
    const stages = stagesOf(plan);
    if (!plan || !worked) return { ...stages, moves: '[]', worked_on: null, moves_stale: false };
    const [levels, counts, drills] = await Promise.all([
      levelsChosen(academy, athleteId),
      drillCounts(academy, athleteId, addDays(worked, -workedWithin)),
      book(),
    ]);
    const moves = proposalsFor(plan.threads, counts, levels.get(athleteId) ?? {}, drills);
    return {
      ...stages,
      moves: JSON.stringify(moves.map((move) => ({ planId: plan.id, ...move }))),
      worked_on: worked,
      moves_stale: false,
    };
  },
  seen: async (academy, athleteId) => ({ seen_on: await newestSessionDay(academy, athleteId) }),
};

/** Where each thread of a plan stands; null for a thread that it does not have. */
const stagesOf = (plan: StoredPlan | undefined): Columns => {
  const stageOf = (thread: Thread) => {
    const found = plan?.threads.find((each) => each.thread === thread);
    return found ? presentStage(found) : null;
  };
  return { stage_lower: stageOf('lower'), stage_arm: stageOf('arm') };
};

const newestDays = (academy: Academy, planId: string): Promise<{ days: string } | undefined> =>
  academy
    .from('assignments')
    .where({ plan_id: planId })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first('days');

async function newestSessionDay(academy: Academy, athleteId: string): Promise<string | null> {
  const row = await academy
    .from('sessions')
    .where({ athlete_id: athleteId })
    .orderBy([
      { column: 'at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first('date');
  return row?.date ?? null;
}

/** Says that what the gates propose hangs on something that has changed; whoever asks for it makes it anew. */
export const markMoves = (academy: Academy, athleteId: string): Promise<void> =>
  academy.put('athlete_states', { athlete_id: athleteId, moves_stale: true });

/** Makes anew what the gates propose, where it was only marked. */
export async function freshenMoves(academy: Academy, of: StateOf): Promise<void> {
  const stale: string[] = await academy
    .from('athlete_states')
    .where({ moves_stale: true })
    .pluck('athlete_id');
  let read: ReturnType<StateOf['book']> | undefined;
  const book = () => (read ??= of.book());
  for (const athlete_id of stale.sort())
    await academy.current(async (current) => {
      const held = await current
        .from('athlete_states')
        .where({ athlete_id })
        .forUpdate()
        .first('moves_stale');
      // Somebody else may have asked at the same time.
      if (held?.moves_stale) await refreshState(current, athlete_id, ['moves'], { ...of, book });
    });
}

/** Makes parts of an athlete's state anew from the history; call it in the transaction that changes the history. */
export async function refreshState(
  academy: Academy,
  athleteId: string,
  which: readonly StatePart[],
  of: StateOf,
): Promise<void> {
  const columns: Columns = {};
  for (const part of new Set(which)) Object.assign(columns, await parts[part](academy, athleteId, of));
  await academy.put('athlete_states', { athlete_id: athleteId, ...columns });
}

export interface AthleteState {
  athleteId: string;
  /** One more with every change of the athlete. */
  version: number;
  lookOpen: boolean;
  /** JSON of the grades of the newest look. */
  findings: string;
  lookedId: string | null;
  lookedOn: string | null;
  clean: boolean;
  tracedLookId: string | null;
  traceId: string | null;
  focus: { lower: string | null; arm: string | null };
  planId: string | null;
  plannedTraceId: string | null;
  relookOn: string | null;
  planEndsOn: string | null;
  assignedUntil: string | null;
  /** JSON of the lock, and of the newest clearance. */
  lock: string | null;
  cleared: string | null;
  stage: { lower: Stage | null; arm: Stage | null };
  /** Day of the newest session. */
  seenOn: string | null;
}

const stateColumns = [
  'athlete_id',
  'version',
  'look_open',
  'findings',
  'looked_id',
  'looked_on',
  'clean',
  'traced_look_id',
  'trace_id',
  'focus_lower',
  'focus_arm',
  'plan_id',
  'planned_trace_id',
  'relook_on',
  'plan_ends_on',
  'assigned_until',
  'throw_lock',
  'throw_clearance',
  'stage_lower',
  'stage_arm',
  'seen_on',
] as const;

/** States by athlete; of one athlete or of all. */
export async function athleteStates(
  academy: Academy,
  athleteId?: string,
): Promise<Map<string, AthleteState>> {
  const query = academy.from('athlete_states');
  if (athleteId) query.where({ athlete_id: athleteId });
  const rows: Pick<AthleteStatesRow, (typeof stateColumns)[number]>[] = await query.select([...stateColumns]);
  return new Map(
    rows.map((row) => [
      row.athlete_id,
      {
        athleteId: row.athlete_id,
        version: row.version,
        lookOpen: Boolean(row.look_open),
        findings: row.findings,
        lookedId: row.looked_id,
        lookedOn: row.looked_on,
        clean: Boolean(row.clean),
        tracedLookId: row.traced_look_id,
        traceId: row.trace_id,
        focus: { lower: row.focus_lower, arm: row.focus_arm },
        planId: row.plan_id,
        plannedTraceId: row.planned_trace_id,
        relookOn: row.relook_on,
        planEndsOn: row.plan_ends_on,
        assignedUntil: row.assigned_until,
        lock: row.throw_lock,
        cleared: row.throw_clearance,
        stage: { lower: row.stage_lower, arm: row.stage_arm },
        seenOn: row.seen_on,
      },
    ]),
  );
}

/** What the gates propose over the roster, of athletes who worked lately. */
export async function proposedMoves(academy: Academy, today: string): Promise<RosterMove[]> {
  const query = academy
    .from('athlete_states', 's')
    .whereNot('s.moves', '[]')
    .where('s.worked_on', '>=', addDays(today, -workedWithin));
  const rows: { athlete_id: string; given_name: string; family_name: string; moves: string }[] = await academy
    .join(query, 'athletes', 'a', 'id', 's.athlete_id')
    .whereNull('a.archived_at')
    .select('s.athlete_id', 'a.given_name', 'a.family_name', 's.moves');
  return rows.flatMap(({ athlete_id, given_name, family_name, moves }) =>
    parsed<Omit<RosterMove, 'athleteId' | 'name'>[]>(moves).map((move) => ({
      athleteId: athlete_id,
      name: `${given_name} ${family_name}`,
      ...move,
    })),
  );
}
