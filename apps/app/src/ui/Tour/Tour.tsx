import { verbs } from '@wrightonic/core/due';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { selectTour } from '../../store/selectors';
import { tourMoved } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useColours } from '../../theme/theme';
import { texts } from '../texts';
import { Button } from '../Button/Button';

const words: Readonly<Record<(typeof verbs)[number], string>> = {
  look: texts.eachStitch,
  trace: texts.whatYouSaw,
  build: texts.theFocusBecomes,
  work: texts.startTheSession,
  prove: texts.seeWhetherVelocityReally,
};

/** A tour through the five verbs on the real screens of one athlete, as a bar above the places. */
export function Tour() {
  const own = useColours();
  const dispatch = useAppDispatch();
  const at = useAppSelector(selectTour);
  const { data: roster } = api.useRosterQuery(undefined, { skip: at === null });
  // Somebody with a plan has something to show on every screen.
  const athlete = roster?.find(
    ({ focus, stage }) => (focus.lower || focus.arm) && (stage.lower || stage.arm),
  );
  const verb = at === null ? null : verbs[at];
  const id = athlete?.id;
  useEffect(() => {
    if (verb && id) router.navigate(`/athletes/${id}/${verb}`);
  }, [verb, id]);
  if (at === null || !verb) return null;
  const last = at === verbs.length - 1;
  return (
    <View
      style={[styles.root, { backgroundColor: own.amberSunk, borderColor: own.amber }]}
      role="region"
      aria-label={texts.tour}
    >
      <View style={styles.grow}>
        <Text variant="labelMedium">{texts.stepOf(at + 1, verbs.length)}</Text>
        <Text role="status">{words[verb]}</Text>
      </View>
      <Button mode="text" compact onPress={() => dispatch(tourMoved(null))}>
        {texts.endTour}
      </Button>
      {last ? null : (
        <Button mode="contained" compact onPress={() => dispatch(tourMoved(at + 1))}>
          {texts.nextStep}
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  root: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    padding: 10,
    borderTopWidth: 2,
  },
  grow: { flex: 1, minWidth: 200 },
});
