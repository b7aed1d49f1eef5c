import { dayNumber, dayOfNumber } from '@wrightonic/core/day';
import type { NewSize, SizeRecord } from '@wrightonic/contract';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { PlotChart } from '../../charts/PlotChart';
import { more } from '../../store/more';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card';
import { dayWords } from '../../ui/days';
import { checkedBy } from '../../ui/form/checkedBy';
import { Field } from '../../ui/form/Field';
import { Trouble } from '../../ui/Notice';
import { Heading } from '../../ui/Screen';

/** Height and mass over time, and a new line of it. */
export function Growth({ athleteId, sizes }: { athleteId: string; sizes: readonly SizeRecord[] }) {
  const today = useToday();
  const own = useColours();
  const [add, { isLoading, error }] = more.useAddSizeMutation();
  const { control, handleSubmit, reset } = useForm<NewSize>({
    defaultValues: { id: v7(), date: today, heightCm: null, massKg: null },
    resolver: checkedBy('size'),
  });
  const save = handleSubmit(async (body) => {
    if ('error' in (await add({ athleteId, body }))) return;
    reset({ id: v7(), date: today, heightCm: null, massKg: null });
  });
  const of = (key: 'heightCm' | 'massKg') =>
    sizes.flatMap((size) => (size[key] === null ? [] : [{ date: size.date, value: size[key] }]));
  const picture = (name: string, unit: string, key: 'heightCm' | 'massKg', colour: string) => {
    const list = of(key);
    const [first, last] = [list[0], list.at(-1)];
    if (!first || !last) return null;
    const gain = last.value - first.value;
    const words = `${name} ${last.value} ${unit}, ${dayWords(last.date, today)}${
      list.length > 1
        ? `; ${gain >= 0 ? '+' : ''}${gain.toFixed(1)} ${unit} since ${dayWords(first.date, today)}`
        : ''
    }`;
    return (
      <View key={key}>
        <Text>{`${words}.`}</Text>
        {list.length > 1 ? (
          <PlotChart
            label={words}
            height={130}
            dots={list.map(({ date, value }) => ({ at: [dayNumber(date), value] }))}
            lines={[{ points: list.map(({ date, value }) => [dayNumber(date), value]), colour }]}
            xTicks={[...new Set([dayNumber(first.date), dayNumber(last.date)])]}
            xName={(day) => dayWords(dayOfNumber(day), today)}
          />
        ) : null}
      </View>
    );
  };
  return (
    <Card>
      <Heading level={3}>Growth</Heading>
      {picture('Height', 'cm', 'heightCm', own.dusk)}
      {picture('Mass', 'kg', 'massKg', own.grass)}
      {sizes.length === 0 ? <Text>Not measured yet.</Text> : null}
      <View style={styles.row}>
        <View style={styles.grow}>
          <Field control={control} name="date" label="Measured on" />
        </View>
        <View style={styles.grow}>
          <Field control={control} name="heightCm" label="Height, cm" number />
        </View>
        <View style={styles.grow}>
          <Field control={control} name="massKg" label="Mass, kg" number />
        </View>
      </View>
      {error ? <Trouble error={error} /> : null}
      <Button mode="outlined" loading={isLoading} onPress={() => void save()}>
        Keep this size
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flexGrow: 1, flexBasis: 100 },
});
