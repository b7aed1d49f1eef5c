import type { MovingDrawing } from '@wrightonic/core';
import { useRef, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { MovingFigure, type FrameSetter } from './MovingFigure';
import { usePlay } from './usePlay';
import { texts } from '../texts';
import { Button } from '../Button/Button';

export interface Figure {
  /** Written below it; null where words beside say it. */
  title: string | null;
  /** Said to screen readers. */
  label: string;
  moving: MovingDrawing;
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
  /** How fast it is shown; a delivery is over in two seconds: at half its speed it can be followed. */
  speed?: number;
  children?: ReactNode;
}

const pale = 0.4;

/** Bodies in motion, in step: played, held, stepped through. */
export function InStep({ figures, width, height, rate, first, over = false, speed = 0.5, children }: Props) {
  const setters = [useRef<FrameSetter>(null), useRef<FrameSetter>(null)] as const;
  const count = Math.min(...figures.map(({ moving }) => moving.count));
  const { playing, toggle, step } = usePlay(count, rate * speed, first, (frame) =>
    setters.forEach((setter) => setter.current?.show(frame)),
  );
  return (
    <View style={styles.root}>
      <View style={over ? { width, height: height + 20, alignSelf: 'center' } : styles.row}>
        {figures.map(({ title, label, moving }, n) => (
          // Tapped anywhere it stops or goes on; the button below says so to everybody else.
          <Pressable
            key={n}
            tabIndex={-1}
            onPress={toggle}
            role="img"
            aria-label={label}
            style={over ? [styles.over, { opacity: n === 0 ? pale : 1 }] : null}
          >
            <MovingFigure
              moving={moving}
              first={first}
              width={width}
              height={height}
              setter={setters[n as 0 | 1]}
            />
            {over || title === null ? null : (
              <Text variant="labelSmall" style={styles.title}>
                {title}
              </Text>
            )}
          </Pressable>
        ))}
      </View>
      <View style={styles.row}>
        <Button mode="outlined" onPress={toggle}>
          {playing ? texts.pause : texts.play}
        </Button>
        <Button mode="outlined" accessibilityLabel={texts.oneFrameBack} onPress={() => step(-1)}>
          {texts.back}
        </Button>
        <Button mode="outlined" accessibilityLabel={texts.oneFrameOn} onPress={() => step(1)}>
          {texts.onWord}
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
