import type { RosterEntry } from '@wrightonic/contract';
import { addDays, type DayKind } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ProgressBar, Text } from 'react-native-paper';
import { api } from '../../../store/api';
import { Card } from '../../../ui/Card/Card';
import { Choices, CheckboxGroup } from '../../../ui/form/Choices';
import { dayWords, weekday, withDays } from '../../../ui/words/days';
import { ActionBar } from '../../../ui/ActionBar/ActionBar';
import { Empty, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading, Screen } from '../../../ui/Screen/Screen';
import { dayKindNames } from '../week/dayKindNames';
import { useManyWeeks, type OneWeek } from './useManyWeeks';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const kinds: readonly DayKind[] = ['lesson', 'home', 'team', 'bullpen', 'off'];
const nameOf = ({ givenName, familyName }: RosterEntry) => `${givenName} ${familyName}`;
const stateNames: Record<OneWeek['state'], string> = {
  waiting: texts.waiting,
  planned: texts.planned,
  failed: texts.notPlanned,
  assigned: texts.assigned,
};

/** The coming week of several athletes at once, each within their own limits. */
export function ManyWeeks() {
  const { data, error, refetch } = api.useRosterQuery();
  const many = useManyWeeks();
  const [chosen, setChosen] = useState<string[]>([]);
  const [shared, setShared] = useState<ReadonlyMap<string, DayKind>>(new Map());
  const { weeks, busy, today } = many;
  const people = data ?? [];
  const done = weeks.filter(({ state }) => state !== 'waiting').length;
  const planned = weeks.filter(({ state }) => state === 'planned').length;
  const setDay = (date: string, kind: DayKind | null) => {
    const next = new Map(shared);
    if (kind === null) next.delete(date);
    else next.set(date, kind);
    setShared(next);
  };
  return (
    <Screen
      title={texts.planSeveralAthletes}
      back={{ label: texts.back, to: '/roster' }}
      foot={
        <ActionBar>
          {weeks.length ? (
            <View style={styles.progress}>
              <Text role="status">{texts.ofDone(done, weeks.length, busy)}</Text>
              <ProgressBar
                progress={weeks.length ? done / weeks.length : 0}
                aria-label={texts.howManyWeeksAre}
              />
            </View>
          ) : null}
          {busy ? (
            <Button mode="outlined" onPress={many.stop} contentStyle={styles.tall}>
              {texts.stopAfterThisOne}
            </Button>
          ) : (
            <View style={styles.row}>
              {planned ? (
                <Button mode="contained" onPress={() => void many.assignAll()} contentStyle={styles.tall}>
                  {texts.assignWeek(planned)}
                </Button>
              ) : null}
              <Button
                mode={planned ? 'text' : 'contained'}
                disabled={chosen.length === 0}
                contentStyle={styles.tall}
                onPress={() => void many.plan(chosen, shared)}
              >
                {texts.planWeek(chosen.length)}
              </Button>
            </View>
          )}
        </ActionBar>
      }
    >
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheRoster} /> : null}
      {data?.length === 0 ? <Empty>{texts.nobodyHereYetAdd}</Empty> : null}
      {weeks.length ? (
        weeks.map((one) => (
          <Card key={one.id}>
            <View style={styles.row}>
              <Text variant="titleMedium" style={styles.grow}>
                {nameOf(people.find(({ id }) => id === one.id)!)}
              </Text>
              <Text variant="labelMedium">{stateNames[one.state]}</Text>
            </View>
            {one.words ? <Text variant="bodySmall">{withDays(one.words, today)}</Text> : null}
          </Card>
        ))
      ) : (
        <>
          <Card>
            <Heading>{texts.who}</Heading>
            <View style={styles.row}>
              <Button mode="outlined" onPress={() => setChosen(people.map(({ id }) => id))}>
                {texts.everyone}
              </Button>
              <Button mode="text" onPress={() => setChosen([])}>
                {texts.nobody}
              </Button>
            </View>
            <CheckboxGroup
              label={texts.athletes}
              options={people.map((each) => ({ value: each.id, text: nameOf(each) }))}
              value={chosen}
              onChange={setChosen}
            />
          </Card>
          <Card>
            <Heading>{texts.daysTheyShare}</Heading>
            <Text>{texts.ifYouSkip}</Text>
            {[0, 1, 2, 3, 4, 5, 6].map((n) => {
              const date = addDays(today, n);
              return (
                <Choices<DayKind | null>
                  key={date}
                  label={`${weekday(date)} ${dayWords(date, today)}`}
                  shown
                  value={shared.get(date) ?? null}
                  onChange={(kind) => setDay(date, kind)}
                  options={[
                    { value: null, text: texts.theirOwn },
                    ...kinds.map((value) => ({ value, text: dayKindNames[value] })),
                  ]}
                />
              );
            })}
          </Card>
        </>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  progress: { gap: 4, paddingBottom: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  tall: { minHeight: 48 },
});
