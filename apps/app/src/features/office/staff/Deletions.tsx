import { fewestYears, mostYears, type DeletionRecord, type RetentionPage } from '@wrightonic/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { Card } from '../../../ui/Card/Card';
import { useMay } from '../../../ui/hooks/useMay';
import { SelectField } from '../../../ui/form/SelectField';
import { ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading, Screen } from '../../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../../ui/words/days';
import { texts } from './texts';

const back = { label: texts.back, to: '/office' } as const;

/** Athletes out of the lists, deletions under way, and those of whom nothing was heard for long. */
export function Deletions() {
  const { data, error, refetch } = lazyEndpoints.useRetentionQuery();
  return (
    <Screen title={texts.archivedAndDeleted} back={back}>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheList} /> : null}
      {data ? (
        <>
          <Card>
            <Heading>{texts.deletions}</Heading>
            <Text>{texts.aDeletionTakes}</Text>
            {data.deletions.map((deletion) => (
              <Deletion key={deletion.id} deletion={deletion} />
            ))}
            {data.deletions.length === 0 ? <Text>{texts.noneUnderWay}</Text> : null}
          </Card>
          <Archived archived={data.archived} />
          <Proposed page={data} />
        </>
      ) : null}
    </Screen>
  );
}

function Deletion({ deletion }: { deletion: DeletionRecord }) {
  const { academy } = useMe();
  const today = useToday();
  const [confirm, confirming] = lazyEndpoints.useConfirmDeletionMutation();
  const [takeBack, takingBack] = lazyEndpoints.useTakeBackDeletionMutation();
  const { id, athlete, reason, at, by, confirmedBy, dueAt } = deletion;
  const day = (instant: string) => dayWords(dayAt(instant, academy.zone), today);
  const error = confirming.error ?? takingBack.error;
  return (
    <View style={styles.one}>
      <Text variant="titleMedium">{athlete.name}</Text>
      <Text>{texts.askedBy(by, day(at), reason)}</Text>
      <Text>
        {dueAt
          ? texts.confirmedUntil(confirmedBy ?? '', day(dueAt))
          : deletion.confirm.may
            ? texts.waitsForYou
            : deletion.confirm.why}
      </Text>
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        {!dueAt && deletion.confirm.may ? (
          <Button mode="contained" loading={confirming.isLoading} onPress={() => void confirm(id)}>
            {texts.confirmDeletionOf(athlete.name)}
          </Button>
        ) : null}
        <Button mode="outlined" loading={takingBack.isLoading} onPress={() => void takeBack(id)}>
          {texts.keepAthlete(athlete.name)}
        </Button>
      </View>
    </View>
  );
}

function Archived({ archived }: Pick<RetentionPage, 'archived'>) {
  const { academy } = useMe();
  const today = useToday();
  const [archive, archiving] = lazyEndpoints.useArchiveAthleteMutation();
  return (
    <Card>
      <Heading>{texts.archivedAthletes}</Heading>
      <Text>{texts.archivedAreKept}</Text>
      {archiving.error ? <ErrorNotice error={archiving.error} /> : null}
      {archived.map(({ id, name, archivedAt }) => (
        <View key={id} style={styles.row}>
          <Text style={styles.grow}>
            {texts.archivedOn(name, dayWords(dayAt(archivedAt, academy.zone), today))}
          </Text>
          <Button
            mode="text"
            accessibilityLabel={texts.backToTheRosterOf(name)}
            onPress={() => void archive({ athleteId: id, archived: false })}
          >
            {texts.backToTheRoster}
          </Button>
        </View>
      ))}
      {archived.length === 0 ? <Text>{texts.nobodyIsArchived}</Text> : null}
    </Card>
  );
}

const years = Array.from({ length: mostYears - fewestYears + 1 }, (_, n) => n + fewestYears);

function Proposed({ page }: { page: RetentionPage }) {
  const own = useMay('rules');
  const { academy } = useMe();
  const today = useToday();
  const [set, setting] = lazyEndpoints.useSetRetentionMutation();
  return (
    <Card>
      <Heading>{texts.withoutContact}</Heading>
      {own ? (
        <SelectField
          label={texts.proposeAfter}
          value={page.years === null ? '' : String(page.years)}
          onChange={(value) => void set({ years: value ? Number(value) : null })}
          options={[
            { value: '', text: texts.never },
            ...years.map((n) => ({ value: String(n), text: texts.years(n) })),
          ]}
        />
      ) : (
        <Text>{page.years === null ? texts.nobodyIsProposed : texts.proposedAfter(page.years)}</Text>
      )}
      {setting.error ? <ErrorNotice error={setting.error} /> : null}
      {page.proposed.map(({ id, name, lastContact }) => (
        <View key={id} style={styles.row}>
          <Text style={styles.grow}>
            {texts.lastContact(name, lastContact ? dayWords(dayAt(lastContact, academy.zone), today) : null)}
          </Text>
          <Button
            mode="text"
            accessibilityLabel={texts.profileOf(name)}
            onPress={() => router.navigate(`/athletes/${id}/profile`)}
          >
            {texts.openTheProfile}
          </Button>
        </View>
      ))}
      {page.years !== null && page.proposed.length === 0 ? <Text>{texts.nobodyIsProposed}</Text> : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 180 },
  one: { gap: 6, paddingVertical: 8 },
});
