import type { CampMemberRecord, CampRecord } from '@wrightonic/contract';
import { ageOn, dayAt, needsOf, throwRules, type CamperLimits, type CampSetup } from '@wrightonic/core';
import type { AcademyRow } from '../../store/academies';
import { athletesOf } from '../../store/athletes';
import { camperLimits } from '../../store/camperLimits';
import { changesOf, checkInsOf, isArchived, membersOf, newestSetup, plansOf } from '../../store/camps';
import type { Academy } from '../../store/scope';
import { athleteStates } from '../../store/state/athleteStates';
import { orNotFound } from '../input';

export interface CampAsked {
  academy: Academy;
  academyRow: AcademyRow;
}

/** Everything of a camp, and what the limits know of each who comes. */
export interface WholeCamp extends CampRecord {
  limits: Map<string, CamperLimits>;
}

/** The stations that staff or throws keep somebody from, and the throw-heavy slots that are left to them. */
export function withThrowRules(
  setup: CampSetup,
  member: CampMemberRecord,
  limits: CamperLimits,
  today: string,
  steps = 0,
): CampMemberRecord {
  const from = today > setup.lastDay ? setup.lastDay : today;
  const rules = throwRules(setup, limits, from, steps);
  const barred = [...new Set([...member.barredByStaff, ...rules.barred])];
  return { ...member, barred, heavyADay: rules.heavyADay };
}

async function campMembers(
  { academy, academyRow }: CampAsked,
  campId: string,
  setup: CampSetup,
): Promise<{ members: CampMemberRecord[]; limits: Map<string, CamperLimits> }> {
  const rows = await membersOf(academy, campId);
  const byAthlete = new Map(rows.map((row) => [row.athleteId, row]));
  const athletes = await athletesOf(academy, [...byAthlete.keys()]);
  const [states, checkIns, limits] = await Promise.all([
    athleteStates(academy),
    checkInsOf(academy, campId),
    camperLimits(academy, academyRow, athletes),
  ]);
  const today = dayAt(new Date(), academyRow.zone);
  const members = athletes.map((athlete): CampMemberRecord => {
    const { from, to, barred, restriction } = byAthlete.get(athlete.id)!;
    const state = states.get(athlete.id);
    const age = ageOn(athlete.birthdate, setup.firstDay);
    const { discipline, throws } = athlete;
    const findings = state?.findings ? JSON.parse(state.findings) : {};
    const needs = needsOf({ discipline, throws, age, findings }, setup.stations);
    const member: CampMemberRecord = {
      id: athlete.id,
      givenName: athlete.givenName,
      familyName: athlete.familyName,
      age,
      discipline,
      throws,
      needs: Object.fromEntries(
        needs.flatMap((need, s) => (need > 0 ? [[setup.stations[s]!.id, need]] : [])),
      ),
      lookedOn: state?.lookedOn ?? null,
      lock: limits.get(athlete.id)!.pain.lock,
      from,
      to,
      restriction,
      barredByStaff: barred,
      barred,
      heavyADay: 0,
      guardians: athlete.guardians,
      allergies: athlete.allergies,
      checkIns: checkIns.get(athlete.id) ?? [],
    };
    return withThrowRules(setup, member, limits.get(athlete.id)!, today);
  });
  return { members, limits };
}

/** A camp as it stands now. */
export async function wholeCamp(asked: CampAsked, id: string): Promise<WholeCamp> {
  const { academy } = asked;
  const { id: setupId, setup } = orNotFound(await newestSetup(academy, id), 'camp');
  const [archived, { members, limits }, changes, { plan, earlier }] = await Promise.all([
    isArchived(academy, id),
    campMembers(asked, id, setup),
    changesOf(academy, id),
    plansOf(academy, id),
  ]);
  return { id, setupId, setup, archived, members, limits, changes, plan, earlier };
}

/** The same, as it goes to a device. */
export async function campRecord(asked: CampAsked, id: string): Promise<CampRecord> {
  const { limits: _, ...record } = await wholeCamp(asked, id);
  return record;
}
