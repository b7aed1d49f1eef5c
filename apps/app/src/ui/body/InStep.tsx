import type { MovingDrawing, Part } from '@wrightonic/core';
import { useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { MovingFigure, type FrameSetter } from './MovingFigure';
import { usePlay } from './usePlay';

export interface Figure {
  title: string;
  /** Said to screen readers. */
  label: string;
  moving: MovingDrawing;
  /** Where the flaw is. */
  parts: readonly Part[];
}

interface Props {
  figures: readonly [Figure, Figure] | readonly [Figure];
  width: number;
  height: number;
  /** Frames a second of the drawings at true speed. */
  rate: number;
  /** The frame that is shown first. */
  first: number;
  /** One over the other, the first one pale; else beside each other. */
  over?: boolean;
  children?: ReactNode;
}

const pale = 0.4;

/** Bodies in motion, in step: played, held, stepped through. */
export function InStep({ figures, width, height, rate, first, over = false, children }: Props) {
  const setters = [useRef<FrameSetter>(null), useRef<FrameSetter>(null)] as const;
  const count = Math.min(...figures.map(({ moving }) => moving.count));
  const { playing, toggle, step } = usePlay(count, rate, first, (frame) =>
    setters.forEach((setter) => setter.current?.show(frame)),
  );
  return (
    <View style={styles.root}>
      <View style={over ? { width, height: height + 20, alignSelf: 'center' } : styles.row}>
        {figures.map(({ title, label, moving, parts }, n) => (
          <View
            key={n}
            role="img"
            aria-label={label}
            style={over ? [styles.over, { opacity: n === 0 ? pale : 1 }] : null}
          >
            <MovingFigure
              moving={moving}
              wrong={parts}
              first={first}
              width={width}
              height={height}
              setter={setters[n as 0 | 1]}
            />
            {over ? null : (
              <Text variant="labelSmall" style={styles.title}>
                {title}
              </Text>
            )}
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
        {children}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, justifyContent: 'center' },
  title: { textAlign: 'center' },
  over: { position: 'absolute', top: 0, left: 0 },
});
