import { newDevice, type DeviceRecord, type MadeDevice } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, dayWords } from '../../ui/words/days';
import { Empty, Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';

const back = { label: 'Back', to: '/office' } as const;

const exampleOf = (key: string): string =>
  [
    `curl ${location.origin}/api/readings`,
    `-H 'Authorization: Bearer ${key}'`,
    `-d '{"velocity": 71.4, "unit": "mph"}'`,
  ].join(' \\\n  ');

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
    <Screen title="Radar lines" back={back}>
      <Text>
        One JSON document for each reading, sent to this address with the key of the device. In Work, choose
        the device under Velocity: its readings become throws by themselves.
      </Text>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {made ? (
        <Notice icon="lock-open-outline">
          <Text>The key is shown only now. Put it into the instrument; make another when it is lost.</Text>
          <Text variant="labelLarge" selectable style={styles.key}>
            {made.key}
          </Text>
          <Text selectable style={styles.code}>
            {exampleOf(made.key)}
          </Text>
          <Button mode="outlined" style={styles.start} onPress={() => setMade(null)}>
            I have it
          </Button>
        </Notice>
      ) : null}
      {!data && !error ? <Waiting what="Reading the devices" /> : null}
      {data && known.length === 0 ? <Empty>No instrument is known yet. Add the first one here.</Empty> : null}
      {known.map((device) => (
        <Known key={device.id} device={device} />
      ))}
      <Card>
        <Heading>Add one</Heading>
        <FormText
          form={form}
          name="name"
          label="Name, such as Gun at cage 1"
          called="Name of the device"
          atMost={60}
        />
        {adding.error ? <ErrorNotice error={adding.error} /> : null}
        <Button mode="contained" style={styles.start} loading={adding.isLoading} onPress={() => void save()}>
          Add the device
        </Button>
      </Card>
      <Card>
        <Heading>What a line may hold</Heading>
        <Text>velocity: 3 to 150 mph, 5 to 240 km/h or 1.4 to 67 m/s</Text>
        <Text>unit: mph, km/h or m/s</Text>
        <Text>at: when it was measured, in UTC; else when it arrives</Text>
        <Text>ref: what the instrument calls the reading; sent twice it counts once</Text>
        <Text variant="bodySmall">
          Several lines may come at once. Where one of them is wrong, none is taken, and the answer names the
          line and the field.
        </Text>
      </Card>
    </Screen>
  );
}

function Known({ device }: { device: DeviceRecord }) {
  const today = useToday();
  const { academy } = useMe();
  const [end, ending] = lazyEndpoints.useEndDeviceMutation();
  const heard = device.heard
    ? `Last reading ${dayWords(dayAt(device.heard, academy.zone), today)}`
    : 'Nothing was heard of it yet';
  return (
    <Card>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Text variant="titleMedium">{device.name}</Text>
          <Text variant="bodySmall">{`${heard}. Added by ${device.by}.`}</Text>
        </View>
        <Button
          mode="outlined"
          loading={ending.isLoading}
          accessibilityLabel={`Take out ${device.name}`}
          onPress={() => void end({ device: device.id, id: v7() })}
        >
          Take out
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
