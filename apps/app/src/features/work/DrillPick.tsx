import type { WorkPage } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PickOne } from '../../ui/form/PickOne';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { stageWords } from '../../ui/words/stageWords';
import { useBook } from '../../ui/hooks/useBook';
import { Sheet } from './Sheet';
import { texts } from './texts';

interface Props {
  page: WorkPage;
  /** Drills that are worked already. */
  here: readonly string[];
  onPick: (drill: string) => void;
  onClose: () => void;
}

/** One more drill for today: from the plan’s own ladder with a tap, or any other by its name. */
export function DrillPick({ page, here, onPick, onClose }: Props) {
  const book = useBook();
  const ladder = (page.plan?.threads ?? []).flatMap(({ stages }) =>
    stages.flatMap(({ stage, drills }) => drills.map(({ drill }) => ({ drill, stage }))),
  );
  const near = [...new Map(ladder.map((each) => [each.drill, each])).values()].filter(
    ({ drill }) => !here.includes(drill),
  );
  const { discipline } = page.athlete;
  const others = book.all
    .filter((drill) => drill.discipline === discipline || drill.discipline === 'both')
    .filter(({ id }) => !here.includes(id))
    .map(({ id, name }) => ({ value: id, text: name }));
  const pick = (drill: string) => {
    onPick(drill);
    onClose();
  };
  return (
    <Sheet title={texts.oneMoreDrill} onClose={onClose}>
      <PickOne label={texts.otherDrill} options={others} value={null} onPick={(id) => id && pick(id)} />
      {near.length ? <Text variant="labelMedium">{texts.onTheLadder}</Text> : null}
      <View style={styles.near}>
        {near.map(({ drill, stage }) => (
          <PressableCard key={drill} onPress={() => pick(drill)}>
            <Text variant="labelLarge">{book.drill(drill)?.name ?? drill}</Text>
            <Text variant="bodySmall">{stageWords[stage]}</Text>
          </PressableCard>
        ))}
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({ near: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
