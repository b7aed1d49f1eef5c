import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { selectIntroduced } from '../../store/selectors';
import { introduced, tourMoved } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { SeamLegend } from './SeamLegend';
import { texts } from '../texts';
import { Button } from '../Button/Button';
import { IconButton } from '../Button/IconButton';

/** On first sight: what the seam shows, and in the demo a tour through the real screens. Gone once it was taken or put away. */
export function FirstSight() {
  const own = useColours();
  const dispatch = useAppDispatch();
  const seen = useAppSelector(selectIntroduced);
  const { demo } = useMe().academy;
  const [legend, setLegend] = useState(false);
  if (seen && !legend) return null;
  return (
    <View style={[styles.root, { backgroundColor: own.amberSunk }]} role="note">
      <Text variant="labelLarge" style={styles.grow}>
        {texts.newHere}
      </Text>
      <IconButton
        icon="close"
        style={styles.close}
        accessibilityLabel={texts.hideTheIntroduction}
        onPress={() => dispatch(introduced())}
      />
      <Button mode="outlined" compact onPress={() => setLegend(true)}>
        {texts.readTheSeam}
      </Button>
      {demo ? (
        <Button
          mode="outlined"
          compact
          onPress={() => {
            dispatch(introduced());
            dispatch(tourMoved(0));
          }}
        >
          {texts.fiveStepTour}
        </Button>
      ) : null}
      {legend ? (
        <SeamLegend
          onClose={() => {
            setLegend(false);
            dispatch(introduced());
          }}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 6,
    borderRadius: 8,
    paddingLeft: 12,
    paddingVertical: 2,
  },
  // Alone with the cross in the first row.
  grow: { flexGrow: 1, flexBasis: '60%' },
  close: { margin: 0 },
});
