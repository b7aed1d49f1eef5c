import { newDevice, type DeviceRecord, type MadeDevice } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, dayWords } from '../../ui/words/days';
import { Empty, Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const back = { label: texts.back, to: '/office' } as const;

const exampleOf = (key: string): string =>
  [texts.curlApiReadings(location.origin), texts.hAuthorizationBearer(key), texts.dVelocityUnitMph].join(
    ' \\\n  ',
  );

/** Instruments that may send readings: made known, with the key told once, and taken out. */
export function Devices() {
  const { data, error, refetch } = lazyEndpoints.useDevicesQuery();
  const [add, adding] = lazyEndpoints.useAddDeviceMutation();
  const form = useSchemaForm(newDevice, { id: v7(), name: '' });
  const [made, setMade] = useState<MadeDevice | null>(null);
  const known = (data ?? []).filter(({ ended }) => !ended);
  const save = form.handleSubmit(async ({ id, name }) => {
    const result = await add({ id, name: name.trim() });
    if (!result.data) return;
    setMade(result.data);
    form.reset({ id: v7(), name: '' });
  });
  return (
    <Screen title={texts.radarLines} back={back}>
      <Text>{texts.oneJsonDocument}</Text>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {made ? (
        <Notice icon="lock-open-outline">
          <Text>{texts.theKeyIsShown}</Text>
          <Text variant="labelLarge" selectable style={styles.key}>
            {made.key}
          </Text>
          <Text selectable style={styles.code}>
            {exampleOf(made.key)}
          </Text>
          <Button mode="outlined" style={styles.start} onPress={() => setMade(null)}>
            {texts.iHaveCopiedIt}
          </Button>
        </Notice>
      ) : null}
      {!data && !error ? <Waiting what={texts.readingTheDevices} /> : null}
      {data && known.length === 0 ? <Empty>{texts.noDeviceYetAdd}</Empty> : null}
      {known.map((device) => (
        <Known key={device.id} device={device} />
      ))}
      <Card>
        <Heading>{texts.addOne}</Heading>
        <FormText
          form={form}
          name="name"
          label={texts.nameSuchAsGun}
          called={texts.nameOfTheDevice}
          atMost={60}
        />
        {adding.error ? <ErrorNotice error={adding.error} /> : null}
        <Button mode="contained" style={styles.start} loading={adding.isLoading} onPress={() => void save()}>
          {texts.addTheDevice}
        </Button>
      </Card>
      <Card>
        <Heading>{texts.whatALineMay}</Heading>
        <Text>{texts.velocityToMph}</Text>
        <Text>{texts.unitMphKmH}</Text>
        <Text>{texts.atWhenItWas}</Text>
        <Text>{texts.refWhatTheInstrument}</Text>
        <Text variant="bodySmall">{texts.severalLinesMayCome}</Text>
      </Card>
    </Screen>
  );
}

function Known({ device }: { device: DeviceRecord }) {
  const today = useToday();
  const { academy } = useMe();
  const [end, ending] = lazyEndpoints.useEndDeviceMutation();
  const heard = device.heard
    ? texts.lastReading(dayWords(dayAt(device.heard, academy.zone), today))
    : texts.noReadingYet;
  return (
    <Card>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Text variant="titleMedium">{device.name}</Text>
          <Text variant="bodySmall">{texts.addedBy(heard, device.by)}</Text>
        </View>
        <Button
          mode="outlined"
          loading={ending.isLoading}
          accessibilityLabel={texts.remove(device.name)}
          onPress={() => void end({ device: device.id, id: v7() })}
        >
          {texts.remove2}
        </Button>
      </View>
      {ending.error ? <ErrorNotice error={ending.error} /> : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  start: { alignSelf: 'flex-start' },
  key: { fontFamily: 'monospace' },
  code: { fontFamily: 'monospace', fontSize: 13 },
});
