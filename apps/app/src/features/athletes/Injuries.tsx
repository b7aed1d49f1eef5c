import type { InjuryRecord, NewClearance, NewInjury } from '@wrightonic/contract';
import { painSites, type PainSite } from '@wrightonic/core';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { dayWords } from '../../ui/words/days';
import { checkedBy } from '../../ui/form/checkedBy';
import { Field } from '../../ui/form/Field';
import { Notice, ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';

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
      <Heading level={3}>Injuries and clearance</Heading>
      {injuries.length === 0 ? <Text>None recorded.</Text> : null}
      {injuries.map((injury) => (
        <View key={injury.id} style={styles.one}>
          <Text variant="labelLarge">
            {`${injury.site}: ${injury.what}${injury.surgery ? ', operated' : ''}, since ${dayWords(injury.since, today)}`}
          </Text>
          {injury.clearances.map(({ id, clearedBy, date, restrictions }) => (
            <Text key={id}>
              {`Cleared by ${clearedBy}, ${dayWords(date, today)}. ${restrictions ? `Restrictions: ${restrictions}.` : 'No restrictions.'}`}
            </Text>
          ))}
          {injury.clearances.length === 0 && (needsClearance.has(injury.site) || injury.surgery) ? (
            <Notice>
              Not cleared: no throws above 60 percent effort, no constraint or tether drills. Ask a licensed
              clinician.
            </Notice>
          ) : null}
          {clearing === injury.id ? (
            <Clear athleteId={athleteId} injuryId={injury.id} onDone={() => setClearing(null)} />
          ) : (
            <Button mode="text" style={styles.start} onPress={() => setClearing(injury.id)}>
              {injury.clearances.length ? 'A newer clearance' : 'Enter the clearance'}
            </Button>
          )}
        </View>
      ))}
      {adding ? (
        <Add athleteId={athleteId} onDone={() => setAdding(false)} />
      ) : (
        <Button mode="outlined" icon="plus" style={styles.start} onPress={() => setAdding(true)}>
          Add an injury
        </Button>
      )}
    </Card>
  );
}

function Add({ athleteId, onDone }: { athleteId: string; onDone: () => void }) {
  const [add, { isLoading, error }] = lazyEndpoints.useAddInjuryMutation();
  const { control, handleSubmit } = useForm<NewInjury>({
    defaultValues: { id: v7(), site: 'elbow', what: '', since: '', surgery: false },
    resolver: checkedBy('injury'),
  });
  const save = handleSubmit(async (body) => {
    if (!('error' in (await add({ athleteId, body })))) onDone();
  });
  return (
    <View style={styles.one}>
      <Controller
        control={control}
        name="site"
        render={({ field }) => (
          <Choices
            label="Where"
            shown
            value={field.value}
            onChange={field.onChange}
            options={painSites.map((value) => ({ value, text: value }))}
          />
        )}
      />
      <Field control={control} name="what" label="What it was" />
      <Field control={control} name="since" label="Since" hint="Year-month-day" />
      <Controller
        control={control}
        name="surgery"
        render={({ field }) => (
          <Choices
            label="Operated"
            shown
            value={field.value ? 'yes' : 'no'}
            onChange={(answer) => field.onChange(answer === 'yes')}
            options={[
              { value: 'no', text: 'No' },
              { value: 'yes', text: 'Yes' },
            ]}
          />
        )}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained" loading={isLoading} onPress={() => void save()}>
        Keep the injury
      </Button>
    </View>
  );
}

function Clear(props: { athleteId: string; injuryId: string; onDone: () => void }) {
  const { athleteId, injuryId, onDone } = props;
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddClearanceMutation();
  const { control, handleSubmit } = useForm<NewClearance>({
    defaultValues: { id: v7(), clearedBy: '', date: today, restrictions: '' },
    resolver: checkedBy('clearance'),
  });
  const save = handleSubmit(async (body) => {
    if (!('error' in (await add({ athleteId, injuryId, body })))) onDone();
  });
  return (
    <View style={styles.one}>
      <Field control={control} name="clearedBy" label="Cleared by" hint="Name and what they are" />
      <Field control={control} name="date" label="On" />
      <Field control={control} name="restrictions" label="Restrictions (optional)" />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained" loading={isLoading} onPress={() => void save()}>
        Keep the clearance
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ one: { gap: 6 }, start: { alignSelf: 'flex-start' } });
