import type { PictureRecord } from '@wrightonic/contract';
import { Image, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athleteId: string;
  pictures: readonly PictureRecord[];
}

/** Marked frames that an instructor put up; each can be taken down. */
export function Pictures({ athleteId, pictures }: Props) {
  const today = useToday();
  const [show, { error }] = lazyEndpoints.useShowPictureMutation();
  if (pictures.length === 0) return null;
  return (
    <Card>
      <Heading level={3}>{texts.markedFrames}</Heading>
      {error ? <ErrorNotice error={error} /> : null}
      {pictures.map(({ id, note, date, shown }) => (
        <View key={id} style={styles.one}>
          {shown ? (
            <Image
              source={{ uri: `/api/pictures/${id}` }}
              accessibilityLabel={texts.markedFrameOf(dayWords(date, today), note)}
              style={styles.picture}
              resizeMode="contain"
            />
          ) : null}
          <Text variant="bodySmall">{`${dayWords(date, today)}. ${note}`}</Text>
          <Button
            mode="text"
            style={styles.start}
            onPress={() => void show({ athleteId, id, shown: !shown })}
          >
            {shown ? texts.hideFrame : texts.showFrame}
          </Button>
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  one: { gap: 4 },
  picture: { width: '100%', aspectRatio: 16 / 9 },
  start: { alignSelf: 'flex-start' },
});
