import type { BuildPage } from '@wrightonic/contract';
import { constraintOf, constraintsFor, nodeName, nodesFor, orderedConstraints } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { CheckboxGroup } from '../../ui/form/Choices';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  page: BuildPage;
  drill: string;
}

/** The constraints of a drill for this athlete, in the order in which they are put up. */
export function ConstraintOrder({ page, drill }: Props) {
  const dispatch = useAppDispatch();
  const [changing, setChanging] = useState(false);
  const { athlete, history } = page;
  const whom = { discipline: athlete.discipline, age: athlete.age, history };
  const own = new Set(nodesFor(athlete.discipline).map(({ id }) => id));
  const open = constraintsFor(whom);
  const order = orderedConstraints(drill, page.constraints[drill], whom, useBook());
  if (order.length === 0 && !page.constraints[drill]) return null;
  const keep = (next: string[]) =>
    dispatch(log(athlete.id, 'constraints-ordered', { athleteId: athlete.id, drill, constraints: next }));
  const swap = (n: number) =>
    keep(order.map((id, at) => (at === n - 1 ? order[n]! : at === n ? order[n - 1]! : id)));
  return (
    <View style={styles.root}>
      <Text variant="labelMedium">{texts.constraintsInOrder}</Text>
      {order.map((id, n) => {
        const constraint = constraintOf(id);
        return (
          <View key={id} style={styles.row}>
            <View style={styles.grow}>
              <Text>{`${n + 1}. ${constraint?.name ?? id}`}</Text>
              <Text variant="bodySmall">
                {texts.blocks(
                  (constraint?.blocks ?? [])
                    .filter((flaw) => own.has(flaw))
                    .map((flaw) => nodeName(flaw).toLowerCase())
                    .join(', '),
                )}
              </Text>
            </View>
            {changing && n > 0 ? (
              <IconButton
                icon="arrow-up"
                accessibilityLabel={texts.moveUp(constraint?.name ?? id)}
                onPress={() => swap(n)}
              />
            ) : null}
          </View>
        );
      })}
      {changing ? (
        <CheckboxGroup
          label={texts.constraintsOfThisDrill}
          options={open.map(({ id, name }) => ({ value: id, text: name }))}
          value={order}
          onChange={keep}
        />
      ) : null}
      <Button mode="text" compact style={styles.start} onPress={() => setChanging(!changing)}>
        {changing ? texts.done : texts.changeTheConstraints}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 4 },
  grow: { flex: 1, minWidth: 0 },
  start: { alignSelf: 'flex-start', marginLeft: -8 },
});
