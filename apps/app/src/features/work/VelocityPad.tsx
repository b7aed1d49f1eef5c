import { velocityFrom, type VelocityUnit } from '@wrightonic/core';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { LinePick } from '../../ui/radar/LinePick';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  unit: VelocityUnit;
  /** Above this a figure is saved only when it is said to be right, m/s. */
  doubtfulAbove: number;
  /** m/s */
  onSave: (velocity: number) => void;
  /** Begins a ladder of efforts; null where none can be climbed. */
  onLadder: (() => void) | null;
  onClose: () => void;
}

const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'];
const range: Record<VelocityUnit, [number, number]> = { mph: [10, 120], 'km/h': [16, 193] };

const pressed = (typed: string, key: string): string => {
  if (key === '⌫') return typed.slice(0, -1);
  if (key === '.' && (typed.includes('.') || typed === '')) return typed;
  return typed.length < 5 ? typed + key : typed;
};

/** Figures the size of a thumb, for a velocity read off a gun. */
export function VelocityPad({ unit, doubtfulAbove, onSave, onLadder, onClose }: Props) {
  const own = useColours();
  const [typed, setTyped] = useState('');
  const value = Number(typed);
  const [atLeast, atMost] = range[unit];
  const fits = typed !== '' && value >= atLeast && value <= atMost;
  const [sure, setSure] = useState(false);
  const doubtful = fits && velocityFrom(value, unit) > doubtfulAbove;
  const type = (key: string) => {
    setSure(false);
    setTyped(pressed(typed, key));
  };
  const save = () => {
    if (doubtful && !sure) return setSure(true);
    onSave(velocityFrom(value, unit));
    onClose();
  };
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Content style={styles.content}>
          <Text
            variant="displaySmall"
            style={styles.middle}
            role="status"
            aria-label={texts.velocity(typed, unit)}
          >
            {`${typed || '–'} ${unit}`}
          </Text>
          <View style={styles.keys}>
            {keys.map((key) => (
              <Pressable
                key={key}
                role="button"
                aria-label={key === '⌫' ? texts.deleteTheLastFigure : key}
                onPress={() => type(key)}
                style={[styles.key, { backgroundColor: own.sunk, borderColor: own.line }]}
              >
                <Text variant="headlineMedium">{key}</Text>
              </Pressable>
            ))}
          </View>
          <Text variant="bodySmall" style={styles.middle}>
            {typed !== '' && !fits
              ? texts.fromTo(atLeast, atMost, unit)
              : sure
                ? texts.thatIsMoreThan
                : texts.forTheThrowJust}
          </Text>
          <Button mode="contained" disabled={!fits} onPress={save} contentStyle={styles.tall}>
            {sure ? texts.itIsRightSave : texts.save}
          </Button>
          <LinePick />
          {onLadder ? (
            <Button
              mode="outlined"
              onPress={() => {
                onLadder();
                onClose();
              }}
            >
              {texts.ladderOfEfforts}
            </Button>
          ) : null}
          <Button onPress={onClose}>{texts.cancel}</Button>
        </Dialog.Content>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { width: '92%', maxWidth: 380, alignSelf: 'center' },
  content: { gap: 10 },
  middle: { textAlign: 'center' },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, justifyContent: 'center' },
  key: {
    width: '31%',
    minHeight: 56,
    borderRadius: 8,
    borderWidth: 1,
    alignItems: 'center',
    justifyContent: 'center',
  },
  tall: { minHeight: 52 },
});
