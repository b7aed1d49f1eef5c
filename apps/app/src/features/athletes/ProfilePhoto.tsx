import { StyleSheet } from 'react-native';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { PhotoPick } from './PhotoPick';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athleteId: string;
  /** There is one already. */
  there: boolean;
}

/** Puts up, changes or takes down the photo of an athlete. */
export function ProfilePhoto({ athleteId, there }: Props) {
  const [put, putting] = lazyEndpoints.usePutPhotoMutation();
  const [remove, removing] = lazyEndpoints.useRemovePhotoMutation();
  const error = putting.error ?? removing.error;
  return (
    <Card>
      <Heading level={3}>{texts.photo}</Heading>
      {error ? <ErrorNotice error={error} /> : null}
      <PhotoPick photo={null} onPhoto={(png) => (png ? void put({ athleteId, png }) : undefined)} />
      {there ? (
        <Button
          mode="text"
          compact
          style={styles.start}
          loading={removing.isLoading}
          onPress={() => void remove({ athleteId })}
        >
          {texts.removePhoto}
        </Button>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
