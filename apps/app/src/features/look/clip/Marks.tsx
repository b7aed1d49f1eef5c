import { clipIntervals, frameAt, type Discipline } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { withinFrame } from '../../../ui/video/useMoves';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';
import { eventName, eventsFor } from '../../../ui/words/clipEvents';
import type { ClipState } from './useClip';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** Events of the delivery, marked where the clip stands; and the times between them. */
export function Marks({ state, discipline }: { state: ClipState; discipline: Discipline }) {
  const { clip, time, mark, seek } = state;
  if (!clip) return null;
  const intervals = clipIntervals(clip.marks, clip);
  return (
    <Card>
      <Heading level={3}>{texts.events}</Heading>
      <View style={styles.row}>
        {eventsFor[discipline].map(([event, letter, name]) => {
          const at = clip.marks[event];
          return (
            <View key={event} style={styles.event}>
              <Button
                mode={at === undefined ? 'outlined' : 'contained'}
                compact
                accessibilityLabel={at === undefined ? texts.markHere(name) : texts.goTo2(name)}
                onPress={() => (at === undefined ? mark(event, time) : seek(at + withinFrame))}
                contentStyle={styles.tall}
              >
                {at === undefined ? `${name} (${letter})` : `${name} · ${frameAt(at, clip.fps)}`}
              </Button>
              {at === undefined ? null : (
                <Button
                  mode="text"
                  compact
                  accessibilityLabel={texts.removeTheMarkOf(name)}
                  onPress={() => mark(event, null)}
                  contentStyle={styles.tall}
                >
                  ×
                </Button>
              )}
            </View>
          );
        })}
      </View>
      {intervals.map(({ from, to, ms, plusMinusMs, needsAboveFps }) => (
        <Text key={`${from} ${to}`}>
          <Text variant="labelLarge">
            {texts.toMs(eventName(from), eventName(to).toLowerCase(), ms.toFixed(0), plusMinusMs.toFixed(1))}
          </Text>
          {needsAboveFps === null
            ? ''
            : texts.cannotBeJudged(
                Math.round(clip.captureFps),
                Number.isFinite(needsAboveFps)
                  ? texts.moreThan(Math.ceil(needsAboveFps))
                  : texts.aFasterCamera,
              )}
        </Text>
      ))}
      {intervals.length === 0 ? <Text variant="bodySmall">{texts.markTwoEvents}</Text> : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  event: { flexDirection: 'row', alignItems: 'center' },
  tall: { minHeight: 44 },
});
