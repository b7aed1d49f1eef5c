import type { CampMemberRecord, CampRecord, CheckIn } from '@wrightonic/contract';
import { slotsOf } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { nothingHurts, PainPicks, painSaid, painWords, type PainAnswer } from '../../../ui/form/PainPicks';
import { SearchField } from '../../../ui/form/SearchField';
import { TextField } from '../../../ui/form/TextField';
import { ErrorNotice, Notice } from '../../../ui/Notice/Notice';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Pane } from '../../../ui/Screen/Pane';
import { TitleRow } from '../../../ui/Screen/Screen';
import { VirtualLines } from '../../../ui/VirtualLines/VirtualLines';
import { checkInWords } from '../../../ui/words/campWords';
import { changeOf, usePlanning } from '../plan/usePlanning';
import { stateOn, useCamp, useCampClock } from '../useCamp';
import { campLog } from './campLog';
import { Triage } from './Triage';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const lineHeight = 64;

/** Everybody as they arrive: who is here, what hurts, what they need, who picks them up. */
export function CheckInScreen() {
  const { camp } = useCamp();
  return camp ? <CheckInList camp={camp} key={camp.id} /> : null;
}

function CheckInList({ camp }: { camp: CampRecord }) {
  const { today } = useCampClock(camp.setup.blocks);
  const [search, setSearch] = useState('');
  const [open, setOpen] = useState<{ id: string; triage: boolean } | null>(null);
  const wanted = search.trim().toLowerCase();
  const rank = (member: CampMemberRecord): number => (stateOn(member, today) ? 1 : 0);
  const shown = camp.members
    .filter(({ givenName, familyName }) => `${givenName} ${familyName}`.toLowerCase().includes(wanted))
    .sort((a, b) => rank(a) - rank(b));
  const member = camp.members.find(({ id }) => id === open?.id);
  if (member && open?.triage)
    return (
      <Triage
        key={member.id}
        camp={camp}
        member={member}
        date={today}
        onClose={() => setOpen({ id: member.id, triage: false })}
      />
    );
  if (member)
    return (
      <One
        key={member.id}
        camp={camp}
        member={member}
        date={today}
        onTriage={() => setOpen({ id: member.id, triage: true })}
        onClose={() => setOpen(null)}
      />
    );
  const done = camp.members.filter((each) => stateOn(each, today)).length;
  return (
    <Pane>
      <TitleRow
        title={texts.checkIn}
        back={{ label: texts.back, to: `/camps/${camp.id}/day` }}
        action={null}
      />
      <Text role="status">{texts.ofCheckedIn(done, camp.members.length)}</Text>
      <SearchField label={texts.searchByName} value={search} onChange={setSearch} />
      <VirtualLines count={shown.length} height={lineHeight} gap={6} keyOf={(n) => shown[n]!.id}>
        {(n) => (
          <Line
            member={shown[n]!}
            date={today}
            onPress={() => setOpen({ id: shown[n]!.id, triage: false })}
          />
        )}
      </VirtualLines>
    </Pane>
  );
}

function Line({ member, date, onPress }: { member: CampMemberRecord; date: string; onPress: () => void }) {
  const said = stateOn(member, date);
  return (
    <PressableCard
      style={styles.line}
      onPress={onPress}
      aria-label={texts.checkIn2(member.givenName, member.familyName)}
    >
      <Text variant="labelLarge">{`${member.givenName} ${member.familyName}`}</Text>
      <Text variant="bodySmall">
        {[
          said ? checkInWords[said.state] : texts.notCheckedIn,
          ...(member.lookedOn === null ? [texts.needsATriage] : []),
          ...(member.allergies ? ['allergies'] : []),
          ...(member.lock ? [texts.throwsLocked] : []),
          ...(said?.restriction ? [said.restriction] : []),
        ].join(' · ')}
      </Text>
    </PressableCard>
  );
}

interface OneProps {
  camp: CampRecord;
  member: CampMemberRecord;
  date: string;
  onTriage: () => void;
  onClose: () => void;
}

function One({ camp, member, date, onTriage, onClose }: OneProps) {
  const dispatch = useAppDispatch();
  const { zone } = useMe().academy;
  const said = stateOn(member, date);
  const [pain, setPain] = useState(nothingHurts);
  const [painKept, setPainKept] = useState('');
  const [restriction, setRestriction] = useState(said?.restriction ?? member.restriction);
  const [pickedUpBy, setPickedUpBy] = useState(said?.pickedUpBy ?? '');
  const say = (state: CheckIn['state']) =>
    dispatch(
      log(member.id, 'camp-checked-in', {
        campId: camp.id,
        athleteId: member.id,
        date,
        state,
        restriction: restriction.trim(),
        pickedUpBy: pickedUpBy.trim(),
      }),
    );
  const keepPain = (answer: PainAnswer) => {
    dispatch(campLog({ campId: camp.id, date, zone }, member.id, 'pain', { moment: 'before', ...answer }));
    setPainKept(painWords(answer));
    setPain(nothingHurts);
  };
  return (
    <Pane>
      <TitleRow
        title={`${member.givenName} ${member.familyName}`}
        back={null}
        action={<Button onPress={onClose}>{texts.backToTheList}</Button>}
      />
      {member.allergies ? <Notice>{texts.allergies(member.allergies)}</Notice> : null}
      {member.lock ? (
        <Notice alert>{texts.throwsAreLockedSince(member.lock.since, member.lock.site)}</Notice>
      ) : null}
      <Choices<CheckIn['state'] | null>
        label={texts.checkIn}
        value={said?.state ?? null}
        onChange={(state) => state && say(state)}
        options={[
          { value: 'present', text: texts.here },
          { value: 'late', text: texts.late },
          { value: 'absent', text: texts.notHere },
          { value: 'left', text: texts.pickedUp },
        ]}
      />
      {said?.state === 'late' ? <Late camp={camp} member={member} date={date} /> : null}
      <Button mode={member.lookedOn === null ? 'contained' : 'outlined'} onPress={onTriage}>
        {member.lookedOn === null ? texts.triageEightCheckpoints : texts.triageAgain}
      </Button>
      <Text variant="labelLarge">{texts.doesAnythingHurt}</Text>
      <PainPicks value={pain} onChange={setPain} />
      {pain.level !== 'none' ? (
        <Button mode="contained" disabled={!painSaid(pain)} onPress={() => keepPain(pain)}>
          {texts.save}
        </Button>
      ) : null}
      {painKept ? <Notice alert>{texts.isSavedPain(painKept)}</Notice> : null}
      <TextField label={texts.restrictionToday} value={restriction} onChange={setRestriction} atMost={200} />
      <TextField label={texts.whoPicksUp} value={pickedUpBy} onChange={setPickedUpBy} atMost={80} />
      {said && (restriction.trim() !== said.restriction || pickedUpBy.trim() !== said.pickedUpBy) ? (
        <Button mode="outlined" onPress={() => say(said.state)}>
          {texts.save}
        </Button>
      ) : null}
      {member.guardians.map(({ name, phone }) => (
        <Text key={name}>{`${name}, ${phone}`}</Text>
      ))}
    </Pane>
  );
}

/** From which slot on somebody who is late is there. */
function Late({ camp, member, date }: Pick<OneProps, 'camp' | 'member' | 'date'>) {
  const planner = usePlanning(camp);
  const { nextSlot } = useCampClock(camp.setup.blocks);
  const slots = slotsOf(camp.setup);
  const from = slots.findIndex(({ id }) => id === nextSlot?.id);
  const later = slots.filter((slot, t) => slot.day === date && from >= 0 && t >= from);
  const known = camp.changes.find(({ kind, subject }) => kind === 'late' && subject === member.id);
  if (!camp.plan || later.length === 0) return null;
  return (
    <View style={styles.late}>
      {planner.error ? <ErrorNotice error={planner.error} /> : null}
      <Text>{known ? texts.plannedInFrom : texts.planThemInFrom}</Text>
      <View style={styles.row}>
        {later.map(({ id, start }) => (
          <Button
            key={id}
            mode={known?.slot === id ? 'contained' : 'outlined'}
            disabled={planner.busy}
            onPress={() => void planner.plan({ change: changeOf('late', member.id, id) })}
          >
            {start}
          </Button>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  late: { gap: 6 },
  line: { width: '100%' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
