import { dayAt } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';

/** Says above every verb that an athlete is out of the lists, with the way back for those who instruct. */
export function ArchivedNotice({ id, since }: { id: string; since: string }) {
  const coaches = useMay('coach');
  const { academy } = useMe();
  const today = useToday();
  const [archive, { error, isLoading }] = lazyEndpoints.useArchiveAthleteMutation();
  return (
    <View style={styles.around}>
      <Notice>
        <Text>{texts.archivedSince(dayWords(dayAt(since, academy.zone), today))}</Text>
        {error ? <ErrorNotice error={error} /> : null}
        {coaches ? (
          <Button
            mode="outlined"
            loading={isLoading}
            style={styles.start}
            onPress={() => void archive({ athleteId: id, archived: false })}
          >
            {texts.takeBackIntoTheLists}
          </Button>
        ) : null}
      </Notice>
    </View>
  );
}

const styles = StyleSheet.create({
  around: { paddingHorizontal: 16, paddingTop: 8 },
  start: { alignSelf: 'flex-start' },
});
