import { newCamp, type CampListEntry, type NewCamp } from '@wrightonic/contract';
import { addDays } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { FormChoices, FormDate, FormText } from '../../ui/form/bound';
import { showRefusal, useSchemaForm } from '../../ui/form/schemaForm';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Camps: the one that runs first, those to come, those that are over. */
export function Camps() {
  const today = useToday();
  const { data, error, refetch } = lazyEndpoints.useCampsQuery();
  const [making, setMaking] = useState(false);
  const [away, setAway] = useState(false);
  const shown = (data ?? []).filter(({ archived }) => !archived);
  const parts = [
    [texts.running, shown.filter(({ firstDay, lastDay }) => firstDay <= today && today <= lastDay)],
    [texts.toCome, shown.filter(({ firstDay }) => firstDay > today).reverse()],
    [texts.over, shown.filter(({ lastDay }) => lastDay < today)],
    [texts.archive, away ? (data ?? []).filter(({ archived }) => archived) : []],
  ] as const;
  return (
    <Screen
      title={texts.camps}
      action={
        making ? null : (
          <Button mode="contained" icon="plus" onPress={() => setMaking(true)}>
            {texts.newCamp}
          </Button>
        )
      }
    >
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheCamps} /> : null}
      {making ? <NewCampCard camps={data ?? []} today={today} onClose={() => setMaking(false)} /> : null}
      {data && shown.length === 0 && !making ? <Empty>{texts.noCampYetMake}</Empty> : null}
      {parts.map(([title, camps]) =>
        camps.length ? (
          <View key={title} style={styles.part}>
            <Heading>{title}</Heading>
            {camps.map((camp) => (
              <Line key={camp.id} camp={camp} today={today} />
            ))}
          </View>
        ) : null,
      )}
      {data?.some(({ archived }) => archived) && !away ? (
        <Button onPress={() => setAway(true)}>{texts.showTheArchive}</Button>
      ) : null}
    </Screen>
  );
}

function Line({ camp, today }: { camp: CampListEntry; today: string }) {
  const { id, name, venue, firstDay, lastDay, athletes, planned } = camp;
  const days =
    firstDay === lastDay
      ? dayWords(firstDay, today)
      : texts.to(dayWords(firstDay, today), dayWords(lastDay, today));
  return (
    <PressableCard onPress={() => router.navigate(`/camps/${id}`)}>
      <Text variant="titleMedium">{name}</Text>
      <Text variant="bodySmall">
        {[
          days,
          venue,
          `${athletes} ${athletes === 1 ? 'athlete' : 'athletes'}`,
          planned ? 'planned' : texts.notPlannedYet,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Text>
    </PressableCard>
  );
}

interface NewProps {
  camps: readonly CampListEntry[];
  today: string;
  onClose: () => void;
}

function NewCampCard({ camps, today, onClose }: NewProps) {
  const [make, { isLoading, error }] = lazyEndpoints.useMakeCampMutation();
  const form = useSchemaForm<NewCamp>(newCamp, {
    id: v7(),
    setupId: v7(),
    name: '',
    venue: '',
    firstDay: addDays(today, 7),
    lastDay: addDays(today, 8),
    from: 'usual',
    copyOf: null,
  });
  const from = form.watch('from');
  const save = form.handleSubmit(async (camp) => {
    const answer = await make({ ...camp, copyOf: camp.from === 'copy' ? camp.copyOf : null });
    if ('error' in answer) return showRefusal(form, answer.error);
    router.navigate(`/camps/${camp.id}/setup`);
  });
  return (
    <Card>
      <Heading>{texts.newCamp}</Heading>
      <FormText form={form} name="name" atMost={60} />
      <FormText form={form} name="venue" atMost={80} optional />
      <View style={styles.row}>
        <FormDate form={form} name="firstDay" />
        <FormDate form={form} name="lastDay" />
      </View>
      <FormChoices
        form={form}
        name="from"
        options={[
          { value: 'usual', text: texts.morningsWithSixStations },
          { value: 'nothing', text: texts.nothing },
          ...(camps.length ? [{ value: 'copy' as const, text: texts.aCopyOfAnother }] : []),
        ]}
      />
      {from === 'copy' ? (
        <FormChoices
          form={form}
          name="copyOf"
          options={camps.map(({ id, name, firstDay }) => ({
            value: id,
            text: `${name}, ${dayWords(firstDay, today)}`,
          }))}
        />
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={isLoading} onPress={() => void save()}>
          {texts.createCamp}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  part: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
