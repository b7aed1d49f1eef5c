import type { LookPage } from '@wrightonic/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useState } from 'react';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  looks: LookPage['looks'];
}

const few = 4;

/** Every look, newest first, each as a small seam. */
export function LookHistory({ athlete, looks }: Props) {
  const today = useToday();
  const [all, setAll] = useState(false);
  const newestFirst = [...looks].reverse();
  return (
    <View style={styles.root}>
      <Heading>{texts.looks}</Heading>
      {(all ? newestFirst : newestFirst.slice(0, few)).map((look) => {
        const grades = Object.values(look.findings);
        const day = dayWords(look.date, today);
        return (
          <PressableCard
            key={look.id}
            role="link"
            aria-label={texts.lookOf(day)}
            onPress={() => router.navigate(`/athletes/${athlete.id}/look?of=${look.id}`)}
          >
            <View style={styles.head}>
              <Text variant="titleMedium" style={styles.grow}>
                {`${day}, ${look.kind}`}
              </Text>
              <Text variant="bodySmall">
                {texts.ofNotClean(grades.filter((grade) => grade > 0).length, grades.length)}
              </Text>
            </View>
            <Seam discipline={athlete.discipline} findings={look.findings} size="tiny" label={day} />
          </PressableCard>
        );
      })}
      {!all && looks.length > few ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {texts.olderLooks(looks.length - few)}
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
