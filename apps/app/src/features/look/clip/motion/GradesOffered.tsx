import type { MotionFigureTaken, MotionOffer, MotionTaken } from '@wrightonic/contract';
import { nodeName, type ThrowsReading } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Checkbox, Text } from 'react-native-paper';
import { severityNames } from '../../../../ui/seam/words';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props {
  athleteId: string;
  reading: ThrowsReading;
  /** What was taken of it before. */
  taken: MotionTaken | null;
  /** Where a figure was measured, s of the file; null where it is of several instants, or nothing is to be seen. */
  timeOf: (measure: string) => number | null;
  onTake: (offers: MotionOffer[], figures: MotionFigureTaken[]) => void;
}

/** The grades that a body in motion says; the instructor takes them, or leaves some out, and both are kept. */
export function GradesOffered({ athleteId, reading, taken, timeOf, onTake }: Props) {
  const [left, setLeft] = useState<ReadonlySet<string>>(
    () => new Set(taken?.offers.filter((each) => !each.taken).map((each) => each.checkpoint)),
  );
  const { evidence } = reading;
  const [open, setOpen] = useState(false);
  const clean = evidence.filter(({ severity }) => severity === 0);
  const worst = evidence.filter(({ severity }) => severity > 0).sort((a, b) => b.severity - a.severity);
  const shown = open ? [...worst, ...clean] : worst;
  const take = () => {
    const figureOf = (id: string) => reading.measures.find((each) => each.id === id)!;
    const offers = evidence.map(({ checkpoint, severity, between, measure, why }): MotionOffer => ({
      checkpoint,
      severity,
      between: between ? [...between] : null,
      measure,
      value: figureOf(measure).value,
      off: figureOf(measure).plusMinus,
      why,
      taken: !left.has(checkpoint),
      time: timeOf(measure),
    }));
    onTake(
      offers,
      reading.measures.map(({ id, value, plusMinus, scatter }) => ({ id, value, off: plusMinus, scatter })),
    );
  };
  return (
    <View style={styles.gap}>
      <Text variant="labelLarge">{texts.forTheNextLook}</Text>
      {shown.map(({ checkpoint, severity, why }) => (
        <Checkbox.Item
          key={`${checkpoint} ${why}`}
          mode="android"
          position="leading"
          label={`${nodeName(checkpoint)}: ${severityNames[severity]}. ${why}.`}
          labelStyle={styles.label}
          labelVariant="bodyMedium"
          status={left.has(checkpoint) ? 'unchecked' : 'checked'}
          onPress={() => {
            const next = new Set(left);
            if (!next.delete(checkpoint)) next.add(checkpoint);
            setLeft(next);
          }}
          style={styles.item}
        />
      ))}
      {clean.length ? (
        <Button mode="text" compact onPress={() => setOpen(!open)}>
          {open ? texts.hideWhatIsClean : texts.clean(clean.length)}
        </Button>
      ) : null}
      {evidence.length === 0 ? <Text>{texts.nothingIn}</Text> : null}
      <Button mode="contained" onPress={take} contentStyle={styles.tall}>
        {taken ? texts.offerThemAgain : texts.offerThem}
      </Button>
      {taken ? (
        <>
          <Text role="status">
            {texts.gradesAreOffered(taken.offers.filter((each) => each.taken).length)}
          </Text>
          <Button mode="outlined" onPress={() => router.navigate(`/athletes/${athleteId}/look`)}>
            {texts.goToLook}
          </Button>
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 8 },
  item: { paddingHorizontal: 0, paddingVertical: 2 },
  label: { textAlign: 'left' },
  tall: { minHeight: 48 },
});
