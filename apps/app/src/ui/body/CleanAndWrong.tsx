import { drawMoving, nodeOf, posed, type Hand } from '@wrightonic/core';
import { useMemo, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { MovingFigure, type FrameSetter } from './MovingFigure';
import { usePlay } from './usePlay';

interface Props {
  flaw: string;
  name: string;
  hand: Hand;
}

const size = { width: 156, height: 132 };
/** Shown at half speed: 45 a second are seen. */
const rate = 90;
const nowhere: readonly never[] = [];

/** A delivery as it should go and with one flaw, side by side and in step. */
export function CleanAndWrong({ flaw, name, hand }: Props) {
  const moving = useMemo(() => {
    const figure = posed(flaw)!;
    const node = nodeOf(flaw);
    const discipline = node?.type === 'flaw' ? node.discipline : 'overhand';
    const frame = { ...size, hand, view: figure.view };
    return {
      clean: drawMoving({ discipline, flaw: null }, frame, rate),
      wrong: drawMoving({ discipline, flaw }, frame, rate),
      parts: figure.parts,
    };
  }, [flaw, hand]);
  const { best } = moving.wrong;
  const setters = [useRef<FrameSetter>(null), useRef<FrameSetter>(null)] as const;
  const count = Math.min(moving.clean.count, moving.wrong.count);
  const { playing, toggle, step } = usePlay(count, rate, best, (frame) =>
    setters.forEach((setter) => setter.current?.show(frame)),
  );
  const figures = [
    ['Clean', moving.clean, nowhere],
    ['This one', moving.wrong, moving.parts],
  ] as const;
  return (
    <View style={styles.root}>
      <View style={styles.row}>
        {figures.map(([title, drawing, parts], n) => (
          <View
            key={title}
            role="img"
            aria-label={`${title === 'Clean' ? 'A clean delivery' : name}, in motion`}
          >
            <MovingFigure
              moving={drawing}
              wrong={parts}
              first={best}
              {...size}
              setter={setters[n as 0 | 1]}
            />
            <Text variant="labelSmall" style={styles.title}>
              {title}
            </Text>
          </View>
        ))}
      </View>
      <View style={styles.row}>
        <Button mode="outlined" onPress={toggle}>
          {playing ? 'Pause' : 'Play'}
        </Button>
        <Button mode="outlined" accessibilityLabel="One frame back" onPress={() => step(-1)}>
          Back
        </Button>
        <Button mode="outlined" accessibilityLabel="One frame on" onPress={() => step(1)}>
          On
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, justifyContent: 'center' },
  title: { textAlign: 'center' },
});
