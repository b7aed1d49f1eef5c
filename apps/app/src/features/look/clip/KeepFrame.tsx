import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { frameAt } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { saveFile } from '../../../ui/ImportPreview/saveFile';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  clip: ClipRecord;
  time: number;
  /** The position in the clip, in words. */
  words: string;
  /** The frame that is seen, with what is drawn over it. */
  picture: () => Promise<Blob>;
}

/** Saves the frame that is seen, or puts it up on the profile. */
export function KeepFrame({ athlete, clip, time, words, picture }: Props) {
  const [keep, keeping] = lazyEndpoints.useKeepPictureMutation();
  const [showPicture] = lazyEndpoints.useShowPictureMutation();
  const [said, setSaid] = useState('');
  const save = async () =>
    saveFile(await picture(), `${athlete.givenName.toLowerCase()}-frame-${frameAt(time, clip.fps)}.png`);
  const putUp = async () => {
    setSaid('');
    const id = v7();
    const kept = { athleteId: athlete.id, clipId: clip.id, id, time, note: words, png: await picture() };
    if ('error' in (await keep(kept))) return;
    await showPicture({ athleteId: athlete.id, id, shown: true });
    setSaid(texts.thePicture);
  };
  return (
    <>
      <View style={styles.row}>
        <Button mode="outlined" onPress={() => void save()} style={styles.grow}>
          {texts.saveTheFrameAs}
        </Button>
        <Button mode="outlined" loading={keeping.isLoading} onPress={() => void putUp()} style={styles.grow}>
          {texts.showIt}
        </Button>
      </View>
      {keeping.error ? <ErrorNotice error={keeping.error} /> : null}
      {said ? <Text role="status">{said}</Text> : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  grow: { flex: 1, textAlign: 'center' },
});
