import { drawGoing, type Drill, type Hand } from '@wrightonic/core';
import { memo, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg from 'react-native-svg';
import { useBook } from '../hooks/useBook';
import { texts } from '../texts';
import { Shapes } from './Shapes';

interface Props {
  drill: Drill;
  hand: Hand;
  /** Of each figure, px. */
  width: number;
  height: number;
}

/** Frames a second at which the movement is taken apart. */
const rate = 15;

/** How a drill begins, where it is in the middle and how it ends, side by side. */
export const DrillStages = memo(function DrillStages({ drill, hand, width, height }: Props) {
  const figure = useBook().figure(drill.id);
  const discipline = drill.discipline === 'windmill' ? 'windmill' : 'overhand';
  const moving = useMemo(
    () => (figure === null ? null : drawGoing(figure, { width, height, hand, discipline }, rate)),
    [figure, width, height, hand, discipline],
  );
  if (!moving) return null;
  const last = moving.count - 1;
  const stages = [
    { title: texts.start, frame: 0 },
    { title: texts.middle, frame: Math.round(last / 2) },
    { title: texts.endOfRep, frame: last },
  ];
  return (
    <View style={styles.row} role="img" aria-label={texts.startMiddleAnd(drill.name)}>
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
