import type { CampMemberRecord, CampRecord, MemberRow } from '@wrightonic/contract';
import { slotsOf } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { SearchField } from '../../../ui/form/SearchField';
import { VirtualLines } from '../../../ui/VirtualLines/VirtualLines';
import { kindWords } from '../../../ui/words/kindWords';
import { useCamp } from '../useCamp';
import { FromRoster } from './FromRoster';
import { FromTable } from './FromTable';
import { Company } from './Company';
import { Member } from './Member';
import { SignUps } from './SignUps';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const lineHeight = 64;

/** A member as a row that can be sent. */
export const rowOf = (member: CampMemberRecord, changed: Partial<MemberRow> = {}): MemberRow => ({
  id: v7(),
  athleteId: member.id,
  coming: true,
  from: member.from,
  to: member.to,
  barred: member.barredByStaff,
  restriction: member.restriction,
  ...changed,
});

/** Somebody who comes from the first slot to the last, without a restriction. */
export const newRow = (athleteId: string): MemberRow => ({
  id: v7(),
  athleteId,
  coming: true,
  from: null,
  to: null,
  barred: [],
  restriction: '',
});

/** Who comes: from the roster, from a table or behind a link. */
export function CampAthletes() {
  const { camp } = useCamp();
  return camp ? <Athletes camp={camp} key={camp.id} /> : null;
}

function Athletes({ camp }: { camp: CampRecord }) {
  const [way, setWay] = useState<'roster' | 'table' | 'link' | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  const [search, setSearch] = useState('');
  const [send, { error }] = lazyEndpoints.useSetCampMembersMutation();
  const { members } = camp;
  const addSignedUp = async (ids: readonly string[]) =>
    void (await send({ campId: camp.id, members: ids.map(newRow) }));
  const add = async (ids: readonly string[]) => {
    if (ids.length && 'error' in (await send({ campId: camp.id, members: ids.map(newRow) }))) return;
    setWay(null);
  };
  const wanted = search.trim().toLowerCase();
  const shown = members.filter(({ givenName, familyName }) =>
    `${givenName} ${familyName}`.toLowerCase().includes(wanted),
  );
  const chosen = members.find(({ id }) => id === open);
  const unknown = members.filter(({ lookedOn }) => lookedOn === null).length;
  return (
    <Pane>
      <Text variant="titleMedium" role="status">
        {`${members.length} ${members.length === 1 ? texts.athleteIsComing : texts.athletesAreComing}${unknown ? texts.withoutALookYet(unknown) : ''}`}
      </Text>
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" icon="plus" onPress={() => setWay(way === 'roster' ? null : 'roster')}>
          {texts.fromTheRoster}
        </Button>
        <Button mode="outlined" onPress={() => setWay(way === 'table' ? null : 'table')}>
          {texts.importCsv}
        </Button>
        <Button mode="outlined" onPress={() => setWay(way === 'link' ? null : 'link')}>
          {texts.signUpLink}
        </Button>
      </View>
      {way === 'roster' ? <FromRoster camp={camp} onAdd={add} /> : null}
      {way === 'table' ? <FromTable camp={camp} onAdd={add} /> : null}
      {way === 'link' ? <SignUps camp={camp} onAdd={addSignedUp} /> : null}
      {chosen ? <Member key={chosen.id} camp={camp} member={chosen} onClose={() => setOpen(null)} /> : null}
      {members.length > 8 ? (
        <SearchField label={texts.searchByName} value={search} onChange={setSearch} />
      ) : null}
      <VirtualLines count={shown.length} height={lineHeight} gap={6} keyOf={(n) => shown[n]!.id}>
        {(n) => <Line camp={camp} member={shown[n]!} onPress={() => setOpen(shown[n]!.id)} />}
      </VirtualLines>
      {members.length > 1 ? (
        <>
          <Heading>{texts.togetherAndApart}</Heading>
          <Company camp={camp} />
        </>
      ) : null}
    </Pane>
  );
}

interface LineProps {
  camp: CampRecord;
  member: CampMemberRecord;
  onPress: () => void;
}

function Line({ camp, member, onPress }: LineProps) {
  const needs = Object.keys(member.needs).length;
  const slots = slotsOf(camp.setup);
  const startOf = (id: string | null) => slots.find((slot) => slot.id === id);
  return (
    <PressableCard
      style={styles.line}
      onPress={onPress}
      aria-label={texts.change(member.givenName, member.familyName)}
    >
      <Text variant="labelLarge">{`${member.givenName} ${member.familyName}`}</Text>
      <Text variant="bodySmall">
        {[
          kindWords(member),
          member.lookedOn === null ? texts.noLookYet : texts.needsStation(needs),
          ...(member.lock ? [texts.throwsLocked] : []),
          ...(member.from ? [texts.from(startOf(member.from)?.start ?? '…')] : []),
          ...(member.restriction ? [member.restriction] : []),
        ].join(' · ')}
      </Text>
    </PressableCard>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  line: { width: '100%' },
});
