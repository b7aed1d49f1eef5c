import { photoSide } from '@wrightonic/contract';
import { useEffect, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { FilePick } from '../../ui/ImportPreview/FilePick';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const largestFile = 30_000_000;

/** The middle of a picture as a small square PNG; an error where it is no picture. */
async function madeSmall(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const side = Math.min(picture.width, picture.height);
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = photoSide;
  const from = [(picture.width - side) / 2, (picture.height - side) / 2] as const;
  canvas.getContext('2d')!.drawImage(picture, ...from, side, side, 0, 0, photoSide, photoSide);
  picture.close();
  return new Promise((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/png'),
  );
}

interface Props {
  photo: Blob | null;
  onPhoto: (photo: Blob | null) => void;
}

/** A photo of the athlete, made small on the device before it goes anywhere. */
export function PhotoPick({ photo, onPhoto }: Props) {
  const [wrong, setWrong] = useState(false);
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    const made = photo && URL.createObjectURL(photo);
    // oxlint-disable-next-line react/set-state-in-effect -- an address is made and taken back with its picture
    setAddress(made);
    return () => (made ? URL.revokeObjectURL(made) : undefined);
  }, [photo]);
  const take = (file: File) =>
    void madeSmall(file).then(
      (small) => {
        setWrong(false);
        onPhoto(small);
      },
      () => setWrong(true),
    );
  return (
    <View style={styles.row}>
      {address ? (
        <Image source={{ uri: address }} accessibilityLabel={texts.thePhotoThatWas} style={styles.photo} />
      ) : null}
      <View style={styles.grow}>
        <FilePick
          label={photo ? texts.chooseAnotherPhoto : texts.addAPhoto}
          accept="image/*"
          icon="camera"
          maxBytes={largestFile}
          onFile={take}
        />
        <Text variant="bodySmall">{texts.staysInYourAcademy}</Text>
        {wrong ? <Text role="alert">{texts.thisFileIsNot}</Text> : null}
        {photo ? (
          <Button mode="text" compact style={styles.start} onPress={() => onPhoto(null)}>
            {texts.removePhoto}
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  grow: { flex: 1, gap: 4 },
  photo: { width: 72, height: 72, borderRadius: 36 },
  start: { alignSelf: 'flex-start' },
});
