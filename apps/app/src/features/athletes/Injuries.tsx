import { newClearance, newInjury, type InjuryRecord, type NewInjury } from '@wrightonic/contract';
import { painSites, type PainSite } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { FormChoices, FormDate, FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { Notice, ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** After these a plan holds back until somebody has cleared the athlete. */
const needsClearance = new Set<PainSite>(['elbow', 'shoulder', 'back']);

interface Props {
  athleteId: string;
  injuries: readonly InjuryRecord[];
}

/** What was hurt, and who cleared it: when, and with which restrictions. */
export function Injuries({ athleteId, injuries }: Props) {
  const today = useToday();
  const [adding, setAdding] = useState(false);
  const [clearing, setClearing] = useState<string | null>(null);
  return (
    <Card>
      <Heading level={3}>{texts.injuriesAndClearance}</Heading>
      {injuries.length === 0 ? <Text>{texts.noneRecorded2}</Text> : null}
      {injuries.map((injury) => (
        <View key={injury.id} style={styles.one}>
          <Text variant="labelLarge">
            {texts.operatedSince(injury.site, injury.what, injury.surgery, dayWords(injury.since, today))}
          </Text>
          {injury.clearances.map(({ id, clearedBy, date, restrictions }) => (
            <Text key={id}>
              {texts.clearedBy(
                clearedBy,
                dayWords(date, today),
                restrictions ? texts.restrictions(restrictions) : texts.noRestrictions,
              )}
            </Text>
          ))}
          {injury.clearances.length === 0 && (needsClearance.has(injury.site) || injury.surgery) ? (
            <Notice>{texts.notClearedNoThrows}</Notice>
          ) : null}
          {clearing === injury.id ? (
            <Clear athleteId={athleteId} injuryId={injury.id} onDone={() => setClearing(null)} />
          ) : (
            <Button mode="text" style={styles.start} onPress={() => setClearing(injury.id)}>
              {injury.clearances.length ? texts.addANewerClearance : texts.addClearance}
            </Button>
          )}
        </View>
      ))}
      {adding ? (
        <Add athleteId={athleteId} onDone={() => setAdding(false)} />
      ) : (
        <Button mode="outlined" icon="plus" style={styles.start} onPress={() => setAdding(true)}>
          {texts.addAnInjury}
        </Button>
      )}
    </Card>
  );
}

function Add({ athleteId, onDone }: { athleteId: string; onDone: () => void }) {
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddInjuryMutation();
  const form = useSchemaForm<NewInjury>(newInjury, {
    id: v7(),
    site: 'elbow',
    what: '',
    since: '',
    surgery: false,
  });
  const save = form.handleSubmit(async (body) => {
    if (!('error' in (await add({ athleteId, body })))) onDone();
  });
  return (
    <View style={styles.one}>
      <FormChoices form={form} name="site" options={painSites.map((value) => ({ value, text: value }))} />
      <FormText form={form} name="what" atMost={200} />
      <FormDate form={form} name="since" max={today} />
      <FormChoices
        form={form}
        name="surgery"
        options={[
          { value: false, text: texts.no },
          { value: true, text: texts.yes },
        ]}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained" loading={isLoading} onPress={() => void save()}>
        {texts.saveInjury}
      </Button>
    </View>
  );
}

function Clear(props: { athleteId: string; injuryId: string; onDone: () => void }) {
  const { athleteId, injuryId, onDone } = props;
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddClearanceMutation();
  const form = useSchemaForm(newClearance, { id: v7(), clearedBy: '', date: today, restrictions: '' });
  const save = form.handleSubmit(async (body) => {
    if (!('error' in (await add({ athleteId, injuryId, body })))) onDone();
  });
  return (
    <View style={styles.one}>
      <FormText form={form} name="clearedBy" hint={texts.nameAndProfession} atMost={120} />
      <FormDate form={form} name="date" max={today} />
      <FormText form={form} name="restrictions" optional atMost={300} />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained" loading={isLoading} onPress={() => void save()}>
        {texts.saveClearance}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ one: { gap: 6 }, start: { alignSelf: 'flex-start' } });
