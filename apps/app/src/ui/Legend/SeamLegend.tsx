import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal, Text } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';
import { useColours } from '../../theme/theme';
import { StitchSign } from '../seam/Stitches';

const size = 12;

function Hole() {
  const own = useColours();
  return (
    <Svg width={64} height={64} aria-hidden>
      <Circle cx={22} cy={32} r={6} stroke={own.ink} strokeWidth={2} fill="none" />
      <Circle cx={42} cy={32} r={6} stroke={own.ink} strokeWidth={2} fill="none" />
    </Svg>
  );
}

/** What the stitches of a delivery mean, in three taps. */
export function SeamLegend({ onClose }: { onClose: () => void }) {
  const own = useColours();
  const [at, setAt] = useState(0);
  const steps = [
    {
      title: 'A tight stitch is clean',
      text: 'The delivery is drawn as a seam, phase by phase. Each stitch is one checkpoint.',
      picture: <StitchSign grade={0} size={size} ink={own.ink} />,
    },
    {
      title: 'Loose strands are a flaw',
      text: 'One strand is slight, two are obvious, three are severe.',
      picture: ([1, 2, 3] as const).map((grade) => (
        <StitchSign key={grade} grade={grade} size={size} ink={own.clay} />
      )),
    },
    {
      title: 'A hole was not looked at',
      text: 'Not looked at is not the same as clean. Tap a phase of the seam to look there.',
      picture: <Hole />,
    },
  ];
  const step = steps[at]!;
  const last = at === steps.length - 1;
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{step.title}</Dialog.Title>
        <Dialog.Content style={styles.content}>
          <View style={styles.picture}>{step.picture}</View>
          <Text variant="bodyLarge">{step.text}</Text>
          <Text variant="bodySmall">{`${at + 1} of ${steps.length}`}</Text>
        </Dialog.Content>
        <Dialog.Actions>
          <Button mode="contained" onPress={() => (last ? onClose() : setAt(at + 1))}>
            {last ? 'Got it' : 'Next'}
          </Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 420, width: '92%', alignSelf: 'center' },
  content: { gap: 10 },
  picture: { flexDirection: 'row', justifyContent: 'center', minHeight: 72, alignItems: 'center' },
});
