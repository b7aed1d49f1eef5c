import { sayLength, sayMass, shownUnit } from '@wrightonic/core';
import { dayNumber, dayOfNumber } from '@wrightonic/core/day';
import { newSize, type SizeRecord } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { PlotChart } from '../../charts/PlotChart';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { FormDate } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { SizeField } from '../../ui/form/SizeField';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Height and mass over time, and a new line of it. */
export function Growth({ athleteId, sizes }: { athleteId: string; sizes: readonly SizeRecord[] }) {
  const today = useToday();
  const own = useColours();
  const [add, { isLoading, error }] = lazyEndpoints.useAddSizeMutation();
  const form = useSchemaForm(newSize, { id: v7(), date: today, heightCm: null, massKg: null });
  const save = form.handleSubmit(async (body) => {
    if ('error' in (await add({ athleteId, body }))) return;
    form.reset({ id: v7(), date: today, heightCm: null, massKg: null });
  });
  const of = (key: 'heightCm' | 'massKg') =>
    sizes.flatMap((size) => (size[key] === null ? [] : [{ date: size.date, value: size[key] }]));
  const liked = useMe().person.sizeUnit;
  const picture = (name: string, key: 'heightCm' | 'massKg', colour: string) => {
    const list = of(key);
    const say = (value: number) => (key === 'heightCm' ? sayLength : sayMass)(value, liked);
    const shown = shownUnit(key === 'heightCm' ? 'cm' : 'kg', liked);
    const [first, last] = [list[0], list.at(-1)];
    if (!first || !last) return null;
    const gain = last.value - first.value;
    const words = `${name} ${say(last.value)}, ${dayWords(last.date, today)}${
      list.length > 1
        ? texts.since(gain >= 0 ? '+' : '', shown.show(gain), shown.unit, dayWords(first.date, today))
        : ''
    }`;
    return (
      <View key={key}>
        <Text>{`${words}.`}</Text>
        {list.length > 1 ? (
          <PlotChart
            label={words}
            height={130}
            dots={list.map(({ date, value }) => ({ at: [dayNumber(date), shown.show(value)] }))}
            lines={[{ points: list.map(({ date, value }) => [dayNumber(date), shown.show(value)]), colour }]}
            xTicks={[...new Set([dayNumber(first.date), dayNumber(last.date)])]}
            xName={(day) => dayWords(dayOfNumber(day), today)}
          />
        ) : null}
      </View>
    );
  };
  return (
    <Card>
      <Heading level={3}>{texts.growth}</Heading>
      {picture(texts.height, 'heightCm', own.dusk)}
      {picture(texts.weight, 'massKg', own.grass)}
      {sizes.length === 0 ? <Text>{texts.notMeasuredYet}</Text> : null}
      <View style={styles.row}>
        <View style={styles.grow}>
          <FormDate form={form} name="date" max={today} />
        </View>
        <View style={styles.grow}>
          <SizeField form={form} name="heightCm" kind="length" />
        </View>
        <View style={styles.grow}>
          <SizeField form={form} name="massKg" kind="mass" />
        </View>
      </View>
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="outlined" loading={isLoading} onPress={() => void save()}>
        {texts.saveMeasurements}
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flexGrow: 1, flexBasis: 140 },
});
