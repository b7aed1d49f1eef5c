import type { ClipRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, Text } from 'react-native-paper';
import { FigureField } from '../../../ui/form/FigureField';
import { texts } from './texts';

interface Props {
  clip: ClipRecord;
  exact: boolean;
  onTell: (change: { fps?: number; captureFps?: number }) => void;
}

const read = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'));
  return value >= 1 && value <= 20_000 ? value : null;
};

/** How the clip keeps time; slow motion was taken at another rate than it plays. */
export function Rates({ clip, exact, onTell }: Props) {
  const [fps, setFps] = useState(String(clip.fps));
  const [capture, setCapture] = useState(String(clip.captureFps));
  const wrong = read(fps) === null || read(capture) === null;
  const keep = () => {
    const [plays, took] = [read(fps), read(capture)];
    if (plays !== null && took !== null && (plays !== clip.fps || took !== clip.captureFps))
      onTell({ fps: plays, captureFps: took });
  };
  return (
    <>
      <View style={styles.row}>
        <FigureField
          label={texts.playsAtFramesS}
          name={texts.playsAtFrames}
          value={fps}
          onChange={setFps}
          onDone={keep}
        />
        <FigureField
          label={texts.takenAtFramesS}
          name={texts.takenAtFrames}
          value={capture}
          onChange={setCapture}
          onDone={keep}
        />
      </View>
      {wrong ? (
        <HelperText type="error" role="alert">
          {texts.bothRatesMustBe}
        </HelperText>
      ) : null}
      <Text variant="bodySmall">{exact ? texts.timesAreTheClips : texts.thisBrowserGivesNo}</Text>
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 8 } });
