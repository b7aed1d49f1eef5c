import { drawGoing, type Discipline, type Hand } from '@wrightonic/core';
import { memo, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg from 'react-native-svg';
import { texts } from '../texts';
import { Shapes } from './Shapes';

interface Props {
  /** Whose figure it is; null for a drill that has none. */
  drill: string | null;
  name: string;
  hand: Hand;
  /** Whose delivery it is, where the drill is for both. */
  discipline: Discipline;
  /** Of each figure, px. */
  width: number;
  height: number;
}

/** Frames a second at which the movement is taken apart. */
const rate = 15;

/** How a drill begins, where it is in the middle and how it ends, side by side. */
export const DrillStages = memo(function DrillStages({
  drill,
  name,
  hand,
  discipline,
  width,
  height,
}: Props) {
  const moving = useMemo(
    () => (drill === null ? null : drawGoing(drill, { width, height, hand, discipline }, rate)),
    [drill, width, height, hand, discipline],
  );
  if (!moving) return null;
  const last = moving.count - 1;
  const stages = [
    { title: texts.start, frame: 0 },
    { title: texts.middle, frame: Math.round(last / 2) },
    { title: texts.endOfRep, frame: last },
  ];
  return (
    <View style={styles.row} role="img" aria-label={texts.startMiddleAnd(name)}>
      {stages.map(({ title, frame }) => (
        <View key={title} style={styles.one} aria-hidden>
          <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`}>
            <Shapes shapes={moving.frame(frame)} />
          </Svg>
          <Text variant="labelMedium">{title}</Text>
        </View>
      ))}
    </View>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  one: { flex: 1, minWidth: 0, alignItems: 'center' },
});
