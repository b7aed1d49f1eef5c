import { auditKinds, type AuditEntry } from '@wrightonic/contract';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { auditQueryOf, type AuditWish } from '../../../store/endpoints/staff';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { DateField } from '../../../ui/form/DateField';
import { SelectField } from '../../../ui/form/SelectField';
import { Empty, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Screen } from '../../../ui/Screen/Screen';
import { dayAt, dayWords, timeAt } from '../../../ui/words/days';
import { auditKindNames, texts } from './texts';

const back = { label: texts.back, to: '/office' } as const;

/** Who saw, changed, exported, invited and cleared, and who got in; kept for a year. */
export function Audit() {
  const [wish, setWish] = useState<AuditWish>({ kind: '', person: '', from: '', to: '' });
  const { data, error, refetch } = lazyEndpoints.useAuditQuery(wish);
  const { data: people = [] } = lazyEndpoints.usePeopleQuery();
  const change = (part: Partial<AuditWish>) => setWish((now) => ({ ...now, ...part }));
  return (
    <Screen title={texts.audit} back={back}>
      <Text>{texts.keptForAYear}</Text>
      <View style={styles.filters}>
        <View style={styles.filter}>
          <SelectField
            label={texts.what}
            value={wish.kind}
            onChange={(kind) => change({ kind })}
            options={[
              { value: '', text: texts.everything },
              ...auditKinds.map((value) => ({ value, text: auditKindNames[value] })),
            ]}
          />
        </View>
        <View style={styles.filter}>
          <SelectField
            label={texts.who}
            value={wish.person}
            onChange={(person) => change({ person })}
            options={[
              { value: '', text: texts.everybody },
              ...people.map(({ id, name }) => ({ value: id, text: name })),
            ]}
          />
        </View>
        <View style={styles.filter}>
          <DateField label={texts.fromDay} value={wish.from} onChange={(from) => change({ from })} />
        </View>
        <View style={styles.filter}>
          <DateField label={texts.toDay} value={wish.to} onChange={(to) => change({ to })} />
        </View>
      </View>
      <Button
        mode="outlined"
        icon="download"
        style={styles.start}
        onPress={() => void Linking.openURL(`/api/audit.csv?${auditQueryOf(wish)}`)}
      >
        {texts.saveAsCsv}
      </Button>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheAudit} /> : null}
      {data && data.entries.length === 0 ? <Empty>{texts.nothingOfThatKind}</Empty> : null}
      {(data?.entries ?? []).map((entry) => (
        <Entry key={entry.id} entry={entry} />
      ))}
      {data?.more ? <Text>{texts.olderOnesToo}</Text> : null}
    </Screen>
  );
}

function Entry({ entry: { at, by, told, athlete } }: { entry: AuditEntry }) {
  const { academy } = useMe();
  const today = useToday();
  return (
    <View style={styles.entry}>
      <Text>{texts.auditLine(by ?? texts.theServer, told, athlete?.name ?? null)}</Text>
      <Text variant="bodySmall">
        {texts.atOn(dayWords(dayAt(at, academy.zone), today), timeAt(at, academy.zone))}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  filters: { flexDirection: 'row', flexWrap: 'wrap', gap: 10 },
  filter: { flexGrow: 1, flexBasis: 150, minWidth: 140 },
  start: { alignSelf: 'flex-start' },
  entry: { gap: 2, paddingVertical: 6 },
});
