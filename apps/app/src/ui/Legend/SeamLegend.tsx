import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';
import { useColours } from '../../theme/theme';
import { StitchSign } from '../seam/Stitches';
import { texts } from '../texts';
import { Button } from '../Button/Button';
import { Dialog } from '../Dialog/Dialog';

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
      title: texts.aTightStitch,
      text: texts.theDeliveryIsDrawn,
      picture: <StitchSign grade={0} size={size} ink={own.ink} />,
    },
    {
      title: texts.looseStrandsAre,
      text: texts.oneStrandIsSlight,
      picture: ([1, 2, 3] as const).map((grade) => (
        <StitchSign key={grade} grade={grade} size={size} ink={own.clay} />
      )),
    },
    {
      title: texts.aHoleWasNot,
      text: texts.notLooked,
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
          <Text variant="bodySmall">{texts.of(at + 1, steps.length)}</Text>
        </Dialog.Content>
        <Dialog.Actions>
          <Button mode="contained" onPress={() => (last ? onClose() : setAt(at + 1))}>
            {last ? texts.gotIt : texts.next}
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
