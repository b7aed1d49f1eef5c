import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { simulatedAngle } from './angleSource';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** Reads an angle off the simulated phone; Hold takes what it shows. */
export function AngleReader({ toward, onTake }: { toward: number; onTake: (degrees: number) => void }) {
  const [on, setOn] = useState(false);
  const [degrees, setDegrees] = useState(0);
  const own = useColours();
  useEffect(() => (on ? simulatedAngle(toward).listen(setDegrees) : undefined), [on, toward]);
  return (
    <View style={[styles.reader, { backgroundColor: own.sunk }]}>
      <View style={styles.grow}>
        <Text variant="titleLarge">{on ? `${degrees.toFixed(1)}°` : texts.phoneAsALevel}</Text>
        <Text variant="bodySmall">{texts.simulatedThisBuildReads}</Text>
      </View>
      <Button
        mode={on ? 'contained' : 'outlined'}
        onPress={() => {
          if (on) onTake(Math.round(degrees));
          setOn(!on);
        }}
      >
        {on ? texts.hold : texts.start}
      </Button>
    </View>
  );
}

/** A stopwatch for holds. */
export function ClockReader({ onTake }: { onTake: (seconds: number) => void }) {
  const [from, setFrom] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const own = useColours();
  useEffect(() => {
    if (from === null) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, [from]);
  const seconds = from === null ? 0 : Math.max(0, (now - from) / 1000);
  return (
    <View style={[styles.reader, { backgroundColor: own.sunk }]}>
      <Text variant="titleLarge" style={styles.grow}>
        {from === null ? texts.stopwatch : `${seconds.toFixed(1)} s`}
      </Text>
      <Button
        mode={from === null ? 'outlined' : 'contained'}
        onPress={() => {
          if (from === null) setFrom(Date.now());
          else {
            onTake(Math.round(seconds * 10) / 10);
            setFrom(null);
          }
        }}
      >
        {from === null ? texts.start : texts.stop}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  reader: { flexDirection: 'row', alignItems: 'center', gap: 8, padding: 12, borderRadius: 8 },
  grow: { flex: 1 },
});
