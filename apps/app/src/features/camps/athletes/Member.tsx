import type { CampMemberRecord, CampRecord } from '@wrightonic/contract';
import { slotsOf } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { Card } from '../../../ui/Card/Card';
import { CheckboxGroup, Choices } from '../../../ui/form/Choices';
import { TextField } from '../../../ui/form/TextField';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { weekday } from '../../../ui/words/days';
import { rowOf } from './CampAthletes';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  camp: CampRecord;
  member: CampMemberRecord;
  onClose: () => void;
}

/** When somebody comes and goes, and where they may not be. */
export function Member({ camp, member, onClose }: Props) {
  const [send, { isLoading, error }] = lazyEndpoints.useSetCampMembersMutation();
  const [from, setFrom] = useState(member.from);
  const [to, setTo] = useState(member.to);
  const [barred, setBarred] = useState(member.barredByStaff);
  const [restriction, setRestriction] = useState(member.restriction);
  const name = `${member.givenName} ${member.familyName}`;
  const slots = slotsOf(camp.setup).map(({ id, day, start }) => ({
    value: id,
    text: camp.setup.firstDay === camp.setup.lastDay ? start : `${weekday(day)} ${start}`,
  }));
  const byThrows = member.barred.filter((id) => !member.barredByStaff.includes(id));
  const stationName = (id: string) => camp.setup.stations.find((station) => station.id === id)?.name ?? '…';
  const save = async (coming: boolean) => {
    const row = rowOf(member, { coming, from, to, barred, restriction: restriction.trim() });
    if (!('error' in (await send({ campId: camp.id, members: [row] })))) onClose();
  };
  return (
    <Card>
      <Heading>{name}</Heading>
      <Button style={styles.start} onPress={() => router.navigate(`/athletes/${member.id}`)}>
        {texts.openTheAthlete}
      </Button>
      <Choices<string | null>
        label={texts.arrivesFor}
        shown
        value={from}
        onChange={setFrom}
        options={[{ value: null, text: texts.theFirstSlot }, ...slots.slice(1)]}
      />
      <Choices<string | null>
        label={texts.leavesAfter}
        shown
        value={to}
        onChange={setTo}
        options={[{ value: null, text: texts.theLastSlot }, ...slots.slice(0, -1)]}
      />
      <CheckboxGroup
        label={texts.cannotBeAt}
        shown
        value={barred}
        onChange={setBarred}
        options={camp.setup.stations.map(({ id, name: text }) => ({ value: id, text }))}
      />
      {byThrows.length ? (
        <Text variant="bodySmall">
          {texts.moreThrowsThanHas(byThrows.map(stationName).join(', '), member.givenName)}
        </Text>
      ) : null}
      <TextField
        label={texts.restrictionOptional}
        name={texts.restriction}
        value={restriction}
        onChange={setRestriction}
        atMost={200}
      />
      {member.allergies ? <Text>{texts.allergies(member.allergies)}</Text> : null}
      {member.guardians.map(({ name: guardian, phone }) => (
        <Text key={guardian}>{`${guardian}, ${phone}`}</Text>
      ))}
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={isLoading} onPress={() => void save(true)}>
          {texts.save}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
        <Button onPress={() => void save(false)}>{texts.removeFromCamp}</Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
