import type { CampRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { PickOne } from '../../../ui/form/PickOne';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { useSetup } from '../setup/useSetup';
import { calledIn } from '../useCamp';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

/** Friends who are to be together, and those who are to be kept apart. */
export function Company({ camp }: { camp: CampRecord }) {
  const { change, saving, error } = useSetup(camp);
  const called = calledIn(camp, true);
  const [kind, setKind] = useState<'together' | 'apart'>('together');
  const [chosen, setChosen] = useState<string[]>([]);
  const lists = (['together', 'apart'] as const).flatMap((each) =>
    camp.setup[each].map((ids, n) => ({ each, ids, n })),
  );
  const add = async () => {
    if (await change((was) => ({ ...was, [kind]: [...was[kind], chosen] }))) setChosen([]);
  };
  return (
    <Card>
      {error ? <ErrorNotice error={error} /> : null}
      {lists.map(({ each, ids, n }) => (
        <View key={`${each} ${n}`} style={styles.line}>
          <Text style={styles.grow}>
            {`${each === 'together' ? texts.together : texts.apart}: ${ids.map(called).join(', ')}`}
          </Text>
          <IconButton
            icon="close"
            accessibilityLabel={texts.remove(ids.map(called).join(', '))}
            onPress={() => void change((was) => ({ ...was, [each]: was[each].filter((_, m) => m !== n) }))}
          />
        </View>
      ))}
      <Choices
        label={texts.togetherOrApart}
        value={kind}
        onChange={setKind}
        options={[
          { value: 'together', text: texts.keepTogether },
          { value: 'apart', text: texts.keepApart },
        ]}
      />
      {chosen.map((id) => (
        <View key={id} style={styles.line}>
          <Text style={styles.grow}>{called(id)}</Text>
          <IconButton
            icon="close"
            accessibilityLabel={texts.leaveOut(called(id))}
            onPress={() => setChosen(chosen.filter((each) => each !== id))}
          />
        </View>
      ))}
      <PickOne
        label={texts.athlete}
        options={camp.members
          .filter(({ id }) => !chosen.includes(id))
          .map(({ id, givenName, familyName }) => ({ value: id, text: `${givenName} ${familyName}` }))}
        value={null}
        onPick={(id) => id && setChosen([...chosen, id])}
      />
      <Button mode="outlined" disabled={chosen.length < 2} loading={saving} onPress={() => void add()}>
        {kind === 'together' ? texts.keepThemTogether : texts.keepThemApart}
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1 },
});
